import { keepPreviousData, queryOptions } from "@tanstack/react-query";
import { api, said, type Schemas } from "../shell/api";

export type ProgrammeDocument = Schemas["ProgrammeDocument"];
export type ProgrammeUnit = Schemas["ProgrammeUnit"];
export type ProgrammeSession = Schemas["ProgrammeSession"];
export type ProgrammeRule = Schemas["ProgrammeRule"];
export type Outcome = Schemas["Outcome"];
export type Review = Schemas["ProgrammeReview"];
export type Repair = Schemas["ProgrammeRepair"];
export type SequenceReading = Schemas["SequenceReading"];
export type PlanRun = Schemas["PlanRun"];

/** What every part of the bench is given. */
export type PartProps = {
  document: ProgrammeDocument;
  review: Review;
  canChange: boolean;
  onChange: (document: ProgrammeDocument) => void;
};

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

/** What is read anew at every change: the one before stands until the new one is there. */
const READ_ANEW = { placeholderData: keepPreviousData, gcTime: 10_000, retry: false } as const;

export const reviewQuery = (document: ProgrammeDocument) =>
  queryOptions({
    queryKey: ["programme-review", document],
    queryFn: () => said(api.POST("/api/programmes/review", { body: document })),
    ...READ_ANEW,
  });

export const sequenceQuery = (document: ProgrammeDocument) =>
  queryOptions({
    queryKey: ["programme-sequence", document],
    queryFn: () => said(api.POST("/api/programmes/sequence", { body: document })),
    ...READ_ANEW,
  });

export const lessonsQuery = (document: ProgrammeDocument) =>
  queryOptions({
    queryKey: ["programme-lessons", document],
    queryFn: () => said(api.POST("/api/programmes/lesson-plans", { body: document })),
    ...READ_ANEW,
  });

const LOOK_MS = 300;

/** A search for a sequence: looked at until it has ended. */
export const planQuery = (id: string | null) =>
  queryOptions({
    queryKey: ["sequence-plan", id],
    queryFn: () => said(api.GET("/api/programmes/plans/{id}", { params: { path: { id: id ?? "" } } })),
    enabled: id !== null,
    refetchInterval: (q) => (q.state.data && !q.state.data.running ? false : LOOK_MS),
    gcTime: 0,
  });
