import { useState } from "react";
import { Button } from "../ui/Button";
import { Choice, Pick, TextField } from "../ui/Field";
import { Toggles } from "../ui/Toggles";
import { freshId, keptBecause } from "./programmeModel";
import type { ProgrammeDocument, ProgrammeRule } from "./programmeQueries";
import { toggled } from "../techniques/parts/techniqueModel";

/** What a trainer can ask of a sequence; what each kind needs is shown, the rest is not. */
const KINDS = {
  order: { word: "one before the other", asks: "pair" },
  "practice-days": { word: "days of practice between two", asks: "pair" },
  "gap-days": { word: "returned to after some days", asks: "one" },
  "same-session": { word: "in one session", asks: "several" },
  "not-same-session": { word: "not in one session", asks: "several" },
  "before-date": { word: "before a date", asks: "one" },
  "after-date": { word: "after a date", asks: "one" },
} as const;
type Kind = keyof typeof KINDS;
const isKind = (kind: string | null | undefined): kind is Kind => kind != null && kind in KINDS;

type RuleProps = {
  document: ProgrammeDocument;
  canChange: boolean;
  unitName: (id: string) => string;
  onChange: (document: ProgrammeDocument) => void;
};

/** The trainer's own rules and wishes, closures, and what the trade keeps. */
export function RuleList({ document, canChange, unitName, onChange }: RuleProps) {
  const [open, setOpen] = useState<string | null>(null);
  const rules = document.rules ?? [];
  const change = (id: string | null | undefined, to: Partial<ProgrammeRule>) =>
    onChange({ ...document, rules: rules.map((r) => (r.id === id ? { ...r, ...to } : r)) });
  const placements = [
    ...(document.fixed ?? []).map((p) => ({ ...p, list: "fixed" as const, word: "fixed in" })),
    ...(document.forbidden ?? []).map((p) => ({ ...p, list: "forbidden" as const, word: "kept out of" })),
  ];
  const sessionNo = (id: string) => (document.sessions ?? []).findIndex((s) => s.id === id) + 1;
  return (
    <aside className="space-y-5">
      <section aria-labelledby="rules">
        <h2 id="rules" className="mb-1">
          Rules and wishes
        </h2>
        <ul>
          {rules.map((r) => (
            <li key={r.id} className="border-t border-line py-1" data-rule={r.id}>
              <button
                type="button"
                className="w-full text-left text-[0.95rem]"
                aria-expanded={open === r.id}
                onClick={() => setOpen(open === r.id ? null : (r.id ?? null))}
              >
                {r.text || says(r, unitName)}
                <span className="text-sm text-faded">
                  {isWish(r) ? ` · a wish, weight ${r.weight ?? 1}` : " · must hold"}
                </span>
              </button>
              {open === r.id && canChange && (
                <OneRule
                  rule={r}
                  document={document}
                  unitName={unitName}
                  onChange={(to) => change(r.id, to)}
                  onRemove={() => onChange({ ...document, rules: rules.filter((x) => x.id !== r.id) })}
                />
              )}
            </li>
          ))}
          {placements.map((p) => (
            <li key={`${p.list} ${p.unit} ${p.session}`} className="border-t border-line py-1 text-[0.95rem]">
              “{unitName(p.unit)}” is {p.word} session {sessionNo(p.session)}
              {canChange && (
                <Button
                  size="line"
                  tone="quiet"
                  aria-label={`remove: ${unitName(p.unit)} ${p.word} session ${sessionNo(p.session)}`}
                  onClick={() =>
                    onChange({
                      ...document,
                      [p.list]: (document[p.list] ?? []).filter((x) => x.unit !== p.unit || x.session !== p.session),
                    })
                  }
                >
                  remove
                </Button>
              )}
            </li>
          ))}
        </ul>
        {canChange && (
          <Pick
            label="Add a rule"
            className="mt-2"
            options={Object.entries(KINDS).map(([value, k]) => ({ value, word: k.word }))}
            value={null}
            onChange={(kind) => {
              if (!isKind(kind)) return;
              const [a, b] = document.units ?? [];
              if (!a || !b) return;
              const id = freshId(rules, "r");
              const asks = KINDS[kind].asks;
              onChange({
                ...document,
                rules: [
                  ...rules,
                  {
                    id,
                    kind,
                    hard: kind !== "gap-days",
                    weight: kind === "gap-days" ? 1 : null,
                    ...(asks === "pair"
                      ? { after: a.id, before: b.id }
                      : asks === "one"
                        ? { unit: a.id }
                        : { units: [a.id, b.id] }),
                    ...(kind.endsWith("days")
                      ? { days: kind === "gap-days" ? [7, 14] : [12], per_week: kind === "gap-days" ? null : 6 }
                      : {}),
                    ...(kind.endsWith("date") ? { date: document.sessions?.[0]?.date ?? "2027-01-01" } : {}),
                  },
                ],
              });
              setOpen(id);
            }}
          />
        )}
      </section>
      <section aria-labelledby="closures">
        <h2 id="closures" className="mb-1">
          Days without a session
        </h2>
        <ul className="space-y-1">
          {(document.closures ?? []).map((c, i) => (
            <li key={i} className="grid grid-cols-[1fr_1fr] gap-2 border-t border-line py-1">
              {(["from", "to"] as const).map((end) => (
                <TextField
                  key={end}
                  label={end === "from" ? "From" : "To"}
                  type="date"
                  readOnly={!canChange}
                  value={c[end] ?? ""}
                  onChange={(e) =>
                    onChange({
                      ...document,
                      closures: (document.closures ?? []).map((x, j) =>
                        i === j ? { ...x, [end]: e.target.value || null } : x,
                      ),
                    })
                  }
                />
              ))}
              {canChange && (
                <Button
                  size="line"
                  tone="quiet"
                  className="col-span-2 justify-self-end"
                  onClick={() =>
                    onChange({ ...document, closures: (document.closures ?? []).filter((_, j) => i !== j) })
                  }
                >
                  remove
                </Button>
              )}
            </li>
          ))}
        </ul>
        {canChange && (
          <Button
            size="line"
            tone="quiet"
            onClick={() => {
              const at = document.sessions?.[0]?.date ?? "2027-01-01";
              onChange({ ...document, closures: [...(document.closures ?? []), { from: at, to: at }] });
            }}
          >
            add days without a session
          </Button>
        )}
      </section>
      {(document.aside ?? []).some((a) => TRADE[a.rule]) && (
        <section aria-labelledby="aside">
          <h2 id="aside" className="mb-1">
            Set aside
          </h2>
          <ul>
            {(document.aside ?? [])
              .filter((a) => TRADE[a.rule])
              .map((a) => (
                <li key={a.rule} className="border-t border-line py-1 text-[0.95rem]">
                  {TRADE[a.rule]} <span className="text-sm text-faded">“{a.reason}”</span>
                  {canChange && (
                    <Button size="line" tone="quiet" onClick={() => onChange(keptBecause(document, a.rule, ""))}>
                      keep it again
                    </Button>
                  )}
                </li>
              ))}
          </ul>
        </section>
      )}
      <Trade document={document} canChange={canChange} onChange={onChange} />
    </aside>
  );
}

