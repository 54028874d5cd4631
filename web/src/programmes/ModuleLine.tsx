import { ModuleRoutine } from "./ModuleRoutine";
import type { Schemas } from "../shell/api";
import { toggled } from "../techniques/parts/techniqueModel";
import { Button } from "../ui/Button";
import { cn } from "../ui/cn";
import { Pick, TextField } from "../ui/Field";
import { Toggles } from "../ui/Toggles";
import { hours } from "./programmeModel";
import type { ProgrammeModule } from "./programmeQueries";

const KINDS = ["theory", "demonstration", "supervised-practice", "self-practice", "teaching-practice", "assessment"];
/** Standings in which a technique is not taught. */
const UNTAUGHT = new Set(["draft", "parked", "retired"]);

type ModuleProps = {
  module: ProgrammeModule;
  place: number;
  count: number;
  others: readonly ProgrammeModule[];
  outcomes: readonly Schemas["Outcome"][];
  library: readonly Schemas["EditionLine"][];
  schools: readonly { value: string; word: string }[];
  faults: readonly Schemas["OrderFault"][];
  open: boolean;
  canChange: boolean;
  onOpen: () => void;
  onMove: (by: number) => void;
  onChange: (change: Partial<ProgrammeModule>) => void;
  onTakeOut: () => void;
};

/** One module: what it is in a line; opened, all of it to change. */
export function ModuleLine({
  module: m,
  place,
  count,
  others,
  outcomes,
  library,
  schools,
  faults,
  open,
  canChange,
  onOpen,
  onMove,
  onChange,
  onTakeOut,
}: ModuleProps) {
  const nameOf = (code: string) => library.find((t) => t.code === code)?.name ?? code;
  return (
    <li className={cn("border-t border-line py-1.5", open && "border-t-2 border-now")} data-module={m.id}>
      <div className="flex items-baseline gap-3">
        <button type="button" className="min-w-0 flex-1 text-left" aria-expanded={open} onClick={onOpen}>
          <span className="mr-2 font-semibold text-now">{place + 1}</span>
          <span className="font-serif text-[1.05rem] font-medium">{m.name}</span>
          <span className="ml-2 text-sm text-faded">
            {m.kind.replaceAll("-", " ")} · {hours(m.minutes)}
          </span>
          {(m.techniques ?? []).length > 0 && (
            <span className="block pl-5 text-sm">{(m.techniques ?? []).map(nameOf).join(" · ")}</span>
          )}
        </button>
        {canChange && (
          <span className="flex shrink-0 gap-1">
            <Button
              size="line"
              tone="quiet"
              disabled={place === 0}
              aria-label={`Move ${m.name} earlier`}
              onClick={() => onMove(-1)}
            >
              ↑
            </Button>
            <Button
              size="line"
              tone="quiet"
              disabled={place === count - 1}
              aria-label={`Move ${m.name} later`}
              onClick={() => onMove(1)}
            >
              ↓
            </Button>
          </span>
        )}
      </div>
      {faults.map((f) => (
        <p key={f.says} role="alert" className="ml-5 border-l-2 border-now pl-2 text-sm text-now">
          {f.says}
        </p>
      ))}
      {open && canChange && (
        <div className="mt-2 ml-5 grid gap-3 sm:grid-cols-2">
          <TextField label="Name" value={m.name} onChange={(e) => onChange({ name: e.target.value })} />
          <div className="grid grid-cols-[1fr_6rem] gap-2">
            <Pick
              label="Kind"
              options={KINDS.map((k) => ({ value: k, word: k.replaceAll("-", " ") }))}
              value={m.kind}
              onChange={(kind) => kind && onChange({ kind })}
            />
            <TextField
              label="Minutes"
              type="number"
              min={1}
              max={6000}
              value={m.minutes}
              onChange={(e) => onChange({ minutes: Number(e.target.value) || 0 })}
            />
          </div>
          <div>
            <Toggles
              label="Techniques taught here"
              options={library
                .filter((t) => (m.techniques ?? []).includes(t.code))
                .map((t) => ({ value: t.code, word: t.name }))}
              on={m.techniques ?? []}
              onToggle={(code) => onChange({ techniques: toggled(m.techniques, code) })}
            />
            <Pick
              label="Add a technique here"
              options={library
                .filter((t) => !UNTAUGHT.has(t.standing) && !(m.techniques ?? []).includes(t.code))
                .map((t) => ({ value: t.code, word: t.name, group: t.region ?? "no region" }))}
              value={null}
              onChange={(code) => code && onChange({ techniques: [...(m.techniques ?? []), code] })}
            />
          </div>
          <Toggles
            label="Prerequisites"
            options={others.filter((o) => o.id !== m.id).map((o) => ({ value: o.id, word: o.name }))}
            on={m.prerequisites ?? []}
            onToggle={(id) => onChange({ prerequisites: toggled(m.prerequisites, id) })}
          />
          <Toggles
            label="Outcomes it serves"
            options={outcomes.map((o) => ({ value: o.id, word: o.text }))}
            on={m.outcomes ?? []}
            onToggle={(id) => onChange({ outcomes: toggled(m.outcomes, id) })}
          />
          <Toggles
            label="Teaching styles of this module, if they differ"
            options={schools}
            on={m.schools ?? []}
            onToggle={(id) => onChange({ schools: toggled(m.schools ?? null, id) })}
          />
          <div className="flex flex-wrap justify-end gap-x-2 self-end">
            {(m.techniques ?? []).length > 0 && <ModuleRoutine module={m} library={library} />}
            <Button size="line" tone="quiet" onClick={onTakeOut}>
              remove this module
            </Button>
          </div>
        </div>
      )}
    </li>
  );
}
