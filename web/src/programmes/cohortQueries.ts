import { queryOptions } from "@tanstack/react-query";
import { api, said, type Schemas } from "../shell/api";

export type Cohort = Schemas["CohortView"];
export type CohortTechnique = Schemas["CohortTechnique"];

export const cohortsQuery = (programme: string) =>
  queryOptions({
    queryKey: ["programmes", programme, "cohorts"],
    queryFn: () => said(api.GET("/api/programmes/{id}/cohorts", { params: { path: { id: programme } } })),
  });

export const cohortQuery = (id: string) =>
  queryOptions({
    queryKey: ["cohorts", id],
    queryFn: () => said(api.GET("/api/cohorts/{id}", { params: { path: { id } } })),
    staleTime: 0,
  });
