import { useState } from "react";
import type { SheetFold } from "./sheetFold";
import { TouchButton } from "./TouchButton";
import type { Give } from "./useGrading";

const FEELINGS = [
  { id: "tremble", word: "tremble" },
  { id: "warmth", word: "warmth" },
  { id: "tenderness", word: "tenderness" },
] as const;
const DEGREES = Array.from({ length: 11 }, (_, i) => i);

/** What the trainee says, and what else happened: neither counted nor judged, and it changes how the rest is read. */
export function SaidPad({
  fold,
  adaptations,
  twoSides,
  give,
}: {
  fold: SheetFold;
  /** Milder versions that can be declared before the first movement. */
  adaptations: readonly string[];
  twoSides: boolean;
  give: Give;
}) {
  const [asked, setAsked] = useState<string | null>(null);
  const begun = fold.tracks.some((t) => t.taps + t.holds.length > 0 || t.holdingSinceMs !== null);
  if (asked)
    return (
      <div className="grid min-h-[6.1rem] grid-cols-6 gap-1" role="group" aria-label={`${asked}, 0 to 10`}>
        {DEGREES.map((n) => (
          <TouchButton
            key={n}
            className="justify-center"
            onClick={() => {
              give("said", { target: asked, value: n });
              setAsked(null);
            }}
          >
            {n}
          </TouchButton>
        ))}
        <TouchButton className="justify-center px-1 text-xs" onClick={() => setAsked(null)}>
          not said
        </TouchButton>
      </div>
    );
  return (
    <div
      className="flex min-h-11 flex-wrap content-start gap-1 text-sm lg:min-h-[6.1rem]"
      role="group"
      aria-label="What else happened"
    >
      {FEELINGS.map((f) => (
        <TouchButton key={f.id} tone={fold.felt.has(f.id) ? "on" : "calm"} onClick={() => setAsked(f.id)}>
          says: {f.word}
          {fold.felt.has(f.id) && <span className="font-semibold">{fold.felt.get(f.id)}</span>}
        </TouchButton>
      ))}
      {twoSides &&
        (!begun || fold.tighter !== null) &&
        (["left", "right"] as const).map((side) => (
          <TouchButton
            key={side}
            aria-pressed={fold.tighter === side}
            tone={fold.tighter === side ? "on" : "calm"}
            onClick={() => give("tighter", { side })}
          >
            {side} declared tighter
          </TouchButton>
        ))}
      {!begun && adaptations.length > 0 && (
        <select
          aria-label="Declared beforehand"
          className="min-h-11 max-w-56 rounded-mark border border-line bg-field px-2"
          value=""
          onChange={(e) => {
            if (e.target.value) give("note", { note: `declared: ${e.target.value}` });
            e.target.blur();
          }}
        >
          <option value="">declared milder …</option>
          {adaptations.map((a) => (
            <option key={a} value={a}>
              {a}
            </option>
          ))}
        </select>
      )}
      <TouchButton
        aria-pressed={fold.wrongSide}
        tone={fold.wrongSide ? "on" : "calm"}
        onClick={() => give("wrong-side")}
      >
        right, on the wrong side
      </TouchButton>
      <TouchButton
        aria-pressed={fold.interrupted}
        tone={fold.interrupted ? "on" : "calm"}
        onClick={() => give("interrupted")}
      >
        interrupted from outside
      </TouchButton>
    </div>
  );
}