/** The order that the trade keeps, in words. */
const TRADE: Readonly<Record<string, string>> = {
  phases: "Phases follow each other",
  "safety-first": "Safety and hygiene come before all touch",
  "anatomy-first": "Anatomy and landmarks come before technique",
  "glide-before-firm": "A light glide comes before firm work",
  "still-before-resisted": "Stillness comes before work against a hand",
  "one-side-first": "One side comes before both at once",
  "eye-after-light": "The eye area comes after a light touch, passed where it is assessed",
  "tools-last": "Tools come after hands",
  "teaching-after": "Teaching practice begins after ten techniques, or all there are",
  "rest-for-muscles": "The same muscles rest between days (a wish)",
  "rest-for-skin": "Pressed skin rests between days (a wish)",
};

function Trade({ document, canChange, onChange }: Omit<RuleProps, "unitName">) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [reason, setReason] = useState("");
  const aside = new Set((document.aside ?? []).map((a) => a.rule));
  return (
    <details>
      <summary className="min-h-7 cursor-pointer font-semibold">What the trade keeps</summary>
      <ul className="mt-1 text-sm">
        {Object.entries(TRADE)
          .filter(([id]) => !aside.has(id))
          .map(([id, words]) => (
            <li key={id} className="border-t border-line py-1">
              {words}
              {canChange && chosen !== id && (
                <Button size="line" tone="quiet" aria-label={`Set aside: ${words}`} onClick={() => setChosen(id)}>
                  set aside
                </Button>
              )}
              {chosen === id && (
                <form
                  className="flex items-end gap-2"
                  onSubmit={(e) => {
                    e.preventDefault();
                    if (reason.trim() === "") return;
                    onChange(keptBecause(document, id, reason));
                    setChosen(null);
                    setReason("");
                  }}
                >
                  <TextField
                    label="For which reason"
                    autoFocus
                    value={reason}
                    onChange={(e) => setReason(e.target.value)}
                  />
                  <Button type="submit">Set aside</Button>
                </form>
              )}
            </li>
          ))}
      </ul>
    </details>
  );
}

