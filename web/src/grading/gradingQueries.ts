import { queryOptions } from "@tanstack/react-query";
import { api, said } from "../shell/api";

export const demonstrationsQuery = queryOptions({
  queryKey: ["demonstrations"],
  queryFn: () => said(api.GET("/api/demonstrations")),
});

export const demonstrationQuery = (id: string) =>
  queryOptions({
    queryKey: ["demonstrations", id],
    queryFn: () => said(api.GET("/api/demonstrations/{id}", { params: { path: { id } } })),
    refetchOnMount: "always",
    refetchOnReconnect: false,
    gcTime: 0,
  });

export const askedLooksQuery = queryOptions({
  queryKey: ["results", "looks"],
  queryFn: () => said(api.GET("/api/results/looks")),
});
