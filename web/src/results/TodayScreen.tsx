import { queryOptions, useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { Stage } from "../face/Stage";
import { resultsQuery } from "./resultQueries";
import { api, said, type Schemas } from "../shell/api";
import { moment } from "../shell/days";
import { seconds } from "../techniques/parts/techniqueModel";
import { cn } from "../ui/cn";
import { Empty, Problem, Waiting } from "../ui/States";

const lessonsQuery = queryOptions({ queryKey: ["lessons"], queryFn: () => said(api.GET("/api/lessons")) });
const DAYS_NEW = 14;

/** What matters to a trainee today: a result that was released, and what their cohort is taught, the newest first. */
export function TodayScreen() {
  const lessons = useQuery(lessonsQuery);
  const results = useQuery(resultsQuery);
  const shown = (results.data ?? []).filter((r) => r.decision !== null);
  return (
    <Stage plate={{}} list>
      <h1>Today</h1>
      {results.data
        ?.filter((r) => r.withdrawn)
        .map((r) => (
          <p key={r.id} className="mt-2 rounded-mark border border-now bg-field px-3 py-2" data-withdrawn>
            <span className="font-medium">Your result of {r.technique_name} was withdrawn.</span> {r.withdrawn}
          </p>
        ))}
      {shown.slice(0, 2).map((r, i) => (
        <Link
          key={r.id}
          to={`/results/${r.id}`}
          className="mt-2 block rounded-mark border border-line bg-field px-3 py-2 hover:bg-linen"
        >
          <span className="font-serif font-medium">{r.technique_name}</span>{" "}
          <span className={cn("font-medium", r.decision !== "pass" && "text-now")}>{r.headline}</span>
          <span className="block text-sm text-faded">
            your result{r.released_at && `, released ${moment(r.released_at)}`}
          </span>
          {i === 0 && (r.practise.length > 0 || r.next) && (
            <span className="mt-1 block border-l-2 border-now pl-2" data-practise>
              {r.practise.map((p) => (
                <span key={p} className="block">
                  {p}
                </span>
              ))}
              {r.next && <span className="block font-serif">{r.next}</span>}
            </span>
          )}
        </Link>
      ))}
      {results.isError && <Problem error={results.error} again={() => results.refetch()} />}
      {lessons.isPending && <Waiting what="what you are taught" />}
      {lessons.isError && <Problem error={lessons.error} again={() => lessons.refetch()} />}
      {lessons.data?.length === 0 && (
        <Empty says="You are in no cohort yet. Your trainer puts you in one; then what you are taught stands here." />
      )}
      {lessons.data?.map((cohort) => (
        <section key={cohort.cohort_id} className="mt-5" aria-labelledby={`cohort-${cohort.cohort_id}`}>
          <h2 id={`cohort-${cohort.cohort_id}`}>
            {cohort.programme}
            <span className="font-sans text-base font-normal text-faded"> · {cohort.cohort}</span>
          </h2>
          {cohort.modules.length === 0 && <p className="text-faded">Nothing is taught in this cohort yet.</p>}
          {cohort.modules.map((m) => (
            <Module
              key={m.name}
              module={m}
              marksNew={cohort.modules.some((o) => o.techniques.some((t) => !isNew(t.taken_at)))}
            />
          ))}
          {cohort.routines.length > 0 && (
            <section className="mt-3" data-lesson-routines>
              <h3 className="text-faded">Routines</h3>
              <ul>
                {cohort.routines.map((r) => (
                  <li key={r.routine_id} className="border-t border-line last:border-b">
                    <Link
                      to={`/routines/${r.routine_id}/print/wall`}
                      className="flex min-h-11 items-center px-1 py-2 font-serif text-[1.05rem] font-medium hover:bg-linen"
                    >
                      {r.name}
                    </Link>
                  </li>
                ))}
              </ul>
            </section>
          )}
        </section>
      ))}
    </Stage>
  );
}

function Module({ module: m, marksNew }: { module: Schemas["LessonModule"]; marksNew: boolean }) {
  return (
    <section className="mt-3" data-lesson-module={m.name}>
      <h3 className="text-faded">{m.name}</h3>
      <ul>
        {m.techniques.map((t) => (
          <li key={t.technique_id} className="border-t border-line last:border-b">
            <Link
              to={`/techniques/${t.technique_id}`}
              className="grid min-h-11 grid-cols-[1fr_auto] items-baseline gap-x-4 px-1 py-2 hover:bg-linen"
            >
              <span>
                <span className="font-serif text-[1.05rem] font-medium">{t.name}</span>
                {marksNew && isNew(t.taken_at) && (
                  <span className="ml-2 rounded-mark bg-now-wash px-1.5 text-sm">new</span>
                )}
                <span className="block text-sm text-faded">{t.primary || "skin and surface fluid"}</span>
              </span>
              <span className="text-sm text-faded">{seconds(t.seconds.standard)}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

const isNew = (taken: string) => Date.now() - Date.parse(taken) < DAYS_NEW * 86_400_000;
