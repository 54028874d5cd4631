import { useQuery, useQueryClient } from "@tanstack/react-query";
import { lazy, Suspense, useEffect, useLayoutEffect, useState, type ComponentType } from "react";
import { ErrorBoundary } from "react-error-boundary";
import { Navigate, Route, Routes, useLocation, useNavigate } from "react-router";
import { Toaster } from "sonner";
import { atlasQuery } from "../face/atlas";
import { PlatePatterns } from "../face/PlatePatterns";
import { PlateViewProvider, usePlateView } from "../face/plateView";
import { useSendWaitingMarks } from "../grading/useWaitingMarks";
import { libraryQuery } from "../techniques/parts/techniqueQueries";
import { Empty, Problem, Waiting } from "../ui/States";
import { BrokenPage } from "./BrokenPage";
import { isKey, isTyping, shellKeys } from "../shell/keys";
import { sessionQuery } from "../shell/queries";
import { SignInScreen } from "./SignInScreen";
import { homeOf, STOPS, stopsFor, Thread } from "./Thread";

/** A screen that is fetched when its stop is opened; offline it comes from what the browser keeps. */
const screen = (load: () => Promise<ComponentType>) => lazy(() => load().then((found) => ({ default: found })));
const AtlasPageScreen = screen(() => import("../anatomy/AtlasPages").then((m) => m.AtlasPageScreen));
const AnatomyScreen = screen(() => import("../anatomy/AnatomyScreen").then((m) => m.AnatomyScreen));
const ExaminationScreen = screen(() => import("../examinations/ExaminationScreen").then((m) => m.ExaminationScreen));
const SheetScreen = screen(() => import("../examinations/SheetScreen").then((m) => m.SheetScreen));
const RoutineListScreen = screen(() => import("../routines/RoutineListScreen").then((m) => m.RoutineListScreen));
const RoutineScreen = screen(() => import("../routines/RoutineScreen").then((m) => m.RoutineScreen));
const BesideScreen = screen(() => import("../routines/BesideScreen").then((m) => m.BesideScreen));
const RoutinePaper = screen(() => import("../routines/RoutinePaper").then((m) => m.RoutinePaper));
const TodayScreen = screen(() => import("../results/TodayScreen").then((m) => m.TodayScreen));
const AccountScreen = screen(() => import("../people/AccountScreen").then((m) => m.AccountScreen));
const SheetPaper = screen(() => import("../examinations/SheetPaper").then((m) => m.SheetPaper));
const GradingListScreen = screen(() => import("../grading/GradingListScreen").then((m) => m.GradingListScreen));
const PaperScreen = screen(() => import("../grading/PaperScreen").then((m) => m.PaperScreen));
const GradingScreen = screen(() => import("../grading/GradingScreen").then((m) => m.GradingScreen));
const AwayScreen = screen(() => import("../keeping/AwayScreen").then((m) => m.AwayScreen));
const PeopleScreen = screen(() => import("../people/PeopleScreen").then((m) => m.PeopleScreen));
const ProgrammeScreen = screen(() => import("../programmes/ProgrammeScreen").then((m) => m.ProgrammeScreen));
const ResultListScreen = screen(() => import("../results/ResultListScreen").then((m) => m.ResultListScreen));
const ResultScreen = screen(() => import("../results/ResultScreen").then((m) => m.ResultScreen));
const NewScreeningScreen = screen(() => import("../people/NewScreeningScreen").then((m) => m.NewScreeningScreen));
const ScreeningListScreen = screen(() => import("../people/ScreeningListScreen").then((m) => m.ScreeningListScreen));
const ScreeningScreen = screen(() => import("../people/ScreeningScreen").then((m) => m.ScreeningScreen));
const LibraryScreen = screen(() => import("../techniques/library/LibraryScreen").then((m) => m.LibraryScreen));
const CohortHandOutScreen = screen(() =>
  import("../programmes/CohortHandOutScreen").then((m) => m.CohortHandOutScreen),
);
const ProgrammePaper = screen(() => import("../programmes/ProgrammePaper").then((m) => m.ProgrammePaper));
const HandOutScreen = screen(() => import("../programmes/HandOutScreen").then((m) => m.HandOutScreen));
const ClaimsScreen = screen(() => import("../techniques/library/ClaimsScreen").then((m) => m.ClaimsScreen));
const NotesScreen = screen(() => import("../techniques/library/NotesScreen").then((m) => m.NotesScreen));
const SchoolsScreen = screen(() => import("../techniques/library/SchoolsScreen").then((m) => m.SchoolsScreen));
const WholeScreen = screen(() => import("../techniques/library/WholeScreen").then((m) => m.WholeScreen));
const TechniqueScreen = screen(() => import("../techniques/TechniqueScreen").then((m) => m.TechniqueScreen));
const HouseScreen = screen(() => import("../settings/HouseScreen").then((m) => m.HouseScreen));
const ReleaseScreen = screen(() => import("../results/ReleaseScreen").then((m) => m.ReleaseScreen));
const GlanceScreen = screen(() => import("../results/GlanceScreen").then((m) => m.GlanceScreen));
const WholeOfExamination = screen(() => import("../results/WholeScreen").then((m) => m.WholeScreen));
const TraineeScreen = screen(() => import("../results/TraineeScreen").then((m) => m.TraineeScreen));
const CompareScreen = screen(() => import("../results/CompareScreen").then((m) => m.CompareScreen));
const GuestHouse = lazy(() => import("./GuestHouse").then((m) => ({ default: m.GuestHouse })));
const KeySheet = lazy(() => import("./KeySheet").then((m) => ({ default: m.KeySheet })));

