import { queryOptions, useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { toast } from "sonner";
import { api, said, type Schemas } from "../shell/api";

export type Case = Schemas["CaseView"];
export type Act = Schemas["CaseAct"];
export type Outcome = NonNullable<Schemas["AppealOutcome"]>;

export const caseQuery = (id: string) =>
  queryOptions({
    queryKey: ["results", id, "case"],
    queryFn: () => said(api.GET("/api/results/{id}/case", { params: { path: { id } } })),
  });

export const waitingQuery = queryOptions({
  queryKey: ["results", "waiting"],
  queryFn: () => said(api.GET("/api/results/waiting")),
});

export const evidenceQuery = (id: string) =>
  queryOptions({
    queryKey: ["results", id, "evidence"],
    queryFn: () => said(api.GET("/api/results/{id}/evidence", { params: { path: { id } } })),
  });

export const invitedQuery = queryOptions({
  queryKey: ["results", "invited"],
  queryFn: () => said(api.GET("/api/results/invited")),
});

/** What an act leaves out. */
export const ACT = {
  reason: null,
  how: null,
  assessor: null,
  of: null,
  marks: null,
  acts: null,
  ground: null,
  outcome: null,
} as const;

/** Everything that tells of results, after one of them changed. */
export function useResultsAgain() {
  const queries = useQueryClient();
  return () =>
    Promise.all([
      queries.invalidateQueries({ queryKey: ["results"] }),
      queries.invalidateQueries({ queryKey: ["demonstrations"] }),
      queries.invalidateQueries({ queryKey: ["thread"] }),
    ]);
}

/** Does something to a result. Its id stays until it is done: pressed again after a lost answer it happens once. */
export function useAct(id: string, says: string) {
  const again = useResultsAgain();
  const [act, setAct] = useState(() => crypto.randomUUID());
  return useMutation({
    mutationFn: (body: Act) => said(api.PUT("/api/results/{id}/case/{act}", { params: { path: { id, act } }, body })),
    onSuccess: async () => {
      setAct(crypto.randomUUID());
      toast.success(says);
      await again();
    },
  });
}

export const HOW_WORDS: Readonly<Record<Schemas["LookHow"], string>> = {
  assessor: "another assessor",
  "own-film": "own film, marked again",
  invited: "an invited colleague",
  file: "a colleague, on a sheet that comes back as a file",
};

export const GROUND_WORDS: Readonly<Record<Schemas["AppealGround"], string>> = {
  marking: "Something was marked otherwise than it was shown",
  procedure: "It was not done as it had been said",
  circumstances: "Something from outside stood in the way",
};

export const OUTCOME_WORDS: Readonly<Record<Outcome, string>> = {
  dismissed: "The result stays",
  changed: "Marks are changed",
  "shown-again": "It is shown again; this attempt does not count",
};
