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
    </>
  );
}
