import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import type { Schemas } from "../shell/api";
import { moment } from "../shell/days";
import { cn } from "../ui/cn";
import { evidenceQuery } from "./caseQueries";
import { RunPicture } from "./RunPicture";

/** How the demonstration ran over how it should run. */
export function RanOver({ id, all = false }: { id: string; all?: boolean }) {
  const found = useQuery(evidenceQuery(id));
  const runs = (found.data?.runs ?? []).slice(0, all ? undefined : 1);
  if (runs.length === 0) return null;
  return (
    <section>
      <h2 className="mb-1">How it ran, under how it should run</h2>
      <div className={cn("grid gap-4", all && "lg:grid-cols-2")}>
        {runs.map((r) => (
          <RunPicture
            key={r.id}
            run={r.run}
            title={`Dashed: the usual dose at its usual pace. Solid: as ${r.who} counted it, from the first movement on.`}
          />
        ))}
      </div>
    </section>
  );
}

const round = (n: number) => Math.round(n * 10) / 10;

/** Progress over attempts, criterion by criterion. */
export function Attempts({ id, criteria }: { id: string; criteria: readonly Schemas["ScoredCriterion"][] }) {
  const found = useQuery(evidenceQuery(id));
  const attempts = found.data?.attempts ?? [];
  if (attempts.length < 2) return null;
  return (
    <section data-attempts={attempts.length}>
      <h2 className="mb-1">From attempt to attempt</h2>
      <table className="w-full text-sm leading-snug">
        <thead className="text-left text-faded">
          <tr>
            <th className="font-normal">Mark of 3</th>
            {attempts.map((a) => (
              <th key={a.id} className="text-right font-normal">
                <Link to={`/results/${a.id}`} className={cn("underline", a.id === id && "font-semibold text-ink")}>
                  {a.attempt}
                </Link>
                <span className="sr-only">, {moment(a.decided_at)}</span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {criteria.map((c) => {
            const marks = attempts.map((a) => a.marks[c.criterion.id] ?? null);
            return (
              <tr key={c.criterion.id} className="border-t border-line align-top">
                <td className="py-0.5 pr-2">{c.criterion.text}</td>
                {marks.map((m, i) => {
                  const before = marks.slice(0, i).findLast((b) => b !== null) ?? null;
                  const up = m !== null && before !== null && m > before + 0.05;
                  const down = m !== null && before !== null && m < before - 0.05;
                  return (
                    <td
                      key={attempts[i]?.id}
                      className={cn("w-14 py-0.5 text-right", up && "font-semibold text-kneaded", down && "text-now")}
                    >
                      {up && <span aria-label="better">↑</span>}
                      {down && <span aria-label="less">↓</span>} {m === null ? "–" : round(m)}
                    </td>
                  );
                })}
              </tr>
            );
          })}
          <tr className="border-t-2 border-ink font-semibold">
            <td className="py-1">Together</td>
            {attempts.map((a) => (
              <td key={a.id} className="text-right">
                {round(a.percent)} %
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </section>
  );
}
