import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { Stage } from "../face/Stage";
import { useSignedIn } from "../shell/session";
import { cn } from "../ui/cn";
import { moment } from "../shell/days";
import { Empty, Problem, Waiting } from "../ui/States";
import { resultsQuery, type ResultLine } from "./resultQueries";

/** What was decided; released on purpose, by the lead trainer. A trainee sees their own. */
export function ResultListScreen() {
  const person = useSignedIn();
  const results = useQuery(resultsQuery);
  const unreleased = (results.data ?? []).filter((r) => r.released_at === null).length;
  return (
    <Stage plate={{}} list>
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h1>{person.grades ? "Results" : "Your results"}</h1>
        {person.role === "trainee" && (
          <Link to={`/results/trainee/${person.id}`} className="inline-flex min-h-9 items-center text-now underline">
            Your story
          </Link>
        )}
        {person.grades && (
          <span className="flex flex-wrap gap-4">
            <Link to="/results/cohort" className="inline-flex min-h-9 items-center text-now underline">
              The cohort at a glance
            </Link>
            {person.leads && unreleased > 0 && (
              <Link
                to="/results/release"
                className="inline-flex min-h-9 items-center rounded-mark bg-now px-3.5 font-medium text-on-now hover:brightness-110"
              >
                Preview and release {unreleased} {unreleased === 1 ? "result" : "results"}
              </Link>
            )}
          </span>
        )}
      </div>
      {results.isPending && <Waiting what="the results" />}
      {results.isError && <Problem error={results.error} again={() => results.refetch()} />}
      {results.data?.length === 0 && (
        <Empty
          says={
            person.grades
              ? "No result yet. Grade a demonstration and submit its sheet."
              : "Nothing was released to you yet. They appear here when your trainer releases them."
          }
          {...(person.grades && { next: { to: "/grading", says: "Grade a demonstration" } })}
        />
      )}
      <ul className="mt-3">
        {results.data?.map((r) => (
          <li key={r.id} className="border-t border-line" data-result={r.decision ?? "hidden"}>
            <Row r={r} grades={person.grades} />
          </li>
        ))}
      </ul>
    </Stage>
  );
}

function Row({ r, grades }: { r: ResultLine; grades: boolean }) {
  const readable = r.decision !== null;
  const body = (
    <>
      <span className="font-serif font-medium">{grades ? r.trainee : r.technique_name}</span>
      <span className="max-sm:col-span-2">
        <span className={cn("font-medium", readable && r.decision !== "pass" && "text-now")}>{r.headline}</span>
        <span className="block text-sm text-faded">
          {grades && `${r.technique_name} · `}
          {r.attempt > 1 && `attempt ${r.attempt} · `}graded by {r.assessor} on {moment(r.decided_at)}
        </span>
        {r.withdrawn && <span className="block text-sm">Withdrawn: {r.withdrawn}</span>}
        {r.appeal_open && <span className="block text-sm font-medium text-now">An appeal waits to be decided</span>}
        {r.waits && <span className="block text-sm text-now">{r.waits}</span>}
      </span>
      <span className="text-sm text-faded">
        {r.released_at ? `released ${moment(r.released_at)}` : r.withdrawn ? "withdrawn" : "not released"}
      </span>
    </>
  );
  const look = "grid grid-cols-[1fr_auto] items-baseline gap-x-4 px-1 py-2 sm:grid-cols-[11rem_1fr_auto]";
  return readable ? (
    <Link to={`/results/${r.id}`} className={cn(look, "hover:bg-linen")}>
      {body}
    </Link>
  ) : (
    <div className={look}>{body}</div>
  );
}
