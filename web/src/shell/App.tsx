import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useLayoutEffect, useState } from "react";
import { ErrorBoundary } from "react-error-boundary";
import { Navigate, Route, Routes, useLocation, useNavigate } from "react-router";
import { Toaster } from "sonner";
import { AtlasPageScreen } from "../anatomy/AtlasPages";
import { AnatomyScreen } from "../anatomy/AnatomyScreen";
import { ExaminationScreen } from "../examination/ExaminationScreen";
import { SheetScreen } from "../examination/SheetScreen";
import { atlasQuery } from "../face/atlas";
import { PlatePatterns } from "../face/PlatePatterns";
import { PlateViewProvider, usePlateView } from "../face/plateView";
import { useSendWaitingMarks } from "../grading/useWaitingMarks";
import { GradingListScreen } from "../grading/GradingListScreen";
import { GradingScreen } from "../grading/GradingScreen";
import { AwayScreen } from "../keeping/AwayScreen";
import { PeopleScreen } from "../people/PeopleScreen";
import { ProgrammeScreen } from "../programme/ProgrammeScreen";
import { ResultListScreen } from "../results/ResultListScreen";
import { ResultScreen } from "../results/ResultScreen";
import { NewScreeningScreen } from "../screening/NewScreeningScreen";
import { ScreeningListScreen } from "../screening/ScreeningListScreen";
import { ScreeningScreen } from "../screening/ScreeningScreen";
import { LibraryScreen } from "../techniques/LibraryScreen";
import { CohortHandOutScreen, HandOutScreen } from "../techniques/HandOutScreen";
import { NotesScreen } from "../techniques/NotesScreen";
import { SchoolsScreen } from "../techniques/SchoolsScreen";
import { WholeScreen } from "../techniques/WholeScreen";
import { libraryQuery } from "../techniques/techniqueQueries";
import { TechniqueScreen } from "../techniques/TechniqueScreen";
import { HouseScreen } from "../settings/HouseScreen";
import { Problem, Waiting } from "../ui/States";
import { KeySheet } from "./KeySheet";
import { BrokenPage } from "./BrokenPage";
import { isKey, isTyping, shellKeys } from "./keys";
import { sessionQuery } from "./queries";
import { SignInScreen } from "./SignInScreen";
import { homeOf, STOPS, stopsFor, Thread } from "./Thread";

export function App() {
  const session = useQuery(sessionQuery);
  if (session.isPending) return <Waiting what="the house" />;
  if (session.isError)
    return (
      <div className="p-8">
        <Problem error={session.error} again={() => session.refetch()} />
      </div>
    );
  if (!session.data.person) return <SignInScreen session={session.data} />;
  return (
    // A trainee reads what to do with the own face; whoever teaches and grades looks at somebody.
    <PlateViewProvider
      key={session.data.person.id}
      keptAs={`wexis.viewer.${session.data.person.id}`}
      usual={session.data.person.role === "trainee" ? "subject" : "facing"}
    >
      <PlatePatterns />
      <House />
      <Toaster position="bottom-right" toastOptions={{ duration: 4000 }} />
    </PlateViewProvider>
  );
}

function House() {
  const atlas = useQuery(atlasQuery);
  const session = useQuery(sessionQuery);
  const role = session.data?.person?.role ?? "trainee";
  const [keySheet, setKeySheet] = useState(false);
  const { pathname } = useLocation();
  // Another page begins at its top, wherever the one before was left.
  useEffect(() => {
    // Newer browsers answer with a promise; an effect may not.
    void window.scrollTo(0, 0);
  }, [pathname]);
  useSendWaitingMarks(role !== "trainee", pathname);
  useShellKeys(role, () => setKeySheet(true));
  // The library is the largest thing that is asked for: it is fetched while nothing else happens.
  const queries = useQueryClient();
  useEffect(() => {
    const waiting = requestIdleCallback(() => void queries.prefetchQuery(libraryQuery), { timeout: 3000 });
    return () => cancelIdleCallback(waiting);
  }, [queries]);
  // Settled before anything is shown, or a quick key to another stop would be overtaken by it.
  if (pathname === "/") return <Navigate replace to={homeOf(role)} />;
  return (
    <div className="min-h-screen print:min-h-0">
      <a href="#bench" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-paper focus:p-2">
        To the work
      </a>
      <Thread role={role} onKeys={() => setKeySheet(true)} />
      {atlas.isPending ? (
        <div className="p-8">
          <Waiting what="the atlas" />
        </div>
      ) : atlas.isError ? (
        <div className="p-8">
          <Problem error={atlas.error} again={() => atlas.refetch()} />
        </div>
      ) : (
        <ErrorBoundary FallbackComponent={BrokenPage} resetKeys={[pathname]}>
          <Routes>
            <Route path="/anatomy/pages/:page" element={<AtlasPageScreen />} />
            <Route path="/anatomy/:structure?" element={<AnatomyScreen />} />
            <Route path="/techniques" element={<LibraryScreen />} />
            <Route path="/techniques/whole" element={<WholeScreen />} />
            <Route path="/techniques/schools" element={<SchoolsScreen />} />
            <Route path="/techniques/notes" element={<NotesScreen />} />
            <Route path="/techniques/:id/print/:kind" element={<HandOutScreen />} />
            <Route path="/techniques/:id" element={<TechniqueScreen />} />
            <Route path="/cohorts/:cohort/print/:kind" element={<CohortHandOutScreen />} />
            <Route path="/programme/:id?" element={<ProgrammeScreen />} />
            <Route path="/examination" element={<ExaminationScreen />} />
            <Route path="/examination/:station" element={<SheetScreen />} />
            <Route path="/grading" element={<GradingListScreen />} />
            <Route path="/grading/:id" element={<GradingScreen />} />
            <Route path="/results" element={<ResultListScreen />} />
            <Route path="/results/:id" element={<ResultScreen />} />
            <Route path="/screening" element={<ScreeningListScreen />} />
            <Route path="/screening/new/:id" element={<NewScreeningScreen />} />
            <Route path="/screening/:id" element={<ScreeningScreen />} />
            <Route path="/people" element={<PeopleScreen />} />
            <Route path="/house" element={<HouseScreen />} />
            <Route path="/archive" element={<AwayScreen />} />
            <Route
              path="*"
              element={
                <p className="p-8 font-serif text-lg">There is nothing at this address. The stops are named above.</p>
              }
            />
          </Routes>
        </ErrorBoundary>
      )}
      <KeySheet open={keySheet} onOpenChange={setKeySheet} />
    </div>
  );
}

/** Keys of the whole house. Off while something is typed, and while a demonstration is graded. */
function useShellKeys(role: string, showKeys: () => void) {
  const navigate = useNavigate();
  const view = usePlateView();
  const { pathname } = useLocation();
  const grading = /^\/grading\/./.test(pathname);
  // Before the page is painted: a key works as soon as there is something to see.
  useLayoutEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (isTyping(e.target) || grading) return;
      const stop = STOPS.findIndex((_, i) => isKey(e, shellKeys[`stop${i + 1}` as keyof typeof shellKeys]));
      if (stop >= 0) {
        const to = STOPS[stop];
        if (to && stopsFor(role).includes(to)) void navigate(to.path);
      } else if (isKey(e, shellKeys.keySheet)) showKeys();
      else if (isKey(e, shellKeys.turnPlate)) view.turn();
      else if (isKey(e, shellKeys.foldPlate)) view.fold();
      else if (isKey(e, shellKeys.search)) document.querySelector<HTMLElement>("[data-search]")?.focus();
      else return;
      e.preventDefault();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [navigate, view, grading, role, showKeys]);
}
