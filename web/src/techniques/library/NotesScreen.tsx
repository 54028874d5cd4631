import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { useReference } from "../../face/atlas";
import type { Lit } from "../../face/plateTypes";
import { Stage } from "../../face/Stage";
import type { ToneId } from "../../face/tones";
import { api, said, type Schemas } from "../../shell/api";
import { useSignedIn } from "../../shell/session";
import { keepDraft, NOTHING_SAVED } from "../../shell/useDraft";
import { Button } from "../../ui/Button";
import { Pick } from "../../ui/Field";
import { Problem } from "../../ui/States";
import { LibraryHead } from "./LibraryHead";
import { readAs } from "../parts/readAs";
import { choicesOf, contactChoices, draftPlace } from "../parts/techniqueModel";

/** What a sentence does not say, as words in a list. */
const asWords = (asked: string) => asked.charAt(0).toLowerCase() + asked.slice(1).replace(/\?$/, "");

const KINDS: Readonly<Record<Schemas["NoteKind"], string>> = {
  title: "its name",
  start: "begins at",
  step: "step",
  pose: "held so",
  dose: "how much",
  side: "other side",
  repeat: "said before",
  still: "keeps still",
  claim: "a claim",
  advice: "advice",
  caution: "a caution",
  material: "to have ready",
  unread: "not read",
};

