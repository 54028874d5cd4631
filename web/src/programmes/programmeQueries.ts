import { keepPreviousData, queryOptions } from "@tanstack/react-query";
import { api, said, type Schemas } from "../shell/api";

export type ProgrammeDocument = Schemas["ProgrammeDocument"];
export type ProgrammeModule = Schemas["ProgrammeModule"];
export type Review = Schemas["ProgrammeReview"];

export const programmesQuery = queryOptions({
  queryKey: ["programmes"],
  queryFn: () => said(api.GET("/api/programmes")),
});

export const programmeQuery = (id: string) =>
  queryOptions({
    queryKey: ["programmes", id],
    queryFn: () => said(api.GET("/api/programmes/{id}", { params: { path: { id } } })),
    refetchOnMount: "always",
    gcTime: 0,
  });

export const reviewQuery = (document: ProgrammeDocument) =>
  queryOptions({
    queryKey: ["programme-review", document],
    queryFn: () => said(api.POST("/api/programmes/review", { body: document })),
    placeholderData: keepPreviousData,
    gcTime: 10_000,
    retry: false,
  });
