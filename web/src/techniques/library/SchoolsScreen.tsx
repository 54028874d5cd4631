import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { useReference } from "../../face/atlas";
import { Stage } from "../../face/Stage";
import { api, problemOf, Refusal, said, type Schemas } from "../../shell/api";
import { useSignedIn } from "../../shell/session";
import { Button } from "../../ui/Button";
import { Pick, TextField } from "../../ui/Field";
import { Problem, Waiting } from "../../ui/States";
import { LibraryHead } from "./LibraryHead";
import { libraryQuery } from "../parts/techniqueQueries";

const schoolsQuery = { queryKey: ["schools"], queryFn: () => said(api.GET("/api/library/schools")) };

/** Schools side by side: what each answers, what the house chose and why, and how each works one region. */
export function SchoolsScreen() {
  const person = useSignedIn();
  const { atlas } = useReference();
  const schools = useQuery(schoolsQuery);
  const library = useQuery(libraryQuery);
  const [region, setRegion] = useState<string>(atlas.regions[0]?.id ?? "");
  const [question, setQuestion] = useState<string | null>(null);
  const [followed, setFollowed] = useState<string | null>(null);
  const name = (id: string) => atlas.schools.find((s) => s.id === id)?.name ?? id;
  const here = (library.data ?? []).filter((t) => t.region === region && t.standing !== "retired");
  const zones = [...new Set(here.flatMap((t) => t.brief.zones))];
  return (
    <Stage plate={{ zones, legend: <p className="text-faded">Shaded: where the techniques of this region work.</p> }}>
      <LibraryHead staff={person.grades} />
      {schools.isPending && <Waiting what="the teaching styles" />}
      {schools.isError && <Problem error={schools.error} again={() => schools.refetch()} />}
      {schools.data && (
        <>
          <p className="my-3 max-w-prose text-sm text-faded">
            Where teaching styles disagree, these are their usual positions: common practice, no standard. Safety is
            never a matter of style.
          </p>
          <Pick
            label="Follow one teaching style"
            className="mb-2 max-w-xs"
            empty="all alike"
            options={schools.data.schools.map((x) => ({ value: x.id, word: name(x.id) }))}
            value={followed}
            onChange={setFollowed}
          />
          <table className="w-full text-[0.95rem]" data-schools>
            <thead>
              <tr className="align-bottom text-left text-sm text-faded">
                <th className="py-1 pr-3 font-medium">question</th>
                <th className="px-2 py-1 font-medium">your studio</th>
                <th className="px-2 py-1 font-medium">what each teaching style usually does</th>
              </tr>
            </thead>
            <tbody>
              <tr className="border-t border-line align-top">
                <th scope="row" className="py-1.5 sm:w-40 pr-3 text-left font-medium">
                  How hard?
                </th>
                <td className="px-2 sm:w-36 py-1.5 text-sm text-faded">by the step</td>
                <td className="px-2 py-1.5">
                  <Answers
                    of={schools.data.schools}
                    answer={(x) => `${feel(atlas.levels, x.pressure[0])} … ${feel(atlas.levels, x.pressure[1])}`}
                    name={name}
                    followed={followed}
                  />
                </td>
              </tr>
              {schools.data.questions.map((q) => {
                const choice = schools.data.choices.find((c) => c.question === q.id);
                return (
                  <tr key={q.id} className="border-t border-line align-top">
                    <th scope="row" className="py-1.5 pr-3 text-left font-medium">
                      {q.asks}
                    </th>
                    <td className="px-2 py-1.5">
                      {choice && (
                        <span title={`${choice.reason} (${choice.by})`} className="font-semibold text-now">
                          {q.choices[choice.choice]}
                        </span>
                      )}
                      {person.leads && (
                        <Button
                          size="line"
                          tone="quiet"
                          aria-label={`${choice ? "change" : "choose"}: ${q.asks}`}
                          onClick={() => setQuestion(question === q.id ? null : q.id)}
                        >
                          {choice ? "change" : "choose"}
                        </Button>
                      )}
                    </td>
                    <td className="px-2 py-1.5">
                      <Answers
                        of={schools.data.schools}
                        answer={(x) => q.choices[x.answers[q.id] ?? ""] ?? "not said"}
                        name={name}
                        followed={followed}
                      />
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
          {schools.data.questions
            .filter((q) => q.id === question)
            .map((q) => (
              <Choose
                key={q.id}
                question={q}
                now={schools.data.choices.find((c) => c.question === q.id)}
                onDone={() => setQuestion(null)}
              />
            ))}
          {schools.data.choices.length > 0 && (
            <ul className="mt-3 text-sm">
              {schools.data.choices.map((c) => (
                <li key={c.question}>
                  <span className="font-semibold">
                    {schools.data.questions.find((q) => q.id === c.question)?.asks}{" "}
                    {schools.data.questions.find((q) => q.id === c.question)?.choices[c.choice]}
                  </span>
                  : <span className="font-serif">{c.reason}</span> <span className="text-faded">({c.by})</span>
                </li>
              ))}
            </ul>
          )}
          <h2 className="mt-6 mb-1">The same region, style by style</h2>
          <Pick
            label="Region"
            className="mb-3 max-w-xs"
            options={atlas.regions.map((r) => ({ value: r.id, word: r.name }))}
            value={region}
            onChange={(r) => setRegion(r ?? "")}
          />
          <dl>
            {schools.data.schools.map((s) => {
              const mine = here.filter((t) => t.school === s.id);
              return (
                <div key={s.id} className="grid grid-cols-[9rem_1fr] gap-3 border-t border-line py-1.5">
                  <dt className="font-semibold">{name(s.id)}</dt>
                  <dd>
                    {mine.length === 0 ? (
                      <span className="text-faded">nothing here</span>
                    ) : (
                      mine.map((t) => (
                        <span key={t.technique_id} className="block">
                          <Link to={`/techniques/${t.technique_id}`}>{t.name}</Link>{" "}
                          <span className="text-sm text-faded">{t.brief.primary || "skin and surface fluid"}</span>
                        </span>
                      ))
                    )}
                  </dd>
                </div>
              );
            })}
          </dl>
        </>
      )}
    </Stage>
  );
}

type Profile = Schemas["SchoolProfile"];

/** The answers to one question, each with the schools that give it: where they part is seen at a glance. */
function Answers({
  of,
  answer,
  name,
  followed,
}: {
  of: readonly Profile[];
  answer: (school: Profile) => string;
  name: (id: string) => string;
  followed: string | null;
}) {
  return (
    <ul>
      {[...Map.groupBy(of, answer)].map(([word, schools]) => (
        <li key={word} className="grid gap-x-2 sm:grid-cols-[10.5rem_1fr]">
          <span className={schools.some((x) => x.id === followed) ? "bg-now-wash font-semibold" : "font-semibold"}>
            {word}
          </span>
          <span>
            {schools.map((x, i) => (
              <span key={x.id}>
                {i > 0 && ", "}
                {x.id === followed ? (
                  <mark className="bg-now-wash font-semibold text-ink">{name(x.id)}</mark>
                ) : (
                  name(x.id)
                )}
              </span>
            ))}
          </span>
        </li>
      ))}
    </ul>
  );
}

const feel = (levels: readonly Schemas["LevelWord"][], level: number | undefined) =>
  level === 0 ? "no contact" : (levels.find((l) => l.level === level)?.feel ?? "");

/** The house's own answer, with its reason. */
function Choose({
  question,
  now,
  onDone,
}: {
  question: Schemas["SchoolQuestion"];
  now: Schemas["HouseChoice"] | undefined;
  onDone: () => void;
}) {
  const [choice, setChoice] = useState<string | null>(now?.choice ?? null);
  const [reason, setReason] = useState(now?.reason ?? "");
  // What this form was begun over; once the other's choice was shown, what stands now.
  const [begunOver] = useState(now?.at ?? null);
  const [met, setMet] = useState(false);
  const queries = useQueryClient();
  const keep = useMutation({
    mutationFn: () =>
      said(
        api.PUT("/api/library/choices/{question}", {
          params: { path: { question: question.id } },
          body: { choice, reason, seen: met ? (now?.at ?? null) : begunOver },
        }),
      ),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: schoolsQuery.queryKey });
      onDone();
    },
    onError: async (error) => {
      if (!(error instanceof Refusal && error.status === 409)) return;
      await queries.invalidateQueries({ queryKey: schoolsQuery.queryKey });
      setMet(true);
    },
  });
  const wrong = keep.isError ? problemOf(keep.error).fields : {};
  return (
    <form
      className="mt-3 grid max-w-2xl items-end gap-3 border-l-2 border-now pl-4 sm:grid-cols-[1fr_2fr_auto]"
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate();
      }}
    >
      <Pick
        label={question.asks}
        options={Object.entries(question.choices).map(([value, word]) => ({ value, word }))}
        value={choice}
        onChange={setChoice}
        {...(wrong["choice"]?.[0] ? { error: wrong["choice"][0] } : {})}
      />
      <TextField
        label="Because"
        value={reason}
        error={wrong["reason"]?.[0]}
        onChange={(e) => setReason(e.target.value)}
      />
      <Button type="submit" tone="now" disabled={keep.isPending}>
        This is how we do it
      </Button>
    </form>
  );
}
