import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useNavigate, useParams } from "react-router";
import { useReference } from "../face/atlas";
import { Stage } from "../face/Stage";
import { api, problemOf, said } from "../shell/api";
import { peopleQuery } from "../shell/queries";
import { useSignedIn } from "../shell/session";
import { Button } from "../ui/Button";
import { Pick, TextField } from "../ui/Field";
import { Problem, Waiting } from "../ui/States";
import { Tick } from "../ui/Tick";
import { today } from "../shell/days";
import { answer, isAnswered, isTreatment, toNote, type State } from "./answers";
import { forgetTelling, keepTelling, keptTelling, type Telling } from "./keptTelling";
import { QuestionGroups } from "./QuestionGroups";
import { questionsQuery } from "./screeningQueries";

/** Who, with whose word, and the questions that the techniques of the house call for. Nothing is kept before all of it is there; a reload loses nothing. */
export function NewScreeningScreen() {
  const { id = "" } = useParams();
  const me = useSignedIn();
  const people = useQuery(peopleQuery);
  const questions = useQuery(questionsQuery);
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [telling, setTelling] = useState(() => keptTelling(id));
  const tell = (part: Partial<Telling>) => setTelling((now) => ({ ...now, ...part }));
  const { person, name, given, purpose, seenBy, report, answers } = telling;
  const { atlas } = useReference();
  const groups = questions.data?.groups ?? [];
  const zonesOf = (region: string) => atlas.regions.find((r) => r.id === region)?.zones ?? [];
  const keep = useMutation({
    mutationFn: () =>
      said(
        api.PUT("/api/screenings/{id}", {
          params: { path: { id } },
          body: {
            about_person: person,
            about_name: person ? null : name,
            seen_by: [...seenBy],
            consent: { given, purpose, on: today() },
            answers: toNote(answers, groups, zonesOf, report),
          },
        }),
      ),
    onSuccess: async () => {
      forgetTelling(id);
      await queries.invalidateQueries({ queryKey: ["screenings"] });
      void navigate(`/screening/${id}`, { replace: true });
    },
  });
  useEffect(() => {
    if (!keep.isSuccess) keepTelling(id, telling);
  }, [id, telling, keep.isSuccess]);
  const wrong = keep.isError ? problemOf(keep.error).fields : {};
  const at = (field: string) => wrong[field]?.[0];
  const states = groups.flatMap((g) => g.states);
  const treatments = states.filter((q) => isTreatment(q) && answers.yes.has(q.id));
  const issueAt = (state: State, field: string) => at(`note.procedures[${treatments.indexOf(state)}].${field}`);
  const open = groups.filter((g) => !isAnswered(answers, g)).length;
  return (
    <Stage plate={{}} list>
      <h1>Screen a person</h1>
      {(questions.isPending || people.isPending) && <Waiting what="the questions" />}
      {questions.isError && <Problem error={questions.error} again={() => questions.refetch()} />}
      {people.isError && <Problem error={people.error} again={() => people.refetch()} />}
      {questions.data && people.data && (
        <form
          className="mt-3 max-w-4xl space-y-6"
          onSubmit={(e) => {
            e.preventDefault();
            keep.mutate();
          }}
        >
          <section className="grid gap-3 sm:grid-cols-2">
            <h2 className="sm:col-span-2">Who</h2>
            <Pick
              label="Someone in your studio"
              options={people.data.map((p) => ({ value: p.id, word: p.name }))}
              value={person}
              empty="not in your studio"
              onChange={(to) => tell({ person: to })}
            />
            {person === null && (
              <TextField
                label="or a client, by name"
                value={name}
                error={at("about_name")}
                onChange={(e) => tell({ name: e.target.value })}
              />
            )}
          </section>
          <section>
            <h2 className="mb-1">Consent</h2>
            <TextField
              label="What the answers are for"
              value={purpose}
              error={at("consent.purpose")}
              onChange={(e) => tell({ purpose: e.target.value })}
            />
            <fieldset className="mt-3">
              <legend className="text-sm font-semibold">Who may see them, beside you and the person</legend>
              <div className="flex flex-wrap gap-x-5 gap-y-1">
                {people.data
                  .filter((p) => p.role !== "trainee" && p.id !== me.id && p.id !== person)
                  .map((p) => (
                    <Tick
                      key={p.id}
                      on={seenBy.includes(p.id)}
                      onChange={(on) => tell({ seenBy: on ? [...seenBy, p.id] : seenBy.filter((x) => x !== p.id) })}
                    >
                      {p.name}
                    </Tick>
                  ))}
              </div>
            </fieldset>
            <div className="mt-3">
              <Tick on={given} onChange={(on) => tell({ given: on })}>
                <span className="font-semibold">
                  The person was told this and agrees that the answers are kept for 90 days of use. They can have them
                  as a file, and have them erased, at any time.
                </span>
              </Tick>
              {at("consent.given") && (
                <p role="alert" className="mt-1 text-sm font-medium text-wrong">
                  {at("consent.given")}
                </p>
              )}
            </div>
          </section>
          <QuestionGroups
            groups={groups}
            answers={answers}
            dispatch={(action) => setTelling((now) => ({ ...now, answers: answer(now.answers, action) }))}
            issueAt={issueAt}
          />
          <TextField
            label="Anything felt while or after doing it, in the person’s words"
            value={report}
            onChange={(e) => tell({ report: e.target.value })}
            error={at("note.reports[0]")}
          />
          <p className="text-sm text-faded">{questions.data.clinician_first}</p>
          <div className="flex items-center gap-4">
            <Button type="submit" tone="now" disabled={keep.isPending}>
              Save and see the result
            </Button>
            <span className="text-sm text-faded" role="status">
              {open === 0
                ? "Every question has an answer."
                : `${open} ${open === 1 ? "question has" : "questions have"} no answer yet; the result stays open until ${open === 1 ? "it is" : "they are"} answered.`}
            </span>
          </div>
          {keep.isError && (
            <Problem error={keep.error} safe="Nothing was saved; your answers are still on this screen." />
          )}
        </form>
      )}
    </Stage>
  );
}
