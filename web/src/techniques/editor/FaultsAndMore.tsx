import type { Schemas } from "../../shell/api";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import type { TechniqueDocument } from "../parts/techniqueModel";

/** Faults with their cues, IF–THEN adaptations, cautions; and advice, which is kept apart from the technique. */
export function FaultsAndMore({
  document,
  advice,
  onChange,
}: {
  document: TechniqueDocument;
  advice: readonly Schemas["AdviceNote"][];
  onChange: (to: TechniqueDocument, field: string | null) => void;
}) {
  return (
    <div className="mt-4 space-y-4">
      <Pairs
        title="Faults, and the cue that mends them"
        one="fault"
        list="faults"
        first={{ of: "sign", label: "What you see" }}
        second={{ of: "fix", label: "What you say" }}
        entries={document.faults ?? []}
        empty={{ sign: "", meaning: null, fix: "" }}
        onChange={(faults, field) => onChange({ ...document, faults }, field)}
      />
      <Pairs
        title="If … then"
        one="adaptation"
        list="adaptations"
        first={{ of: "for", label: "If" }}
        second={{ of: "change", label: "Then" }}
        entries={document.adaptations ?? []}
        empty={{ for: "", change: "" }}
        onChange={(adaptations, field) => onChange({ ...document, adaptations }, field)}
      />
      <Practised document={document} onChange={onChange} />
      <Texts
        title="Cautions"
        one="caution"
        entries={document.cautions ?? []}
        onChange={(cautions, field) => onChange({ ...document, cautions }, field && `cautions${field}`)}
      />
      <Texts
        title="General advice: water, sleep, sun"
        one="piece of advice"
        entries={document.advice ?? []}
        notes={advice.map((a) => a.says)}
        onChange={(to, field) => onChange({ ...document, advice: to }, field && `advice${field}`)}
      />
    </div>
  );
}

const PRACTICE = [
  { of: "feel", label: "How it feels when it is right" },
  { of: "easier", label: "Easier" },
  { of: "harder", label: "Harder" },
  { of: "progression", label: "From week to week" },
] as const;

/** What somebody needs who practises it alone. */
function Practised({
  document,
  onChange,
}: {
  document: TechniqueDocument;
  onChange: (to: TechniqueDocument, field: string | null) => void;
}) {
  const told = document.practice ?? { feel: null, easier: null, harder: null, progression: null };
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">Practising it alone</legend>
      <div className="grid gap-2 sm:grid-cols-2">
        {PRACTICE.map(({ of, label }) => (
          <TextField
            key={of}
            label={label}
            value={told[of] ?? ""}
            onChange={(e) =>
              onChange({ ...document, practice: { ...told, [of]: e.target.value || null } }, `practice.${of}`)
            }
          />
        ))}
      </div>
    </fieldset>
  );
}

/** Sentences, a line each; a note under one says why it may not stand. */
function Texts({
  title,
  one,
  entries,
  notes = [],
  onChange,
}: {
  title: string;
  one: string;
  entries: readonly string[];
  notes?: readonly (string | null)[];
  onChange: (entries: string[], field: string | null) => void;
}) {
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">{title}</legend>
      {entries.map((text, i) => (
        <div key={i} className="mb-2 grid grid-cols-[1fr_auto] items-start gap-2">
          <TextField
            label={`${one} ${i + 1}`}
            value={text}
            error={notes[i] ?? undefined}
            onChange={(e) =>
              onChange(
                entries.map((x, j) => (j === i ? e.target.value : x)),
                `[${i}]`,
              )
            }
          />
          <TakeOut
            what={`${one} ${i + 1}`}
            className="mt-6"
            onClick={() =>
              onChange(
                entries.filter((_, j) => j !== i),
                null,
              )
            }
          />
        </div>
      ))}
      <Button size="line" tone="quiet" onClick={() => onChange([...entries, ""], null)}>
        add a {one}
      </Button>
    </fieldset>
  );
}

/** Takes one line out of a list; the reader hears which. */
function TakeOut({ what, className, onClick }: { what: string; className?: string; onClick: () => void }) {
  return (
    <Button size="line" tone="quiet" className={className} aria-label={`remove ${what}`} onClick={onClick}>
      remove
    </Button>
  );
}

type Column<T> = { of: keyof T & string; label: string };
type Props<T> = {
  title: string;
  one: string;
  list: string;
  first: Column<T>;
  second: Column<T>;
  entries: readonly T[];
  empty: T;
  onChange: (entries: T[], field: string | null) => void;
};

/** A list of two texts that belong together, a line each. */
function Pairs<T extends object>({ title, one, list, first, second, entries, empty, onChange }: Props<T>) {
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">{title}</legend>
      {entries.map((entry, i) => (
        <div key={i} className="mb-2 grid grid-cols-[1fr_1fr_auto] items-end gap-2">
          {[first, second].map((c) => (
            <TextField
              key={c.of}
              label={c.label}
              value={(entry[c.of] as string | null) ?? ""}
              onChange={(e) =>
                onChange(
                  entries.map((x, j) => (j === i ? { ...x, [c.of]: e.target.value } : x)),
                  `${list}[${i}].${c.of}`,
                )
              }
            />
          ))}
          <TakeOut
            what={`${one} ${i + 1}`}
            onClick={() =>
              onChange(
                entries.filter((_, j) => j !== i),
                null,
              )
            }
          />
        </div>
      ))}
      <Button size="line" tone="quiet" onClick={() => onChange([...entries, empty], null)}>
        add {one === "fault" ? "a fault" : "an adaptation"}
      </Button>
    </fieldset>
  );
}
