import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, NavLink } from "react-router";
import { toast } from "sonner";
import { cn } from "../ui/cn";
import { api, problemOf, said } from "../shell/api";
import { threadQuery } from "../shell/queries";
import { forgetTheDay } from "../shell/offline";
import { useSignedIn } from "../shell/session";
import { forgetTabDrafts } from "../shell/tabDrafts";
import { isDim, setDim } from "../shell/light";

export type Stop = { readonly id: string; readonly word: string; readonly path: string };

/** The stops in the order of the work. */
export const STOPS: readonly Stop[] = [
  { id: "today", word: "Today", path: "/today" },
  { id: "anatomy", word: "Anatomy", path: "/anatomy" },
  { id: "techniques", word: "Techniques", path: "/techniques" },
  { id: "routines", word: "Routines", path: "/routines" },
  { id: "programme", word: "Programme", path: "/programme" },
  { id: "examination", word: "Examination", path: "/examination" },
  { id: "grading", word: "Grading", path: "/grading" },
  { id: "results", word: "Results", path: "/results" },
];

export const stopsFor = (role: string) =>
  STOPS.filter((s) =>
    role === "trainee" ? ["today", "anatomy", "techniques", "results"].includes(s.id) : s.id !== "today",
  );

/** Where a person's day begins. */
export const homeOf = (role: string) => (role === "trainee" ? "/today" : "/techniques");

/** Large enough for a thumb, also where the links stand close. */
const LINK = "inline-flex min-h-6 items-center hover:text-now hover:underline";

/** The thread across the top: the stops, and what waits at each, in words. */
export function Thread({ role, onKeys }: { role: string; onKeys: () => void }) {
  const person = useSignedIn();
  const thread = useQuery(threadQuery);
  const [dim, showDim] = useState(isDim());
  const leave = useMutation({
    mutationFn: () => said(api.DELETE("/api/session")),
    // A fresh page: nothing that one person read stays in memory for the next.
    onSuccess: async () => {
      forgetTabDrafts();
      await forgetTheDay();
      window.location.assign("/");
    },
    onError: (error) => toast.error(`You are still signed in. ${problemOf(error).title}`),
  });
  const turnLight = () => {
    setDim(!dim);
    showDim(!dim);
  };
  return (
    <header className="no-print sticky top-0 z-20 flex h-[3.6rem] items-stretch gap-x-4 lg:max-xl:gap-x-2 border-b border-line bg-paper px-4 max-lg:h-auto max-lg:flex-wrap max-lg:justify-between max-lg:pt-2 max-sm:static">
      <Link to={homeOf(role)} className="flex items-center gap-2 font-serif text-xl font-semibold" aria-label="Wexis">
        <svg width={26} height={26} viewBox="0 0 32 32" aria-hidden="true">
          <path
            d="M4 19c4-11 8-11 12 0 4-11 8-11 12 0"
            fill="none"
            stroke="var(--color-now)"
            strokeWidth={3}
            strokeLinecap="round"
          />
          <path
            d="M7 25c6-3 12-3 18 0"
            fill="none"
            stroke="var(--color-stretched)"
            strokeWidth={2}
            strokeLinecap="round"
          />
        </svg>
        <span className="lg:max-xl:sr-only">Wexis</span>
      </Link>
      <nav
        aria-label="The order of the work"
        className="flex min-w-0 flex-1 items-stretch max-lg:order-last max-lg:basis-full"
      >
        <ol className="flex items-stretch max-lg:flex-wrap">
          {stopsFor(role).map((stop, i) => {
            const waits = thread.data?.find((t) => t.stop === stop.id)?.waits ?? "";
            return (
              <li key={stop.id} className="flex items-stretch">
                {i > 0 && <span aria-hidden="true" className="mt-[1.35rem] h-px w-2 bg-line max-2xl:hidden" />}
                <NavLink
                  to={stop.path}
                  className={({ isActive }) =>
                    cn(
                      "flex flex-col justify-center border-b-3 px-2.5 pt-0.5 leading-tight lg:max-xl:px-2 max-lg:py-1",
                      isActive ? "border-now font-semibold text-now" : "border-transparent hover:text-now",
                    )
                  }
                >
                  <span>{stop.word}</span>
                  {/* Between tablet and laptop one row holds all stops: there what waits is told by the stop itself. */}
                  <span className="min-h-4 text-xs font-normal whitespace-nowrap text-faded lg:max-xl:sr-only">
                    {waits}
                  </span>
                </NavLink>
              </li>
            );
          })}
        </ol>
      </nav>
      <div className="flex items-center gap-3 text-sm max-sm:flex-wrap lg:max-xl:gap-2">
        {person.leads && (
          <NavLink to="/people" className={LINK}>
            People
          </NavLink>
        )}
        <NavLink to="/screening" className={LINK}>
          Screening
        </NavLink>
        <button type="button" onClick={turnLight} className={LINK}>
          {dim ? "Light theme" : "Dim theme"}
        </button>
        <button type="button" onClick={onKeys} className={LINK} aria-keyshortcuts="?">
          Keys
        </button>
        <NavLink to="/account" className={cn(LINK, "border-l border-line pl-3 text-faded")}>
          <span className="max-2xl:hidden">{person.name}</span>
          <span className="2xl:hidden">Account</span>
        </NavLink>
        <button type="button" disabled={leave.isPending} onClick={() => leave.mutate()} className={LINK}>
          Sign out
        </button>
      </div>
    </header>
  );
}
