import { useEffect } from "react";
import type { Schemas } from "../shell/api";
import { gradingAct, isTyping } from "../shell/keys";
import { FAULT_KEYS } from "./FaultPad";
import type { Grading } from "./useGrading";
import type { Judgement } from "./useJudgement";
import type { Performance } from "./usePerformance";

/** Every act of grading by one key; what a key does depends on whether somebody still performs. */
export function useGradingKeys({
  hand,
  sheet,
  g,
  at,
  judgement,
  performing,
  stopOpen,
  onStopOpen,
  onStopFor,
  onStartOrStop,
}: {
  hand: "left" | "right";
  sheet: Schemas["MarkSheet"];
  g: Grading;
  at: Performance;
  judgement: Judgement;
  performing: boolean;
  stopOpen: boolean;
  onStopOpen: (open: boolean) => void;
  onStopFor: (act: string) => void;
  onStartOrStop: () => void;
}) {
  useEffect(() => {
    const perform = (act: string, key: string) => {
      if (stopOpen && /^[1-9]$/.test(key)) {
        const chosen = sheet.critical_acts[Number(key) - 1];
        if (chosen) onStopFor(chosen.id);
        return;
      }
      const fault = at.faults[FAULT_KEYS.indexOf(act as (typeof FAULT_KEYS)[number])];
      if (fault) g.give("fault", { step: at.step?.index ?? null, target: fault.id });
      else if (act === "count") {
        if (sheet.kind !== "correction") at.count();
        else if (g.fold.planted && g.fold.caughtAfterMs === null) g.give("caught");
      } else if (act === "hold") (at.holding === null ? at.press : at.release)();
      else if (act === "otherSide") at.otherSide();
      else if (act === "nextStep") at.goStep(1);
      else if (act === "lastStep") at.goStep(-1);
      else if (act === "start") onStartOrStop();
      else if (act === "critical") onStopOpen(!stopOpen);
    };
    const judge = (act: string) => {
      const reason = judgement.reasons[FAULT_KEYS.indexOf(act as (typeof FAULT_KEYS)[number])];
      if (act.startsWith("mark")) judgement.mark(Number(act.slice(4)));
      else if (reason && judgement.asksWhy) judgement.because(reason);
      else if (act === "unseen") judgement.unseen();
      else if (act === "nextCriterion") judgement.step(1);
      else if (act === "lastCriterion") judgement.step(-1);
    };
    const down = (e: KeyboardEvent) => {
      if (isTyping(e.target) || e.ctrlKey || e.metaKey || e.altKey) return;
      const act = gradingAct(hand, e.key);
      const chooses = performing && stopOpen && /^[1-9]$/.test(e.key);
      if (!act && !chooses) return;
      // A space on a button that was pressed presses it, once everything is judged.
      if (!performing && act === "count") return;
      e.preventDefault();
      if (e.repeat) return;
      if (act === "undo") g.undo();
      else if (performing) perform(act ?? "", e.key);
      else if (act) judge(act);
    };
    const up = (e: KeyboardEvent) => {
      if (isTyping(e.target) || !performing) return;
      const act = gradingAct(hand, e.key);
      // A focused button must not fire when the count key is let go.
      if (act === "count") e.preventDefault();
      if (act === "hold" && at.holding !== null) at.release();
    };
    window.addEventListener("keydown", down);
    window.addEventListener("keyup", up);
    return () => {
      window.removeEventListener("keydown", down);
      window.removeEventListener("keyup", up);
    };
  }, [hand, sheet, g, at, judgement, performing, stopOpen, onStopOpen, onStopFor, onStartOrStop]);
}
