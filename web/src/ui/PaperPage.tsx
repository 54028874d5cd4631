import type { ReactNode } from "react";

/** The page of what is printed: one sheet wide, in the middle of the screen; on paper the margins are the printer's. */
export function PaperPage({ children }: { children: ReactNode }) {
  return (
    <main id="bench" className="mx-auto max-w-[52rem] px-6 py-4 print:p-0">
      {children}
    </main>
  );
}
