import { isTone, tones } from "../face/tones";
import { cn } from "../ui/cn";
import { Empty } from "../ui/States";
import type { Review } from "./programmeQueries";

/** A woven matrix: a line a structure, a column a module; where they cross, how the structure is worked there. */
export function CoverageMatrix({
  review,
  chosen,
  onChoose,
  unitsAt,
}: {
  review: Review;
  chosen: string | null;
  onChoose: (structure: string | null) => void;
  /** Where techniques are put into units. */
  unitsAt: string;
}) {
  const modules = review.columns;
  if (review.coverage.every((l) => l.cells.length === 0))
    return (
      <Empty
        says="No coverage yet: no unit teaches a technique."
        next={{ to: unitsAt, says: "Add techniques to the units" }}
      />
    );
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Coverage by module" data-two-ways>
      <table className="min-w-full text-sm">
        <thead>
          <tr className="align-bottom">
            <th className="text-left font-normal text-faded">Structure</th>
            {modules.map((m) => (
              <th key={m.id} className="px-1 pb-1 text-left font-medium">
                <span className="block max-w-28 leading-tight">{m.name}</span>
                {review.coverage.every((l) => l.cells.every((c) => c.module !== m.id)) && (
                  <span className="block text-xs font-normal text-faded">works nothing yet</span>
                )}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {review.coverage.map((l) => (
            <tr key={l.structure} className={cn("border-t border-line", chosen === l.structure && "bg-now-wash")}>
              <th className="py-1 pr-3 text-left font-normal whitespace-nowrap">
                <button
                  type="button"
                  onClick={() => onChoose(chosen === l.structure ? null : l.structure)}
                  className={cn("hover:text-now", l.promised && "font-semibold", l.kept === false && "text-now")}
                >
                  {l.name}
                </button>
              </th>
              {modules.map((m) => {
                const cell = l.cells.find((c) => c.module === m.id);
                return (
                  <td
                    key={m.id}
                    className="px-1 py-0.5"
                    title={cell ? `${cell.techniques.join(", ")}: ${cell.strength}` : undefined}
                  >
                    {cell ? (
                      <Thread modes={cell.modes} strength={cell.strength} />
                    ) : (
                      <svg width={84} height={14} aria-hidden="true">
                        <path d="M0 7H84" stroke="var(--color-line)" strokeWidth={1} />
                      </svg>
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** One crossing: a thread per mode, as thick as it is strong, with its word for those who do not see colour. */
function Thread({ modes, strength }: { modes: readonly string[]; strength: string }) {
  const known = modes.filter(isTone);
  const words = known.map((m) => tones[m].word).join(", ");
  const weight = strength === "primary" ? 4.5 : strength === "secondary" ? 2.5 : 1.2;
  return (
    <span className="block">
      <svg width={84} height={Math.max(8, known.length * 6)} role="img" aria-label={`${words}, ${strength}`}>
        {known.map((m, i) => (
          <path
            key={m}
            d={`M0 ${3.5 + i * 6}q10.5 -4 21 0t21 0t21 0t21 0`}
            fill="none"
            stroke={tones[m].hue}
            strokeWidth={weight}
            strokeDasharray={
              m === "stretched" ? "3 3" : m === "inhibited" ? "1 4" : m === "compressed" ? "2 2" : undefined
            }
          />
        ))}
      </svg>
      <span className="block max-w-24 text-[0.72rem] leading-tight text-faded">{words}</span>
    </span>
  );
}
