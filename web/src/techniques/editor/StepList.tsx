import { Button } from "../../ui/Button";
import { cn } from "../../ui/cn";
import { StepEditor, type PickPlace } from "./StepEditor";
import { mirroredStep, moved, seconds, whatOf, type Derivation, type Step } from "../parts/techniqueModel";

type Props = {
  steps: readonly Step[];
  derivation: Derivation | undefined;
  open: number | null;
  picking: PickPlace | null;
  onOpen: (index: number | null) => void;
  onPicking: (picking: PickPlace | null) => void;
  onStep: (index: number, step: Step, field: string | null) => void;
  /** A new order or number of steps, and which one is open then. */
  onSteps: (steps: Step[], open: number | null) => void;
};

/** The steps in order, one of them open: moved, repeated, mirrored, taken out. */
export function StepList({ steps, derivation, open, picking, onOpen, onPicking, onStep, onSteps }: Props) {
  const insertAfter = (index: number, step: Step) =>
    onSteps([...steps.slice(0, index + 1), step, ...steps.slice(index + 1)], index + 1);
  return (
    <ol>
      {steps.map((step, i) => {
        const d = derivation?.steps[i];
        const here = open === i;
        const act = (word: string, label: string, does: () => void, disabled = false) => (
          <Button size="line" tone="quiet" disabled={disabled} aria-label={label} onClick={does}>
            {word}
          </Button>
        );
        return (
          <li key={i} className={cn("border-t border-line", here && "border-t-2 border-now")} data-step={i}>
            <div className="flex items-baseline gap-3 py-1.5">
              <button
                type="button"
                aria-expanded={here}
                className="min-w-0 flex-1 text-left"
                onClick={() => onOpen(here ? null : i)}
              >
                <span className="mr-2 font-semibold text-now">{i + 1}</span>
                <span className="font-serif text-[1.05rem] font-medium">
                  {d && whatOf(step) ? d.title : "a step that is still empty"}
                </span>
                {d && d.dose.total_seconds.standard > 0 && (
                  <span className="ml-2 text-sm text-faded">
                    {d.completed.dose?.line} · {seconds(d.dose.total_seconds.standard)}
                  </span>
                )}
              </button>
            </div>
            {here && (
              <p className="-mx-2 flex flex-wrap gap-x-1" role="group" aria-label={`What to do with step ${i + 1}`}>
                {act("up", `Move step ${i + 1} up`, () => onSteps(moved(steps, i, -1), here ? i - 1 : open), i === 0)}
                {act(
                  "down",
                  `Move step ${i + 1} down`,
                  () => onSteps(moved(steps, i, 1), here ? i + 1 : open),
                  i === steps.length - 1,
                )}
                {act("duplicate", `duplicate step ${i + 1}`, () => insertAfter(i, step))}
                {act("other side", `step ${i + 1} on the other side`, () => insertAfter(i, mirroredStep(step)))}
                {act("remove", `remove step ${i + 1}`, () =>
                  onSteps(
                    steps.filter((_, j) => j !== i),
                    null,
                  ),
                )}
              </p>
            )}
            {here && (
              <StepEditor
                step={step}
                index={i}
                derived={d}
                questions={(derivation?.questions ?? []).filter((q) => q.path.startsWith(`steps[${i}]`))}
                issues={(derivation?.issues ?? []).filter((x) => x.path.startsWith(`steps[${i}]`))}
                picking={picking}
                onPicking={onPicking}
                onChange={(next, field) => onStep(i, next, field)}
              />
            )}
          </li>
        );
      })}
    </ol>
  );
}
