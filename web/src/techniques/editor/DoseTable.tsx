import type { Schemas } from "../../shell/api";
import { cn } from "../../ui/cn";
import { Why } from "../../ui/Why";
import { seconds } from "../parts/techniqueModel";

type Levels = Schemas["Levels"];
const count = (n: number) => String(Math.round(n * 10) / 10);

/** The dose unrolled: what each side gets and what the step takes, minimum – standard – full. */
export function DoseTable({ sum, grey }: { sum: Schemas["DoseSum"]; grey: boolean }) {
  const sides = sum.columns.length === 2;
  const rows: readonly (readonly [string, Levels, (n: number) => string])[] = [
    [sides ? "each side" : "repetitions", sum.repetitions_per_side, count],
    ...(sides ? ([["in all", sum.repetitions_in_all, count]] as const) : []),
    [sides ? "work, each side" : "work", sum.seconds_per_side, seconds],
    ...(sum.tension_seconds.standard > 0 ? ([["held", sum.tension_seconds, seconds]] as const) : []),
    ["step in total", sum.total_seconds, seconds],
    ...(sum.day_seconds ? ([["a day", sum.day_seconds, seconds]] as const) : []),
    ...(sum.week_seconds ? ([["a week", sum.week_seconds, seconds]] as const) : []),
  ];
  return (
    <table className={cn("mt-2 text-sm", grey && "by-default")} data-dose-table>
      <thead>
        <tr className="text-faded">
          <td>
            <Why of="How the dose adds up" word="why" reasons={sum.reasons} />
          </td>
          {["minimum", "standard", "full"].map((l) => (
            <th key={l} className="pl-3 text-right sm:pl-5 font-normal">
              {l}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(([word, levels, say]) => (
          <tr key={word} className="border-t border-line last:font-semibold">
            <th className="pr-2 text-left font-[inherit]">{word}</th>
            {[levels.minimum, levels.standard, levels.full].map((n, i) => (
              <td key={i} className="pl-3 text-right sm:pl-5">
                {say(n)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
