import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate, useParams } from "react-router";
import { Stage } from "../face/Stage";
import { api, problemOf, said, type Schemas } from "../shell/api";
import { peopleQuery } from "../shell/queries";
import { useSignedIn } from "../shell/session";
import { Button } from "../ui/Button";
import { Pick, TextField } from "../ui/Field";
import { Problem, Waiting } from "../ui/States";
import { today } from "../ui/days";
import { questionsQuery } from "./screeningQueries";

const PURPOSE = "To choose which techniques suit me, and which to leave out or change.";

/** Who, with whose word, and the questions that the techniques of the house call for. Nothing is kept before all of it is there. */
export function NewScreeningScreen() {
  const { id = "" } = useParams();
  const me = useSignedIn();
  const people = useQuery(peopleQuery);
  const questions = useQuery(questionsQuery);
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [person, setPerson] = useState<string | null>(null);
  const [name, setName] = useState("");
  const [given, setGiven] = useState(false);
  const [purpose, setPurpose] = useState(PURPOSE);
  const [seenBy, setSeenBy] = useState<readonly string[]>([]);
  const [yes, setYes] = useState<ReadonlyMap<string, string>>(new Map());
  const [report, setReport] = useState("");
  const keep = useMutation({
    mutationFn: (asked: readonly Schemas["ScreeningQuestion"][]) => {
      const said_yes = asked.filter((q) => yes.has(q.id));
      return said(
        api.PUT("/api/screenings/{id}", {
          params: { path: { id } },
          body: {
            about_person: person,
            about_name: person ? null : name,
            seen_by: [...seenBy],
            consent: { given, purpose, on: today() },
            answers: {
              asked: asked.map((q) => q.id),
              note: {
                conditions: said_yes.filter((q) => !q.asks_day).map((q) => q.id),
                procedures: said_yes
                  .filter((q) => q.asks_day)
                  .map((q) => ({ kind: q.id, date: yes.get(q.id) || null })),
                reports: report.trim() === "" ? [] : [report.trim()],
              },
            },
          },
        }),
      );
    },
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: ["screenings"] });
      void navigate(`/screening/${id}`, { replace: true });
    },
  });
  const wrong = keep.isError ? problemOf(keep.error).fields : {};
  const at = (field: string) => wrong[field]?.[0];
  const asked = questions.data?.questions ?? [];
  const treatments = asked.filter((q) => q.asks_day && yes.has(q.id));
  const dayIssue = (q: Schemas["ScreeningQuestion"]) => at(`note.procedures[${treatments.indexOf(q)}].date`);
  return (
    <Stage plate={{}}>
      <h1>Screen a person</h1>
      {(questions.isPending || people.isPending) && <Waiting what="the questions" />}
      {questions.isError && <Problem error={questions.error} again={() => questions.refetch()} />}
      {people.isError && <Problem error={people.error} again={() => people.refetch()} />}
      {questions.data && people.data && (
        <form
          className="mt-3 max-w-3xl space-y-6"
          onSubmit={(e) => {
            e.preventDefault();
            keep.mutate(asked);
          }}
        >
          <section className="grid gap-3 sm:grid-cols-2">
            <h2 className="sm:col-span-2">Who</h2>
            <Pick
              label="Somebody of the house"
              options={people.data.map((p) => ({ value: p.id, word: p.name }))}
              value={person}
              empty="not of the house"
              onChange={setPerson}
            />
            {person === null && (
              <TextField
                label="or a client, by name"
                value={name}
                error={at("about_name")}
                onChange={(e) => setName(e.target.value)}
              />
            )}
          </section>
          <section>
            <h2 className="mb-1">Their word</h2>
            <TextField
              label="What the answers are for"
              value={purpose}
              error={at("consent.purpose")}
              onChange={(e) => setPurpose(e.target.value)}
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
                      onChange={(on) => setSeenBy(on ? [...seenBy, p.id] : seenBy.filter((x) => x !== p.id))}
                    >
                      {p.name}
                    </Tick>
                  ))}
              </div>
            </fieldset>
            <div className="mt-3">
              <Tick on={given} onChange={setGiven}>
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
          {[...Map.groupBy(asked, (q) => q.group).entries()].map(([group, inGroup]) => (
            <fieldset key={group}>
              <legend className="mb-1 font-serif text-xl font-semibold">{group}</legend>
              <ul className="grid gap-x-8 sm:grid-cols-2">
                {inGroup.map((q) => (
                  <li key={q.id} className="border-t border-line py-1.5" data-question={q.id}>
                    <Tick
                      on={yes.has(q.id)}
                      onChange={(on) => {
                        const next = new Map(yes);
                        if (on) next.set(q.id, "");
                        else next.delete(q.id);
                        setYes(next);
                      }}
                    >
                      {q.text}
                    </Tick>
                    {yes.has(q.id) && q.asks_day && (
                      <TextField
                        label="The last time, on"
                        type="date"
                        max={today()}
                        className="mt-1 ml-8 max-w-44"
                        value={yes.get(q.id) ?? ""}
                        error={dayIssue(q)}
                        onChange={(e) => setYes(new Map(yes).set(q.id, e.target.value))}
                      />
                    )}
                  </li>
                ))}
              </ul>
            </fieldset>
          ))}
          <TextField
            label="Anything felt while or after doing it, in the person’s words"
            value={report}
            onChange={(e) => setReport(e.target.value)}
            error={at("note.reports")}
          />
          <p className="text-sm text-faded">{questions.data.clinician_first}</p>
          <div className="flex items-center gap-4">
            <Button type="submit" tone="now" disabled={keep.isPending}>
              Keep it and see the result
            </Button>
            <span className="text-sm text-faded">What is not ticked counts as a no.</span>
          </div>
          {keep.isError && (
            <Problem error={keep.error} safe="Nothing was kept; your answers are still on this screen." />
          )}
        </form>
      )}
    </Stage>
  );
}

function Tick({ on, onChange, children }: { on: boolean; onChange: (on: boolean) => void; children: React.ReactNode }) {
  return (
    <label className="flex items-center gap-2">
      <input
        type="checkbox"
        className="size-6 shrink-0 self-start accent-[var(--color-now)]"
        checked={on}
        onChange={(e) => onChange(e.target.checked)}
      />
      <span>{children}</span>
    </label>
  );
}
