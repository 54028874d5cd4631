import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { Link, useParams } from "react-router";
import { toast } from "sonner";
import { Stage } from "../face/Stage";
import { api, said, type Schemas } from "../shell/api";
import { useSignedIn } from "../shell/session";
import { useBench } from "../shell/useBench";
import { CriterionWords } from "./CriterionWords";
import { DOMAIN_WORDS, kindWords, stepLit, stepZones } from "./sheetWords";
import { Button } from "../ui/Button";
import { cn } from "../ui/cn";
import { BenchNotices } from "../ui/BenchNotices";
import { Problem, Waiting } from "../ui/States";
import { stationQuery } from "./examinationQueries";

type Criterion = Schemas["Criterion"];
type Adjusted = { criteria: readonly Criterion[]; passLine: string; minutes: string };

/** A mark sheet as drafted from its technique: weights, safety and the pass line are the trainer's to adjust. */
export function SheetScreen() {
  const { station = "" } = useParams();
  const sheet = useQuery(stationQuery(station));
  if (sheet.isPending)
    return (
      <Stage plate={{}}>
        <Waiting what="the mark sheet" />
      </Stage>
    );
  if (sheet.isError)
    return (
      <Stage plate={{}}>
        <Problem error={sheet.error} again={() => sheet.refetch()} />
      </Stage>
    );
  return <SheetBench key={station} stored={sheet.data} />;
}

