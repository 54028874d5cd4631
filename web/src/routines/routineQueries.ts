import { keepPreviousData, queryOptions } from "@tanstack/react-query";
import { api, said, type Schemas } from "../shell/api";

export type RoutineDocument = Schemas["RoutineDocument"];
export type RoutinePart = Schemas["RoutinePart"];
export type RoutineReading = Schemas["RoutineReading"];
export type RoutineSum = Schemas["RoutineSum"];
export type RoutineRemark = Schemas["RoutineRemark"];

export const routinesQuery = queryOptions({ queryKey: ["routines"], queryFn: () => said(api.GET("/api/routines")) });

export const routineQuery = (id: string) =>
  queryOptions({
    queryKey: ["routines", id],
    queryFn: () => said(api.GET("/api/routines/{id}", { params: { path: { id } } })),
    refetchOnMount: "always",
    gcTime: 0,
  });

/** @param rate Words a minute of whoever leads it; null: the usual ones. */
export const routineReviewQuery = (document: RoutineDocument, rate: number | null) =>
  queryOptions({
    queryKey: ["routine-review", document, rate],
    queryFn: () =>
      said(
        api.POST("/api/routines/review", {
          body: document,
          params: { query: rate === null ? {} : { words_per_minute: rate } },
        }),
      ),
    placeholderData: keepPreviousData,
    gcTime: 10_000,
    retry: false,
  });

export const besideQuery = (id: string, other: string) =>
  queryOptions({
    queryKey: ["routines", id, "beside", other],
    queryFn: () => said(api.GET("/api/routines/{id}/beside/{other}", { params: { path: { id, other } } })),
  });
