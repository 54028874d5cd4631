import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { toast } from "sonner";
import { api, said } from "../shell/api";
import { moment } from "../shell/days";
import { Button } from "../ui/Button";
import { Problem } from "../ui/States";

const invitedQuery = queryOptions({
  queryKey: ["people", "invited"],
  queryFn: () => said(api.GET("/api/people/invited")),
  staleTime: 0,
});

/** Colleagues from outside who can still come in, and the end of their invitation. Nothing where nobody was invited. */
export function Invited() {
  const found = useQuery(invitedQuery);
  const queries = useQueryClient();
  const [sure, setSure] = useState<string | null>(null);
  const end = useMutation({
    mutationFn: (p: { id: string; name: string }) =>
      said(api.DELETE("/api/people/invited/{id}", { params: { path: { id: p.id } } })),
    onSuccess: (_, p) => toast.success(`The invitation of ${p.name} has ended.`),
    onSettled: () => queries.invalidateQueries({ queryKey: ["people", "invited"] }),
  });
  if (found.isError) return <Problem error={found.error} again={() => found.refetch()} />;
  if (!found.data || found.data.length === 0) return null;
  return (
    <section className="mt-8 max-w-xl" aria-label="Invited colleagues">
      <h2>Invited colleagues</h2>
      <p className="text-faded">Each sees one result and nothing else, until the day named here.</p>
      <ul className="mt-1">
        {found.data.map((p) => (
          <li
            key={p.id}
            className="flex flex-wrap items-baseline justify-between gap-x-3 border-t border-line py-1.5"
            data-invited={p.name}
          >
            <span>
              <span className="font-medium">{p.name}</span>{" "}
              <span className="text-faded">
                until {moment(p.until)} · user name {p.login}
              </span>
            </span>
            <span className="flex gap-2">
              <Link to={`/results/${p.result}`} className="inline-flex min-h-8 items-center text-now underline">
                the result<span className="sr-only"> that {p.name} sees</span>
              </Link>
              {sure === p.id ? (
                <>
                  <Button size="line" tone="now" disabled={end.isPending} onClick={() => end.mutate(p)}>
                    Yes, end it now
                  </Button>
                  <Button size="line" tone="quiet" onClick={() => setSure(null)}>
                    Leave it
                  </Button>
                </>
              ) : (
                <Button
                  size="line"
                  tone="quiet"
                  aria-label={`end the invitation of ${p.name}`}
                  onClick={() => setSure(p.id)}
                >
                  end
                </Button>
              )}
            </span>
          </li>
        ))}
      </ul>
      {end.isError && <Problem error={end.error} again={() => end.reset()} />}
    </section>
  );
}
