import { useId, type KeyboardEvent } from "react";
import type { Schemas } from "../shell/api";
import { cn } from "../ui/cn";
import { clock } from "./routineModel";

type Block = Schemas["TimelineBlock"];
const LANES: readonly { id: Block["lanes"][number]; word: string }[] = [
  { id: "right-hand", word: "right hand" },
  { id: "left-hand", word: "left hand" },
  { id: "face", word: "face" },
  { id: "eyes", word: "eyes" },
  { id: "breath", word: "breath" },
  { id: "talk", word: "talk" },
];

/** The block at a moment; the last one at the end. */
export const blockAt = (blocks: readonly Block[], seconds: number): Block | undefined =>
  blocks.find((b) => seconds < b.to) ?? blocks.at(-1);

/** One line of time for the whole routine, a lane for each hand, face, eyes, breath and talk; the playhead leads the plate. */
export function RoutineScore({
  blocks,
  nameOf,
  at,
  onAt,
}: {
  blocks: readonly Block[];
  /** The name of a part. */
  nameOf: (part: string) => string;
  at: number;
  onAt: (seconds: number) => void;
}) {
  const id = useId();
  const total = blocks.at(-1)?.to ?? 0;
  if (total === 0) return null;
  const x = (seconds: number) => `${(seconds / total) * 100}%`;
  const here = blockAt(blocks, at);
  const onKeyDown = (e: KeyboardEvent) => {
    if (e.key !== "PageDown" && e.key !== "PageUp") return;
    // A page is a block: forwards to where the next begins, back to where this one or the one before does.
    const next =
      e.key === "PageDown" ? blocks.find((b) => b.from > at + 0.01) : blocks.findLast((b) => b.from < at - 0.01);
    if (next) onAt(next.from);
    e.preventDefault();
  };
  return (
    <section aria-labelledby={id}>
      <div className="mb-1 flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 id={id}>The score</h2>
        <p className="text-sm text-faded" role="status">
          {clock(at)} of {clock(total)}
          {here && `: ${here.change ? here.label : nameOf(here.part)}`}
        </p>
      </div>
      <div className="grid grid-cols-[5.5rem_1fr] gap-x-2 text-[0.8rem]">
        <div aria-hidden="true">
          {LANES.map((l) => (
            <p key={l.id} className="h-6 leading-6 text-faded">
              {l.word}
            </p>
          ))}
        </div>
        <div className="relative" data-score>
          {LANES.map((l) => (
            <div key={l.id} className="relative h-6 border-b border-line">
              {blocks
                .filter((b) => b.lanes.includes(l.id))
                .map((b) => (
                  <button
                    key={b.from}
                    type="button"
                    tabIndex={-1}
                    aria-hidden="true"
                    title={`${nameOf(b.part)}: ${b.label}, ${clock(b.to - b.from)}`}
                    onClick={() => onAt(b.from)}
                    style={{ left: x(b.from), width: x(b.to - b.from) }}
                    className={cn(
                      "absolute top-0.5 h-5 overflow-hidden rounded-[3px] border text-left text-[0.7rem] leading-4 whitespace-nowrap",
                      // Oil is a ground of its own: it reads without colour too, by its lines.
                      b.ground === "slip"
                        ? "border-skin-only bg-[repeating-linear-gradient(135deg,var(--color-skin-only)_0_1px,var(--color-field)_1px_5px)]"
                        : "border-tightens/60 bg-now-wash",
                      b === here && "outline-2 outline-now",
                    )}
                  />
                ))}
            </div>
          ))}
          {blocks
            .filter((b) => b.change)
            .map((b) => (
              <span
                key={b.from}
                aria-hidden="true"
                title={`${b.label}, ${clock(b.to - b.from)}`}
                style={{ left: x(b.from), width: x(b.to - b.from) }}
                className="absolute inset-y-0 border-x border-dashed border-faded/50 bg-linen/70"
              />
            ))}
          <span
            aria-hidden="true"
            style={{ left: x(at) }}
            className="pointer-events-none absolute inset-y-0 w-0.5 bg-now"
          />
        </div>
        <span />
        <input
          type="range"
          aria-label="Playhead: seconds from the beginning; Page Up and Page Down go from block to block"
          aria-valuetext={`${clock(at)}${here ? `, ${here.change ? here.label : nameOf(here.part)}` : ""}`}
          min={0}
          max={Math.ceil(total)}
          step={1}
          value={Math.min(at, total)}
          onChange={(e) => onAt(Number(e.target.value))}
          onKeyDown={onKeyDown}
          className="mt-1 w-full accent-[var(--color-now)]"
        />
      </div>
      <p className="mt-1 text-sm text-faded">
        Plain: dry fingers. Lined: oiled. Dashed between: what has to be changed.
      </p>
    </section>
  );
}
