import type { ReactNode } from "react";
import { stepLit, stepZones } from "../examinations/sheetWords";
import { FacePlate } from "../face/FacePlate";
import type { Schemas } from "../shell/api";
import type { GradingKeys } from "../shell/keys";
import { CountColumns } from "./CountColumns";
import { FaultPad } from "./FaultPad";
import { SIDE_WORDS } from "./gradingWords";
import { PlantPad } from "./PlantPad";
import { SaidPad } from "./SaidPad";
import { TouchButton } from "./TouchButton";
import type { Grading } from "./useGrading";
import type { Performance } from "./usePerformance";

/** While somebody performs: nothing scrolls, every act is one key or one large target under a thumb. */
export function Performing({
  view,
  g,
  at,
  keys,
  facing,
  stopOpen,
  onStopOpen,
  onStopFor,
  film,
}: {
  view: Schemas["DemonstrationView"];
  g: Grading;
  at: Performance;
  keys: GradingKeys;
  facing: boolean;
  stopOpen: boolean;
  onStopOpen: (open: boolean) => void;
  onStopFor: (act: string) => void;
  /** The film that is graded, in the place of the target picture. */
  film: ReactNode;
}) {
  const { sheet } = view;
  const { step } = at;
  const { fold, give } = g;
  if (!step) return null;
  const holdTarget =
    sheet.criteria.find((c) => c.step === step.index && c.measure?.quantity === "hold-seconds")?.measure ?? null;
  const correcting = sheet.kind === "correction";
  const cue = view.cues[facing ? "facing" : "mirror"]?.[at.at] ?? step.cue;
  return (
    <div className="grid flex-1 gap-3 [grid-template-areas:'middle_middle''count_faults'] grid-cols-[8.5rem_minmax(0,1fr)] sm:grid-cols-[13rem_minmax(0,1fr)] lg:[grid-template-areas:'count_middle_faults'] lg:grid-cols-[12.5rem_minmax(0,1fr)_16rem] xl:grid-cols-[16rem_minmax(0,1fr)_21rem]">
      <section aria-label="Counting" className="flex flex-col gap-2 [grid-area:count]">
        {correcting ? (
          <PlantPad sheet={sheet} fold={fold} step={step.index} keys={keys} now={g.now} give={give} />
        ) : (
          <>
            <TouchButton
              k={keys.count.shown}
              className="min-h-24 flex-1 justify-center text-2xl font-medium"
              aria-keyshortcuts="Space"
              onClick={at.count}
            >
              Count
            </TouchButton>
            <TouchButton
              k={keys.hold.shown}
              tone={at.holding !== null ? "on" : "calm"}
              className="min-h-18 flex-1 touch-none justify-center text-2xl font-medium select-none"
              aria-keyshortcuts={keys.hold.key}
              onPointerDown={(e) => {
                e.currentTarget.setPointerCapture(e.pointerId);
                if (at.holding === null) at.press();
              }}
              onPointerUp={() => at.holding !== null && at.release()}
              onPointerCancel={() => at.holding !== null && at.release()}
            >
              {at.holding !== null ? "Holding" : "Hold"}
            </TouchButton>
            {step.columns.length > 1 && (
              <TouchButton
                k={keys.otherSide.shown}
                className="min-h-12 justify-center text-lg lg:min-h-14"
                aria-keyshortcuts={keys.otherSide.key}
                onClick={at.otherSide}
              >
                Other side: {SIDE_WORDS[step.columns.find((c) => c !== at.column) ?? ""]}
              </TouchButton>
            )}
          </>
        )}
        <TouchButton
          k={keys.undo.shown}
          className="min-h-12 justify-center text-lg lg:min-h-14"
          aria-keyshortcuts={keys.undo.key}
          onClick={g.undo}
        >
          Take back
        </TouchButton>
      </section>
      <section aria-label="The step" className="flex min-w-0 flex-col gap-2 [grid-area:middle]">
        {sheet.steps.length > 1 && <Steps sheet={sheet} at={at} keys={keys} />}
        <p className="min-h-12 font-serif text-lg leading-snug">
          {step.part && <span className="font-semibold">{step.part}: </span>}
          {cue}
        </p>
        <div className="flex flex-wrap items-center justify-center gap-x-4 gap-y-1">
          {film ?? (
            <div className="w-36 shrink-0 max-lg:w-28" data-target-picture>
              <FacePlate content={{ lit: stepLit(sheet, step.index), zones: stepZones(sheet, step.index) }} compact />
            </div>
          )}
          {!correcting && (
            <CountColumns
              step={step}
              fold={fold}
              measures={g.score.tracks}
              side={at.column}
              holdTarget={holdTarget}
              onSide={at.setSide}
              now={g.now}
              facing={facing}
              slim={film !== null}
            />
          )}
        </div>
        <p className="min-h-6 text-center text-sm text-now" role="status" data-moved={at.movedFrom ?? undefined}>
          {at.movedFrom &&
            `The ${SIDE_WORDS[at.movedFrom]} side has its dose: now the ${SIDE_WORDS[at.column]}. ${keys.otherSide.shown} calls it back.`}
        </p>
        <SaidPad fold={fold} adaptations={sheet.adaptations ?? []} twoSides={step.columns.length === 2} give={give} />
      </section>
      <div className="[grid-area:faults]">
        <FaultPad
          sheet={sheet}
          faults={at.faults}
          fold={fold}
          step={step.index}
          keys={keys}
          open={stopOpen}
          onOpen={onStopOpen}
          onStopFor={onStopFor}
          give={give}
        />
      </div>
    </div>
  );
}

/** The steps in the order in which they are seen; the current one large, the next one named. */
function Steps({ sheet, at, keys }: { sheet: Schemas["MarkSheet"]; at: Performance; keys: GradingKeys }) {
  return (
    <nav aria-label="Steps" className="flex flex-wrap items-center gap-1 text-sm">
      <TouchButton
        k={keys.lastStep.shown}
        aria-label={`${keys.lastStep.shown} step before`}
        onClick={() => at.goStep(-1)}
      >
        ‹
      </TouchButton>
      <label className="min-w-0 flex-1">
        <span className="sr-only">Step</span>
        <select
          className="min-h-11 w-full rounded-mark border border-line bg-field px-2 font-semibold"
          value={at.step?.index ?? 0}
          onChange={(e) => {
            at.goTo(Number(e.target.value));
            e.target.blur();
          }}
        >
          {sheet.steps.map((s, i) => (
            <option key={s.index} value={s.index}>
              {i + 1} of {sheet.steps.length}: {s.part ? `${s.part}, ` : ""}
              {s.title}
            </option>
          ))}
        </select>
      </label>
      <TouchButton k={keys.nextStep.shown} className="max-w-52" onClick={() => at.goStep(1)} disabled={!at.next}>
        <span className="truncate">{at.next ? `next: ${at.next.part ?? at.next.title}` : "last step"}</span>
      </TouchButton>
    </nav>
  );
}
