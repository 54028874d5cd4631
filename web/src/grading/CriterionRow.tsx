import { useEffect, useRef } from "react";
import { band, DOMAIN_WORDS } from "../examinations/sheetWords";
import type { Schemas } from "../shell/api";
import { cn } from "../ui/cn";

type RowProps = {
  criterion: Schemas["Criterion"];
  mark: number | null;
  scored: Schemas["ScoredCriterion"] | undefined;
  current: boolean;
  onCurrent: () => void;
  onMark: (value: number) => void;
  unseen: boolean;
  /** It could not be seen: neither met nor missed. */
  onUnseen: () => void;
};

/** One criterion with its mark; a measured one shows what was counted. */
export function CriterionRow({ criterion: c, mark, scored, current, onCurrent, onMark, unseen, onUnseen }: RowProps) {
  const row = useRef<HTMLTableRowElement>(null);
  useEffect(() => {
    if (current) row.current?.scrollIntoView({ block: "nearest" });
  }, [current]);
  const values = c.kind === "done" ? [0, 3] : [0, 1, 2, 3];
  const measured = c.measure !== null;
  const counted = mark === null ? (scored?.mark ?? null) : mark;
  return (
    <tr
      ref={row}
      data-criterion={c.id}
      data-marked={counted !== null || unseen}
      aria-current={current ? "true" : undefined}
      className={cn("border-t border-line align-middle first:border-t-0", current && "bg-now-wash")}
      onClick={measured ? undefined : onCurrent}
    >
      <td className="py-1 pr-2 pl-1.5">
        <span className="mr-1 text-xs text-faded">{DOMAIN_WORDS[c.domain]?.[0]}</span>
        {c.safety_critical && (
          <span className="mr-1 font-semibold text-safety" title="safety-critical">
            S
          </span>
        )}
        {c.text}
        {unseen && <span className="block text-xs text-now">could not be seen: its weight lies on the others</span>}
        {scored?.why && !unseen && <span className="block text-xs text-now">{scored.why}</span>}
        {current && mark !== null && c.anchors[mark] && (
          <span className="block text-xs text-faded">{c.anchors[mark]}</span>
        )}
      </td>
      <td className="w-60 py-0.5 pr-1 text-right whitespace-nowrap">
        {measured ? (
          <span className={counted === null ? "text-faded" : counted >= 3 ? "" : "font-semibold text-now"}>
            {scored?.value != null ? `${Math.round(scored.value * 100) / 100}` : "not counted yet"}{" "}
            <span className="text-xs text-faded">({band(c)})</span>
          </span>
        ) : (
          <span className="inline-flex gap-0.5" role="group" aria-label={`Mark: ${c.text}`}>
            {values.map((v) => (
              <button
                key={v}
                type="button"
                aria-pressed={mark === v}
                title={c.anchors[v]}
                onClick={(e) => {
                  e.stopPropagation();
                  onMark(v);
                }}
                className="min-h-11 min-w-11 rounded-mark border border-line bg-field px-1 text-sm aria-pressed:border-now aria-pressed:bg-now aria-pressed:font-semibold aria-pressed:text-on-now"
              >
                {c.kind === "done" ? (v === 0 ? "no" : "yes") : v}
              </button>
            ))}
            <button
              type="button"
              aria-pressed={unseen}
              aria-label="could not be seen"
              title="could not be seen"
              onClick={(e) => {
                e.stopPropagation();
                onUnseen();
              }}
              className="min-h-11 min-w-11 rounded-mark border border-line bg-field px-1 text-sm aria-pressed:border-now aria-pressed:bg-now-wash aria-pressed:font-semibold"
            >
              ?
            </button>
          </span>
        )}
      </td>
    </tr>
  );
}
