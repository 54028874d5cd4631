import { scaleLinear } from "d3-scale";
import { useState, type KeyboardEvent, type PointerEvent } from "react";
import { isKey, scoreKeys } from "../../shell/keys";
import { seconds, type Derivation, type DerivedStep } from "../parts/techniqueModel";
import { ScoreBlock } from "./ScoreBlock";
import {
  breath,
  countWord,
  FOOT,
  HEAD,
  holdOf,
  LANE_HEIGHT,
  LANES,
  LEFT,
  placed,
  standardOf,
  SUM,
  WIDTH,
  type PlacedStep,
} from "./scorePlan";

/** What the score may change: how long a block is, and where it stands. */
export type ScoreEdits = {
  /** A change is still on its way: what was asked for counts, not yet what is drawn. */
  settling: boolean;
  /** The dose of a step in what it counts (repetitions, seconds or breaths), with its hold. */
  onStretch: (index: number, standard: number, holdSeconds: number | null) => void;
  onMove: (index: number, by: -1 | 1) => void;
};

/**
 * A technique reads like a score: time runs to the right; a block is as long as it lasts; ticks are repetitions, bars are holds.
 * Where it may be edited, a block's right end is pulled to make it longer, the block itself to another place; the same by keys.
 */
export function ScoreLanes({
  derivation,
  onStep,
  current,
  changed,
  edits,
}: {
  derivation: Derivation;
  onStep?: (index: number) => void;
  current?: number | null;
  /** Steps in which this edition differs from the one it is compared with. */
  changed?: ReadonlySet<number>;
  edits?: ScoreEdits;
}) {
  const total = derivation.times.home.standard;
  const [pull, setPull] = useState<{ index: number; what: "end" | "block"; from: number; to: number } | null>(null);
  // Keys may be pressed faster than the core answers: what was wished counts until it did.
  const [wished, setWished] = useState<{ of: Derivation; standard: ReadonlyMap<number, number> } | null>(null);
  const counts = wished !== null && (wished.of === derivation || edits?.settling === true);
  const wishOf = (step: DerivedStep) => (counts ? wished.standard.get(step.index) : undefined) ?? standardOf(step);
  const wish = (step: DerivedStep, standard: number) => {
    const before = counts ? wished.standard : new Map<number, number>();
    setWished({ of: derivation, standard: new Map(before).set(step.index, standard) });
    edits?.onStretch(step.index, standard, holdOf(step));
  };
  if (total <= 0) return <p className="text-sm text-faded">The score appears as soon as a dose is given.</p>;
  const x = scaleLinear([0, total], [LEFT, WIDTH - SUM]);
  const blocks = placed(derivation);
  const height = FOOT + 6;

  const atX = (e: PointerEvent<SVGElement>) => {
    const svg = e.currentTarget.ownerSVGElement;
    return new DOMPoint(e.clientX, e.clientY).matrixTransform(svg?.getScreenCTM()?.inverse()).x;
  };
  /** What pulling a block's end to a place of the drawing would make of its dose. */
  const pulled = (b: PlacedStep, to: number) => {
    const ratio = Math.max(0.02, (to - x(b.start)) / Math.max(1, x(b.end) - x(b.start)));
    return Math.max(1, Math.round(standardOf(b.step) * ratio));
  };
  const handlers = (b: PlacedStep, what: "end" | "block") =>
    edits && {
      onPointerDown: (e: PointerEvent<SVGElement>) => {
        if (e.button !== 0) return;
        e.stopPropagation();
        e.currentTarget.setPointerCapture(e.pointerId);
        setPull({ index: b.step.index, what, from: atX(e), to: atX(e) });
      },
      onPointerMove: (e: PointerEvent<SVGElement>) => {
        if (pull?.index === b.step.index && pull.what === what) setPull({ ...pull, to: atX(e) });
      },
      onPointerUp: () => {
        if (!pull || pull.index !== b.step.index || pull.what !== what) return;
        setPull(null);
        const far = pull.to - pull.from;
        if (what === "end") {
          const standard = pulled(b, pull.to);
          if (standard !== standardOf(b.step)) edits.onStretch(b.step.index, standard, holdOf(b.step));
        } else if (Math.abs(far) > (x(b.end) - x(b.start)) / 2 + 12) edits.onMove(b.step.index, far > 0 ? 1 : -1);
        else if (Math.abs(far) < 6) onStep?.(b.step.index);
      },
      onPointerCancel: () => setPull(null),
    };
  const onKey = (b: PlacedStep) => (e: KeyboardEvent<SVGElement>) => {
    const { step } = b;
    const [standard, hold] = [wishOf(step), holdOf(step)];
    if (isKey(e, scoreKeys.open)) onStep?.(step.index);
    else if (!edits) return;
    else if (isKey(e, scoreKeys.longer)) wish(step, standard + 1);
    else if (isKey(e, scoreKeys.shorter)) wish(step, Math.max(1, standard - 1));
    else if (isKey(e, scoreKeys.holdLonger) && hold) edits.onStretch(step.index, standard, hold + 1);
    else if (isKey(e, scoreKeys.holdShorter) && hold) edits.onStretch(step.index, standard, Math.max(1, hold - 1));
    else if (isKey(e, scoreKeys.later)) edits.onMove(step.index, 1);
    else if (isKey(e, scoreKeys.earlier)) edits.onMove(step.index, -1);
    else return;
    e.preventDefault();
    e.stopPropagation();
  };

  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      className="block w-full select-none"
      role={edits ? "group" : "img"}
      aria-label={`Score of ${derivation.steps.length} steps, ${seconds(total)}`}
      fontFamily="var(--font-sans)"
      fontSize={11}
    >
      <path
        d={breath(x(0), x(total), FOOT)}
        fill="none"
        stroke="var(--color-skin-only)"
        strokeOpacity={0.35}
        strokeWidth={1.2}
      />
      {x.ticks(Math.min(8, Math.max(2, Math.round(total / 10)))).map((t) => (
        <g key={t}>
          <path d={`M${x(t)} ${HEAD - 3}V${FOOT}`} stroke="var(--color-line)" strokeWidth={0.7} />
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
      {blocks.map((b) => {
        const mine = pull?.index === b.step.index ? pull : null;
        const shift = mine?.what === "block" ? mine.to - mine.from : 0;
        return (
          <g key={b.step.index}>
            {b.changes.map((c) => (
              <Between
                key={c.kind}
                from={x(c.start)}
                to={x(c.start + c.seconds)}
                words={`${c.words}, ${c.seconds} s`}
              />
            ))}
            <g
              onClick={edits ? undefined : () => onStep?.(b.step.index)}
              className={
                edits
                  ? "cursor-grab outline-offset-2 focus-visible:outline-2 focus-visible:outline-now"
                  : onStep && "cursor-pointer"
              }
              data-score-step={b.step.index}
              opacity={current === undefined || current === null || current === b.step.index ? 1 : 0.6}
              transform={shift ? `translate(${shift} 0)` : undefined}
              {...(edits && {
                tabIndex: 0,
                role: "slider",
                "aria-label": `Step ${b.step.index + 1}, ${b.step.title}`,
                "aria-valuenow": standardOf(b.step),
                "aria-valuemin": 1,
                "aria-valuemax": 600,
                "aria-valuetext": `${b.step.completed.dose?.line ?? ""}, ${seconds(b.end - b.start)}`,
                onKeyDown: onKey(b),
                ...handlers(b, "block"),
              })}
            >
              {edits && (
                <rect x={x(b.start)} y={HEAD} width={x(b.end) - x(b.start)} height={FOOT - HEAD} fill="transparent" />
              )}
              {LANES.map((lane, row) => (
                <ScoreBlock
                  key={lane}
                  step={b.step}
                  lane={lane}
                  y={HEAD + row * LANE_HEIGHT + 3}
                  from={x(b.start)}
                  to={x(b.end)}
                />
              ))}
            </g>
            {changed?.has(b.step.index) && (
              <g data-score-changed={b.step.index}>
                <title>This step differs from the edition before</title>
                <path d={`M${x(b.start) + 1} ${HEAD}H${x(b.end) - 1}`} stroke="var(--color-now)" strokeWidth={3} />
                <text x={x(b.start) + 4} y={HEAD - 4} fontSize={12} fontWeight={700} fill="var(--color-now)">
                  ≠
                </text>
              </g>
            )}
            {edits && (
              <g className="cursor-ew-resize" data-score-end={b.step.index} {...handlers(b, "end")}>
                <title>Pull to make it longer or shorter</title>
                <rect x={x(b.end) - 7} y={HEAD} width={10} height={FOOT - HEAD} fill="transparent" />
                <path
                  d={`M${x(b.end) - 1.5} ${HEAD + 3}V${FOOT - 3}`}
                  stroke="var(--color-now)"
                  strokeOpacity={mine?.what === "end" ? 1 : 0.35}
                  strokeWidth={2}
                />
              </g>
            )}
            {mine?.what === "end" && (
              <g pointerEvents="none">
                <rect
                  x={x(b.start)}
                  y={HEAD}
                  width={Math.max(4, mine.to - x(b.start))}
                  height={FOOT - HEAD}
                  fill="var(--color-now)"
                  fillOpacity={0.1}
                  stroke="var(--color-now)"
                  strokeDasharray="4 3"
                />
                <text x={mine.to + 4} y={HEAD + 14} fontSize={15} fontWeight={600} fill="var(--color-now)">
                  {pulled(b, mine.to)} {countWord(b.step)}
                </text>
              </g>
            )}
          </g>
        );
      })}
      <Totals derivation={derivation} />
    </svg>
  );
}

/** What lies between two steps: oil, a wipe, other hands. */
function Between({ from, to, words }: { from: number; to: number; words: string }) {
  return (
    <g data-score-between>
      <title>{words}</title>
      <rect x={from + 1} y={HEAD} width={Math.max(2, to - from - 2)} height={FOOT - HEAD} fill="var(--color-linen)" />
      <text
        transform={`translate(${(from + to) / 2 + 3} ${FOOT - 4}) rotate(-90)`}
        fontSize={9.5}
        fill="var(--color-faded)"
      >
        {words}
      </text>
    </g>
  );
}

/** The sum under a column, at the right end. */
function Totals({ derivation }: { derivation: Derivation }) {
  const { standard, minimum, full } = derivation.times.home;
  return (
    <g transform={`translate(${WIDTH - 4} ${HEAD})`} textAnchor="end">
      <path d={`M${-SUM + 14} 0V${LANES.length * LANE_HEIGHT}`} stroke="var(--color-ink)" strokeWidth={0.8} />
      <text y={20} fontSize={16} fontWeight={600} fill="var(--color-ink)">
        {seconds(standard)}
      </text>
      <text y={36} fill="var(--color-faded)">
        standard
      </text>
      <text y={62} fill="var(--color-ink)">
        {seconds(minimum)}
      </text>
      <text y={75} fill="var(--color-faded)">
        minimum
      </text>
      <text y={99} fill="var(--color-ink)">
        {seconds(full)}
      </text>
      <text y={112} fill="var(--color-faded)">
        full
      </text>
    </g>
  );
}
