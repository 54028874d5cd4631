import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useState } from "react";
import { useNavigate } from "react-router";
import { stepLit, stepZones } from "../examinations/sheetWords";
import { usePlateView } from "../face/plateView";
import { Stage } from "../face/Stage";
import { api, said, type Schemas } from "../shell/api";
import { gradingAct, gradingKeys, isTyping } from "../shell/keys";
import { Button } from "../ui/Button";
import { cn } from "../ui/cn";
import { Problem } from "../ui/States";
import { CountColumns, WORDS } from "./CountColumns";
import { CriterionRow } from "./CriterionRow";
import { Key } from "./Key";
import { RefusedMarks } from "./RefusedMarks";
import { Happened } from "./Happened";
import type { SheetFold } from "./sheetFold";
import { useGrading } from "./useGrading";

type KeyHand = "left" | "right";
const FAULT_KEYS = ["fault1", "fault2", "fault3", "fault4", "fault5", "fault6", "fault7", "fault8"] as const;
const HAND_KEY = "wexis.grading-hand";

/** Grading with the eyes on the trainee: nothing moves, nothing pops up, every act is one key or one large target. */
export function GradingBench({ view }: { view: Schemas["DemonstrationView"] }) {
  const { sheet } = view;
  const { viewer } = usePlateView();
  const g = useGrading(view);
  const { give, undo, fold } = g;
  const [hand, setHand] = useState<KeyHand>(localStorage.getItem(HAND_KEY) === "right" ? "right" : "left");
  const keys = gradingKeys[hand];
  const lastCounted = [...view.events]
    .reverse()
    .find((e) => e.step !== null && (e.kind === "rep" || e.kind === "press"));
  const [stepIndex, setStepIndex] = useState(lastCounted?.step ?? 0);
  const step = sheet.steps[stepIndex] ?? sheet.steps[0];
  const [side, setSide] = useState(lastCounted?.side ?? step?.columns.at(-1) ?? "both");
  const column = step?.columns.includes(side) ? side : (step?.columns.at(-1) ?? "both");
  const [criterion, setCriterion] = useState(0);
  const [criticalOpen, setCriticalOpen] = useState(false);
  const judged = useMemo(() => sheet.criteria.filter((c) => c.kind !== "measured"), [sheet]);
  const current = judged[criterion];
  const holding = fold.tracks.find((t) => t.step === step?.index && t.side === column)?.holdingSinceMs ?? null;
  const holdTarget =
    sheet.criteria.find((c) => c.step === step?.index && c.measure?.quantity === "hold-seconds")?.measure ?? null;
  const queries = useQueryClient();
  const navigate = useNavigate();
  const unmarked = sheet.criteria.filter(
    (c) =>
      c.weight > 0 &&
      !fold.marks.has(c.id) &&
      (c.kind !== "measured" || g.score.criteria.find((s) => s.criterion.id === c.id)?.mark == null),
  );

  const submit = useMutation({
    mutationFn: async () => {
      if ((await g.flush()) > 0)
        throw new Error("Some marks have not reached the server. They are kept here; submit once they are saved.");
      return said(api.POST("/api/demonstrations/{id}/submit", { params: { path: { id: view.id } } }));
    },
    onSuccess: async () => {
      await Promise.all(
        ["demonstrations", "results", "thread"].map((key) => queries.invalidateQueries({ queryKey: [key] })),
      );
      void navigate(`/results/${view.id}`);
    },
  });

  const goStep = useCallback(
    (by: number) => {
      const next = sheet.steps[Math.min(sheet.steps.length - 1, Math.max(0, stepIndex + by))];
      if (!next) return;
      setStepIndex(next.index);
      setSide(next.columns.at(-1) ?? "both");
    },
    [sheet, stepIndex],
  );
  const otherSide = useCallback(() => {
    const columns = step?.columns ?? [];
    setSide(columns[(columns.indexOf(column) + 1) % Math.max(1, columns.length)] ?? column);
  }, [step, column]);
  const count = useCallback(() => step && give("rep", { step: step.index, side: column }), [step, column, give]);
  const press = useCallback(() => step && give("press", { step: step.index, side: column }), [step, column, give]);
  const release = useCallback(() => step && give("release", { step: step.index, side: column }), [step, column, give]);
  const mark = useCallback(
    (value: number) => {
      if (!current) return;
      give("mark", { target: current.id, value: current.kind === "done" && value > 0 ? 3 : value });
      setCriterion((c) => Math.min(judged.length - 1, c + 1));
    },
    [current, judged, give],
  );
  const startOrStop = useCallback(
    () => give(fold.started && !fold.stopped ? "stop" : "start"),
    [fold.started, fold.stopped, give],
  );

  useEffect(() => {
    const down = (e: KeyboardEvent) => {
      if (isTyping(e.target) || e.ctrlKey || e.metaKey || e.altKey) return;
      if (criticalOpen && /^[1-9]$/.test(e.key)) {
        const act = sheet.critical_acts[Number(e.key) - 1];
        if (act) give("critical", { target: act.id });
        setCriticalOpen(false);
        e.preventDefault();
        return;
      }
      const act = gradingAct(hand, e.key);
      if (!act) return;
      e.preventDefault();
      if (e.repeat) return;
      const fault = FAULT_KEYS.indexOf(act as (typeof FAULT_KEYS)[number]);
      if (fault >= 0) {
        const f = sheet.faults[fault];
        if (f) give("fault", { step: step?.index ?? null, target: f.id });
      } else if (act === "count") count();
      else if (act === "hold") (holding === null ? press : release)();
      else if (act === "otherSide") otherSide();
      else if (act === "nextStep") goStep(1);
      else if (act === "lastStep") goStep(-1);
      else if (act === "undo") undo();
      else if (act === "start") startOrStop();
      else if (act === "nextCriterion") setCriterion((c) => Math.min(judged.length - 1, c + 1));
      else if (act === "lastCriterion") setCriterion((c) => Math.max(0, c - 1));
      else if (act === "critical") setCriticalOpen((o) => !o);
      else if (act.startsWith("mark")) mark(Number(act.slice(4)));
    };
    const up = (e: KeyboardEvent) => {
      if (isTyping(e.target)) return;
      const act = gradingAct(hand, e.key);
      // A focused button must not fire when the count key is let go.
      if (act === "count") e.preventDefault();
      if (act === "hold" && holding !== null) release();
    };
    window.addEventListener("keydown", down);
    window.addEventListener("keyup", up);
    return () => {
      window.removeEventListener("keydown", down);
      window.removeEventListener("keyup", up);
    };
  }, [
    hand,
    holding,
    count,
    press,
    release,
    otherSide,
    goStep,
    undo,
    startOrStop,
    mark,
    give,
    judged,
    sheet,
    step,
    criticalOpen,
  ]);

  if (!step || !g.ready)
    return (
      <Stage plate={{}}>
        <p className="py-8 text-faded">Preparing the sheet …</p>
      </Stage>
    );
  const changeHand = (to: KeyHand) => {
    localStorage.setItem(HAND_KEY, to);
    setHand(to);
  };
  return (
    <Stage plate={{ lit: stepLit(sheet, step.index), zones: stepZones(sheet, step.index) }}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1">
        <h1 className="text-xl">
          {view.trainee} <span className="font-sans text-base font-normal text-faded">shows</span>{" "}
          {sheet.technique_name}
          {view.attempt > 1 && (
            <span className="font-sans text-base font-normal text-faded">, attempt {view.attempt}</span>
          )}
        </h1>
        <div className="flex items-center gap-2 text-sm">
          <label className="flex items-center gap-1">
            keys for the
            <select
              className="min-h-11 rounded-mark border border-line bg-field px-1"
              value={hand}
              onChange={(e) => changeHand(e.target.value as KeyHand)}
            >
              <option value="left">left hand</option>
              <option value="right">right hand</option>
            </select>
          </label>
          <Button
            size="touch"
            tone={fold.started && !fold.stopped ? "calm" : "now"}
            onClick={startOrStop}
            aria-keyshortcuts={keys.start.key}
          >
            {fold.started && !fold.stopped ? "Stop" : fold.stopped ? "Continue" : "Start"} <Key k={keys.start.shown} />
          </Button>
        </div>
      </div>
      <div className="mt-2 grid gap-5 xl:grid-cols-[21.5rem_minmax(0,1fr)]">
        <section aria-label="Counting">
          <ol className="mb-2 flex flex-wrap gap-1 text-sm">
            {sheet.steps.map((s) => (
              <li key={s.index}>
                <button
                  type="button"
                  aria-current={s.index === step.index ? "step" : undefined}
                  onClick={() => goStep(s.index - stepIndex)}
                  className="min-h-11 min-w-11 rounded-mark border border-line px-2 aria-[current=step]:border-now aria-[current=step]:bg-now-wash aria-[current=step]:font-semibold"
                >
                  {s.index + 1}
                </button>
              </li>
            ))}
            {sheet.steps.length > 1 && (
              <li className="self-center pl-2 text-faded">
                <Key k={keys.lastStep.shown} /> before · next <Key k={keys.nextStep.shown} />
              </li>
            )}
          </ol>
          <p className="mb-2 min-h-18 font-serif text-lg leading-snug">
            {view.cues[viewer]?.[sheet.steps.indexOf(step)] ?? step.cue}
          </p>
          <CountColumns
            step={step}
            fold={fold}
            measures={g.score.tracks}
            side={column}
            holdTarget={holdTarget}
            onSide={setSide}
            now={g.now}
          />
          <div className="mt-3 grid grid-cols-2 gap-2">
            <Button size="touch" tone="calm" onClick={count} aria-keyshortcuts="Space">
              Count <Key k={keys.count.shown} />
            </Button>
            <Button
              size="touch"
              tone={holding !== null ? "now" : "calm"}
              aria-keyshortcuts={keys.hold.key}
              onPointerDown={(e) => {
                e.currentTarget.setPointerCapture(e.pointerId);
                if (holding === null) press();
              }}
              onPointerUp={() => holding !== null && release()}
            >
              {holding !== null ? "Holding" : "Hold"} <Key k={keys.hold.shown} />
            </Button>
            {step.columns.length > 1 && (
              <Button size="touch" onClick={otherSide} aria-keyshortcuts={keys.otherSide.key}>
                Other side: {WORDS[step.columns.find((c) => c !== column) ?? ""]} <Key k={keys.otherSide.shown} />
              </Button>
            )}
            <Button
              size="touch"
              onClick={undo}
              aria-keyshortcuts={keys.undo.key}
              className={step.columns.length > 1 ? "" : "col-span-2"}
            >
              Take back <Key k={keys.undo.shown} />
            </Button>
          </div>
        </section>
        <section aria-label="Criteria" className="flex min-h-0 flex-col">
          <div
            className="max-h-[calc(100vh-25.4rem)] min-h-52 overflow-auto border-y border-line"
            tabIndex={0}
            role="region"
            aria-label="Criteria to mark"
          >
            <table className="w-full text-[0.9rem] leading-snug">
              <tbody>
                {sheet.criteria.map((c) => (
                  <CriterionRow
                    key={c.id}
                    criterion={c}
                    mark={fold.marks.get(c.id) ?? null}
                    scored={g.score.criteria.find((s) => s.criterion.id === c.id)}
                    current={c.id === current?.id}
                    onCurrent={() => setCriterion(judged.findIndex((j) => j.id === c.id))}
                    unseen={fold.unseen.includes(c.id)}
                    onUnseen={() => give("unseen", { target: c.id })}
                    onMark={(value) => {
                      setCriterion(
                        Math.max(
                          0,
                          judged.findIndex((j) => j.id === c.id),
                        ),
                      );
                      give("mark", { target: c.id, value });
                    }}
                  />
                ))}
              </tbody>
            </table>
          </div>
          <div className="mt-2 grid grid-cols-2 gap-1" role="group" aria-label="Faults">
            {sheet.faults.map((f, i) => {
              const key = FAULT_KEYS[i];
              const seen = fold.faults.get(f.id) ?? 0;
              return (
                <button
                  key={f.id}
                  type="button"
                  data-fault={f.id}
                  className={cn(
                    "flex min-h-11 items-center gap-2 rounded-mark border px-2 py-0.5 text-left text-sm leading-tight",
                    seen > 0 ? "border-now bg-now-wash" : "border-line bg-field hover:bg-linen",
                  )}
                  onClick={() => give("fault", { step: step.index, target: f.id })}
                  aria-keyshortcuts={key ? keys[key].key : undefined}
                >
                  {key && <Key k={keys[key].shown} />}
                  <span className="min-w-0 flex-1">{f.text}</span>
                  {seen > 0 && <span className="font-semibold">{seen}</span>}
                </button>
              );
            })}
          </div>
          <div className="mt-2">
            <Button
              size="touch"
              className="text-safety"
              aria-expanded={criticalOpen}
              onClick={() => setCriticalOpen(!criticalOpen)}
            >
              Critical act <Key k={keys.critical.shown} />
            </Button>
            {fold.critical.map((id) => (
              <span key={id} className="ml-2 font-semibold text-safety">
                {sheet.critical_acts.find((a) => a.id === id)?.text ?? id}
              </span>
            ))}
            {criticalOpen && (
              <ol className="mt-1 border-l-4 border-safety pl-2 text-sm">
                {sheet.critical_acts.map((a, i) => (
                  <li key={a.id}>
                    <button
                      type="button"
                      className="min-h-11 text-left text-safety hover:underline"
                      onClick={() => {
                        give("critical", { target: a.id });
                        setCriticalOpen(false);
                      }}
                    >
                      <Key k={String(i + 1)} /> {a.text}
                    </button>
                  </li>
                ))}
              </ol>
            )}
          </div>
          <Happened fold={fold} twoSides={step.columns.length === 2} give={give} />
        </section>
      </div>
      {submit.isError && <Problem error={submit.error} safe="Every mark is kept." />}
      <RefusedMarks refused={g.saving.refused} onAgain={g.again} onAside={g.setAside} />
      <footer className="mt-3 flex flex-wrap items-center justify-between gap-3 border-t border-line pt-2 text-sm">
        <p role="status" data-saving={g.saving.waiting}>
          {g.saving.waiting === 0
            ? savedWords(fold)
            : `${g.saving.waiting} of ${g.events.length} entries wait on this device`}
          {!g.saving.reachable && " · the server does not answer; it is asked again every 2 s"}
          {g.saving.unkept && (
            <span className="text-wrong">
              {" "}
              · this browser cannot keep marks ({g.saving.unkept}): leave this page open until all are saved
            </span>
          )}
          <span className="text-faded">
            {" "}
            · {unmarked.length === 0 ? "everything is marked" : `${unmarked.length} not marked yet`}
          </span>
        </p>
        <Button
          size="touch"
          tone="now"
          disabled={!fold.stopped || submit.isPending}
          title={fold.stopped ? undefined : "Stop the demonstration first"}
          onClick={() => submit.mutate()}
        >
          Submit the sheet
        </Button>
      </footer>
    </Stage>
  );
}

/** "All saved: 30 counted, 14 marked, 1 fault": what an assessor gave, not how many messages it took. */
function savedWords(fold: SheetFold) {
  const counted = fold.tracks.reduce((n, t) => n + t.taps + t.holds.length, 0);
  const faults = [...fold.faults.values()].reduce((n, times) => n + times, 0);
  const said = [
    `${counted} counted`,
    `${fold.marks.size} marked`,
    ...(faults > 0 ? [`${faults} ${faults === 1 ? "fault" : "faults"}`] : []),
  ];
  return `All saved: ${said.join(", ")}`;
}
