import type { Derivation } from "../parts/techniqueModel";

/** How it stands: complete, a draft with its questions, or stopped with the reason and what to do instead. */
export function Standing({ derivation, onStep }: { derivation: Derivation; onStep: (index: number) => void }) {
  const stops = derivation.steps.flatMap((s) =>
    s.safety.findings.filter((f) => f.verdict === "stop").map((f) => ({ step: s.index + 1, f })),
  );
  if (stops.length > 0)
    return (
      <div role="alert" className="mb-4 border-l-4 border-safety bg-safety-wash px-4 py-2" data-stopped>
        <p className="font-semibold text-safety">
          Stopped: this can only be kept as an unsafe example. It is not taught, examined or practised.
        </p>
        {stops.map(({ step, f }) => (
          <p key={`${step}-${f.hazard}`} className="mt-1 text-sm">
            <span className="font-semibold">
              Step {step}, {f.name}.
            </span>{" "}
            {f.because} <span className="font-medium">Instead: {f.instead}</span>
          </p>
        ))}
      </div>
    );
  if (derivation.questions.length > 0)
    return (
      <div className="mb-3">
        <p className="font-serif text-now" role="status">
          A draft:{" "}
          {derivation.questions.length === 1
            ? "one question is open"
            : `${derivation.questions.length} questions are open`}
          .
        </p>
        <ul className="mt-1 text-sm" data-open-questions>
          {derivation.questions.map((q) => {
            const step = Number(/^steps\[(\d+)\]/.exec(q.path)?.[1] ?? Number.NaN);
            if (Number.isNaN(step)) return <li key={q.path + q.text}>{q.text}</li>;
            return (
              <li key={q.path + q.text}>
                <button
                  type="button"
                  className="min-h-6 text-left text-now underline underline-offset-4"
                  onClick={() => {
                    onStep(step);
                    // The field that answers it is drawn with the step.
                    requestAnimationFrame(() =>
                      [...document.querySelectorAll<HTMLElement>("[data-asks]")]
                        .find((e) => e.textContent.includes(q.text))
                        ?.scrollIntoView({ block: "center" }),
                    );
                  }}
                >
                  Step {step + 1}: {q.text}
                </button>
              </li>
            );
          })}
        </ul>
      </div>
    );
  return null;
}