const isWish = (r: ProgrammeRule) => r.hard === false || (r.hard == null && r.weight != null);

function says(r: ProgrammeRule, name: (id: string) => string): string {
  const [first, last] = r.days ?? [];
  const days = last === undefined ? `${first ?? 0} or more` : `${first ?? 0} to ${last}`;
  const units = (r.units ?? []).map((u) => `“${name(u)}”`).join(" and ");
  switch (r.kind) {
    case "order":
      return `“${name(r.after ?? "")}” before “${name(r.before ?? "")}”`;
    case "practice-days":
      return `${first ?? 0} days of practice between “${name(r.after ?? "")}” and “${name(r.before ?? "")}”`;
    case "gap-days":
      return r.unit ? `return to “${name(r.unit)}” after ${days} days` : `${days} days between ${units}`;
    case "same-session":
      return `${units} in one session`;
    case "not-same-session":
      return `${units} not in one session`;
    case "before-date":
    case "after-date":
      return `“${name(r.unit ?? "")}” ${r.kind === "before-date" ? "before" : "after"} ${r.date ?? ""}`;
    case "capacity":
      return "units and breaks fit into their session";
    default:
      return r.kind ?? "a rule";
  }
}

function OneRule({
  rule: r,
  document,
  unitName,
  onChange,
  onRemove,
}: {
  rule: ProgrammeRule;
  document: ProgrammeDocument;
  unitName: (id: string) => string;
  onChange: (to: Partial<ProgrammeRule>) => void;
  onRemove: () => void;
}) {
  const units = (document.units ?? []).map((u) => ({ value: u.id, word: unitName(u.id) }));
  const asks = isKind(r.kind) ? KINDS[r.kind].asks : null;
  const number = (label: string, value: number | undefined, set: (n: number) => void) => (
    <TextField
      label={label}
      type="number"
      min={0}
      max={5000}
      value={value ?? ""}
      onChange={(e) => Number.isFinite(e.target.valueAsNumber) && set(Math.round(e.target.valueAsNumber))}
    />
  );
  const [few, many] = r.days ?? [];
  return (
    <div className="space-y-2 py-2 pl-3">
      {asks === "pair" && (
        <>
          <Pick label="First" options={units} value={r.after ?? null} onChange={(after) => onChange({ after })} />
          <Pick label="Then" options={units} value={r.before ?? null} onChange={(before) => onChange({ before })} />
        </>
      )}
      {asks === "one" && (
        <Pick label="Unit" options={units} value={r.unit ?? null} onChange={(unit) => onChange({ unit })} />
      )}
      {asks === "several" && (
        <Toggles
          label="Units"
          options={units}
          on={r.units ?? []}
          onToggle={(u) => onChange({ units: toggled(r.units ?? null, u) })}
        />
      )}
      {r.kind === "practice-days" && (
        <div className="grid grid-cols-2 gap-2">
          {number("Days", few, (n) => onChange({ days: [n] }))}
          {number("at most a week", r.per_week ?? 7, (n) => onChange({ per_week: n }))}
        </div>
      )}
      {r.kind === "gap-days" && (
        <div className="grid grid-cols-2 gap-2">
          {number("Days at least", few, (n) => onChange({ days: [n, Math.max(n, many ?? n)] }))}
          {number("at most", many, (n) => onChange({ days: [Math.min(few ?? n, n), n] }))}
        </div>
      )}
      {r.kind?.endsWith("-date") && (
        <TextField
          label="Date"
          type="date"
          value={r.date ?? ""}
          onChange={(e) => onChange({ date: e.target.value || null })}
        />
      )}
      <TextField
        label="In your words"
        placeholder={says({ ...r, text: null }, unitName)}
        maxLength={200}
        value={r.text ?? ""}
        onChange={(e) => onChange({ text: e.target.value || null })}
      />
      <div className="flex items-end gap-3">
        <Choice
          label="How much it matters"
          options={[
            { value: "hard", word: "must hold" },
            { value: "wish", word: "a wish" },
          ]}
          value={isWish(r) ? "wish" : "hard"}
          onChange={(how) =>
            onChange(how === "hard" ? { hard: true, weight: null } : { hard: false, weight: r.weight ?? 1 })
          }
        />
        {isWish(r) && number("Weight", r.weight ?? 1, (n) => onChange({ weight: n }))}
      </div>
      <Button size="line" tone="quiet" onClick={onRemove}>
        remove this rule
      </Button>
    </div>
  );
}
