import type { Schemas } from "../shell/api";
import { cn } from "../ui/cn";
import { Choice, TextField } from "../ui/Field";
import type { PartProps } from "./programmeQueries";

const WORDS: Readonly<Record<Schemas["HourKind"], string>> = {
  guided: "guided",
  supervised: "supervised practice",
  "self-study": "on one's own",
  assessment: "assessment",
};
const FIELD = {
  guided: "guided",
  supervised: "supervised",
  "self-study": "self_study",
  assessment: "assessment",
} as const satisfies Record<Schemas["HourKind"], keyof Schemas["HoursScheme"]>;

/** Hours by kind against what the certificate asks for. */
export function HoursPanel({ document, review, canChange, onChange }: PartProps) {
  const scheme = document.hours ?? {};
  const set = (to: Partial<Schemas["HoursScheme"]>) => onChange({ ...document, hours: { ...scheme, ...to } });
  const h = review.hours;
  const number = (label: string, field: keyof Schemas["HoursScheme"], max = 5000) => (
    <TextField
      label={label}
      type="number"
      min={0}
      max={max}
      step="any"
      readOnly={!canChange}
      value={scheme[field] ?? ""}
      onChange={(e) => set({ [field]: Number.isFinite(e.target.valueAsNumber) ? e.target.valueAsNumber : null })}
    />
  );
  return (
    <section aria-labelledby="hours">
      <h2 id="hours" className="mb-1">
        Hours
      </h2>
      <table className="w-full text-[0.95rem]">
        <thead>
          <tr className="border-b border-line text-left text-sm text-faded">
            <th scope="col" className="font-normal">
              kind
            </th>
            <th scope="col" className="font-normal">
              hours
            </th>
            <th scope="col" className="font-normal">
              asked for
            </th>
          </tr>
        </thead>
        <tbody>
          {h.lines.map((l) => (
            <tr key={l.kind} className="border-b border-line align-baseline" data-hours={l.kind}>
              <th scope="row" className="py-1 text-left font-normal">
                {WORDS[l.kind]}
                {l.says && <span className="block text-sm font-medium text-now">{l.says}</span>}
              </th>
              <td className="py-1">{round(l.hours)}</td>
              <td className="w-24 py-1">
                {canChange ? (
                  <input
                    aria-label={`Hours asked for: ${WORDS[l.kind]}`}
                    className="field"
                    type="number"
                    min={0}
                    max={5000}
                    step="any"
                    value={scheme[FIELD[l.kind]] ?? ""}
                    onChange={(e) =>
                      set({ [FIELD[l.kind]]: Number.isFinite(e.target.valueAsNumber) ? e.target.valueAsNumber : null })
                    }
                  />
                ) : (
                  (l.wanted ?? "–")
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-sm text-faded">
        {round(h.workload)} hours of work in all, {round(h.credits.least)} to {round(h.credits.most)} credits of 25 to
        30 hours each (ECTS Users' Guide 2015).
      </p>
      {[h.credits_say, h.cases_say].map(
        (says) =>
          says && (
            <p key={says} className={cn("text-sm font-medium text-now")}>
              {says}
            </p>
          ),
      )}
      <div className="mt-2 grid grid-cols-2 gap-2">
        {canChange && (
          <div className="col-span-2">
            <Choice
              label="Scheme"
              options={[
                { value: "own", word: "hours of each kind" },
                { value: "credit", word: "credits for workload" },
              ]}
              value={scheme.scheme ?? null}
              onChange={(s) => set({ scheme: s })}
            />
          </div>
        )}
        {scheme.scheme === "credit" && number("Credits asked for", "credits", 300)}
        {number("Hours at home, planned", "planned_self_study")}
        {number("Case studies asked for", "cases", 500)}
        {number("Case studies planned", "planned_cases", 500)}
        <TextField
          label="People in a group"
          type="number"
          min={1}
          max={200}
          readOnly={!canChange}
          value={document.participants ?? ""}
          onChange={(e) =>
            onChange({
              ...document,
              participants: Number.isFinite(e.target.valueAsNumber) ? e.target.valueAsNumber : null,
            })
          }
        />
      </div>
    </section>
  );
}

const round = (n: number) => Math.round(n * 10) / 10;
