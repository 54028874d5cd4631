import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { sendWaitingMarks, waitingMarks } from "./markQueue";

const waitingQuery = { queryKey: ["waiting-marks"], queryFn: waitingMarks } as const;

/** How many marks wait on this device, for each demonstration; looked at again every few seconds. */
export const useWaitingMarks = () => useQuery({ ...waitingQuery, refetchInterval: 3000 }).data;

const AGAIN_MS = 15_000;

/** Marks of any sheet are on their way whatever page is open, except those of the sheet that sends its own. */
export function useSendWaitingMarks(grades: boolean, pathname: string) {
  const queries = useQueryClient();
  useEffect(() => {
    if (!grades) return undefined;
    const send = () =>
      sendWaitingMarks(pathname.split("/")[2])
        .then(() => queries.invalidateQueries({ queryKey: waitingQuery.queryKey }))
        .catch((error: unknown) => console.error("Marks that wait on this device could not be looked at.", error));
    void send();
    const timer = window.setInterval(() => void send(), AGAIN_MS);
    const online = () => void send();
    window.addEventListener("online", online);
    return () => {
      window.clearInterval(timer);
      window.removeEventListener("online", online);
    };
  }, [grades, pathname, queries]);
}
