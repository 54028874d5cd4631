import { Swatch } from "../../face/Stage";
import { isTone, tones } from "../../face/tones";
import type { Schemas } from "../../shell/api";
import { cn } from "../../ui/cn";
import { Why } from "../../ui/Why";

type Row = Schemas["WorkedRow"];
const SIDE: Readonly<Record<string, string>> = { left: "left", right: "right", both: "", midline: "" };

/** What is worked, how, how strongly, and by which rule. Never a bare colour. */
export function WorkList({
  rows,
  chosen,
  onChoose,
}: {
  rows: readonly Row[];
  chosen: string | null;
  onChoose: (structure: string | null) => void;
}) {
  if (rows.length === 0) return <p className="text-sm text-faded">Nothing yet. Say what happens, and where.</p>;
  return (
    <table className="w-full text-[0.92rem]">
      <thead className="sr-only">
        <tr>
          <th>Structure</th>
          <th>How</th>
          <th>Rule</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((r) => (
          <tr
            key={`${r.structure}-${r.side}-${r.mode}`}
            data-worked={r.structure}
            data-mode={r.mode}
            data-strength={r.strength}
            className={cn(
              "border-t border-line align-top",
              r.strength === "incidental" && "text-faded",
              chosen === r.structure && "bg-now-wash",
            )}
          >
            <td className="py-1 pr-2">
              <button
                type="button"
                className={cn("text-left hover:text-now", r.strength === "primary" && "font-semibold")}
                onClick={() => onChoose(chosen === r.structure ? null : r.structure)}
              >
                {r.name}
                {SIDE[r.side] && <span className="text-faded">, {SIDE[r.side]}</span>}
              </button>
              {r.fibres && <span className="block text-xs text-faded">{r.fibres} to its fibres</span>}
              {r.certainty !== "sure" && <span className="block text-xs text-now">uncertain: not all was told</span>}
            </td>
            <td className="py-1 pr-2 whitespace-nowrap">
              <span className="inline-flex items-center gap-1.5">
                {isTone(r.mode) && <Swatch tone={r.mode} />} {isTone(r.mode) ? tones[r.mode].word : r.mode}
              </span>
              <span className="block text-xs text-faded">{r.strength}</span>
            </td>
            <td className="py-1 text-right">
              <Why
                side="left"
                of={`Why the ${r.name} is ${isTone(r.mode) ? tones[r.mode].word : r.mode}`}
                word={rulesOf(r)}
                label={`${rulesOf(r)}: why ${r.name}`}
                reasons={r.why}
              />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const rulesOf = (row: Row) => [...new Set(row.why.map((w) => w.rule))].join(" ");
