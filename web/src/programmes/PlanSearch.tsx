import { useMutation, useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { api, said, type Schemas } from "../shell/api";
import { Button } from "../ui/Button";
import { Problem } from "../ui/States";
import { Keep } from "./Remarks";
import { keptBecause } from "./programmeModel";
import { planQuery, type PlanRun, type ProgrammeDocument } from "./programmeQueries";

type Sessions = Schemas["SequencePlan"]["sessions"];

type SearchProps = {
  document: ProgrammeDocument;
  /** Set anew each time something was moved by hand: the plan is repaired around it. */
  near: string | null;
  onNear: (near: string | null) => void;
  unitName: (id: string) => string;
  onTake: (sessions: Sessions) => void;
  onChange: (document: ProgrammeDocument) => void;
};

/** Looks for the best sequence, shows how far it is, and says what came of it. */
export function PlanSearch({ document, near, onNear, unitName, onTake, onChange }: SearchProps) {
  const [id, setId] = useState<string | null>(null);
  const begin = useMutation({
    mutationFn: (ask: { id: string; near: boolean }) =>
      said(api.POST("/api/programmes/plans", { body: { ...ask, document } })),
    onSuccess: (run) => setId(run.id),
  });
  const run = useQuery(planQuery(id));
  const stop = useMutation({
    mutationFn: (which: string) =>
      said(api.POST("/api/programmes/plans/{id}/stop", { params: { path: { id: which } } })),
  });
  const { mutate } = begin;
  useEffect(() => {
    if (near === null) return;
    mutate({ id: near, near: true });
    onNear(null);
  }, [near, mutate, onNear]);
  const data = run.data?.id === id ? run.data : undefined;
  const taken = useRef<string | null>(null);
  // A plan that was found is the programme's plan; it is saved with it, and undone like anything typed.
  useEffect(() => {
    if (!data || data.running || !data.plan?.objective || taken.current === data.id) return;
    taken.current = data.id;
    onTake(data.plan.sessions);
  }, [data, onTake]);
  const running = begin.isPending || data?.running === true;
  const placed = (document.plan ?? []).length > 0;
  return (
    <section aria-labelledby="plan" data-plan={running ? "running" : data ? data.plan?.status : "none"}>
      <h2 id="plan" className="mb-1">
        The sequence
      </h2>
      <div className="flex flex-wrap items-center gap-3">
        <Button tone="now" disabled={running} onClick={() => begin.mutate({ id: crypto.randomUUID(), near: false })}>
          {placed ? "Plan it anew" : "Plan the sequence"}
        </Button>
        {placed && (
          <Button disabled={running} onClick={() => begin.mutate({ id: crypto.randomUUID(), near: true })}>
            Repair it, moving little
          </Button>
        )}
        {running && (
          <>
            <span role="status" className="text-faded">
              looking … {data?.best ? `best so far: ${measure(data.best)}` : "no plan yet"}
            </span>
            <Button size="line" tone="quiet" disabled={!id} onClick={() => id && stop.mutate(id)}>
              stop, keep the best so far
            </Button>
          </>
        )}
      </div>
      {begin.isError && <Problem error={begin.error} safe="Nothing was changed." />}
      {run.isError && <Problem error={run.error} again={() => run.refetch()} />}
      {data && !data.running && (
        <Outcome run={data} unitName={unitName} document={document} onTake={onTake} onChange={onChange} />
      )}
    </section>
  );
}

const measure = (m: Schemas["PlanMeasure"]) =>
  [
    `${m.sessions} ${m.sessions === 1 ? "session" : "sessions"}`,
    m.spacing > 0 ? `returns ${m.spacing} days too early in all` : "",
    m.wishes > 0 ? `wishes of weight ${m.wishes} open` : "every wish kept",
  ]
    .filter(Boolean)
    .join(", ");

function Outcome({
  run,
  unitName,
  document,
  onTake,
  onChange,
}: {
  run: PlanRun;
  unitName: (id: string) => string;
  document: ProgrammeDocument;
  onTake: (sessions: Sessions) => void;
  onChange: (document: ProgrammeDocument) => void;
}) {
  const plan = run.plan;
  if (!plan) return <p className="mt-2 text-faded">Stopped before there was a plan.</p>;
  if (plan.objective) {
    const best = plan.bound && plan.objective.sessions === plan.bound.sessions;
    return (
      <div className="mt-2" role="status">
        <p>
          <strong>{measure(plan.objective)}.</strong>{" "}
          {plan.status === "optimal"
            ? "No better plan exists."
            : run.stopped
              ? "You stopped the search: this is the best until then."
              : best
                ? "Fewer sessions are impossible; a wish more might be kept."
                : `It could be ${plan.bound?.sessions ?? 0} sessions at best.`}
        </p>
        {run.moved && run.before && (
          <p className="text-sm text-faded">
            {run.moved.length === 0
              ? "Nothing else had to move."
              : `Moved: ${run.moved.map(unitName).join(", ")}. Before: ${measure(run.before)}.`}
          </p>
        )}
        {plan.left_aside.map((a) => (
          <p key={a.id} className="border-l-2 border-now pl-2 text-sm text-now" data-aside={a.id}>
            Your own rules leave no room for this: {a.says}.
          </p>
        ))}
      </div>
    );
  }
  if (plan.circles.length > 0)
    return <p className="mt-2 font-medium text-now">No order exists: units wait for each other in a circle.</p>;
  if (plan.status === "unknown")
    return <p className="mt-2 text-faded">No plan was found, and none is ruled out. Loosen a rule, or look again.</p>;
  if (plan.conflict.length === 0)
    return <p className="mt-2 text-faded">No plan exists. It was stopped before the rules against it were found.</p>;
  return (
    <div className="mt-2" role="alert" data-conflict>
      <p className="font-semibold">
        No plan exists. These cannot hold together, and none of them could be left out of this list:
      </p>
      <ul>
        {plan.conflict.map((c) => {
          const without = plan.nearest.find((n) => n.without === c.id);
          return (
            <li key={c.id} className="border-t border-line py-1.5">
              {c.says}
              {without?.measure && (
                <span className="block text-sm text-faded">Without it: {measure(without.measure)}.</span>
              )}
              {without && without.behind.length > 0 && (
                <details className="text-sm text-faded">
                  <summary className="min-h-7 cursor-pointer">
                    Without it, {without.behind.length} others cannot hold together
                  </summary>
                  <ul className="list-disc pl-5">
                    {without.behind.map((b) => (
                      <li key={b.id}>{b.says}</li>
                    ))}
                  </ul>
                </details>
              )}
              <span className="flex flex-wrap items-baseline gap-x-3">
                {without?.sessions && (
                  <Button size="line" tone="quiet" onClick={() => onTake(without.sessions ?? [])}>
                    take that plan
                  </Button>
                )}
                {c.path === "phases" && (
                  <Keep says={c.says} onKeep={(reason) => onChange(keptBecause(document, c.id, reason))} />
                )}
              </span>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
