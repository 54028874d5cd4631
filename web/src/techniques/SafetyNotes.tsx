import type { Derivation } from "./techniqueModel";

/** Hazards first, then the usual cautions and exclusions, with the clinician's word above them. */
export function SafetyNotes({ derivation }: { derivation: Derivation }) {
  const cautions = derivation.steps.flatMap((s) =>
    s.safety.findings.filter((f) => f.verdict !== "stop").map((f) => ({ step: s.index + 1, f })),
  );
  return (
    <section aria-labelledby="safety" className="mt-6">
      <h2 id="safety">Safety</h2>
      {cautions.length > 0 && (
        <ul className="mt-1 space-y-1 border-l-4 border-safety pl-3 text-sm">
          {cautions.map(({ step, f }) => (
            <li key={`${step}-${f.hazard}`}>
              <span className="font-semibold">
                Caution, step {step}: {f.name}.
              </span>{" "}
              {f.because} <span className="font-medium">{f.instead}</span>
            </li>
          ))}
        </ul>
      )}
      <p className="mt-3 max-w-prose text-sm font-semibold">{derivation.clinician_first}</p>
      {derivation.exclusions.length > 0 && (
        <details className="mt-2" open={derivation.exclusions.length <= 6}>
          <summary className="cursor-pointer text-sm font-medium text-now">
            {derivation.exclusions.length} states of a person that exclude or change this technique
          </summary>
          <table className="mt-1 w-full text-sm">
            <thead>
              <tr className="text-left text-faded">
                <th className="py-1 pr-3 font-medium">State</th>
                <th className="py-1 pr-3 font-medium">Usual handling</th>
                <th className="py-1 font-medium">Window, milder form</th>
              </tr>
            </thead>
            <tbody>
              {derivation.exclusions.map((x) => (
                <tr key={x.id} className="border-t border-line align-top">
                  <td className="py-1 pr-3">
                    {x.name}
                    {x.red_flag && <span className="ml-1 font-semibold text-safety">(stop and refer)</span>}
                  </td>
                  <td className="py-1 pr-3 whitespace-nowrap">{x.says}</td>
                  <td className="py-1 text-faded">{x.window ?? x.reason ?? ""}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </details>
      )}
    </section>
  );
}
