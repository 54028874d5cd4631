import { useEffect, useState } from "react";
import type { Schemas } from "../shell/api";
import { usePlateView } from "../face/plateView";
import { cn } from "../ui/cn";
import type { SheetFold } from "./sheetFold";

type SheetStep = Schemas["SheetStep"];
const TALL = 208;

/** The count fills a column of ticks between the drawn target lines; two sides are two columns that should end level. */
export function CountColumns({
  step,
  fold,
  measures,
  side,
  holdTarget,
  onSide,
  now,
}: {
  step: SheetStep;
  fold: SheetFold;
  measures: readonly Schemas["TrackMeasure"][];
  side: string;
  holdTarget: { low: number; high: number } | null;
  onSide: (side: SheetStep["columns"][number]) => void;
  now: () => number;
}) {
  const { viewer } = usePlateView();
  // Columns stand as the sides are seen: the trainee's left is on the right of whoever faces them.
  const columns = viewer === "facing" ? [...step.columns].reverse() : step.columns;
  const inSeconds = step.counting === "seconds";
  const levels = inSeconds ? step.seconds : step.repetitions;
  const top = Math.max(levels.full * 1.25, levels.full + 1, 1);
  const y = (n: number) => TALL - (Math.min(n, top) / top) * (TALL - 8);
  return (
    <div className="flex items-end justify-center gap-6">
      {columns.map((column) => {
        const track = fold.tracks.find((t) => t.step === step.index && t.side === column);
        const measured = measures.find((m) => m.step === step.index && m.side === column);
        const count = (track?.taps ?? 0) + (track?.holds.length ?? 0);
        const value = inSeconds
          ? (track?.holds.reduce((s, h) => s + h, 0) ?? 0) +
            (track && track.taps > 0 ? (measured?.working_seconds ?? 0) - track.holds.reduce((s, h) => s + h, 0) : 0)
          : count;
        const on = column === side;
        return (
          <button
            key={column}
            type="button"
            aria-pressed={on}
            data-column={column}
            data-count={count}
            onClick={() => onSide(column)}
            className={cn(
              "rounded-mark border-2 px-3 pt-1 pb-2",
              on ? "border-now bg-now-wash" : "border-line bg-field",
            )}
          >
            <span className="block text-lg font-semibold">{WORDS[column] ?? column}</span>
            <svg width={96} height={TALL + 4} aria-hidden="true" className="mx-auto block">
              <rect
                x={22}
                y={y(levels.full)}
                width={52}
                height={Math.max(2, y(levels.minimum) - y(levels.full))}
                fill="var(--color-kneaded)"
                fillOpacity={0.14}
                stroke="var(--color-kneaded)"
                strokeDasharray="3 3"
              />
              <path d={`M16 ${y(levels.standard)}H80`} stroke="var(--color-kneaded)" strokeWidth={1.5} />
              <text x={84} y={y(levels.standard) + 4} fontSize={11} fill="var(--color-faded)">
                {Math.round(levels.standard)}
              </text>
              {inSeconds ? (
                <Filling from={track?.holdingSinceMs ?? null} base={value} now={now}>
                  {(seconds) => (
                    <rect x={30} y={y(seconds)} width={36} height={TALL - y(seconds)} fill="var(--color-now)" />
                  )}
                </Filling>
              ) : (
                Array.from({ length: Math.min(count, Math.floor(top)) }, (_, i) => (
                  <rect
                    key={i}
                    x={30}
                    y={y(i + 1) + 2}
                    width={36}
                    height={Math.max(2, y(i) - y(i + 1) - 3)}
                    rx={2}
                    fill="var(--color-now)"
                  />
                ))
              )}
              <path d={`M12 ${TALL}H84`} stroke="var(--color-ink)" strokeWidth={1.5} />
            </svg>
            <span className="block text-4xl font-semibold">
              {inSeconds ? (
                <Filling from={track?.holdingSinceMs ?? null} base={value} now={now}>
                  {(s) => (
                    <>
                      {s.toFixed(1)}
                      <small className="text-lg"> s</small>
                    </>
                  )}
                </Filling>
              ) : (
                count
              )}
            </span>
            {step.counting === "hold" && holdTarget && (
              <Filling from={track?.holdingSinceMs ?? null} base={0} now={now}>
                {(s) => (
                  <HoldBar seconds={s} low={holdTarget.low} high={holdTarget.high} last={track?.holds.at(-1) ?? null} />
                )}
              </Filling>
            )}
          </button>
        );
      })}
    </div>
  );
}

export const WORDS: Readonly<Record<string, string>> = {
  left: "left",
  right: "right",
  both: "both at once",
  midline: "midline",
};

/** Seconds that run while something is held; still otherwise. */
function Filling({
  from,
  base,
  now,
  children,
}: {
  from: number | null;
  base: number;
  now: () => number;
  children: (seconds: number) => React.ReactNode;
}) {
  const [running, setRunning] = useState(0);
  useEffect(() => {
    if (from === null) return;
    const tick = () => setRunning(Math.max(0, (now() - from) / 1000));
    tick();
    const timer = setInterval(tick, 100);
    return () => clearInterval(timer);
  }, [from, now]);
  return <>{children(base + (from === null ? 0 : running))}</>;
}

/** The hold fills a bar with its band drawn in. */
function HoldBar({ seconds, low, high, last }: { seconds: number; low: number; high: number; last: number | null }) {
  const top = high * 1.6;
  const x = (s: number) => (Math.min(s, top) / top) * 96;
  const shown = seconds > 0 ? seconds : (last ?? 0);
  return (
    <svg width={96} height={30} aria-hidden="true" className="mx-auto block">
      <rect x={0} y={4} width={96} height={10} fill="var(--color-linen)" />
      <rect
        x={x(low)}
        y={2}
        width={Math.max(2, x(high) - x(low))}
        height={14}
        fill="var(--color-kneaded)"
        fillOpacity={0.2}
        stroke="var(--color-kneaded)"
        strokeDasharray="3 2"
      />
      <rect x={0} y={6} width={x(shown)} height={6} fill="var(--color-now)" fillOpacity={seconds > 0 ? 1 : 0.45} />
      <text x={48} y={28} textAnchor="middle" fontSize={11} fill="var(--color-faded)">
        {seconds > 0
          ? `${seconds.toFixed(1)} s`
          : last !== null
            ? `last ${last.toFixed(1)} s`
            : `${low.toFixed(0)}–${high.toFixed(0)} s`}
      </text>
    </svg>
  );
}
