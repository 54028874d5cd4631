import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Link, useNavigate } from "react-router";
import { api, said, type Schemas } from "../shell/api";
import { moment } from "../shell/days";
import { Button } from "../ui/Button";
import { Problem } from "../ui/States";
import { askedLooksQuery } from "./gradingQueries";

/** Begins a second look on the same sheet: no attempt, and nothing of the first marks is seen. */
export function useLookAgain() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, of, trainee }: { id: string; of: string; trainee: string }) =>
      said(
        api.PUT("/api/demonstrations/{id}", {
          params: { path: { id } },
          body: { origin: "station", station_id: null, trainee_id: trainee, second_of: of },
        }),
      ),
    onSuccess: async (view) => {
      await Promise.all([
        queries.invalidateQueries({ queryKey: ["demonstrations"] }),
        queries.invalidateQueries({ queryKey: ["results"] }),
      ]);
      void navigate(`/grading/${view.id}`);
    },
  });
}

/** Second looks that one was asked for and has not given. */
export function AskedLooks() {
  const asked = useQuery(askedLooksQuery);
  const begin = useLookAgain();
  if (!asked.data || asked.data.length === 0) return null;
  return (
    <section className="mt-2 border-l-2 border-now pl-3" aria-label="Second looks asked of you">
      <h2>Second looks asked of you</h2>
      <ul>
        {asked.data.map((a: Schemas["AskedOfMe"]) => (
          <li key={a.event_id} className="flex flex-wrap items-baseline gap-x-3 py-1" data-asked={a.demonstration_id}>
            <span className="font-serif font-medium">{a.trainee}</span>
            <span>{a.shown}</span>
            <span className="text-sm text-faded">asked {moment(a.at)}</span>
            {a.begun ? (
              <Link className="text-now underline" to={`/grading/${a.begun}`}>
                Go on
              </Link>
            ) : (
              <Button
                size="line"
                tone="now"
                disabled={begin.isPending}
                onClick={() => begin.mutate({ id: crypto.randomUUID(), of: a.demonstration_id, trainee: a.trainee_id })}
              >
                Look again
              </Button>
            )}
          </li>
        ))}
      </ul>
      {begin.isError && <Problem error={begin.error} safe="No sheet was opened." />}
    </section>
  );
}
