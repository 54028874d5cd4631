import { Popover } from "radix-ui";
import { Swatch } from "../face/Stage";
import { isTone, tones } from "../face/tones";
import type { Schemas } from "../shell/api";
import { cn } from "../ui/cn";

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
              {r.certainty !== "sure" && <span className="block text-xs text-safety">uncertain: not all was told</span>}
            </td>
            <td className="py-1 pr-2 whitespace-nowrap">
              <span className="inline-flex items-center gap-1.5">
                {isTone(r.mode) && <Swatch tone={r.mode} />} {isTone(r.mode) ? tones[r.mode].word : r.mode}
              </span>
              <span className="block text-xs text-faded">{r.strength}</span>
            </td>
            <td className="py-1 text-right">
              <Why row={r} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** One touch on a row shows the rules, their inputs and their source. */
function Why({ row }: { row: Row }) {
  const rules = [...new Set(row.why.map((w) => w.rule))].join(" ");
  return (
    <Popover.Root>
      <Popover.Trigger
        className="min-h-6 rounded-mark px-1 text-xs text-now underline-offset-2 hover:underline"
        aria-label={`${rules}: why ${row.name}`}
      >
        {rules}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="left"
          collisionPadding={12}
          className="z-30 max-w-sm rounded-mark border border-line bg-paper p-4 text-sm shadow-xl"
        >
          <h3 className="mb-2">
            Why the {row.name} is {isTone(row.mode) ? tones[row.mode].word : row.mode}
          </h3>
          {row.why.map((w, i) => (
            <div key={i} className="mb-2 border-t border-line pt-1">
              <p>
                <span className="font-semibold">{w.rule}</span> {w.says}
              </p>
              <p className="text-faded">{w.inputs.map((x) => `${x.name}: ${x.value}`).join(" · ")}</p>
              <p className="text-xs text-faded">Source: {w.source}</p>
            </div>
          ))}
          <Popover.Arrow className="fill-[var(--color-line)]" />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
