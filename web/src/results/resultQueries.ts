import { queryOptions } from "@tanstack/react-query";
import { api, said, type Schemas } from "../shell/api";

export type ResultLine = Schemas["ResultLine"];

export const resultsQuery = queryOptions({ queryKey: ["results"], queryFn: () => said(api.GET("/api/results")) });

export const resultQuery = (id: string) =>
  queryOptions({
    queryKey: ["results", id],
    queryFn: () => said(api.GET("/api/results/{id}", { params: { path: { id } } })),
  });
