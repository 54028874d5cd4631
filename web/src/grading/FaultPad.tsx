import type { Schemas } from "../shell/api";
import type { GradingKeys } from "../shell/keys";
import type { SheetFold } from "./sheetFold";
import { TouchButton } from "./TouchButton";
import type { Give } from "./useGrading";

export const FAULT_KEYS = ["fault1", "fault2", "fault3", "fault4", "fault5", "fault6"] as const;

/** At most six faults to stamp, this technique's first; below them the stop with its reason. */
export function FaultPad({
  sheet,
  faults,
  fold,
  step,
  keys,
  open,
  onOpen,
  onStopFor,
  give,
}: {
  sheet: Schemas["MarkSheet"];
  faults: readonly Schemas["SheetFault"][];
  fold: SheetFold;
  step: number | null;
  keys: GradingKeys;
  open: boolean;
  onOpen: (open: boolean) => void;
  onStopFor: (act: string) => void;
  give: Give;
}) {
  return (
    <section aria-label="Faults" className="flex h-full flex-col gap-1.5">
      {open ? (
        <ol className="flex flex-col gap-1 border-l-4 border-safety pl-2">
          {sheet.critical_acts.map((a, i) => (
            <li key={a.id}>
              <TouchButton tone="safety" className="w-full text-sm" k={String(i + 1)} onClick={() => onStopFor(a.id)}>
                {a.text}
              </TouchButton>
            </li>
          ))}
        </ol>
      ) : (
        <div className="grid gap-1.5 sm:grid-cols-2 lg:grid-cols-1">
          {faults.map((f, i) => {
            const act = FAULT_KEYS[i] ?? "fault1";
            const seen = fold.faults.get(f.id) ?? 0;
            return (
              <TouchButton
                key={f.id}
                data-fault={f.id}
                k={keys[act].shown}
                tone={seen > 0 ? "on" : "calm"}
                className="text-[0.95rem] lg:min-h-13"
                aria-keyshortcuts={keys[act].key}
                onClick={() => give("fault", { step, target: f.id })}
              >
                <span className="min-w-0 flex-1">{f.text}</span>
                {seen > 0 && <span className="font-semibold">{seen}</span>}
              </TouchButton>
            );
          })}
        </div>
      )}
      <TouchButton
        tone="safety"
        className="mt-auto min-h-12 justify-center text-lg lg:min-h-14"
        k={keys.critical.shown}
        aria-expanded={open}
        aria-keyshortcuts={keys.critical.key}
        onClick={() => onOpen(!open)}
      >
        {open ? "Back to the faults" : "STOP: critical act"}
      </TouchButton>
    </section>
  );
}
