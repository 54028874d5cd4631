import type { UseQueryResult } from "@tanstack/react-query";
import type { ReactNode } from "react";
import { Problem, Waiting } from "./States";

/** The page of what is printed: one sheet wide, in the middle of the screen; on paper the margins are the printer's. */
export function PaperPage({ children }: { children: ReactNode }) {
  return (
    <main id="bench" className="mx-auto max-w-[52rem] px-6 py-4 print:p-0">
      {children}
    </main>
  );
}

/** The page of one thing that is printed. Until it is there, the page says so; what is wrong stands on it too. */
export function PaperOf<T>({
  of,
  what,
  children,
}: {
  of: UseQueryResult<T>;
  /** As in "Loading the routine …". */
  what: string;
  children: (there: T) => ReactNode;
}) {
  return (
    <PaperPage>
      {of.isPending ? (
        <Waiting what={what} />
      ) : of.isError ? (
        <Problem error={of.error} again={() => of.refetch()} />
      ) : (
        children(of.data)
      )}
    </PaperPage>
  );
}
