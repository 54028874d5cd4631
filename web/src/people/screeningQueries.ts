import { queryOptions } from "@tanstack/react-query";
import { api, Refusal, said } from "../shell/api";

export const screeningsQuery = queryOptions({
  queryKey: ["screenings"],
  queryFn: () => said(api.GET("/api/screenings")),
});

export const questionsQuery = queryOptions({
  queryKey: ["screenings", "questions"],
  queryFn: () => said(api.GET("/api/screenings/questions")),
});

/** Null where there is nothing for these eyes. Never kept longer than it is looked at: health data. */
export const screeningQuery = (id: string) =>
  queryOptions({
    queryKey: ["screenings", id],
    queryFn: async () => {
      try {
        return await said(api.GET("/api/screenings/{id}", { params: { path: { id } } }));
      } catch (error) {
        if (error instanceof Refusal && error.status === 404) return null;
        throw error;
      }
    },
    gcTime: 0,
  });