export function App() {
  const session = useQuery(sessionQuery);
  if (session.isPending) return <Waiting what="your studio" />;
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
      {session.data.person.role === "invited" ? (
        <Suspense fallback={<Waiting what="your invitation" />}>
          <GuestHouse />
        </Suspense>
      ) : (
        <House />
      )}
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
  // Today belongs to those who are taught; whoever teaches begins in the library.
  if (pathname === "/" || (pathname === "/today" && homeOf(role) !== "/today"))
    return <Navigate replace to={homeOf(role)} />;
  return (
    <div className="min-h-screen print:min-h-0">
      <a href="#bench" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-paper focus:p-2">
        Skip to the content
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
          <Suspense
            fallback={
              <div className="p-8">
                <Waiting what="the page" />
              </div>
            }
          >
            <Routes>
              <Route path="/anatomy/pages/:page" element={<AtlasPageScreen />} />
              <Route path="/anatomy/:structure?" element={<AnatomyScreen />} />
              <Route path="/techniques" element={<LibraryScreen />} />
              <Route path="/techniques/whole" element={<WholeScreen />} />
              <Route path="/techniques/schools" element={<SchoolsScreen />} />
              <Route path="/techniques/notes" element={<NotesScreen />} />
              <Route path="/techniques/claims" element={<ClaimsScreen />} />
              <Route path="/techniques/:id/print/:kind" element={<HandOutScreen />} />
              <Route path="/techniques/:id" element={<TechniqueScreen />} />
              <Route path="/cohorts/:cohort/print/:kind" element={<CohortHandOutScreen />} />
              <Route path="/routines" element={<RoutineListScreen />} />
              <Route path="/routines/:id" element={<RoutineScreen />} />
              <Route path="/routines/:id/print/:kind" element={<RoutinePaper />} />
              <Route path="/routines/:id/beside/:other" element={<BesideScreen />} />
              <Route path="/programme/:id?/:part?" element={<ProgrammeScreen />} />
              <Route path="/programme/:id/print/:kind" element={<ProgrammePaper />} />
              <Route path="/examination" element={<ExaminationScreen />} />
              <Route path="/examination/:station" element={<SheetScreen />} />
              <Route path="/examination/:station/print" element={<SheetPaper />} />
              <Route path="/grading" element={<GradingListScreen />} />
              <Route path="/grading/:id" element={<GradingScreen />} />
              <Route path="/grading/:id/paper" element={<PaperScreen />} />
              <Route path="/results" element={<ResultListScreen />} />
              <Route path="/results/release" element={<ReleaseScreen />} />
              <Route path="/results/cohort" element={<GlanceScreen />} />
              <Route path="/results/examinations/:id" element={<WholeOfExamination />} />
              <Route path="/results/trainee/:id" element={<TraineeScreen />} />
              <Route path="/results/:id/compare" element={<CompareScreen />} />
              <Route path="/results/:id" element={<ResultScreen />} />
              <Route path="/screening" element={<ScreeningListScreen />} />
              <Route path="/screening/new/:id" element={<NewScreeningScreen />} />
              <Route path="/screening/:id" element={<ScreeningScreen />} />
              <Route path="/people" element={<PeopleScreen />} />
              <Route path="/house" element={<HouseScreen />} />
              <Route path="/today" element={<TodayScreen />} />
              <Route path="/account" element={<AccountScreen />} />
              <Route path="/archive" element={<AwayScreen />} />
              <Route
                path="*"
                element={
                  <main id="bench" className="mx-auto max-w-3xl px-6 py-4">
                    <Empty says="There is no page at this address." next={{ to: "/", says: "Go to the start" }} />
                  </main>
                }
              />
            </Routes>
          </Suspense>
        </ErrorBoundary>
      )}
      {keySheet && (
        <Suspense>
          <KeySheet open onOpenChange={setKeySheet} />
        </Suspense>
      )}
    </div>
  );
}

/** The stops that have a key of their own. */
const NUMBERED = STOPS.filter((s) => s.id !== "today");

/** Keys of the whole house. Off while something is typed, and while a demonstration is graded. */
function useShellKeys(role: string, showKeys: () => void) {
  const navigate = useNavigate();
  const view = usePlateView();
  const { pathname } = useLocation();
  const grading = /^\/grading\/./.test(pathname);
  // A key pressed by chance must not change the words of a sheet that is about to be printed.
  const printing = /\/print(\/|$)/.test(pathname);
  // Before the page is painted: a key works as soon as there is something to see.
  useLayoutEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (isTyping(e.target) || grading) return;
      const stop = NUMBERED.findIndex((_, i) => isKey(e, shellKeys[`stop${i + 1}` as keyof typeof shellKeys]));
      if (stop >= 0) {
        const to = NUMBERED[stop];
        if (to && stopsFor(role).includes(to)) void navigate(to.path);
      } else if (isKey(e, shellKeys.keySheet)) showKeys();
      else if (isKey(e, shellKeys.turnPlate) && !printing) view.turn();
      else if (isKey(e, shellKeys.foldPlate)) document.querySelector<HTMLElement>("[data-fold]")?.click();
      else if (isKey(e, shellKeys.search)) document.querySelector<HTMLElement>("[data-search]")?.focus();
      else return;
      e.preventDefault();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [navigate, view, grading, printing, role, showKeys]);
}
