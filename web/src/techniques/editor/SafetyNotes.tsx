import type { Derivation } from "../parts/techniqueModel";

const cautionsOf = (derivation: Derivation) =>
  derivation.steps.flatMap((s) =>
    s.safety.findings.filter((f) => f.verdict !== "stop").map((f) => ({ step: s.index + 1, f })),
  );

/** How many cautions stand further down, in view of whoever types; nothing where there is none. */
export function CautionCount({ derivation }: { derivation: Derivation }) {
  const n = cautionsOf(derivation).length;
  return n === 0 ? null : (
    <>
      {" · "}
      <a href="#safety" className="font-semibold text-safety underline underline-offset-4" data-cautions>
        {n === 1 ? "1 caution" : `${n} cautions`}
      </a>
    </>
  );
}

/** Hazards first, then the usual cautions and exclusions, with the clinician's word above them. */
export function SafetyNotes({ derivation }: { derivation: Derivation }) {
  const cautions = cautionsOf(derivation);
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
            {derivation.exclusions.length} health conditions that exclude or change this technique
          </summary>
          {[...Map.groupBy(derivation.exclusions, (x) => x.says).entries()].map(([says, same]) => (
            <div key={says} className="mt-2 border-t border-line pt-1 text-sm">
              <p className="font-semibold first-letter:uppercase">
                {says} <span className="font-normal text-faded">({same.length})</span>
              </p>
              <ul className="columns-1 gap-8 md:columns-2">
                {same.map((x) => (
                  <li key={x.id} className="break-inside-avoid">
                    {x.name}
                    {(x.window ?? x.reason) && <span className="text-faded">: {x.window ?? x.reason}</span>}
                  </li>
                ))}
              </ul>
            </div>
          ))}
        </details>
      )}
    </section>
  );
}
