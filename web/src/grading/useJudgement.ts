import { useCallback, useMemo, useState } from "react";
import type { Schemas } from "../shell/api";
import type { Grading } from "./useGrading";

type Criterion = Schemas["Criterion"];

/** Reasons that one touch gives. */
const MOST_REASONS = 6;

/** Why a mark can be below full: the technique's own faults that belong to the criterion, then what its line usually lacks. */
function reasonsFor(c: Criterion, sheet: Schemas["MarkSheet"]): readonly string[] {
  const part = sheet.steps.find((s) => s.index === c.step)?.part ?? null;
  const own = sheet.faults.filter(
    (f) => f.topic === c.topic || (c.domain === "doing" && f.topic == null && (f.part ?? null) === part),
  );
  return [...new Set([...(c.reasons ?? []), ...own.map((f) => f.text)])].slice(0, MOST_REASONS);
}

/** Criteria one at a time: a full mark goes on by itself, a lower one asks why first. */
export function useJudgement(sheet: Schemas["MarkSheet"], g: Grading) {
  const { fold, give } = g;
  const [chosen, setChosen] = useState<string | null>(null);
  const [asked, setAsked] = useState<string | null>(null);
  const judged = useMemo(() => sheet.criteria.filter((c) => c.kind !== "measured" && c.weight > 0), [sheet]);
  const isMarked = useCallback((c: Criterion) => fold.marks.has(c.id) || fold.unseen.includes(c.id), [fold]);
  const current =
    sheet.criteria.find((c) => c.id === chosen) ??
    judged.find((c) => !isMarked(c)) ??
    judged.at(-1) ??
    sheet.criteria[0];

  const goOn = useCallback(
    (from: string) => {
      setAsked(null);
      const at = judged.findIndex((c) => c.id === from);
      const after = [...judged.slice(at + 1), ...judged.slice(0, Math.max(0, at))];
      const next = after.find((c) => !isMarked(c));
      setChosen(next?.id ?? from);
    },
    [judged, isMarked],
  );
  const mark = useCallback(
    (value: number) => {
      if (!current || (current.kind === "done" && value !== 0 && value !== 3)) return;
      give("mark", { target: current.id, value });
      if (value >= 3 || reasonsFor(current, sheet).length === 0) goOn(current.id);
      else {
        setChosen(current.id);
        setAsked(current.id);
      }
    },
    [current, give, goOn, sheet],
  );
  return {
    current,
    judged,
    mark,
    reasons: current ? reasonsFor(current, sheet) : [],
    /** Whether the mark just given is below full, and nobody said why. */
    asksWhy: asked !== null && asked === current?.id,
    because: useCallback(
      (words: string) => {
        const value = current && fold.marks.get(current.id);
        if (!current || value === undefined) return;
        give("mark", { target: current.id, value, note: words });
        goOn(current.id);
      },
      [current, fold, give, goOn],
    ),
    unseen: useCallback(() => {
      if (!current) return;
      give("unseen", { target: current.id });
      goOn(current.id);
    }, [current, give, goOn]),
    choose: useCallback((id: string) => {
      setAsked(null);
      setChosen(id);
    }, []),
    step: useCallback(
      (by: number) => {
        // Why is left out: on to what is not marked yet.
        if (by > 0 && asked !== null && asked === current?.id) return goOn(asked);
        setAsked(null);
        const at = sheet.criteria.findIndex((c) => c.id === current?.id);
        setChosen(sheet.criteria[Math.min(sheet.criteria.length - 1, Math.max(0, at + by))]?.id ?? null);
      },
      [sheet, current, asked, goOn],
    ),
  };
}

export type Judgement = ReturnType<typeof useJudgement>;