/** Old notes, pasted: draft steps with everything that is unknown in them. Nothing is taken over without somebody looking. */
export function NotesScreen() {
  const person = useSignedIn();
  const navigate = useNavigate();
  const { atlas } = useReference();
  const [text, setText] = useState("");
  // Sentences that stand as they were meant, by their words: reading once more does not ask again.
  const [confirmed, setConfirmed] = useState<ReadonlySet<string>>(new Set());
  const [answered, setAnswered] = useState<readonly Schemas["ConfirmedWord"][]>([]);
  const [forAll, setForAll] = useState<Schemas["SaidForAll"]>(NOT_SAID);
  // What was read stays until something else is read: an answer that is lost takes nothing away.
  const [last, setLast] = useState<{ reading: Schemas["NoteReading"]; forAll: Schemas["SaidForAll"] } | null>(null);
  const read = useMutation({
    mutationFn: (asked: { text: string; words: readonly Schemas["ConfirmedWord"][]; forAll: Schemas["SaidForAll"] }) =>
      said(
        api.POST("/api/techniques/notes", {
          body: { text: asked.text, confirmed: [...asked.words], for_all: asked.forAll },
        }),
      ),
    onSuccess: (r, asked) => {
      setLast({ reading: r, forAll: asked.forAll });
      // What was typed meanwhile is not overwritten.
      setText((now) => (now === asked.text ? r.text : now));
      // A word that was written out is in the text now; one that stays as it stands must be told again.
      setAnswered(asked.words.filter((w) => w.structure === null));
    },
  });
  const answer = (word: Schemas["ConfirmedWord"]) => read.mutate({ text, words: [...answered, word], forAll });
  const sayForAll = (said: Schemas["SaidForAll"]) => {
    setForAll(said);
    read.mutate({ text, words: answered, forAll: said });
  };
  const reading = last?.reading;
  const lines = reading?.lines ?? [];
  const open =
    new Set(lines.filter((l) => l.polarity && !confirmed.has(l.text)).map((l) => l.text)).size +
    new Set(lines.flatMap((l) => l.garbled.map((g) => g.said))).size;
  // What a step was read as stands behind the last sentence that belongs to it.
  const lastOf = new Map(
    lines.flatMap((l, i) => (l.step !== null && l.kind !== "repeat" ? [[l.step, i] as const] : [])),
  );
  const stepAt = (i: number) => reading?.draft.steps?.find((_, step) => lastOf.get(step) === i);
  const stale = last !== null && (last.reading.text !== text || last.forAll !== forAll);
  const begin = (r: Schemas["NoteReading"]) => {
    const id = crypto.randomUUID();
    keepDraft(draftPlace(id), NOTHING_SAVED, r.draft);
    void navigate(`/techniques/${id}?empty`);
  };
  const asked = new Set(lines.flatMap((l) => l.garbled.flatMap((g) => g.likely.map((n) => n.structure))));
  const named = new Set(lines.flatMap((l) => l.named.map((n) => n.structure)).filter((s) => !asked.has(s)));
  return (
    <Stage
      plate={{
        lit: [
          ...[...named].map((structure) => lit(structure, "named")),
          ...[...asked].map((structure) => lit(structure, "perhaps-meant")),
        ],
        ...(asked.size + named.size > 0 && {
          legend: <p className="text-faded">Lit: what the notes name, and what garbled words may mean.</p>,
        }),
      }}
    >
      <LibraryHead staff={person.grades} />
      <label htmlFor="notes" className="mt-4 mb-1 block text-sm font-semibold">
        Old notes, as they are
      </label>
      <textarea
        id="notes"
        className="field min-h-40 w-full font-serif"
        value={text}
        onChange={(e) => setText(e.target.value)}
        placeholder="With two fingers press beside the nostrils for 10 seconds, three times. Keep the lips relaxed. Never press on the eyeball."
      />
      <div className="mt-2 flex items-center gap-4">
        <Button
          tone="now"
          disabled={read.isPending || text.trim() === ""}
          onClick={() => read.mutate({ text, words: answered, forAll })}
        >
          Read the notes
        </Button>
        <span className="text-sm text-faded">
          Nothing is stored. What stands there twice is asked about, never added.
        </span>
      </div>
      {read.isError && <Problem error={read.error} safe="Your text is still here." />}
      {reading && (
        <>
          <ForAll lines={lines} value={forAll} onChange={sayForAll} />
          <ol className="mt-4" data-notes>
            {reading.lines.map((l, i) => (
              <li key={i} className="grid grid-cols-[6.5rem_1fr] gap-3 border-t border-line py-2">
                <span className="text-sm font-semibold">
                  {KINDS[l.kind]}
                  {l.step !== null && l.kind === "step" && ` ${l.step + 1}`}
                  {l.step !== null && l.kind !== "step" && (
                    <span className="block font-normal text-faded">step {l.step + 1}</span>
                  )}
                </span>
                <div>
                  <p className="font-serif">{l.text}</p>
                  {l.unknown.map((u) => (
                    <p key={u} className="text-sm text-now">
                      {u}
                    </p>
                  ))}
                  {stepAt(i) && (
                    <p className="text-sm" data-read-as>
                      <span className="font-semibold">Read as:</span> {readAs(atlas, stepAt(i)!).join("; ")}.
                    </p>
                  )}
                  {l.missing.length > 0 && (
                    <p className="text-sm text-faded">Not said here: {l.missing.map(asWords).join(", ")}.</p>
                  )}
                  {l.for_all.length > 0 && (
                    <p className="text-sm text-faded">Said for all of these notes: {l.for_all.join(", ")}.</p>
                  )}
                  {l.named.length > 0 && <p className="text-sm text-faded">{l.named.map((n) => n.name).join(", ")}</p>}
                  {l.garbled.map((g) => (
                    <Garbled key={g.said} word={g} onAnswer={answer} busy={read.isPending} />
                  ))}
                  {l.polarity && (
                    <label className="mt-1 flex items-start gap-2 border-l-4 border-safety pl-2 text-sm">
                      <input
                        type="checkbox"
                        className="size-6 shrink-0 accent-[var(--color-now)]"
                        checked={confirmed.has(l.text)}
                        onChange={(e) => {
                          const next = new Set(confirmed);
                          if (e.target.checked) next.add(l.text);
                          else next.delete(l.text);
                          setConfirmed(next);
                        }}
                      />
                      <span>
                        {l.polarity} <span className="font-semibold">It is meant as it stands.</span>
                      </span>
                    </label>
                  )}
                </div>
              </li>
            ))}
          </ol>
          <div className="mt-3 flex items-center gap-4 border-t border-line pt-3">
            <Button
              tone="now"
              disabled={!person.leads || stale || open > 0 || (reading.draft.steps ?? []).length === 0}
              onClick={() => begin(reading)}
            >
              Begin a technique from{" "}
              {reading.draft.steps?.length === 1 ? "1 step" : `${reading.draft.steps?.length ?? 0} steps`}
            </Button>
            {stale && !read.isPending && (
              <span className="text-sm text-now">The notes were changed since. Read them again.</span>
            )}
            {!stale && open > 0 && (
              <span className="text-sm text-now">
                {open === 1 ? "One thing has" : `${open} things have`} to be confirmed first.
              </span>
            )}
          </div>
        </>
      )}
    </Stage>
  );
}

