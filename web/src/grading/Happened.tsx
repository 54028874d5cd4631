import type { SheetFold } from "./sheetFold";
import type { useGrading } from "./useGrading";

/** What is neither counted nor judged, and changes how it is read. */
export function Happened({
  fold,
  twoSides,
  give,
}: {
  fold: SheetFold;
  twoSides: boolean;
  give: ReturnType<typeof useGrading>["give"];
}) {
  const begun = fold.tracks.some((t) => t.taps + t.holds.length > 0 || t.holdingSinceMs !== null);
  const button = (words: string, on: boolean, act: () => void) => (
    <button
      key={words}
      type="button"
      aria-pressed={on}
      className="min-h-11 rounded-mark border border-line bg-field px-2 text-sm hover:bg-linen aria-pressed:border-now aria-pressed:bg-now-wash"
      onClick={act}
    >
      {words}
    </button>
  );
  return (
    <div className="mt-2 flex flex-wrap gap-1" role="group" aria-label="What else happened">
      {twoSides &&
        (!begun || fold.tighter !== null) &&
        (["left", "right"] as const).map((side) =>
          button(`${side} declared tighter`, fold.tighter === side, () => give("tighter", { side })),
        )}
      {button("right, on the wrong side", fold.wrongSide, () => give("wrong-side"))}
      {button("interrupted from outside", fold.interrupted, () => give("interrupted"))}
    </div>
  );
}
