import { useReference } from "../../face/atlas";
import { Swatch } from "../../face/Stage";
import { isTone, tones } from "../../face/tones";
import type { Schemas } from "../../shell/api";
import { cn } from "../../ui/cn";
import { Why } from "../../ui/Why";
import { inOrderOfWeight, tailWords, type WorkedPart } from "./workedParts";

const SIDE: Readonly<Record<Schemas["WorkedRow"]["side"], string>> = {
  left: "left",
  right: "right",
  both: "",
  midline: "",
};

type Props = {
  rows: readonly Schemas["WorkedRow"][];
  chosen: string | null;
  onChoose: (structure: string | null) => void;
};

/** What is worked, how, how strongly, and by which rule. What matters first; what stays relaxed or only comes along is folded. */
export function WorkList({ rows, chosen, onChoose }: Props) {
  if (rows.length === 0) return <p className="text-sm text-faded">Nothing yet. Say what happens, and where.</p>;
  const { first, tail } = inOrderOfWeight(rows);
  const list = (parts: readonly WorkedPart[]) => (
    <ul>
      {parts.map((p) => (
        <Part key={`${p.structure}-${p.side}`} part={p} chosen={chosen === p.structure} onChoose={onChoose} />
      ))}
    </ul>
  );
  return (
    <>
      {list(first)}
      {tail.length > 0 && (
        <details className="border-t border-line" open={tail.some((p) => p.structure === chosen)} data-tail>
          <summary className="min-h-8 cursor-pointer py-1 text-[0.92rem] text-now">{tailWords(tail)}</summary>
          {list(tail)}
        </details>
      )}
    </>
  );
}

function Part({ part, chosen, onChoose }: { part: WorkedPart; chosen: boolean } & Pick<Props, "onChoose">) {
  const { nameOf } = useReference();
  const { common, latin } = nameOf(part.structure);
  const fibres = part.rows.find((r) => r.fibres)?.fibres;
  return (
    <li className={cn("border-t border-line py-1 text-[0.92rem]", chosen && "bg-now-wash")}>
      <button
        type="button"
        className="min-h-6 text-left leading-snug hover:text-now"
        onClick={() => onChoose(chosen ? null : part.structure)}
      >
        <span className={cn(part.rows[0]?.strength === "primary" && "font-semibold")}>{common}</span>
        {SIDE[part.side] && <span>, {SIDE[part.side]}</span>}{" "}
        {latin && <span className="text-[0.85rem] text-faded">{latin}</span>}
      </button>
      {part.rows.map((r) => {
        const word = isTone(r.mode) ? tones[r.mode].word : r.mode;
        return (
          <p
            key={r.mode}
            data-worked={r.structure}
            data-mode={r.mode}
            data-strength={r.strength}
            className="flex items-baseline gap-1.5"
          >
            {isTone(r.mode) && <Swatch tone={r.mode} />}
            <span className="min-w-0 flex-1 leading-snug">
              {word} <span className="text-[0.82rem] text-faded">{r.strength}</span>
            </span>
            <Why side="left" of={`Why: ${common}, ${word}`} word="why" label={`why ${common}`} reasons={r.why} />
          </p>
        );
      })}
      {fibres && <p className="text-[0.82rem] text-faded">{fibres} to its fibres</p>}
      {part.rows.some((r) => r.certainty !== "sure") && (
        <p className="text-[0.82rem] text-now">uncertain: something is still open</p>
      )}
    </li>
  );
}
