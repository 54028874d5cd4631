import type { Schemas } from "../shell/api";

type Told = Schemas["TraineeFeedback"];

/** What a trainee is told: what to keep, what to change and how, what comes next; the numbers for those who want them. */
export function ToldText({ told }: { told: Told }) {
  return (
    <>
      {told.keep.length > 0 && (
        <section>
          <h2 className="mb-1">Keep this</h2>
          <ul className="space-y-1.5 font-serif">
            {told.keep.map((k) => (
              <li key={k.criterion}>{k.text}</li>
            ))}
          </ul>
        </section>
      )}
      {told.change.length > 0 && (
        <section>
          <h2 className="mb-1">{told.change.length === 1 ? "Change this one thing" : "Change this, in this order"}</h2>
          <ol className="space-y-3">
            {told.change.map((c, i) => (
              <li key={c.criterion} className="break-inside-avoid border-l-2 border-now pl-3" data-change={c.order}>
                <p className="font-serif">
                  <span className="mr-1.5 font-sans font-semibold text-now">{i + 1}</span>
                  {c.text}
                </p>
                <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-3 gap-y-0.5 text-[0.95rem]">
                  <dt className="text-faded">Do</dt>
                  <dd>{c.cue}</dd>
                  <dt className="text-faded">It is right when</dt>
                  <dd>{c.feel}</dd>
                  <dt className="text-faded">Until then</dt>
                  <dd className="font-medium">{c.practise}</dd>
                </dl>
              </li>
            ))}
          </ol>
        </section>
      )}
      <p className="font-serif text-lg">{told.next}</p>
      <details className="no-print text-sm">
        <summary className="min-h-6 cursor-pointer text-faded">The numbers</summary>
        <ul>
          {told.numbers.map((n) => (
            <li key={n}>{n}</li>
          ))}
        </ul>
      </details>
    </>
  );
}

/** The smallest that can turn the decision, and from when. */
export function ResitText({ plan, decidedAt }: { plan: Schemas["ResitPlan"]; decidedAt: string }) {
  const from = new Date(Date.parse(decidedAt) + plan.after_days * 86_400_000);
  return (
    <section data-resit={plan.whole ? "whole" : plan.items.length}>
      <h2 className="mb-1">What has to be shown again</h2>
      {plan.whole ? (
        <p>All of it, after your trainer has shown you how.</p>
      ) : (
        <>
          <ul className="space-y-1">
            {plan.items.map((i) => (
              <li key={i.words} className="flex items-baseline justify-between gap-3">
                <span className="font-serif">{i.words}</span>
                <span className="text-sm whitespace-nowrap text-faded">
                  {i.gain > 0.05 ? `up to ${Math.round(i.gain * 10) / 10} points` : "has to be seen"}
                </span>
              </li>
            ))}
          </ul>
          <p className="mt-1 text-sm text-faded">
            Nothing smaller can do it. Shown in full, it comes to {Math.round(plan.percent_then * 10) / 10} of 100.
          </p>
        </>
      )}
      <p className="mt-1">
        From {from.toLocaleDateString("en-GB", { day: "numeric", month: "long", year: "numeric" })} on, after the
        practice above.
      </p>
    </section>
  );
}
