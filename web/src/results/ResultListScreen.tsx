import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router";
import { toast } from "sonner";
import { Stage } from "../face/Stage";
import { api, said } from "../shell/api";
import { useSignedIn } from "../shell/session";
import { Button } from "../ui/Button";
import { cn } from "../ui/cn";
import { moment } from "../shell/days";
import { Empty, Problem, Waiting } from "../ui/States";
import { resultsQuery } from "./resultQueries";

/** What was decided; released on purpose, by the lead trainer. A trainee sees their own. */
export function ResultListScreen() {
  const person = useSignedIn();
  const results = useQuery(resultsQuery);
  const queries = useQueryClient();
  const release = useMutation({
    mutationFn: (ids: string[]) => said(api.POST("/api/results/release", { body: { results: ids } })),
    onSuccess: async ({ count }) => {
      toast.success(`${count} ${count === 1 ? "result is" : "results are"} released.`);
      await Promise.all([
        queries.invalidateQueries({ queryKey: ["results"] }),
        queries.invalidateQueries({ queryKey: ["thread"] }),
      ]);
    },
  });
  const waiting = (results.data ?? []).filter((r) => r.released_at === null).map((r) => r.id);
  return (
    <Stage plate={{}} list>
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h1>{person.grades ? "Results" : "Your results"}</h1>
        {person.leads && waiting.length > 0 && (
          <Button tone="now" disabled={release.isPending} onClick={() => release.mutate(waiting)}>
            Release {waiting.length} {waiting.length === 1 ? "result" : "results"}
          </Button>
        )}
      </div>
      {release.isError && <Problem error={release.error} safe="Nothing was released." />}
      {results.isPending && <Waiting what="the results" />}
      {results.isError && <Problem error={results.error} again={() => results.refetch()} />}
      {results.data?.length === 0 && (
        <Empty
          says={
            person.grades
              ? "No result yet. Grade a demonstration and submit its sheet."
              : "Nothing was released to you yet. They appear here when your trainer releases them."
          }
        />
      )}
      <ul className="mt-3">
        {results.data?.map((r) => (
          <li key={r.id} className="border-t border-line" data-result={r.decision}>
            <Link
              to={`/results/${r.id}`}
              className="grid grid-cols-[1fr_auto] items-baseline gap-x-4 px-1 py-2 hover:bg-linen sm:grid-cols-[11rem_1fr_auto]"
            >
              <span className="font-serif font-medium">{person.grades ? r.trainee : r.technique_name}</span>
              <span className="max-sm:col-span-2">
                <span className={cn("font-medium", r.decision !== "pass" && "text-now")}>{r.headline}</span>
                <span className="block text-sm text-faded">
                  {person.grades && `${r.technique_name} · `}
                  {r.attempt > 1 && `attempt ${r.attempt} · `}graded by {r.assessor} on {moment(r.decided_at)}
                </span>
              </span>
              <span className="text-sm text-faded">
                {r.released_at ? `released ${moment(r.released_at)}` : "not released"}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </Stage>
  );
}
