import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../shell/api";
import { day } from "../shell/days";
import { useSettled } from "../techniques/parts/useSettled";
import { Button } from "../ui/Button";
import { cn } from "../ui/cn";
import { Problem, Waiting } from "../ui/States";
import { lessonsQuery, type PartProps } from "./programmeQueries";

export const AGENDA_WORDS: Readonly<Record<Schemas["AgendaKind"], string>> = {
  arrive: "arrive",
  revisit: "look back",
  teach: "teach",
  brief: "brief",
  show: "show",
  lead: "lead",
  practise: "practise",
  correct: "correct",
  assess: "assess",
  "set-up": "set up",
  clean: "clean",
  rest: "rest",
  close: "close",
};

/** Every session minute by minute; minutes and words can be changed, and what was changed goes with its unit. */
export function LessonPanel({ document, canChange, onChange, id }: PartProps & { id: string }) {
  const lessons = useQuery(lessonsQuery(useSettled(document, 200)));
  const [chosen, setChosen] = useState<string | null>(null);
  if (lessons.isError) return <Problem error={lessons.error} />;
  if (!lessons.data) return <Waiting what="the lesson plans" />;
  if (lessons.data.length === 0)
    return (
      <p className="max-w-prose font-serif text-lg text-faded">
        Lesson plans follow from the sequence. Plan it first:{" "}
        <Link to={`/programme/${id}/sequence`}>to the sequence</Link>.
      </p>
    );
  const lesson = lessons.data.find((l) => l.session === chosen) ?? lessons.data[0];
  // What was typed stands at once; the server's reading of it comes a moment later.
  const typed = (of: string, item: string) => (document.lessons ?? []).find((e) => e.of === of && e.item === item);
  const edit = (of: string, item: string, to: { minutes?: number | null; words?: string | null }) => {
    const edits = document.lessons ?? [];
    const was = typed(of, item) ?? { of, item };
    onChange({
      ...document,
      lessons: [...edits.filter((e) => e.of !== of || e.item !== item), { ...was, ...to }],
    });
  };
  const asPlanned = (of: string, item: string) =>
    onChange({ ...document, lessons: (document.lessons ?? []).filter((e) => e.of !== of || e.item !== item) });
  const unitName = (unit: string) => (document.units ?? []).find((u) => u.id === unit)?.name ?? unit;
  if (!lesson) return null;
  return (
    <div>
      <nav aria-label="Sessions" className="flex flex-wrap items-center gap-x-4 gap-y-1">
        {lessons.data.map((l) => (
          <button
            key={l.session}
            type="button"
            aria-current={l.session === lesson.session ? "true" : undefined}
            className={cn(
              "inline-flex min-h-7 items-center border-b-2",
              l.session === lesson.session ? "border-now font-semibold text-now" : "border-transparent hover:text-now",
            )}
            onClick={() => setChosen(l.session)}
          >
            {l.number}
            {l.date && <span className="ml-1 text-sm font-normal text-faded">{day(l.date)}</span>}
          </button>
        ))}
        <Link className="ml-auto text-sm" to={`/programme/${id}/print/lessons`}>
          on paper
        </Link>
      </nav>
      <div className="mt-3 grid gap-8 xl:grid-cols-[minmax(0,1fr)_20rem]">
        <section aria-labelledby="agenda" data-lesson={lesson.session}>
          <h2 id="agenda">
            Session {lesson.number}
            {lesson.date && `, ${day(lesson.date)}`}
          </h2>
          {lesson.says.map((s) => (
            <p key={s} className="border-l-2 border-now pl-2 text-sm text-now">
              {s}
            </p>
          ))}
          <table className="w-full text-[0.95rem]">
            <thead className="sr-only">
              <tr>
                <th scope="col">from minute</th>
                <th scope="col">minutes</th>
                <th scope="col">what</th>
              </tr>
            </thead>
            <tbody>
              {lesson.agenda.map((a, i) => {
                const of = a.unit ?? lesson.session;
                const begins = a.unit !== null && a.unit !== lesson.agenda[i - 1]?.unit;
                return (
                  <tr key={`${of} ${a.id}`} className="border-t border-line align-baseline" data-agenda={a.kind}>
                    <td className="w-14 py-1 text-sm text-faded">{clock(a.from)}</td>
                    <td className="w-20 py-1 pr-2">
                      {canChange ? (
                        <input
                          aria-label={`Minutes: ${AGENDA_WORDS[a.kind]}${a.unit ? `, ${unitName(a.unit)}` : ""}`}
                          className="field min-h-7 py-0.5"
                          type="number"
                          min={0}
                          max={600}
                          value={typed(of, a.id)?.minutes ?? a.minutes}
                          onChange={(e) =>
                            Number.isFinite(e.target.valueAsNumber) &&
                            edit(of, a.id, { minutes: Math.round(e.target.valueAsNumber) })
                          }
                        />
                      ) : (
                        a.minutes
                      )}
                    </td>
                    <td className="py-1">
                      {begins && a.unit && <span className="block font-serif font-medium">{unitName(a.unit)}</span>}
                      <span className="flex flex-wrap items-baseline gap-x-2">
                        <span className="font-semibold">{AGENDA_WORDS[a.kind]}</span>
                        {canChange ? (
                          <input
                            aria-label={`Words: ${AGENDA_WORDS[a.kind]}${a.unit ? `, ${unitName(a.unit)}` : ""}`}
                            className="min-h-6 min-w-40 flex-1 border-b border-transparent bg-transparent outline-none focus:border-now"
                            maxLength={400}
                            value={typed(of, a.id)?.words ?? a.words}
                            onChange={(e) => edit(of, a.id, { words: e.target.value })}
                          />
                        ) : (
                          a.words
                        )}
                      </span>
                      {a.changed && canChange && (
                        <Button size="line" tone="quiet" onClick={() => asPlanned(of, a.id)}>
                          as it was planned
                        </Button>
                      )}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
          <p className="border-t border-line pt-1 text-sm text-faded">
            {lesson.minutes} minutes in all
            {lesson.spare > 0 && `, ${lesson.spare} of them to spare`}.
          </p>
        </section>
        <LessonSide lesson={lesson} />
      </div>
    </div>
  );
}

/** What is brought along, looked for and practised at home. */
export function LessonSide({ lesson }: { lesson: Schemas["LessonPlan"] }) {
  return (
    <div className="space-y-4 text-[0.95rem]">
      {lesson.materials.length > 0 && (
        <section>
          <h3 className="font-semibold">Materials</h3>
          <ul>
            {lesson.materials.map((m) => (
              <li key={m.name} className="border-t border-line py-1">
                {m.name} <span className="text-faded">one each, {m.in_all} in all</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {lesson.look_for.length > 0 && (
        <section>
          <h3 className="font-semibold">What to look for</h3>
          <ul>
            {lesson.look_for.map((f) => (
              <li key={f.technique + f.sign} className="border-t border-line py-1">
                {f.sign}
                <span className="block text-sm text-faded">
                  {f.technique}
                  {f.fix && `: ${f.fix}`}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {lesson.home.length > 0 && (
        <section>
          <h3 className="font-semibold">At home{lesson.home[0]?.days != null && `, ${lesson.home[0].days} days`}</h3>
          <ul>
            {lesson.home.map((h) => (
              <li key={h.technique} className="border-t border-line py-1">
                {h.technique} <span className="text-faded">{h.minutes} min</span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}

const clock = (minutes: number) => `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, "0")}`;
