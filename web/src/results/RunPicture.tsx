import type { Schemas } from "../shell/api";

type Run = Schemas["ScoreRun"];

const WIDTH = 420;
const LEFT = 84;
const ROW = 36;

const clock = (s: number) => `${Math.floor(s / 60)}:${String(Math.floor(s % 60)).padStart(2, "0")}`;
const SIDE: Readonly<Record<string, string>> = { left: "left", right: "right", both: "both", midline: "middle" };

/** How it ran over how it should run: each side of each step on its line, counts and holds at their second, faults above. */
export function RunPicture({ run, title }: { run: Run; title: string }) {
  const length = Math.max(run.seconds, 1);
  const x = (s: number) => LEFT + (Math.max(0, s) / length) * (WIDTH - LEFT - 12);
  const top = run.faults.length > 0 ? 30 : 12;
  const height = top + run.lanes.length * ROW + 20;
  const several = new Set(run.lanes.map((l) => l.step)).size > 1;
  const every = [5, 10, 15, 30, 60, 120, 300, 600].find((n) => length / n <= 6) ?? 900;
  const said = run.lanes
    .map(
      (l) =>
        `${l.title}, ${SIDE[l.side] ?? l.side}: ${shown(l)} shown${l.plan_count ? `, ${l.plan_count} planned` : ""}`,
    )
    .join("; ");
  return (
    <figure className="break-inside-avoid">
      <figcaption className="text-sm text-faded">{title}</figcaption>
      <svg
        viewBox={`0 0 ${WIDTH} ${height}`}
        className="block w-full max-w-xl"
        role="img"
        aria-label={`${title}. ${said}.`}
      >
        {Array.from({ length: Math.floor(length / every) + 1 }, (_, i) => i * every).map((s) => (
          <g key={s}>
            <path d={`M${x(s)} ${top - 4}V${height - 14}`} stroke="var(--color-line)" strokeWidth={0.8} />
            <text x={x(s)} y={height - 3} fontSize={11} textAnchor="middle" fill="var(--color-faded)">
              {clock(s)}
            </text>
          </g>
        ))}
        {run.lanes.map((l, i) => {
          const y = top + i * ROW;
          const from = x(l.plan_from);
          const to = x(l.plan_to);
          return (
            <g key={`${l.step}${l.side}`}>
              <text x={0} y={y + 16} fontSize={13} fill="var(--color-ink)">
                {several ? `${l.step + 1} ` : ""}
                {SIDE[l.side] ?? l.side}
              </text>
              <text x={0} y={y + 28} fontSize={11.5} fill="var(--color-faded)">
                {shown(l)}
              </text>
              <rect
                x={from}
                y={y + 2}
                width={Math.max(2, to - from)}
                height={9}
                fill="var(--color-kneaded)"
                fillOpacity={0.16}
                stroke="var(--color-kneaded)"
                strokeDasharray="3 2"
              />
              {l.holds.map((h, n) => (
                <rect
                  key={n}
                  x={x(h.from_seconds)}
                  y={y + 14}
                  width={Math.max(1.5, x(h.to_seconds) - x(h.from_seconds))}
                  height={10}
                  fill="var(--color-now)"
                />
              ))}
              {l.taps.map((t, n) => (
                <path key={n} d={`M${x(t)} ${y + 14}v10`} stroke="var(--color-now)" strokeWidth={2} />
              ))}
              <path d={`M${LEFT} ${y + 25}H${WIDTH - 12}`} stroke="var(--color-line)" strokeWidth={0.8} />
            </g>
          );
        })}
        {run.faults.map((f, i) => (
          <g key={i}>
            <path d={`M${x(f.at_seconds)} 16l4 -8h-8z`} fill="var(--color-safety)" />
            <path
              d={`M${x(f.at_seconds)} 16V${height - 16}`}
              stroke="var(--color-safety)"
              strokeWidth={0.7}
              strokeDasharray="2 3"
            />
            <title>{`${clock(f.at_seconds)} ${f.text}${f.mended_after === null ? "" : ", mended"}`}</title>
          </g>
        ))}
      </svg>
      {run.faults.length > 0 && (
        <ul className="text-sm">
          {run.faults.map((f, i) => (
            <li key={i}>
              <span className="text-safety">{clock(f.at_seconds)}</span> {f.text}
              {f.mended_after !== null && (
                <span className="text-faded">, mended after {Math.round(f.mended_after)} s</span>
              )}
            </li>
          ))}
        </ul>
      )}
    </figure>
  );
}

/** In what the step asks for: repetitions, or seconds of work. */
function shown(l: Schemas["RunLane"]) {
  const n = l.taps.length + l.holds.length + Math.round(l.tallied);
  if (n === 0) return "not shown";
  if (l.plan_count > 0 || l.taps.length > 0) return `${n} counted`;
  return `${Math.round(l.tallied + l.holds.reduce((sum, h) => sum + h.to_seconds - h.from_seconds, 0))} s`;
}
