import type { Schemas } from "../shell/api";

type Care = Schemas["ClientAdvice"];

/** What somebody who learns it has to know of their own safety: three sentences, the rest behind "more" (on paper: small). */
export function TakeCare({ care, size = "text-sm" }: { care: Care; size?: string }) {
  return (
    <section data-take-care>
      <h2 className="text-base">Take care</h2>
      <ul className={size}>
        {care.first.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
      {care.more.length > 0 && (
        <>
          <details className="no-print mt-1 text-sm">
            <summary className="cursor-pointer font-medium text-now">More: for whom not, and whom to ask first</summary>
            <CareGroups care={care} />
          </details>
          <div className="mt-1 hidden text-[0.62rem] leading-tight print:block">
            <CareGroups care={care} />
          </div>
        </>
      )}
    </section>
  );
}

function CareGroups({ care }: { care: Care }) {
  return (
    <ul className="mt-1 space-y-0.5">
      {care.more.map((g) => (
        <li key={`${g.kind} ${g.lead}`}>
          <span className="font-semibold">{g.lead}</span> {g.states.join("; ")}.
        </li>
      ))}
    </ul>
  );
}
