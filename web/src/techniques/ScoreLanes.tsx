import { scaleLinear } from "d3-scale";
import { seconds, type Derivation, type DerivedStep } from "./techniqueModel";

const LANES = ["right hand", "left hand", "face", "gaze", "still"] as const;
type Lane = (typeof LANES)[number];
const LANE_HEIGHT = 26;
const HEAD = 18;
const LEFT = 74;
const WIDTH = 780;
const SUM = 96;

/** A technique reads like a score: time runs to the right; a block is as long as it lasts; ticks are repetitions, bars are holds. */
export function ScoreLanes({
  derivation,
  onStep,
  current,
}: {
  derivation: Derivation;
  onStep?: (index: number) => void;
  current?: number | null;
}) {
  const total = derivation.total_seconds.standard;
  if (total <= 0) return <p className="text-sm text-faded">The score appears as soon as a dose is told.</p>;
  const x = scaleLinear([0, total], [LEFT, WIDTH - SUM]);
  const starts = derivation.steps.map((_, i) =>
    derivation.steps.slice(0, i).reduce((sum, s) => sum + s.dose.total_seconds.standard, 0),
  );
  const height = HEAD + LANES.length * LANE_HEIGHT + 6;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      className="block w-full"
      role="img"
      aria-label={`Score of ${derivation.steps.length} steps, ${seconds(total)}`}
      fontFamily="var(--font-sans)"
      fontSize={11}
    >
      <path
        d={breath(x(0), x(total), HEAD + LANES.length * LANE_HEIGHT)}
        fill="none"
        stroke="var(--color-skin-only)"
        strokeOpacity={0.35}
        strokeWidth={1.2}
      />
      {x.ticks(Math.min(8, Math.max(2, Math.round(total / 10)))).map((t) => (
        <g key={t}>
          <path
            d={`M${x(t)} ${HEAD - 3}V${HEAD + LANES.length * LANE_HEIGHT}`}
            stroke="var(--color-line)"
            strokeWidth={0.7}
          />
          <text x={x(t)} y={HEAD - 6} textAnchor="middle" fill="var(--color-faded)">
            {t} s
          </text>
        </g>
      ))}
      {LANES.map((lane, i) => (
        <g key={lane}>
          <text x={LEFT - 8} y={HEAD + i * LANE_HEIGHT + 17} textAnchor="end" fill="var(--color-faded)">
            {lane}
          </text>
          <path
            d={`M${LEFT} ${HEAD + (i + 1) * LANE_HEIGHT}H${WIDTH - SUM}`}
            stroke="var(--color-line)"
            strokeWidth={0.7}
          />
        </g>
      ))}
      {derivation.steps.map((s, i) => (
        <g
          key={s.index}
          onClick={() => onStep?.(s.index)}
          className={onStep ? "cursor-pointer" : undefined}
          data-score-step={s.index}
          opacity={current === undefined || current === null || current === s.index ? 1 : 0.6}
        >
          {LANES.map((lane, row) => (
            <Block
              key={lane}
              step={s}
              lane={lane}
              y={HEAD + row * LANE_HEIGHT + 3}
              from={x(starts[i] ?? 0)}
              to={x((starts[i] ?? 0) + s.dose.total_seconds.standard)}
            />
          ))}
        </g>
      ))}
      <g transform={`translate(${WIDTH - 4} ${HEAD})`} textAnchor="end">
        <path d={`M${-SUM + 14} 0V${LANES.length * LANE_HEIGHT}`} stroke="var(--color-ink)" strokeWidth={0.8} />
        <text y={20} fontSize={16} fontWeight={600} fill="var(--color-ink)">
          {seconds(total)}
        </text>
        <text y={36} fill="var(--color-faded)">
          standard
        </text>
        <text y={62} fill="var(--color-ink)">
          {seconds(derivation.total_seconds.minimum)}
        </text>
        <text y={75} fill="var(--color-faded)">
          minimum
        </text>
        <text y={99} fill="var(--color-ink)">
          {seconds(derivation.total_seconds.full)}
        </text>
        <text y={112} fill="var(--color-faded)">
          full
        </text>
      </g>
    </svg>
  );
}

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

function Block({ step, lane, y, from, to }: { step: DerivedStep; lane: Lane; y: number; from: number; to: number }) {
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

/** The breath as a faint wave behind the lanes: about six a minute. */
function breath(from: number, to: number, bottom: number): string {
  const waves = 7;
  const step = (to - from) / waves;
  return Array.from(
    { length: waves },
    (_, i) => `${i === 0 ? `M${from} ${bottom - 40}` : ""}q${step / 4} -46 ${step / 2} 0t${step / 2} 0`,
  ).join("");
}
