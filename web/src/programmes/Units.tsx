import { useQuery } from "@tanstack/react-query";
import { Fragment, useState } from "react";
import { routinesQuery } from "../routines/routineQueries";
import { moved } from "../techniques/parts/techniqueModel";
import { libraryQuery } from "../techniques/parts/techniqueQueries";
import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import { ListField } from "../ui/ListField";
import { addUnit, changeUnit, freshId, takeUnitOut } from "./programmeModel";
import type { PartProps } from "./programmeQueries";
import { UnitLine } from "./UnitLine";

/** Units in the order of teaching, under the modules they belong to. */
export function Units({ document, review, canChange, onChange }: PartProps) {
  const [open, setOpen] = useState<string | null>(null);
  const library = useQuery(libraryQuery);
  const routines = useQuery(routinesQuery);
  const units = document.units ?? [];
  const moduleName = (id: string | null | undefined) => (document.modules ?? []).find((m) => m.id === id)?.name ?? null;
  return (
    <section aria-labelledby="units">
      <h2 id="units" className="mb-1">
        Units, in the order in which they are taught
      </h2>
      {units.length === 0 && (
        <p className="max-w-prose text-faded">
          No unit yet. A unit is what is done in one piece: a talk, a practice, an assessment.
        </p>
      )}
      <ol>
        {units.map((u, i) => (
          <Fragment key={u.id}>
            {moduleName(u.module) !== null && u.module !== units[i - 1]?.module && (
              <li className="pt-3 pb-0.5 font-semibold text-faded">{moduleName(u.module)}</li>
            )}
            <UnitLine
              unit={u}
              place={i}
              document={document}
              library={library.data ?? []}
              routines={routines.data ?? []}
              faults={review.order_faults.filter((f) => f.unit === u.id).map((f) => f.says)}
              times={review.times.find((t) => t.unit === u.id)}
              open={open === u.id}
              canChange={canChange}
              onOpen={() => setOpen(open === u.id ? null : u.id)}
              onMove={(by) => onChange({ ...document, units: moved(units, i, by) })}
              onChange={(change) => onChange(changeUnit(document, u.id, change))}
              onTakeOut={() => onChange(takeUnitOut(document, u.id))}
            />
          </Fragment>
        ))}
      </ol>
      {canChange && (
        <div className="border-t border-line pt-3">
          <Button
            onClick={() => {
              const next = addUnit(document, "New unit");
              onChange(next);
              setOpen(next.units?.at(-1)?.id ?? null);
            }}
          >
            Add a unit
          </Button>
        </div>
      )}
      {canChange && <Modules document={document} onChange={onChange} />}
    </section>
  );
}

/** Names of modules, and the phases in their order. */
function Modules({ document, onChange }: Pick<PartProps, "document" | "onChange">) {
  const [name, setName] = useState("");
  const modules = document.modules ?? [];
  return (
    <details className="mt-4 border-t border-line pt-2">
      <summary className="min-h-7 cursor-pointer font-semibold">
        Modules and phases ({modules.length} and {document.phases?.length ?? 0})
      </summary>
      <ul className="mt-2 space-y-1">
        {modules.map((m) => (
          <li key={m.id} className="flex items-end gap-2">
            <input
              aria-label={`Name of module ${m.name}`}
              className="field flex-1"
              value={m.name}
              onChange={(e) =>
                onChange({
                  ...document,
                  modules: modules.map((x) => (x.id === m.id ? { ...x, name: e.target.value } : x)),
                })
              }
            />
            <Button
              size="line"
              tone="quiet"
              aria-label={`Remove module ${m.name}`}
              onClick={() =>
                onChange({
                  ...document,
                  modules: modules.filter((x) => x.id !== m.id),
                  units: (document.units ?? []).map((u) => (u.module === m.id ? { ...u, module: null } : u)),
                })
              }
            >
              remove
            </Button>
          </li>
        ))}
      </ul>
      <form
        className="mt-2 flex items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          if (name.trim() === "") return;
          onChange({ ...document, modules: [...modules, { id: freshId(modules, "m"), name: name.trim() }] });
          setName("");
        }}
      >
        <TextField label="Add a module" value={name} onChange={(e) => setName(e.target.value)} className="flex-1" />
        <Button type="submit">Add</Button>
      </form>
      <ListField
        className="mt-3"
        label="Phases, in their order"
        hint="A unit never stands before one of an earlier phase. Separate them by commas."
        value={document.phases ?? []}
        onChange={(phases) => onChange({ ...document, phases })}
      />
    </details>
  );
}
