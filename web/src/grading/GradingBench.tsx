import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api, said, type Schemas } from "../shell/api";
import { gradingKeys } from "../shell/keys";
import { Problem } from "../ui/States";
import { BenchFooter } from "./BenchFooter";
import { BenchHeader } from "./BenchHeader";
import { FilmPlayer } from "./FilmPlayer";
import { Judging } from "./Judging";
import { Performing } from "./Performing";
import { RefusedMarks } from "./RefusedMarks";
import { useFilm } from "./useFilm";
import { useGrading } from "./useGrading";
import { useGradingKeys } from "./useGradingKeys";
import { useJudgement } from "./useJudgement";
import { usePerformance } from "./usePerformance";
import { useSeat } from "./useSeat";

/** Grading with the eyes on the trainee: first what is seen, then what is judged; every act is one key or one large target. */
export function GradingBench({ view }: { view: Schemas["DemonstrationView"] }) {
  const { sheet } = view;
  const g = useGrading(view);
  const { give, fold } = g;
  const seat = useSeat();
  const at = usePerformance(sheet, g);
  const judgement = useJudgement(sheet, g);
  const film = useFilm(g, view.film);
  const [stopOpen, setStopOpen] = useState(false);
  const keys = gradingKeys[seat.hand];
  const passing = sheet.kind === "everyday";
  const performing = !passing && !fold.stopped;
  const queries = useQueryClient();
  const navigate = useNavigate();
  const unmarked = sheet.criteria.filter(
    (c) =>
      c.weight > 0 &&
      !fold.marks.has(c.id) &&
      !fold.unseen.includes(c.id) &&
      (c.kind !== "measured" || g.score.criteria.find((s) => s.criterion.id === c.id)?.mark == null),
  );

  const submit = useMutation({
    mutationFn: async () => {
      // In passing nobody starts a clock: what was seen is over when it is handed in.
      if (!fold.started) give("start");
      if (!fold.stopped) give("stop");
      if ((await g.flush()) > 0)
        throw new Error("Some marks have not reached the server. They are kept here; submit once they are saved.");
      return said(api.POST("/api/demonstrations/{id}/submit", { params: { path: { id: view.id } } }));
    },
    onSuccess: async () => {
      await Promise.all(
        ["demonstrations", "results", "thread"].map((key) => queries.invalidateQueries({ queryKey: [key] })),
      );
      void navigate(`/results/${view.second_of ?? view.id}`);
    },
  });
  const startOrStop = () => {
    setStopOpen(false);
    give(fold.started && !fold.stopped ? "stop" : "start");
  };
  const stopFor = (act: string) => {
    give("critical", { target: act });
    give("stop");
    setStopOpen(false);
  };
  useGradingKeys({
    hand: seat.hand,
    sheet,
    g,
    at,
    judgement,
    performing,
    stopOpen,
    onStopOpen: setStopOpen,
    onStopFor: stopFor,
    onStartOrStop: startOrStop,
  });

  if (!at.step || !g.ready)
    return (
      <main id="bench" className="px-5 py-8">
        <p className="text-faded">Preparing the sheet …</p>
      </main>
    );
  const player = film.source ? (
    <FilmPlayer
      film={film}
      marks={g.events
        .filter((e) => e.kind !== "film")
        .map((e) => e.at_ms)
        .sort((a, b) => a - b)}
    />
  ) : null;
  return (
    <main
      id="bench"
      className="flex min-h-[calc(100dvh-5.35rem)] min-w-0 flex-col gap-2 px-3 py-2 lg:min-h-[calc(100dvh-3.6rem)] lg:px-4"
      data-phase={performing ? "performing" : "judging"}
    >
      <BenchHeader
        view={view}
        g={g}
        seat={seat}
        keys={keys}
        film={film}
        performing={performing}
        onStartOrStop={startOrStop}
        onTakeStopBack={() => fold.stop && give("undo", { target: fold.stop.id })}
      />
      {performing ? (
        <Performing
          view={view}
          g={g}
          at={at}
          keys={keys}
          facing={seat.seat === "facing"}
          stopOpen={stopOpen}
          onStopOpen={setStopOpen}
          onStopFor={stopFor}
          film={player}
        />
      ) : (
        <Judging
          sheet={sheet}
          g={g}
          judgement={judgement}
          keys={keys}
          film={player}
          onSeek={film.source ? film.seek : null}
        />
      )}
      {submit.isError && <Problem error={submit.error} safe="Every mark is kept." />}
      <RefusedMarks refused={g.saving.refused} onAgain={g.again} onAside={g.setAside} />
      <BenchFooter
        sheet={sheet}
        g={g}
        unmarked={unmarked}
        performing={performing}
        pending={submit.isPending}
        onSubmit={() => submit.mutate()}
      />
    </main>
  );
}
