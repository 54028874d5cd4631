import { useMutation, useQuery } from "@tanstack/react-query";
import { lazy, Suspense } from "react";
import { Link, Navigate, Route, Routes } from "react-router";
import { atlasQuery } from "../face/atlas";
import { useLookAgain } from "../grading/AskedLooks";
import { GradingScreen } from "../grading/GradingScreen";
import { caseQuery, invitedQuery } from "../results/caseQueries";
import { api, said } from "../shell/api";
import { useSignedIn } from "../shell/session";
import { Button } from "../ui/Button";
import { Problem, Waiting } from "../ui/States";

const PaperScreen = lazy(() => import("../grading/PaperScreen").then((m) => ({ default: m.PaperScreen })));
const ResultScreen = lazy(() => import("../results/ResultScreen").then((m) => ({ default: m.ResultScreen })));
const CompareScreen = lazy(() => import("../results/CompareScreen").then((m) => ({ default: m.CompareScreen })));

/** What an invited colleague sees: one case, and what is asked of them there. */
export function GuestHouse() {
  const atlas = useQuery(atlasQuery);
  const person = useSignedIn();
  const leave = useMutation({
    mutationFn: () => said(api.DELETE("/api/session")),
    onSuccess: () => window.location.assign("/"),
  });
  return (
    <div className="min-h-screen">
      <header className="no-print flex min-h-[3.6rem] items-center justify-between border-b border-line bg-paper px-4">
        <Link to="/" className="font-serif text-xl font-semibold">
          Wexis
        </Link>
        <span className="flex items-center gap-4 text-sm">
          {person.name}, invited
          <button
            type="button"
            className="inline-flex min-h-6 items-center hover:text-now hover:underline"
            disabled={leave.isPending}
            onClick={() => leave.mutate()}
          >
            Sign out
          </button>
        </span>
      </header>
      {atlas.isSuccess ? (
        <Suspense fallback={<Waiting what="the page" />}>
          <Routes>
            <Route path="/" element={<Asked />} />
            <Route path="/grading/:id" element={<GradingScreen />} />
            <Route path="/grading/:id/paper" element={<PaperScreen />} />
            <Route path="/results/:id" element={<ResultScreen />} />
            <Route path="/results/:id/compare" element={<CompareScreen />} />
            <Route path="*" element={<Navigate replace to="/" />} />
          </Routes>
        </Suspense>
      ) : atlas.isError ? (
        <Problem error={atlas.error} again={() => atlas.refetch()} />
      ) : (
        <Waiting what="the atlas" />
      )}
    </div>
  );
}

function Asked() {
  const invited = useQuery(invitedQuery);
  const found = useQuery({ ...caseQuery(invited.data?.id ?? ""), enabled: invited.isSuccess });
  const begin = useLookAgain();
  if (invited.isPending) return <Waiting what="your invitation" />;
  if (invited.isError) return <Problem error={invited.error} again={() => invited.refetch()} />;
  const c = invited.data;
  const look = c.look;
  return (
    <main id="bench" className="mx-auto max-w-3xl px-6 py-8">
      <h1>You were invited to one case</h1>
      <p className="mt-2 font-serif text-lg">
        {c.trainee} showed “{c.shown}”.
      </p>
      {look && (
        <>
          <p className="mt-2">
            You are asked to look at it again, without seeing the first marks. Have the film ready if there is one: it
            is opened on this machine and never sent. Then count, and judge each criterion by its anchors.
          </p>
          <p className="mt-3">
            {look.begun ? (
              <Link className="text-now underline" to={`/grading/${look.begun}`}>
                Go on with your sheet
              </Link>
            ) : (
              <Button
                tone="now"
                disabled={begin.isPending}
                onClick={() => begin.mutate({ id: crypto.randomUUID(), of: c.id, trainee: c.trainee_id })}
              >
                Look again
              </Button>
            )}
          </p>
          {begin.isError && <Problem error={begin.error} safe="No sheet was opened." />}
        </>
      )}
      {!look && found.data && (
        <p className="mt-2">
          {found.data.may.includes("appeal-decided") || found.data.may.includes("third-mark") ? (
            <>
              You are asked to decide.{" "}
              <Link className="text-now underline" to={`/results/${c.id}/compare`}>
                See the marks and what they rest on
              </Link>
            </>
          ) : (
            "Thank you: there is nothing more to do here."
          )}
        </p>
      )}
    </main>
  );
}
