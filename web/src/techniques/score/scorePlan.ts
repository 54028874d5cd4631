import type { Derivation, DerivedStep } from "../parts/techniqueModel";

export const LANES = ["right hand", "left hand", "face", "gaze", "still"] as const;
export type Lane = (typeof LANES)[number];
export const LANE_HEIGHT = 26;
export const HEAD = 18;
export const LEFT = 74;
export const WIDTH = 780;
export const SUM = 96;
export const FOOT = HEAD + LANES.length * LANE_HEIGHT;

export type PlacedStep = {
  step: DerivedStep;
  start: number;
  end: number;
  changes: readonly { kind: string; words: string; start: number; seconds: number }[];
};

/** Steps one after the other, with what has to be done between them. Seconds from the start, at the standard dose. */
export function placed(derivation: Derivation): PlacedStep[] {
  let now = 0;
  return derivation.steps.map((step) => {
    const changes = derivation.times.changeovers
      .filter((c) => c.before_step === step.index)
      .map((c) => {
        const start = now;
        now += c.seconds;
        return { kind: c.kind, words: c.words, start, seconds: c.seconds };
      });
    const start = now;
    now += step.dose.total_seconds.standard;
    return { step, start, end: now, changes };
  });
}

export const standardOf = (step: DerivedStep) => step.completed.dose?.standard ?? 1;
export const holdOf = (step: DerivedStep) => (step.completed.tempo?.hold_s ? step.completed.tempo.hold_s : null);
export const countWord = (step: DerivedStep) =>
  step.completed.dose?.unit === "seconds" ? "s" : step.completed.dose?.unit === "breaths" ? "breaths" : "×";

/** The breath as a faint wave behind the lanes: about six a minute. */
export function breath(from: number, to: number, bottom: number): string {
  const waves = 7;
  const step = (to - from) / waves;
  return Array.from(
    { length: waves },
    (_, i) => `${i === 0 ? `M${from} ${bottom - 40}` : ""}q${step / 4} -46 ${step / 2} 0t${step / 2} 0`,
  ).join("");
}
