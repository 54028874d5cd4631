import type { DerivedStep } from "../parts/techniqueModel";
import { LANE_HEIGHT, type Lane } from "./scorePlan";

/** What a lane carries in a step; null when it rests. */
function inLane(step: DerivedStep, lane: Lane): { text: string; hue: string } | null {
  const { acts, hands, still, state } = step.completed;
  if (lane === "right hand" || lane === "left hand") {
    const which = lane === "right hand" ? "right" : "left";
    const inTurn = step.sides === "one-then-other" || step.sides === "alternating";
    const working = hands ?? [];
    const hand =
      working.find((h) => h.hand === which || h.hand === "both") ??
      (inTurn && working.length === 1 ? working[0] : undefined);
    return hand?.verb
      ? { text: hand.verb.replaceAll("-", " "), hue: hand.role === "work" ? "var(--color-now)" : "var(--color-quiet)" }
      : null;
  }
  if (lane === "face") {
    const act = acts?.find((a) => a.do && !a.do.startsWith("gaze"));
    return act?.do ? { text: act.do.replaceAll("-", " "), hue: "var(--color-tightens)" } : null;
  }
  if (lane === "gaze") {
    const looks = acts?.some((a) => a.do?.startsWith("gaze"));
    const gaze = step.completed.gaze ?? state?.gaze;
    return looks ? { text: gaze ?? "", hue: "var(--color-holds)" } : null;
  }
  const quiet = [...new Set([...(still ?? []), ...step.map.must_stay_quiet])];
  return quiet.length > 0 ? { text: quiet.join(", ").replaceAll("-", " "), hue: "var(--color-quiet)" } : null;
}

export function ScoreBlock({
  step,
  lane,
  y,
  from,
  to,
}: {
  step: DerivedStep;
  lane: Lane;
  y: number;
  from: number;
  to: number;
}) {
  const carried = inLane(step, lane);
  if (!carried) return null;
  const inTurn = step.dose.columns.length === 2;
  // One-then-the-other sides are two halves that must match; each hand works in its own half.
  const halves = inTurn
    ? [
        { x: from, w: (to - from) / 2 - 2 },
        { x: from + (to - from) / 2 + 2, w: (to - from) / 2 - 2 },
      ]
    : [{ x: from, w: to - from - 2 }];
  const only =
    inTurn && lane === "right hand"
      ? 0
      : inTurn && lane === "left hand" && (step.completed.hands?.length ?? 0) < 2
        ? 1
        : null;
  const count = Math.round(step.dose.repetitions_per_side.standard);
  const holding = step.held;
  return (
    <>
      {halves.map((h, i) => {
        if (only !== null && only !== i) return null;
        const gap = h.w / Math.max(1, count);
        return (
          <g key={i}>
            <rect
              x={h.x}
              y={y}
              width={Math.max(2, h.w)}
              height={LANE_HEIGHT - 7}
              rx={3}
              fill={carried.hue}
              fillOpacity={lane === "still" ? 0.08 : 0.16}
              stroke={carried.hue}
              strokeWidth={0.9}
              strokeDasharray={lane === "still" ? "3 2" : undefined}
            />
            {lane !== "still" &&
              count > 0 &&
              count <= 60 &&
              Array.from({ length: count }, (_, n) =>
                holding ? (
                  <rect
                    key={n}
                    x={h.x + n * gap + gap * 0.15}
                    y={y + LANE_HEIGHT - 11.5}
                    width={gap * 0.6}
                    height={3}
                    fill={carried.hue}
                  />
                ) : (
                  <path
                    key={n}
                    d={`M${h.x + (n + 0.5) * gap} ${y + LANE_HEIGHT - 13}v5`}
                    stroke={carried.hue}
                    strokeWidth={1.3}
                  />
                ),
              )}
            <text x={h.x + 4} y={y + 9.5} fontSize={9.5} fill="var(--color-ink)" clipPath={`inset(0 0 0 0)`}>
              {carried.text.slice(0, Math.max(0, Math.floor(h.w / 5)))}
            </text>
          </g>
        );
      })}
    </>
  );
}
