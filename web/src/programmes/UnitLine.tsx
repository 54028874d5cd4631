import type { Schemas } from "../shell/api";
import { toggled } from "../techniques/parts/techniqueModel";
import { Button } from "../ui/Button";
import { cn } from "../ui/cn";
import { optionsOf, Pick, TextField } from "../ui/Field";
import { ListField } from "../ui/ListField";
import { Toggles } from "../ui/Toggles";
import { hours, KIND_WORDS, kindWord, outcomeSays } from "./programmeModel";
import type { ProgrammeDocument, ProgrammeUnit } from "./programmeQueries";
import { UnitRoutine } from "./UnitRoutine";

/** Standings in which a technique is not taught. */
const UNTAUGHT = new Set(["draft", "parked", "retired"]);

type UnitProps = {
  unit: ProgrammeUnit;
  place: number;
  document: ProgrammeDocument;
  library: readonly Schemas["EditionLine"][];
  routines: readonly Schemas["RoutineLine"][];
  faults: readonly string[];
  times: Schemas["UnitTimes"] | undefined;
  open: boolean;
  canChange: boolean;
  onOpen: () => void;
  onMove: (by: number) => void;
  onChange: (change: Partial<ProgrammeUnit>) => void;
  onTakeOut: () => void;
};

/** One unit: what it is in a line; opened, all of it to change. */
export function UnitLine(p: UnitProps) {
  const { unit: u, document, library, routines } = p;
  const nameOf = (code: string) => library.find((t) => t.code === code)?.name ?? code;
  const taught = [
    ...(u.techniques ?? []).map(nameOf),
    ...(u.routines ?? []).map((r) => routines.find((x) => x.id === r)?.name ?? "a routine"),
  ];
  const count = document.units?.length ?? 0;
  return (
    <li className={cn("border-t border-line py-1.5", p.open && "border-t-2 border-now")} data-unit={u.id}>
      <div className="flex items-baseline gap-3">
        <button type="button" className="min-w-0 flex-1 text-left" aria-expanded={p.open} onClick={p.onOpen}>
          <span className="mr-2 font-semibold text-now">{p.place + 1}</span>
          <span className="font-serif text-[1.05rem] font-medium">{u.name}</span>
          <span className="ml-2 text-sm text-faded">
            {kindWord(u.kind)} · <span className="whitespace-nowrap">{hours(u.minutes)}</span>
          </span>
          {taught.length > 0 && <span className="block pl-5 text-sm">{taught.join(" · ")}</span>}
        </button>
        {p.canChange && (
          <span className="flex shrink-0 gap-1">
            <Button
              size="line"
              tone="quiet"
              disabled={p.place === 0}
              aria-label={`Move ${u.name} earlier`}
              onClick={() => p.onMove(-1)}
            >
              ↑
            </Button>
            <Button
              size="line"
              tone="quiet"
              disabled={p.place === count - 1}
              aria-label={`Move ${u.name} later`}
              onClick={() => p.onMove(1)}
            >
              ↓
            </Button>
          </span>
        )}
      </div>
      {[...p.faults, ...(p.times?.says ? [p.times.says] : [])].map((says) => (
        <p key={says} role="alert" className="ml-5 border-l-2 border-now pl-2 text-sm text-now">
          {says}
        </p>
      ))}
      {p.open && p.canChange && (
        <div className="mt-2 ml-5 grid gap-3 pb-2 sm:grid-cols-2">
          <TextField label="Name" value={u.name} onChange={(e) => p.onChange({ name: e.target.value })} />
          <div className="grid grid-cols-[1fr_6rem] gap-2">
            <Pick
              label="Kind"
              options={optionsOf(KIND_WORDS)}
              value={u.kind}
              onChange={(kind) => kind && p.onChange({ kind })}
            />
            <TextField
              label="Minutes"
              type="number"
              min={1}
              max={6000}
              value={u.minutes}
              onChange={(e) => p.onChange({ minutes: Number(e.target.value) || 0 })}
            />
          </div>
          {p.times?.estimated != null && (
            <p className="text-sm text-faded sm:col-span-2">
              About {Math.ceil(p.times.estimated)} minutes by what it teaches:{" "}
              {p.times.pieces.map((x) => `${x.words} ${Math.max(1, Math.round(x.minutes))}`).join(", ")}.
            </p>
          )}
          <div className="grid grid-cols-2 gap-2">
            <Pick
              label="Module"
              empty="no module"
              options={(document.modules ?? []).map((m) => ({ value: m.id, word: m.name }))}
              value={u.module ?? null}
              onChange={(module) => p.onChange({ module })}
            />
            <Pick
              label="Phase"
              empty="no phase"
              options={(document.phases ?? []).map((x) => ({ value: x, word: x }))}
              value={u.phase ?? null}
              onChange={(phase) => p.onChange({ phase })}
            />
          </div>
          <div className="grid grid-cols-3 gap-2">
            <ListField
              label="Who is needed"
              placeholder="lead, assessor"
              value={u.staff ?? []}
              onChange={(staff) => p.onChange({ staff })}
            />
            <TextField
              label="Room"
              placeholder="any"
              value={u.room ?? ""}
              onChange={(e) => p.onChange({ room: e.target.value || null })}
            />
            <TextField
              label="Largest group"
              type="number"
              min={1}
              max={200}
              value={u.max_group ?? ""}
              onChange={(e) =>
                p.onChange({ max_group: Number.isFinite(e.target.valueAsNumber) ? e.target.valueAsNumber : null })
              }
            />
          </div>
          <div>
            <Toggles
              label={u.kind === "assessment" ? "Techniques shown here" : "Techniques taught here"}
              options={(u.techniques ?? []).map((code) => ({ value: code, word: nameOf(code) }))}
              on={u.techniques ?? []}
              onToggle={(code) => p.onChange({ techniques: toggled(u.techniques ?? null, code) })}
            />
            <Pick
              label="Add a technique here"
              options={library
                .filter((t) => !UNTAUGHT.has(t.standing) && !(u.techniques ?? []).includes(t.code))
                .map((t) => ({ value: t.code, word: t.name, group: t.region ?? "no region" }))}
              value={null}
              onChange={(code) => code && p.onChange({ techniques: [...(u.techniques ?? []), code] })}
            />
          </div>
          <Toggles
            label="Routines taught here"
            options={routines.map((r) => ({ value: r.id, word: r.name }))}
            on={u.routines ?? []}
            onToggle={(id) => p.onChange({ routines: toggled(u.routines ?? null, id) })}
          />
          <Toggles
            label="Prerequisites"
            options={(document.units ?? []).filter((o) => o.id !== u.id).map((o) => ({ value: o.id, word: o.name }))}
            on={u.prerequisites ?? []}
            onToggle={(id) => p.onChange({ prerequisites: toggled(u.prerequisites ?? null, id) })}
          />
          <Toggles
            label={u.kind === "assessment" ? "Outcomes it assesses" : "Outcomes it teaches"}
            options={(document.outcomes ?? []).map((o) => ({ value: o.id, word: outcomeSays(o) }))}
            on={u.outcomes ?? []}
            onToggle={(id) => p.onChange({ outcomes: toggled(u.outcomes ?? null, id) })}
          />
          <div className="flex flex-wrap justify-end gap-x-2 self-end sm:col-span-2">
            {(u.techniques ?? []).length > 0 && <UnitRoutine unit={u} document={document} library={library} />}
            <Button size="line" tone="quiet" onClick={p.onTakeOut}>
              remove this unit
            </Button>
          </div>
        </div>
      )}
    </li>
  );
}
