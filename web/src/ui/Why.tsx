import { Popover } from "radix-ui";
import type { Schemas } from "../shell/api";

type Reason = Schemas["Reason"];

/** One touch on a number or a verdict: the rules, what went in, and where they come from. */
export function Why({
  of,
  word,
  label,
  reasons,
  side = "bottom",
}: {
  of: string;
  word: string;
  label?: string;
  reasons: readonly Reason[];
  side?: "bottom" | "left";
}) {
  if (reasons.length === 0) return null;
  return (
    <Popover.Root>
      <Popover.Trigger
        className="min-h-6 rounded-mark px-1 text-xs text-now underline-offset-2 hover:underline"
        aria-label={label ?? word}
      >
        {word}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side={side}
          collisionPadding={12}
          className="z-30 max-h-[70vh] max-w-sm overflow-auto rounded-mark border border-line bg-paper p-4 text-sm shadow-xl"
        >
          <h3 className="mb-2">{of}</h3>
          {reasons.map((w, i) => (
            <div key={i} className="mb-2 border-t border-line pt-1">
              <p>{w.says}</p>
              <p className="text-faded">{w.inputs.map((x) => `${x.name}: ${x.value}`).join(" · ")}</p>
              <p className="text-xs text-faded">
                Rule {w.rule} · source: {w.source}
              </p>
            </div>
          ))}
          <Popover.Arrow className="fill-[var(--color-line)]" />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