function SheetBench({ stored }: { stored: Schemas["StationView"] }) {
  const person = useSignedIn();
  const queries = useQueryClient();
  const draft = useBench<Adjusted, Schemas["StationView"]>({
    place: `wexis.sheet.${stored.id}`,
    stored: useMemo(
      () => ({
        criteria: stored.sheet.criteria,
        passLine: String(stored.sheet.pass_line),
        minutes: String(stored.sheet.minutes_allowed ?? ""),
      }),
      [stored.sheet],
    ),
    base: { number: stored.revision, version: stored.version },
    send: (document, over) =>
      said(
        api.PUT("/api/examinations/stations/{station}/sheet", {
          params: { path: { station: stored.id } },
          body: {
            revision: over.number,
            version: over.version,
            pass_line: Number(document.passLine),
            minutes_allowed: document.minutes ? Number(document.minutes) : null,
            criteria: document.criteria.map((c) => ({
              id: c.id,
              weight: c.weight,
              safety_critical: c.safety_critical,
              text: c.text,
              anchors: c.measure ? null : [...c.anchors],
            })),
          },
        }),
      ),
    baseOf: (saved) => ({ number: saved.revision, version: saved.version }),
    refresh: () => queries.invalidateQueries({ queryKey: ["examinations"] }),
    onSaved: () => toast.success("Mark sheet saved."),
  });
  const { criteria, passLine, minutes } = draft.document;
  const setPassLine = (to: string) => draft.change({ criteria, minutes, passLine: to }, "pass_line");
  const [step, setStep] = useState<number | null>(null);
  const total = criteria.reduce((sum, c) => sum + c.weight, 0);
  const change = (id: string, to: Partial<Criterion>) =>
    draft.change(
      { passLine, minutes, criteria: criteria.map((c) => (c.id === id ? { ...c, ...to } : c)) },
      `${id} ${Object.keys(to).join(" ")}`,
    );
  const domains = [...new Set(criteria.map((c) => c.domain))];
  return (
    <Stage plate={{ lit: stepLit(stored.sheet, step), zones: stepZones(stored.sheet, step) }}>
      <p className="text-sm text-faded">
        <Link to="/examination" className="text-now underline underline-offset-4">
          Examination
        </Link>{" "}
        · station {stored.place} · edition {stored.edition} of the technique · sheet revision {stored.revision}
        {stored.used && " · in use for grading: a change makes the next revision"}
      </p>
      <header className="flex flex-wrap items-end justify-between gap-3">
        <h1>
          {stored.sheet.technique_name}
          <span className="ml-2 font-sans text-base font-normal text-faded">{kindWords(stored.sheet.kind)}</span>
        </h1>
        <div className="flex items-center gap-3">
          <Link to={`/examination/${stored.id}/print`} className="text-now underline underline-offset-4">
            On paper
          </Link>
          {person.leads && (
            <Button tone="now" disabled={!draft.canSave} onClick={draft.save}>
              Save the mark sheet
            </Button>
          )}
        </div>
      </header>
      <BenchNotices what="mark sheet" bench={draft} />
      <div className="mt-2 flex items-center gap-2 text-[0.95rem]">
        <label htmlFor="pass-line" className="font-semibold">
          Pass line
        </label>
        <input
          id="pass-line"
          type="number"
          min={1}
          max={100}
          className="field !w-20 text-right"
          value={passLine}
          disabled={!person.leads}
          onChange={(e) => setPassLine(e.target.value)}
        />{" "}
        %
        <label htmlFor="minutes" className="ml-4 font-semibold">
          Time
        </label>
        <input
          id="minutes"
          type="number"
          min={1}
          max={180}
          className="field !w-20 text-right"
          value={minutes}
          disabled={!person.leads}
          onChange={(e) => draft.change({ criteria, passLine, minutes: e.target.value }, "minutes_allowed")}
        />{" "}
        minutes
      </div>
      <div>
        <span className="text-sm text-faded">
          Pass line: and every safety criterion met, and no critical act. A studio setting, from common practice.
        </span>
      </div>
      {domains.map((domain) => {
        const here = criteria.filter((c) => c.domain === domain);
        const sum = here.reduce((s, c) => s + c.weight, 0);
        return (
          <section key={domain} className="mt-4">
            <h2>
              {DOMAIN_WORDS[domain] ?? domain}{" "}
              <span className="font-sans text-base font-normal text-faded">
                {Math.round((sum / total) * 1000) / 10} % of the total
              </span>
            </h2>
            <table className="mt-1 w-full text-[0.95rem]">
              <thead className="text-left text-sm text-faded">
                <tr>
                  <th className="py-1 font-normal">Criterion</th>
                  <th className="w-24 font-normal">Judged by</th>
                  <th className="w-20 text-center font-normal">Safety</th>
                  <th className="w-20 text-right font-normal">Weight</th>
                </tr>
              </thead>
              <tbody>
                {here.map((c) => (
                  <tr
                    key={c.id}
                    data-criterion={c.id}
                    className={cn(
                      "border-t border-line align-top",
                      c.step !== null && c.step === step && "bg-now-wash",
                    )}
                    onMouseEnter={() => setStep(c.step)}
                    onFocus={() => setStep(c.step)}
                  >
                    <td className="py-1.5 pr-3">
                      <CriterionWords criterion={c} canChange={person.leads} onChange={(to) => change(c.id, to)} />
                    </td>
                    <td className="py-1.5 text-sm">
                      {c.kind === "measured" ? "taps" : c.kind === "done" ? "yes or no" : "0 to 3"}
                    </td>
                    <td className="py-1.5 text-center">
                      <input
                        type="checkbox"
                        aria-label={`Safety-critical: ${c.text}`}
                        className="size-4 accent-[var(--color-safety)]"
                        checked={c.safety_critical}
                        disabled={!person.leads}
                        onChange={(e) => change(c.id, { safety_critical: e.target.checked })}
                      />
                    </td>
                    <td className="py-1 text-right">
                      <input
                        type="number"
                        min={0}
                        max={100}
                        step={0.1}
                        aria-label={`Weight: ${c.text}`}
                        className="field !min-h-8 !w-20 text-right"
                        value={c.weight}
                        disabled={!person.leads}
                        onChange={(e) => change(c.id, { weight: Number(e.target.value) })}
                      />
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        );
      })}
      <div className="mt-6 grid gap-8 sm:grid-cols-2">
        <section>
          <h2 className="mb-1">Critical acts</h2>
          <p className="text-sm text-faded">Each ends the demonstration as failed.</p>
          <ul className="mt-1 text-sm">
            {stored.sheet.critical_acts.map((a) => (
              <li key={a.id} className="border-t border-line py-1 text-safety">
                {a.text}
              </li>
            ))}
          </ul>
        </section>
        <section>
          <h2 className="mb-1">Left out</h2>
          <p className="text-sm text-faded">
            Does not apply to this technique; the weight is spread over the others of its domain.
          </p>
          <ul className="mt-1 text-sm">
            {stored.sheet.dropped.length === 0 && (
              <li className="border-t border-line py-1">Nothing: every line applies.</li>
            )}
            {stored.sheet.dropped.map((d) => (
              <li key={d.topic} className="border-t border-line py-1">
                <span className="font-semibold">{d.topic}</span> ({d.weight}): {d.why}
              </li>
            ))}
          </ul>
        </section>
      </div>
    </Stage>
  );
}
