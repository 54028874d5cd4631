import type { Schemas } from "../shell/api";
import { cn } from "../ui/cn";
import { SIDE_WORDS } from "./gradingWords";
import { Running } from "./Running";
import type { SheetFold } from "./sheetFold";

type SheetStep = Schemas["SheetStep"];
const TALL = 168;

/** The count fills a column of ticks between the drawn target lines; two sides are two columns that should end level. */
export function CountColumns({
  step,
  fold,
  measures,
  side,
  holdTarget,
  onSide,
  now,
  facing,
  slim = false,
}: {
  step: SheetStep;
  fold: SheetFold;
  measures: readonly Schemas["TrackMeasure"][];
  side: string;
  holdTarget: { low: number; high: number } | null;
  onSide: (side: SheetStep["columns"][number]) => void;
  now: () => number;
  /** Whether the assessor faces the trainee, without a mirror. */
  facing: boolean;
  /** Beside a film: numbers without their columns. */
  slim?: boolean;
}) {
  // Columns stand as the sides are seen: the trainee's left is on the right of whoever faces them.
  const columns = facing ? [...step.columns].reverse() : step.columns;
  const perSet = step.sets > 1 ? levels0(step) / step.sets : null;
  const inSeconds = step.counting === "seconds";
  const levels = inSeconds ? step.seconds : step.repetitions;
  const top = Math.max(levels.full * 1.25, levels.full + 1, 1);
  const y = (n: number) => TALL - (Math.min(n, top) / top) * (TALL - 8);
  return (
    <div className="flex items-end justify-center gap-6">
      {columns.map((column) => {
        const track = fold.tracks.find((t) => t.step === step.index && t.side === column);
        const measured = measures.find((m) => m.step === step.index && m.side === column);
        const count = (track?.taps ?? 0) + (track?.holds.length ?? 0) + (track?.tallied ?? 0);
        const value = inSeconds
          ? (track?.holds.reduce((s, h) => s + h, 0) ?? 0) +
            (track && track.taps > 0 ? (measured?.working_seconds ?? 0) - track.holds.reduce((s, h) => s + h, 0) : 0) +
            (track?.talliedSeconds ?? 0)
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
            <span className="block text-lg font-semibold">{SIDE_WORDS[column] ?? column}</span>
            {slim ? (
              <span className="block text-xs text-faded">
                {Math.round(levels.minimum)} to {Math.round(levels.full)}
              </span>
            ) : (
              <svg
                viewBox={`0 0 96 ${TALL + 4}`}
                aria-hidden="true"
                className="mx-auto block h-[10.75rem] w-24 max-lg:h-[7.5rem]"
              >
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
                  <Running fromMs={track?.holdingSinceMs ?? null} base={value} now={now}>
                    {(seconds) => (
                      <rect x={30} y={y(seconds)} width={36} height={TALL - y(seconds)} fill="var(--color-now)" />
                    )}
                  </Running>
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
            )}
            <span className="block text-4xl font-semibold">
              {inSeconds ? (
                <Running fromMs={track?.holdingSinceMs ?? null} base={value} now={now}>
                  {(s) => (
                    <>
                      {s.toFixed(1)}
                      <small className="text-lg"> s</small>
                    </>
                  )}
                </Running>
              ) : (
                count
              )}
            </span>
            {perSet !== null && !inSeconds && <Sets count={count} perSet={perSet} sets={step.sets} />}
            {step.counting === "hold" && holdTarget && (
              <Running fromMs={track?.holdingSinceMs ?? null} now={now}>
                {(s) => (
                  <HoldBar seconds={s} low={holdTarget.low} high={holdTarget.high} last={track?.holds.at(-1) ?? null} />
                )}
              </Running>
            )}
          </button>
        );
      })}
    </div>
  );
}

/** Repetitions of a side that the middle level asks for. */
const levels0 = (step: SheetStep) => Math.max(1, Math.round(step.repetitions.standard));

/** "set 2 of 3, 4 of 10": where a side stands when its repetitions come in sets. */
function Sets({ count, perSet, sets }: { count: number; perSet: number; sets: number }) {
  const size = Math.max(1, Math.round(perSet));
  const set = Math.min(sets, Math.floor(Math.max(0, count - 1) / size) + 1);
  return (
    <span className="block text-xs text-faded" data-set={set}>
      set {set} of {sets}, {Math.max(0, count - (set - 1) * size)} of {size}
    </span>
  );
}

/** The hold fills a bar with its band drawn in. */
function HoldBar({ seconds, low, high, last }: { seconds: number; low: number; high: number; last: number | null }) {
  const top = high * 1.6;
  const x = (s: number) => (Math.min(s, top) / top) * 96;
  const shown = seconds > 0 ? seconds : (last ?? 0);
  return (
    <svg width={96} height={30} aria-hidden="true" className="mx-auto block" data-last-hold={last ?? undefined}>
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
