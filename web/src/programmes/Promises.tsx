import { toggled } from "../techniques/parts/techniqueModel";
import { Button } from "../ui/Button";
import { cn } from "../ui/cn";
import { Pick } from "../ui/Field";
import { Toggles } from "../ui/Toggles";
import type { ProgrammeDocument, Review } from "./programmeQueries";

type PromiseProps = {
  document: ProgrammeDocument;
  review: Review;
  canChange: boolean;
  chosen: string | null;
  structures: readonly { value: string; word: string }[];
  schools: readonly { value: string; word: string }[];
  onChoose: (s: string | null) => void;
  onChange: (d: ProgrammeDocument) => void;
};

/** Which structures a programme promises, and whether it keeps it; the teaching styles it declares. */
export function Promises({
  document,
  review,
  canChange,
  chosen,
  structures,
  schools,
  onChoose,
  onChange,
}: PromiseProps) {
  const promised = document.structures ?? [];
  return (
    <>
      <ul>
        {promised.map((p) => {
          const line = review.coverage.find((l) => l.structure === p.structure);
          const kept = line?.kept ?? false;
          return (
            <li
              key={p.structure}
              className={cn("border-t border-line py-1.5", chosen === p.structure && "bg-now-wash")}
              data-promise={p.structure}
              data-kept={kept}
            >
              <div className="flex items-baseline justify-between gap-2">
                <button
                  type="button"
                  className="text-left font-medium hover:text-now"
                  onClick={() => onChoose(chosen === p.structure ? null : p.structure)}
                >
                  <span aria-hidden="true" className={kept ? "text-kneaded" : "text-now"}>
                    {kept ? "✓ " : "○ "}
                  </span>
                  {structures.find((s) => s.value === p.structure)?.word ?? p.structure}
                </button>
                {canChange ? (
                  <span className="flex items-center gap-1 text-sm">
                    <select
                      aria-label={`How ${p.structure} is promised`}
                      className="rounded-mark border border-line bg-field px-1 text-sm"
                      value={p.how}
                      onChange={(e) =>
                        onChange({
                          ...document,
                          structures: promised.map((x) =>
                            x.structure === p.structure
                              ? { ...x, how: e.target.value === "any" ? "any" : "actively" }
                              : x,
                          ),
                        })
                      }
                    >
                      <option value="actively">trained</option>
                      <option value="any">worked</option>
                    </select>
                    <Button
                      size="line"
                      tone="quiet"
                      aria-label={`No longer promise ${p.structure}`}
                      onClick={() =>
                        onChange({ ...document, structures: promised.filter((x) => x.structure !== p.structure) })
                      }
                    >
                      ✕
                    </Button>
                  </span>
                ) : (
                  <span className="text-sm text-faded">{p.how === "actively" ? "trained" : "worked"}</span>
                )}
              </div>
              <p className={cn("text-sm", kept ? "text-faded" : "font-medium text-now")}>
                {kept ? "" : "Not kept: "}
                {line?.says ?? "no taught technique works it"}
              </p>
            </li>
          );
        })}
      </ul>
      {canChange && (
        <div className="mt-2">
          <Pick
            label="Promise a structure"
            options={structures.filter((s) => promised.every((p) => p.structure !== s.value))}
            value={null}
            onChange={(s) =>
              s && onChange({ ...document, structures: [...promised, { structure: s, how: "actively" }] })
            }
          />
        </div>
      )}
      {canChange && (
        <Toggles
          label="Teaching styles"
          options={schools}
          on={document.schools ?? []}
          onToggle={(id) => onChange({ ...document, schools: toggled(document.schools ?? null, id) })}
        />
      )}
      {review.school_notes.length > 0 && (
        <ul className="mt-2 text-sm" aria-label="Differs from its teaching styles" data-school-notes>
          {review.school_notes.map((n) => (
            <li key={n.module + n.technique + n.says} className="border-t border-line py-1">
              {n.says}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}
