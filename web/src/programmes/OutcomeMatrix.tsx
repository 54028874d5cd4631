import { outcomeSays } from "./programmeModel";
import type { ProgrammeDocument, Review } from "./programmeQueries";

/** Outcomes over units, woven: where each is taught and where it is assessed. */
export function OutcomeMatrix({ document, review }: { document: ProgrammeDocument; review: Review }) {
  const units = document.units ?? [];
  const outcomes = document.outcomes ?? [];
  if (outcomes.length === 0 || units.length === 0) return null;
  return (
    <>
      <h2 className="mt-7 mb-1">Outcomes by unit</h2>
      <p className="text-sm text-faded">A broad thread: taught there. A knot: assessed there.</p>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Outcomes by unit" data-two-ways>
        <table className="min-w-full text-sm">
          <thead>
            <tr className="align-bottom">
              <th className="text-left font-normal text-faded">Outcome</th>
              {units.map((u, i) => (
                <th key={u.id} className="px-0.5 pb-1 font-medium" title={u.name}>
                  {i + 1}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {outcomes.map((o) => {
              const line = review.outcomes.find((l) => l.outcome === o.id);
              return (
                <tr key={o.id} className="border-t border-line">
                  <th className="max-w-80 py-1 pr-3 text-left font-normal">{outcomeSays(o)}</th>
                  {units.map((u, i) => {
                    const taught = line?.taught_in.includes(u.id) ?? false;
                    const assessed = line?.assessed_in.includes(u.id) ?? false;
                    return (
                      <td key={u.id} title={taught || assessed ? u.name : undefined}>
                        <svg
                          width={30}
                          height={14}
                          {...(taught || assessed
                            ? { role: "img", "aria-label": `${assessed ? "assessed" : "taught"} in unit ${i + 1}` }
                            : { "aria-hidden": true })}
                        >
                          <path
                            d="M0 7H30"
                            stroke={taught || assessed ? "var(--color-now)" : "var(--color-line)"}
                            strokeWidth={taught ? 4.5 : 1}
                          />
                          {assessed && (
                            <circle
                              cx={15}
                              cy={7}
                              r={5}
                              fill="var(--color-paper)"
                              stroke="var(--color-now)"
                              strokeWidth={2}
                            />
                          )}
                        </svg>
                      </td>
                    );
                  })}
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </>
  );
}
