import { queryOptions } from "@tanstack/react-query";
import { setHouseZone } from "./days";
import { api, rememberToken, said } from "./api";

export const sessionQuery = queryOptions({
  queryKey: ["session"],
  queryFn: async () => {
    const session = await said(api.GET("/api/session"));
    rememberToken(session.token);
    setHouseZone(session.time_zone);
    return session;
  },
  staleTime: Infinity,
});

export const threadQuery = queryOptions({ queryKey: ["thread"], queryFn: () => said(api.GET("/api/thread")) });

export const peopleQuery = queryOptions({ queryKey: ["people"], queryFn: () => said(api.GET("/api/people")) });
