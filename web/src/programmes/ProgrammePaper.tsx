import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { day } from "../shell/days";
import { Button } from "../ui/Button";
import { PaperOf } from "../ui/PaperPage";
import { Problem, Waiting } from "../ui/States";
import { AGENDA_WORDS, LessonSide } from "./LessonPanel";
import { hours, kindWord, outcomeSays } from "./programmeModel";
import { lessonsQuery, programmeQuery } from "./programmeQueries";
import type { Schemas } from "../shell/api";

/** The programme on paper: its syllabus to give away, or its lesson plans. */
export function ProgrammePaper() {
  const { id = "", kind = "syllabus" } = useParams();
  const programme = useQuery(programmeQuery(id));
  return (
    <PaperOf of={programme} what="the programme">
      {(p) => (
        <>
          <nav className="no-print mb-4 flex flex-wrap items-center gap-4 text-sm" aria-label="On paper">
            <Link to={`/programme/${id}`}>back to the programme</Link>
            <Link to={`/programme/${id}/print/syllabus`}>syllabus</Link>
            <Link to={`/programme/${id}/print/lessons`}>lesson plans</Link>
            <Button className="ml-auto" onClick={() => window.print()}>
              Print
            </Button>
          </nav>
          {kind === "lessons" ? <Lessons programme={p} /> : <Syllabus programme={p} />}
        </>
      )}
    </PaperOf>
  );
}

function Syllabus({ programme: p }: { programme: Schemas["ProgrammeView"] }) {
  const { document, review } = p;
  // Groups in the order in which the outcomes are numbered.
  const kinds = [...new Set((document.outcomes ?? []).flatMap((o) => o.kind ?? []))];
  const groups = kinds.map((kind) => [kind, (document.outcomes ?? []).filter((o) => o.kind === kind)] as const);
  const others = (document.outcomes ?? []).filter((o) => !o.kind);
  const units = document.units ?? [];
  const unitName = (id: string) => units.find((u) => u.id === id)?.name ?? id;
  const numbered = new Map((document.outcomes ?? []).map((o, i) => [o.id, i + 1]));
  return (
    <article>
      <h1>{document.name}</h1>
      <p className="text-faded">
        Syllabus, edition {p.edition} · {hours(review.contact_minutes)} of contact
        {document.sessions && document.sessions.length > 0 && ` in ${document.sessions.length} sessions`}
      </p>
      {document.syllabus?.scope && <Paragraph title="What it is" text={document.syllabus.scope} />}
      {document.syllabus?.entry && <Paragraph title="Who can take part" text={document.syllabus.entry} />}
      <h2 className="mt-5">What a graduate can do</h2>
      {[...groups, ["", others] as const].map(
        ([word, outcomes]) =>
          outcomes.length > 0 && (
            <section key={word} className="break-inside-avoid">
              {word && <h3 className="mt-2 text-faded">{word}</h3>}
              <ol>
                {outcomes.map((o) => {
                  const line = review.outcomes.find((l) => l.outcome === o.id);
                  return (
                    <li key={o.id} className="border-t border-line py-1">
                      <span className="mr-2 font-semibold">{numbered.get(o.id)}</span>A graduate {outcomeSays(o)}.
                      {(o.assessed || (line && line.assessed_in.length > 0)) && (
                        <span className="block pl-5 text-sm text-faded">
                          Assessed: {o.assessed || line?.assessed_in.map(unitName).join(", ")}.
                        </span>
                      )}
                    </li>
                  );
                })}
              </ol>
            </section>
          ),
      )}
      <h2 className="mt-5">Modules</h2>
      <ol>
        {review.columns.map((c) => {
          const own = units.filter((u) => u.module === c.id || (u.id === c.id && !u.module));
          return (
            <li key={c.id} className="break-inside-avoid border-t border-line py-1.5">
              <p className="font-serif text-[1.05rem] font-medium">
                {c.name}{" "}
                <span className="font-sans text-sm text-faded">{hours(own.reduce((n, u) => n + u.minutes, 0))}</span>
              </p>
              {own.map((u) => (
                <p key={u.id} className="pl-5 text-[0.95rem]">
                  {u.name}{" "}
                  <span className="text-sm text-faded">
                    {kindWord(u.kind)}, {hours(u.minutes)}
                    {(u.outcomes ?? []).length > 0 &&
                      `, outcome ${(u.outcomes ?? [])
                        .map((o) => numbered.get(o) ?? 0)
                        .sort((x, y) => x - y)
                        .join(", ")}`}
                  </span>
                </p>
              ))}
            </li>
          );
        })}
      </ol>
      <h2 className="mt-5">Hours</h2>
      <p>
        {review.hours.lines.map((l) => `${Math.round(l.hours * 10) / 10} h ${l.kind.replace("-", " ")}`).join(", ")};{" "}
        {Math.round(review.hours.workload * 10) / 10} h in all.
      </p>
      {document.syllabus?.cautions && <Paragraph title="Cautions" text={document.syllabus.cautions} />}
      <p className="mt-6 text-sm text-faded">
        This programme teaches exercise and self-care. It does not replace medical advice; local rules and licensed
        practice come first.
      </p>
    </article>
  );
}

function Paragraph({ title, text }: { title: string; text: string }) {
  return (
    <section className="mt-4 break-inside-avoid">
      <h2>{title}</h2>
      <p className="max-w-prose">{text}</p>
    </section>
  );
}

function Lessons({ programme: p }: { programme: Schemas["ProgrammeView"] }) {
  const lessons = useQuery(lessonsQuery(p.document));
  const unitName = (id: string) => (p.document.units ?? []).find((u) => u.id === id)?.name ?? id;
  if (lessons.isError) return <Problem error={lessons.error} />;
  if (!lessons.data) return <Waiting what="the lesson plans" />;
  if (lessons.data.length === 0)
    return <p className="text-faded">No lesson plans yet: they follow from a saved sequence.</p>;
  return (
    <>
      {lessons.data.map((l) => (
        <article key={l.session} className="mb-8 break-after-page">
          <h1>
            {p.document.name}: session {l.number}
          </h1>
          <p className="text-faded">
            {l.date && `${day(l.date)} · `}
            {hours(l.minutes)}
          </p>
          <table className="mt-2 w-full text-[0.95rem]">
            <thead>
              <tr className="border-b border-ink text-left text-sm">
                <th scope="col" className="w-14 font-normal">
                  from
                </th>
                <th scope="col" className="w-14 font-normal">
                  min
                </th>
                <th scope="col" className="font-normal">
                  what
                </th>
              </tr>
            </thead>
            <tbody>
              {l.agenda.map((a, i) => (
                <tr key={`${a.unit} ${a.id}`} className="break-inside-avoid border-b border-line align-baseline">
                  <td className="py-0.5">
                    {Math.floor(a.from / 60)}:{String(a.from % 60).padStart(2, "0")}
                  </td>
                  <td className="py-0.5">{a.minutes}</td>
                  <td className="py-0.5">
                    {a.unit && a.unit !== l.agenda[i - 1]?.unit && (
                      <span className="block font-serif font-medium">{unitName(a.unit)}</span>
                    )}
                    <span className="font-semibold">{AGENDA_WORDS[a.kind]}</span> {a.words}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <div className="mt-3">
            <LessonSide lesson={l} />
          </div>
        </article>
      ))}
    </>
  );
}
