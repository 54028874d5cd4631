import type { Schemas } from "../../shell/api";

type Care = Schemas["ClientAdvice"];

/**
 * What somebody who learns it has to know of their own safety: three sentences, the rest behind "more". On paper, and where nothing can be
 * opened, the rest stands small below.
 */
export function TakeCare({ care, size = "text-sm", opens = true }: { care: Care; size?: string; opens?: boolean }) {
  return (
    <section data-take-care>
      <h2 className="text-base">Take care</h2>
      <ul className={size}>
        {care.first.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
      {care.more.length > 0 && opens && (
        <details className="no-print mt-1 text-sm">
          <summary className="cursor-pointer font-medium text-now">More: for whom not, and whom to ask first</summary>
          <ul className="mt-1 space-y-0.5">
            {care.more.map((g) => (
              <li key={`${g.kind} ${g.lead}`}>
                <span className="font-semibold">{g.lead}</span> {g.states.join("; ")}.
              </li>
            ))}
          </ul>
        </details>
      )}
      {care.more.length > 0 && (
        <p className={`small-print mt-1 columns-2 gap-4 ${opens ? "hidden print:block" : ""}`}>
          {care.more.map((g) => (
            <span key={`${g.kind} ${g.lead}`}>
              <span className="font-semibold">{g.lead}</span> {g.states.join("; ")}.{" "}
            </span>
          ))}
        </p>
      )}
    </section>
  );
}
