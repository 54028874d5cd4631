import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { DOMAIN_WORDS } from "../examinations/sheetWords";
import { ORIGIN_WORDS } from "../grading/gradingWords";
import { ResitText, ToldText } from "./Told";
import { FacePlate } from "../face/FacePlate";
import type { PlateContent } from "../face/plateContent";
import type { Lit } from "../face/plateTypes";
import { Stage } from "../face/Stage";
import type { Schemas } from "../shell/api";
import { useSignedIn } from "../shell/session";
import { seconds } from "../techniques/parts/techniqueModel";
import { Button } from "../ui/Button";
import { moment } from "../shell/days";
import { cn } from "../ui/cn";
import { Empty, Waiting } from "../ui/States";
import { CasePanel, CaseStory } from "./CasePanel";
import { Attempts, RanOver } from "./EvidenceView";
import { resultQuery } from "./resultQueries";

const round = (n: number) => Math.round(n * 10) / 10;

/** One result: the decision and its reason, measured against target, where marks were lost, and what to do next. Prints on one page. */
export function ResultScreen() {
  const { id = "" } = useParams();
  const result = useQuery(resultQuery(id));
  const person = useSignedIn();
  const [structure, setStructure] = useState<string | null>(null);
  if (result.isPending)
    return (
      <Stage plate={{}}>
        <Waiting what="the result" />
      </Stage>
    );
  if (result.isError)
    return (
      <Stage plate={{}}>
        <Empty
          says={
            person.role === "trainee"
              ? "This result does not exist, or is not released to you."
              : "There is no result here yet. It appears when the first sheet is submitted, and for whoever looks again when theirs is."
          }
          next={{ to: "/results", says: "All results" }}
        />
      </Stage>
    );
  const view = result.data;
  const { result: r } = view;
  const plate: PlateContent = {
    lit: lostLit(r),
    lostZones: r.lost_zones.map((z) => ({
      zone: z.zone,
      weight: z.points / Math.max(...r.lost_zones.map((x) => x.points)),
    })),
    selected: structure,
    onSelect: setStructure,
    legend: (
      <p className="text-faded">
        {r.lost.length + r.lost_zones.length > 0
          ? "Where marks were lost; thicker means more."
          : "No marks were lost on the face."}
      </p>
    ),
  };
  return (
    <Stage plate={plate}>
      <article>
        <div className="float-right hidden w-52 print:block">
          <FacePlate content={plate} compact />
        </div>
        <p className="text-sm text-faded">
          {view.examination ?? ORIGIN_WORDS[view.origin]} · {view.technique_name}
          {view.origin === "station" && ` · attempt ${view.attempt}`} · assessor {view.assessor},{" "}
          {moment(view.decided_at)}
        </p>
        <header className="flex flex-wrap items-start justify-between gap-3">
          <div>
            <h1>
              {person.role === "invited" ? (
                view.trainee
              ) : (
                <Link to={`/results/trainee/${view.trainee_id}`} className="hover:underline">
                  {view.trainee}
                </Link>
              )}
            </h1>
            <p
              className={cn(
                "font-serif text-xl font-medium",
                r.score.decision === "pass" ? "text-kneaded" : "text-now",
              )}
              data-decision={r.score.decision}
            >
              {r.headline}
            </p>
          </div>
          <div className="no-print flex gap-2">
            <Button onClick={() => window.print()}>Print</Button>
          </div>
        </header>
        <p className="text-sm text-faded">
          {view.released_at
            ? `Released on ${moment(view.released_at)} by ${view.released_by ?? ""}.`
            : "Not released: only those who grade see it."}
        </p>
        {person.role !== "trainee" && <CasePanel view={view} />}
        <div className="mt-3 grid gap-x-8 gap-y-4 sm:grid-cols-2 print:grid-cols-2">
          <div className="space-y-5">
            <section>
              <h2 className="mb-1">What decided</h2>
              <ul className="space-y-1">
                {r.score.reasons.map((reason) => (
                  <li
                    key={reason}
                    className={cn(
                      "border-l-2 pl-2",
                      /^(Critical|Safety|Too little)/.test(reason)
                        ? "border-safety font-medium text-safety"
                        : "border-line",
                    )}
                  >
                    {reason}
                  </li>
                ))}
              </ul>
              <table className="mt-3 w-full text-[0.95rem]">
                <tbody>
                  {r.score.domains.map((d) => (
                    <tr key={d.domain} className="border-t border-line">
                      <th className="py-1 text-left font-medium">{DOMAIN_WORDS[d.domain] ?? d.domain}</th>
                      <td className="w-40">
                        <Bar percent={d.percent} line={null} />
                      </td>
                      <td className="w-16 text-right">{round(d.percent)} %</td>
                    </tr>
                  ))}
                  <tr className="border-t-2 border-ink font-semibold">
                    <th className="py-1 text-left">Total</th>
                    <td>
                      <Bar percent={r.score.percent} line={r.pass_line} />
                    </td>
                    <td className="text-right">{round(r.score.percent)} %</td>
                  </tr>
                </tbody>
              </table>
            </section>
            <section>
              <h2 className="mb-1">Measured against target</h2>
              {r.measured.length === 0 && <p className="text-sm text-faded">Nothing was measured.</p>}
              <table className="w-full text-sm">
                <tbody>
                  {r.measured.map((m) => (
                    <tr key={m.text} className="border-t border-line align-top">
                      <td className="py-1 pr-2">{m.text}</td>
                      <td className="w-32 py-1">
                        <Target measured={m} />
                      </td>
                      <td className={cn("w-20 py-1 text-right", !m.inside && "font-semibold text-now")}>
                        {m.value === null ? "–" : Math.round(m.value * 100) / 100} {m.unit}
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
              <p className="mt-1 text-sm text-faded">
                Working {seconds(r.working_seconds)}, talking between taps {seconds(r.talk_seconds)}.
              </p>
            </section>
            <RanOver id={id} />
            <section>
              <h2 className="mb-1">Every criterion</h2>
              <table className="w-full text-sm leading-snug">
                <thead className="text-left text-faded">
                  <tr>
                    <th className="font-normal">What it is worth, times its mark of 3</th>
                    <th className="text-right font-normal">Mark</th>
                    <th className="text-right font-normal">Points</th>
                  </tr>
                </thead>
                <tbody>
                  {r.score.criteria.map((c) => (
                    <tr
                      key={c.criterion.id}
                      className={cn("border-t border-line align-top", c.safety_missed && "font-semibold text-safety")}
                    >
                      <td className="py-0.5 pr-2">
                        {c.criterion.text}
                        {c.criterion.safety_critical && <span title="safety-critical"> (S)</span>}
                        {c.why && <span className="block text-xs text-faded">{c.why}</span>}
                      </td>
                      <td className="w-20 py-0.5 text-right">{c.mark === null ? "–" : round(c.mark)} of 3</td>
                      <td className="w-28 py-0.5 text-right text-faded">
                        {c.mark === null
                          ? c.from === "unseen"
                            ? "not seen"
                            : "–"
                          : `${round((worth(c) * c.mark) / 3)} of ${round(worth(c))}`}
                      </td>
                    </tr>
                  ))}
                  <tr className="border-t-2 border-ink font-semibold">
                    <td className="py-1">Together</td>
                    <td />
                    <td className="text-right whitespace-nowrap" data-arithmetic>
                      {round(sumOf(r, (c) => (worth(c) * (c.mark ?? 0)) / 3))} of {round(sumOf(r, worth))} ={" "}
                      {round(r.score.percent)} %
                    </td>
                  </tr>
                </tbody>
              </table>
            </section>
          </div>
          <div className="space-y-5 max-sm:order-first">
            {r.told ? (
              <>
                <ToldText told={r.told} />
                {r.resit && <ResitText plan={r.resit} decidedAt={view.decided_at} />}
              </>
            ) : (
              <section>
                <h2 className="mb-1">Feedback</h2>
                <ol className="space-y-1.5 font-serif">
                  {r.feedback.map((f) => (
                    <li key={f}>{f}</li>
                  ))}
                </ol>
              </section>
            )}
            <Attempts id={id} criteria={r.score.criteria} />
          </div>
        </div>

        {person.role === "trainee" && <CasePanel view={view} />}
        <div className="print:hidden">
          <CaseStory id={id} />
        </div>
        <p className="mt-4 border-t border-line pt-1 text-xs text-faded">
          Weights, tolerances and the pass line are studio settings. Wexis counts and adds; a person judges and decides.
        </p>
      </article>
    </Stage>
  );
}

/** What a criterion is worth, after what could not be seen was spread. */
const worth = (c: Schemas["ScoredCriterion"]) => c.weight ?? c.criterion.weight;
const sumOf = (r: Schemas["DemonstrationResult"], of: (c: Schemas["ScoredCriterion"]) => number) =>
  r.score.criteria.reduce((sum, c) => sum + of(c), 0);

function lostLit(r: Schemas["DemonstrationResult"]): Lit[] {
  const most = Math.max(...r.lost.map((l) => l.points), 0);
  return r.lost.map((l) => ({
    structure: l.structure,
    side: "both",
    tone: "lost",
    strength: l.points > most * 0.66 ? "primary" : l.points > most * 0.33 ? "secondary" : "incidental",
    label: `${l.name} −${round(l.points)}`,
  }));
}

function Bar({ percent, line }: { percent: number; line: number | null }) {
  return (
    <svg
      viewBox="0 0 160 14"
      className="block w-full"
      role="img"
      aria-label={`${round(percent)} percent${line === null ? "" : `, pass line ${line}`}`}
    >
      <rect y={4} width={160} height={6} fill="var(--color-linen)" />
      <rect y={4} width={1.6 * percent} height={6} fill="var(--color-now)" />
      {line !== null && <path d={`M${1.6 * line} 0V14`} stroke="var(--color-ink)" strokeWidth={1.5} />}
    </svg>
  );
}

/** Value against its band: the band is drawn, the value stands in it or beside it. */
function Target({ measured: m }: { measured: Schemas["MeasuredLine"] }) {
  const top = Math.max(m.high * 1.3, (m.value ?? 0) * 1.1, 1e-9);
  const x = (n: number) => (n / top) * 128;
  return (
    <svg
      viewBox="0 0 128 16"
      className="block w-full"
      role="img"
      aria-label={`${m.value ?? "no value"}; wanted ${m.low} to ${m.high} ${m.unit}`}
    >
      <path d="M0 12H128" stroke="var(--color-line)" />
      <rect
        x={x(m.low)}
        y={4}
        width={Math.max(2, x(m.high) - x(m.low))}
        height={8}
        fill="var(--color-kneaded)"
        fillOpacity={0.22}
        stroke="var(--color-kneaded)"
        strokeDasharray="3 2"
      />
      {m.value !== null && (
        <path d={`M${x(m.value)} 1V15`} stroke={m.inside ? "var(--color-ink)" : "var(--color-now)"} strokeWidth={3} />
      )}
    </svg>
  );
}