const NOT_SAID: Schemas["SaidForAll"] = { pressure: null, contact: null, laid: null };

/** What hands may do that lie there. */
const LAID: readonly string[] = ["resist", "hold", "feel"];

/** What no step says because it is always so, said once. Asked where a step lacks it. */
function ForAll({
  lines,
  value,
  onChange,
}: {
  lines: readonly Schemas["NoteLine"][];
  value: Schemas["SaidForAll"];
  onChange: (said: Schemas["SaidForAll"]) => void;
}) {
  const { atlas } = useReference();
  const lacking = lines.some((l) => l.for_all.length > 0 || l.lacks_hand);
  if (!lacking && Object.values(value).every((v) => v === null)) return null;
  return (
    <fieldset className="mt-4 border-t border-line pt-3" data-for-all>
      <legend className="float-left w-full text-sm font-semibold">Where a step does not say it</legend>
      <div className="grid max-w-3xl clear-both gap-3 sm:grid-cols-3">
        <Pick
          label="How hard"
          empty="left open"
          options={atlas.levels
            .filter((l) => l.level > 0)
            .map((l) => ({ value: String(l.level), word: l.feel, hint: l.words }))}
          value={value.pressure === null ? null : String(value.pressure)}
          onChange={(v) => onChange({ ...value, pressure: v === null ? null : Number(v) })}
        />
        <Pick
          label="With"
          empty="left open"
          options={contactChoices(atlas)}
          value={value.contact ?? null}
          onChange={(contact) => onChange({ ...value, contact })}
        />
        <Pick
          label="Hands that lie there"
          empty="left open"
          options={choicesOf(atlas, "role").filter((c) => LAID.includes(c.value))}
          value={value.laid ?? null}
          onChange={(laid) => onChange({ ...value, laid })}
        />
      </div>
      <p className="mt-1 text-sm text-faded">
        Said once for all of these notes. What a step says itself stays; where a place bears less, it is left open.
      </p>
    </fieldset>
  );
}

const lit = (structure: string, tone: ToneId): Lit => ({ structure, side: "both", tone, strength: "primary" });

/** A word that only sounds like anatomy: which structure was meant, or none. */
function Garbled({
  word,
  onAnswer,
  busy,
}: {
  word: Schemas["GarbledWord"];
  onAnswer: (word: Schemas["ConfirmedWord"]) => void;
  busy: boolean;
}) {
  return (
    <p className="mt-1 flex flex-wrap items-baseline gap-x-3 gap-y-1 text-sm" data-garbled={word.said}>
      <span>“{word.said}” is no name of the atlas. Meant is</span>
      {word.likely.map((n) => (
        <Button
          key={n.structure}
          tone="quiet"
          size="line"
          disabled={busy}
          onClick={() => onAnswer({ said: word.said, structure: n.structure })}
        >
          {n.name} ({Math.round(n.likeness * 100)} % alike)
        </Button>
      ))}
      <Button tone="quiet" size="line" disabled={busy} onClick={() => onAnswer({ said: word.said, structure: null })}>
        no, it stays as it stands
      </Button>
    </p>
  );
}
