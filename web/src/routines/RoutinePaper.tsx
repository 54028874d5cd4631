import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import type { Schemas } from "../shell/api";
import { useSignedIn } from "../shell/session";
import { Button } from "../ui/Button";
import { PaperOf } from "../ui/PaperPage";
import { clock } from "./routineModel";
import { routineQuery } from "./routineQueries";
import { ScriptPanel } from "./ScriptPanel";

const KINDS = [
  { id: "wall", word: "for the wall" },
  { id: "pocket", word: "for the pocket" },
  { id: "script", word: "the whole script" },
] as const;

/** A routine on paper: one page for the wall, a card for the pocket, or the whole script. */
export function RoutinePaper() {
  const { id = "", kind = "wall" } = useParams();
  const { role } = useSignedIn();
  const routine = useQuery(routineQuery(id));
  return (
    <PaperOf of={routine} what="the routine">
      {(r) => (
        <>
          <nav className="no-print mb-4 flex flex-wrap items-center gap-4 text-sm" aria-label="On paper">
            {role === "trainee" ? (
              <Link to="/today">back to today</Link>
            ) : (
              <Link to={`/routines/${id}`}>back to the routine</Link>
            )}
            {KINDS.map((k) => (
              <Link key={k.id} to={`/routines/${id}/print/${k.id}`} aria-current={k.id === kind ? "page" : undefined}>
                {k.word}
              </Link>
            ))}
            <Button className="ml-auto" onClick={() => window.print()}>
              Print
            </Button>
          </nav>
          <article data-routine-paper={kind}>
            {kind === "pocket" ? (
              <div className="grid gap-6 sm:grid-cols-2">
                {[0, 1].map((copy) => (
                  <section
                    key={copy}
                    className="border border-dashed border-faded p-3"
                    aria-hidden={copy === 1 || undefined}
                  >
                    <p className="font-serif text-lg font-semibold">{r.document.name}</p>
                    <Parts of={r} size="text-sm" />
                  </section>
                ))}
              </div>
            ) : (
              <>
                <h1 className={kind === "wall" ? "text-center text-4xl" : undefined}>{r.document.name}</h1>
                <p className={kind === "wall" ? "text-center font-serif text-2xl text-faded" : "text-faded"}>
                  {[r.document.for_whom, clock(r.reading.sum?.chosen ?? 0)].filter(Boolean).join(" · ")}
                </p>
                {kind === "wall" ? (
                  <div className="mx-auto mt-4 max-w-[40rem]">
                    <Parts of={r} size="font-serif text-2xl leading-snug print:text-[15pt]" />
                  </div>
                ) : (
                  <ScriptPanel scripts={r.reading.scripts} />
                )}
              </>
            )}
          </article>
          <footer className="mt-4 border-t border-line pt-1 text-xs text-faded">
            {r.document.name}, edition {r.edition}. General cautions, not yet reviewed by a clinician: the advice of
            whoever treats you comes first. Stop when anything hurts.
          </footer>
        </>
      )}
    </PaperOf>
  );
}

function Parts({ of, size }: { of: Schemas["RoutineView"]; size: string }) {
  return (
    <ol className={size}>
      {of.reading.sum?.parts.map((p, i) => (
        <li key={p.id} className="flex items-baseline justify-between gap-3 border-t border-line py-1">
          <span>
            <span className="mr-2 font-sans font-semibold">{i + 1}</span>
            {p.name}
          </span>
          <span className="font-sans text-[0.8em] whitespace-nowrap">{clock(p.chosen)}</span>
        </li>
      ))}
    </ol>
  );
}
