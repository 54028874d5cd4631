import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useSettled } from "../techniques/parts/useSettled";
import { Button } from "../ui/Button";
import { Problem } from "../ui/States";
import { PlanSearch } from "./PlanSearch";
import { planned } from "./programmeModel";
import { sequenceQuery, type PartProps } from "./programmeQueries";
import { RuleList } from "./RuleList";
import { SessionList } from "./SessionList";

/** Units in sessions: the plan as it stands, what it keeps and breaks, the search for a better one, and the rules behind it. */
export function SequencePanel({ document, canChange, onChange }: PartProps) {
  const reading = useQuery(sequenceQuery(useSettled(document, 200)));
  const [near, setNear] = useState<string | null>(null);
  const r = reading.data;
  const unitName = (id: string) => (document.units ?? []).find((u) => u.id === id)?.name ?? id;
  return (
    <div className="grid gap-8 xl:grid-cols-[minmax(0,1fr)_21rem]">
      <div className="min-w-0 space-y-5">
        {canChange && (
          <PlanSearch
            document={document}
            near={near}
            onNear={setNear}
            unitName={unitName}
            onTake={(sessions) => onChange(planned(document, sessions))}
            onChange={onChange}
          />
        )}
        {reading.isError && <Problem error={reading.error} />}
        {r && r.circles.length > 0 && (
          <div role="alert" className="border-l-4 border-now pl-3" data-circle>
            <p className="font-semibold">No order exists: these wait for each other.</p>
            {r.circles.map((c) => (
              <p key={c.join()} className="font-serif text-lg">
                {[...c, c[0] ?? ""].map(unitName).join(" → ")}
              </p>
            ))}
          </div>
        )}
        {r && r.faults.length > 0 && (
          <div role="alert" data-faults>
            <h2>The plan does not hold any more</h2>
            <ul>
              {r.faults.map((f) => (
                <li key={f.id + f.says} className="border-l-2 border-now pl-2 text-now">
                  {f.says}
                </li>
              ))}
            </ul>
            <p className="text-sm text-faded">Plan it anew, or keep as much of it as can be.</p>
          </div>
        )}
        <SessionList
          document={document}
          reading={r}
          canChange={canChange}
          unitName={unitName}
          onChange={onChange}
          onMoved={(next) => {
            onChange(next);
            setNear(crypto.randomUUID());
          }}
        />
        {r && r.broken.length > 0 && (
          <section aria-labelledby="broken">
            <h2 id="broken">Wishes that do not hold</h2>
            <ul>
              {r.broken.map((b, i) => (
                <li key={b.id + i} className="border-t border-line py-1 text-[0.95rem]">
                  {b.says}
                </li>
              ))}
            </ul>
          </section>
        )}
        {r && r.critical_path.length > 1 && (
          <p className="text-sm text-faded">
            The longest chain: {r.critical_path.map(unitName).join(" → ")}. It decides how early the last unit can be.
          </p>
        )}
        {canChange && (document.plan ?? []).length > 0 && (
          <Button size="line" tone="quiet" onClick={() => onChange({ ...document, plan: [] })}>
            forget this plan
          </Button>
        )}
      </div>
      <RuleList document={document} canChange={canChange} unitName={unitName} onChange={onChange} />
    </div>
  );
}
