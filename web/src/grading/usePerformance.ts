import { useCallback, useEffect, useMemo, useState } from "react";
import type { Schemas } from "../shell/api";
import type { Track } from "./sheetFold";
import type { Grading } from "./useGrading";

type Sheet = Schemas["MarkSheet"];
type Step = Schemas["SheetStep"];
type Column = Step["columns"][number];

/** Seconds without a count after which a side that has its dose is left by itself. */
const PAUSE_S = 3;

/** Faults that are found in time. */
const MOST_FAULTS = 6;

/** Sides are shown in this order unless somebody shows them otherwise: the right one first. */
const inOrder = (step: Step): readonly Column[] => [...step.columns].reverse();

const shownOf = (step: Step, track: Track | undefined) =>
  !track
    ? 0
    : step.counting === "seconds"
      ? track.holds.reduce((sum, h) => sum + h, 0) + track.taps * step.cycle_seconds
      : track.taps + track.holds.length;

/** Where the demonstration stands: the step and the side that are counted, and what counts them. */
export function usePerformance(sheet: Sheet, g: Grading) {
  const { fold, give, now } = g;
  const counted = useMemo(
    () => [...g.events].reverse().find((e) => e.step !== null && (e.kind === "rep" || e.kind === "press")),
    // Only where grading begins, or begins again after a reload.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [g.ready],
  );
  const [chosen, setChosen] = useState<{ step: number; side: Column } | null>(null);
  const step = sheet.steps.find((s) => s.index === (chosen?.step ?? counted?.step ?? 0)) ?? sheet.steps[0];
  const wanted = chosen?.side ?? counted?.side ?? null;
  const column: Column = (step && (step.columns.find((c) => c === wanted) ?? inOrder(step)[0])) ?? "both";
  const [movedFrom, setMovedFrom] = useState<string | null>(null);
  const [kept, setKept] = useState<string | null>(null);
  const trackOf = useCallback(
    (side: string) => fold.tracks.find((t) => t.step === step?.index && t.side === side),
    [fold.tracks, step],
  );
  const track = trackOf(column);
  const holding = track?.holdingSinceMs ?? null;
  const other = step?.columns.find((c) => c !== column) ?? null;

  // A side that has its dose is left after a pause; whoever goes on there calls it back.
  useEffect(() => {
    if (!step || !other || !track || !fold.started || fold.stopped || holding !== null) return;
    const key = `${step.index}|${column}`;
    const need = step.counting === "seconds" ? step.seconds.minimum : step.repetitions.minimum;
    if (kept === key || shownOf(step, track) < need || shownOf(step, trackOf(other)) > 0) return;
    const wait = track.lastMs + 1000 * Math.max(PAUSE_S, 2 * step.cycle_seconds) - now();
    const timer = setTimeout(
      () => {
        setChosen({ step: step.index, side: other });
        setMovedFrom(column);
      },
      Math.max(0, wait),
    );
    return () => clearTimeout(timer);
  }, [step, other, track, column, fold.started, fold.stopped, holding, kept, trackOf, now]);

  const setSide = (side: Column) => {
    if (!step) return;
    setKept(`${step.index}|${side}`);
    setMovedFrom(null);
    setChosen({ step: step.index, side });
  };
  const goTo = (index: number) => {
    const next = sheet.steps[Math.min(sheet.steps.length - 1, Math.max(0, index))];
    if (!next) return;
    setMovedFrom(null);
    setChosen({ step: next.index, side: inOrder(next)[0] ?? "both" });
  };
  const here = step ? { step: step.index, side: column } : null;
  const at = step ? sheet.steps.indexOf(step) : 0;
  const part = step?.part ?? null;
  // Whoever corrects is not stamped with the faults they look for.
  const faults =
    sheet.kind === "correction"
      ? []
      : [
          ...sheet.faults.filter((f) => f.part != null && f.part === part),
          ...sheet.faults.filter((f) => f.part == null),
        ].slice(0, MOST_FAULTS);
  return {
    /** At most six, those of the technique at hand first. */
    faults,
    step,
    at,
    column,
    holding,
    /** The side that was left by itself, to be called back. */
    movedFrom,
    next: sheet.steps[at + 1] ?? null,
    setSide,
    goTo,
    goStep: (by: number) => goTo(at + by),
    otherSide: () => other && setSide(other),
    count: () => here && give("rep", here),
    press: () => here && give("press", here),
    release: () => here && give("release", here),
  };
}

export type Performance = ReturnType<typeof usePerformance>;
