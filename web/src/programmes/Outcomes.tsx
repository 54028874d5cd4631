import { useState } from "react";
import { Button } from "../ui/Button";
import { cn } from "../ui/cn";
import { Choice, TextField, optionsOf } from "../ui/Field";
import { freshId, OUTCOME_KINDS, outcomeSays } from "./programmeModel";
import type { Outcome, PartProps } from "./programmeQueries";

const KINDS = optionsOf(OUTCOME_KINDS);

/** What a graduate can do, numbered; where each is taught and assessed. */
export function Outcomes({ document, review, canChange, onChange }: PartProps) {
  const [open, setOpen] = useState<string | null>(null);
  const outcomes = document.outcomes ?? [];
  const unitName = (id: string) => (document.units ?? []).find((u) => u.id === id)?.name ?? id;
  const change = (id: string, to: Partial<Outcome>) =>
    onChange({ ...document, outcomes: outcomes.map((o) => (o.id === id ? { ...o, ...to } : o)) });
  return (
    <section aria-labelledby="outcomes">
      <h2 id="outcomes" className="mb-1">
        Outcomes
      </h2>
      {outcomes.length === 0 && <p className="text-faded">What can a graduate do? Begin with “A graduate …”.</p>}
      <ol>
        {outcomes.map((o, i) => {
          const line = review.outcomes.find((l) => l.outcome === o.id);
          const missing = line && (line.taught_in.length === 0 || line.assessed_in.length === 0);
          return (
            <li key={o.id} className="border-t border-line py-1" data-outcome={o.id}>
              <button
                type="button"
                className="w-full text-left text-[0.95rem]"
                aria-expanded={open === o.id}
                onClick={() => setOpen(open === o.id ? null : o.id)}
              >
                <span className="mr-1.5 font-semibold text-now">{i + 1}</span>
                {outcomeSays(o) || <span className="text-faded">not worded yet</span>}
                {o.kind && <span className="text-sm text-faded"> · {o.kind}</span>}
              </button>
              {line && (
                <p className={cn("pl-4 text-sm", missing ? "text-now" : "text-faded")}>
                  {line.taught_in.length === 0
                    ? "taught nowhere"
                    : `taught in ${line.taught_in.map(unitName).join(", ")}`}
                  {"; "}
                  {line.assessed_in.length === 0
                    ? "not assessed"
                    : `assessed in ${line.assessed_in.map(unitName).join(", ")}`}
                </p>
              )}
              {open === o.id && canChange && (
                <div className="space-y-2 py-2 pl-4">
                  <Choice
                    label="About"
                    options={KINDS}
                    value={o.kind ?? null}
                    onChange={(kind) => change(o.id, { kind })}
                  />
                  {o.text != null ? (
                    <TextField
                      label="A graduate …"
                      value={o.text}
                      maxLength={300}
                      onChange={(e) => change(o.id, { text: e.target.value })}
                    />
                  ) : (
                    <div className="grid gap-2 sm:grid-cols-2">
                      {(
                        [
                          ["verb", "A graduate … (verb)", "leads"],
                          ["object", "what", "a light glide"],
                          ["condition", "under which conditions", "on both sides of a partner"],
                          ["standard", "how well", "without dragging the skin"],
                        ] as const
                      ).map(([field, label, hint]) => (
                        <TextField
                          key={field}
                          label={label}
                          placeholder={hint}
                          maxLength={160}
                          value={o[field] ?? ""}
                          onChange={(e) => change(o.id, { [field]: e.target.value || null })}
                        />
                      ))}
                    </div>
                  )}
                  <TextField
                    label="How it is assessed"
                    value={o.assessed ?? ""}
                    maxLength={200}
                    onChange={(e) => change(o.id, { assessed: e.target.value || null })}
                  />
                  <div className="flex justify-end gap-2">
                    {o.text != null && (
                      <Button
                        size="line"
                        tone="quiet"
                        onClick={() => change(o.id, { text: null, verb: o.text ?? null })}
                      >
                        write it in four parts
                      </Button>
                    )}
                    <Button
                      size="line"
                      tone="quiet"
                      onClick={() =>
                        onChange({
                          ...document,
                          outcomes: outcomes.filter((x) => x.id !== o.id),
                          units: (document.units ?? []).map((u) => ({
                            ...u,
                            outcomes: (u.outcomes ?? []).filter((x) => x !== o.id),
                          })),
                        })
                      }
                    >
                      remove this outcome
                    </Button>
                  </div>
                </div>
              )}
            </li>
          );
        })}
      </ol>
      {canChange && (
        <Button
          className="mt-2"
          onClick={() => {
            const id = freshId(outcomes, "o");
            onChange({ ...document, outcomes: [...outcomes, { id, kind: "practice", verb: "leads" }] });
            setOpen(id);
          }}
        >
          Add an outcome
        </Button>
      )}
    </section>
  );
}
