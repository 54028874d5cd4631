import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import type { Schemas } from "../shell/api";
import { Button } from "../ui/Button";
import { PaperOf } from "../ui/PaperPage";
import { stationQuery } from "./examinationQueries";
import { band, DOMAIN_WORDS, kindWords } from "./sheetWords";

type Criterion = Schemas["Criterion"];
type Step = Schemas["SheetStep"];

/** A mark sheet for the clipboard: who, when, where, boxes to tick and to mark, what each mark looks like, and who signs. */
export function SheetPaper() {
  const { station = "" } = useParams();
  const sheet = useQuery(stationQuery(station));
  return (
    <PaperOf of={sheet} what="the mark sheet">
      {(s) => (
        <>
          <nav className="no-print mb-4 flex items-center gap-4 text-sm" aria-label="On paper">
            <Link to={`/examination/${station}`} className="text-now underline underline-offset-4">
              back to the mark sheet
            </Link>
            <Button className="ml-auto" onClick={() => window.print()}>
              Print
            </Button>
          </nav>
          <Paper of={s} />
        </>
      )}
    </PaperOf>
  );
}

function Paper({ of }: { of: Schemas["StationView"] }) {
  const { sheet } = of;
  const total = sheet.criteria.reduce((sum, c) => sum + c.weight, 0);
  const share = (c: Criterion) => Math.round((c.weight / total) * 1000) / 10;
  const domains = [...new Set(sheet.criteria.map((c) => c.domain))];
  return (
    <article data-sheet-paper className="text-[0.92rem] print:text-[9.5pt]">
      <header className="border-b-2 border-ink pb-2">
        <p className="text-sm text-faded">
          Mark sheet · station {of.place} · edition {of.edition} of the technique · sheet revision {of.revision}
        </p>
        <h1>
          {sheet.technique_name}
          <span className="ml-2 font-sans text-base font-normal">
            {kindWords(sheet.kind)}
            {sheet.minutes_allowed != null && `, ${sheet.minutes_allowed} minutes`}
          </span>
        </h1>
        <dl className="mt-3 grid grid-cols-2 gap-x-6 gap-y-3">
          {["Candidate", "Date and time", "Place", "Assessor", "Volunteer, screened", "Attempt"].map((word) => (
            <div key={word} className="flex items-end gap-2">
              <dt className="font-semibold whitespace-nowrap">{word}</dt>
              <dd className="h-6 flex-1 border-b border-ink" />
            </div>
          ))}
        </dl>
      </header>
      <section className="mt-3">
        <h2>What is shown, and counted</h2>
        <ol>
          {sheet.steps.map((s) => (
            <li key={s.index} className="break-inside-avoid border-t border-line py-1.5">
              <p className="font-serif">
                <span className="mr-2 font-sans font-semibold">{s.index + 1}</span>
                {s.cue || s.title}
              </p>
              {s.columns.map((side) => (
                <Count key={side} step={s} side={side} />
              ))}
            </li>
          ))}
        </ol>
      </section>
      {domains.map((domain) => (
        <section key={domain} className="mt-3">
          <h2>{DOMAIN_WORDS[domain]}</h2>
          <table className="w-full">
            <thead className="text-left text-sm text-faded">
              <tr>
                <th className="font-normal">Criterion</th>
                <th className="w-14 text-right font-normal">Counts</th>
                <th className="w-44 pl-4 font-normal">Mark</th>
              </tr>
            </thead>
            <tbody>
              {sheet.criteria
                .filter((c) => c.domain === domain)
                .map((c) => (
                  <tr key={c.id} className="break-inside-avoid border-t border-line align-top">
                    <td className="py-1 pr-3">
                      {c.text}
                      {c.safety_critical && <span className="font-semibold text-safety"> (safety: 2 or more)</span>}
                      {c.kind === "graded" && (
                        <span className="block text-[0.85em] text-faded">
                          {c.anchors.map((a, i) => `${i} ${a}`).join(" · ")}
                        </span>
                      )}
                    </td>
                    <td className="py-1 text-right">{share(c)} %</td>
                    <td className="py-1 pl-4">
                      <Boxes criterion={c} />
                    </td>
                  </tr>
                ))}
            </tbody>
          </table>
        </section>
      ))}
      <section className="mt-3 break-inside-avoid">
        <h2>Critical acts: each ends the demonstration as not passed</h2>
        <ul className="columns-2 gap-6">
          {sheet.critical_acts.map((a) => (
            <li key={a.id} className="flex gap-2 py-0.5">
              <Box /> {a.text}
            </li>
          ))}
        </ul>
      </section>
      <section className="mt-3 break-inside-avoid border-t-2 border-ink pt-2">
        <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
          <p>
            Total <span className="inline-block h-6 w-16 border-b border-ink align-bottom" /> of 100
          </p>
          <p>passed from {sheet.pass_line} %, every safety criterion met, and no critical act</p>
          <p className="flex items-center gap-2">
            <Box /> passed <Box /> not passed
          </p>
        </div>
        <p className="mt-3">What to say to the candidate</p>
        <div className="h-7 border-b border-ink" />
        <div className="h-7 border-b border-ink" />
        <div className="mt-8 grid grid-cols-2 gap-8">
          {["Assessor, signature and date", "Candidate, has seen this"].map((word) => (
            <p key={word} className="border-t border-ink pt-1 text-sm">
              {word}
            </p>
          ))}
        </div>
      </section>
    </article>
  );
}

/** One box a repetition up to the full dose, the standard one marked; a line for seconds. */
function Count({ step, side }: { step: Step; side: Step["columns"][number] }) {
  const word = side === "both" || side === "midline" ? "" : `${side}: `;
  if (step.counting === "seconds")
    return (
      <p className="mt-1">
        {word}
        <span className="inline-block h-5 w-14 border-b border-ink align-bottom" /> s of work (
        {Math.round(step.seconds.minimum)} to {Math.round(step.seconds.full)})
      </p>
    );
  const boxes = Array.from({ length: Math.min(40, Math.ceil(step.repetitions.full) + 2) }, (_, i) => i + 1);
  return (
    <p className="mt-1 flex flex-wrap items-center gap-1">
      {word && <span className="w-12">{word}</span>}
      {boxes.map((n) => (
        <span
          key={n}
          className={
            n === step.repetitions.standard
              ? "inline-flex size-5 items-center justify-center border-2 border-ink text-[0.7rem] font-semibold"
              : "inline-flex size-5 items-center justify-center border border-faded text-[0.7rem] text-faded"
          }
        >
          {n % 5 === 0 || n === step.repetitions.standard ? n : ""}
        </span>
      ))}
      <span className="ml-2 text-sm text-faded">
        {step.repetitions.minimum} to {step.repetitions.full}
        {step.hold_seconds > 0 && `, each held ${step.hold_seconds} s`}
      </span>
    </p>
  );
}

function Boxes({ criterion: c }: { criterion: Criterion }) {
  if (c.kind === "measured")
    return (
      <span>
        <span className="inline-block h-5 w-14 border-b border-ink align-bottom" />{" "}
        <span className="text-sm text-faded">({band(c)})</span>
      </span>
    );
  const words = c.kind === "done" ? ["no", "yes"] : ["0", "1", "2", "3"];
  return (
    <span className="flex gap-3">
      {words.map((w) => (
        <span key={w} className="inline-flex items-center gap-1">
          <Box /> {w}
        </span>
      ))}
    </span>
  );
}

const Box = () => <span aria-hidden="true" className="inline-block size-4 shrink-0 border border-ink" />;
