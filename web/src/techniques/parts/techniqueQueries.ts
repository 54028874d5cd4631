import { keepPreviousData, queryOptions } from "@tanstack/react-query";
import { api, Refusal, said } from "../../shell/api";
import type { TechniqueDocument } from "./techniqueModel";

/** Whole and long: asked for again after a save here, else when it is older than a quarter of a minute; never compared piece by piece with the one before. */
export const libraryQuery = queryOptions({
  queryKey: ["techniques"],
  queryFn: () => said(api.GET("/api/techniques")),
  staleTime: 15_000,
  structuralSharing: false,
});

/** Null when nobody wrote it yet: it is started from empty under this id. */
export const techniqueQuery = (id: string) =>
  queryOptions({
    queryKey: ["techniques", id],
    queryFn: async () => {
      try {
        return await said(api.GET("/api/techniques/{id}", { params: { path: { id } } }));
      } catch (error) {
        if (error instanceof Refusal && error.status === 404) return null;
        throw error;
      }
    },
    refetchOnMount: "always",
    gcTime: 0,
  });

/** All that follows from a document; the one before stands until the new one is there. */
export const derivationQuery = (document: TechniqueDocument) =>
  queryOptions({
    queryKey: ["derivation", document],
    queryFn: () => said(api.POST("/api/techniques/derive", { body: document })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 10_000,
  });

/** Editions, decisions and dependents of a technique. */
export const historyQuery = (id: string) =>
  queryOptions({
    queryKey: ["techniques", id, "history"],
    queryFn: () => said(api.GET("/api/techniques/{id}/history", { params: { path: { id } } })),
  });

/** One edition as it was saved. */
export const editionQuery = (id: string, edition: number) =>
  queryOptions({
    queryKey: ["techniques", id, "edition", edition],
    queryFn: () => said(api.GET("/api/techniques/{id}/editions/{edition}", { params: { path: { id, edition } } })),
  });

/** How one edition differs from an earlier one. */
export const differenceQuery = (technique: string, before: number, after: number) =>
  queryOptions({
    queryKey: ["edition-difference", technique, before, after],
    queryFn: () =>
      said(
        api.GET("/api/techniques/{id}/editions/{edition}/since/{before}", {
          params: { path: { id: technique, edition: after, before } },
        }),
      ),
    staleTime: Infinity,
  });
