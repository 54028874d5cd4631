import type { Schemas } from "../shell/api";
import type { GradingKeys } from "../shell/keys";
import { Running } from "./Running";
import type { SheetFold } from "./sheetFold";
import { TouchButton } from "./TouchButton";
import type { Give } from "./useGrading";

/** A fault is shown on purpose; how long until it is caught runs beside it. */
export function PlantPad({
  sheet,
  fold,
  step,
  keys,
  now,
  give,
}: {
  sheet: Schemas["MarkSheet"];
  fold: SheetFold;
  step: number;
  keys: GradingKeys;
  now: () => number;
  give: Give;
}) {
  const planted = sheet.faults.find((f) => f.id === fold.planted?.fault);
  if (!fold.planted)
    return (
      <div className="flex flex-1 flex-col gap-1.5">
        <p className="font-semibold">Which fault is planted? Press as it begins.</p>
        {sheet.faults.slice(0, 6).map((f) => (
          <TouchButton key={f.id} data-plant={f.id} onClick={() => give("planted", { target: f.id, step })}>
            {f.text}
          </TouchButton>
        ))}
      </div>
    );
  const caught = fold.caughtAfterMs;
  return (
    <div className="flex flex-1 flex-col gap-2">
      <p>
        Planted: <span className="font-semibold">{planted?.text ?? fold.planted.fault}</span>
        {planted?.cue && <span className="block text-sm text-faded">a cue that mends it: {planted.cue}</span>}
      </p>
      <TouchButton
        k={keys.count.shown}
        tone={caught === null ? "calm" : "on"}
        className="min-h-32 flex-1 justify-center text-2xl font-medium"
        data-caught={caught ?? undefined}
        disabled={caught !== null}
        onClick={() => give("caught")}
      >
        {caught !== null ? (
          `Caught after ${(caught / 1000).toFixed(1)} s`
        ) : (
          <Running fromMs={fold.planted.atMs} now={now}>
            {(s) => (
              <span>
                Caught <span className="block text-lg whitespace-nowrap text-faded">{s.toFixed(1)} s</span>
              </span>
            )}
          </Running>
        )}
      </TouchButton>
    </div>
  );
}
