import { queryOptions } from "@tanstack/react-query";
import { api, said } from "../shell/api";

export const examinationsQuery = queryOptions({
  queryKey: ["examinations"],
  queryFn: () => said(api.GET("/api/examinations")),
});

export const stationQuery = (station: string) =>
  queryOptions({
    queryKey: ["examinations", "station", station],
    queryFn: () => said(api.GET("/api/examinations/stations/{station}", { params: { path: { station } } })),
    refetchOnMount: "always",
    gcTime: 0,
  });
