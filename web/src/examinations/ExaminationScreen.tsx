import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { Stage } from "../face/Stage";
import { api, problemOf, said, type Schemas } from "../shell/api";
import { useSignedIn } from "../shell/session";
import { PutAway } from "../keeping/PutAway";
import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import { Empty, Problem, Waiting } from "../ui/States";
import { AddStation } from "./AddStation";
import { examinationsQuery } from "./examinationQueries";
import { kindWords } from "./sheetWords";

/** Examinations as lists of stations: what is shown, and one mark sheet each. */
export function ExaminationScreen() {
  const person = useSignedIn();
  const examinations = useQuery(examinationsQuery);
  const queries = useQueryClient();
  const [name, setName] = useState("");
  const add = useMutation({
    mutationFn: () =>
      said(api.POST("/api/examinations", { body: { id: crypto.randomUUID(), name, programme_id: null } })),
    onSuccess: async () => {
      setName("");
      await queries.invalidateQueries({ queryKey: ["examinations"] });
    },
  });
  return (
    <Stage plate={{}} list>
      <h1>Examination</h1>
      {examinations.isPending && <Waiting what="the examinations" />}
      {examinations.isError && <Problem error={examinations.error} again={() => examinations.refetch()} />}
      {examinations.data?.length === 0 && (
        <Empty says="No examination yet. Name one, then add a station for each thing that is shown; Wexis drafts its mark sheet from the steps." />
      )}
      {examinations.data?.map((e) => (
        <Examination key={e.id} examination={e} canChange={person.leads} />
      ))}
      {person.leads && (
        <form
          className="mt-8 flex max-w-md items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            add.mutate();
          }}
        >
          <TextField
            label={examinations.data?.length === 0 ? "Create an examination" : "Create another examination"}
            className="flex-1"
            placeholder="name of the examination"
            value={name}
            onChange={(e) => setName(e.target.value)}
            error={add.isError ? (problemOf(add.error).lines[0] ?? problemOf(add.error).title) : undefined}
          />
          <Button type="submit" disabled={add.isPending}>
            Create it
          </Button>
        </form>
      )}
    </Stage>
  );
}

function Examination({ examination, canChange }: { examination: Schemas["ExaminationView"]; canChange: boolean }) {
  return (
    <section className="mt-4" aria-label={examination.name}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2>
          {examination.name}
          <Link
            to={`/results/examinations/${examination.id}`}
            className="ml-4 inline-flex min-h-6 items-center font-sans text-base font-normal text-now underline"
          >
            Who has passed
          </Link>
        </h2>
        {canChange && <PutAway kind="examination" id={examination.id} name={examination.name} />}
      </div>
      <table className="mt-1 w-full">
        <thead className="text-left text-sm text-faded">
          <tr>
            <th className="py-1 font-normal">Station</th>
            <th className="font-normal">What is shown</th>
            <th className="text-right font-normal">Criteria</th>
            <th className="text-right font-normal">Pass line, %</th>
            {canChange && (
              <th>
                <span className="sr-only">Archive or delete</span>
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {examination.stations.map((s) => (
            <tr key={s.id} className="border-t border-line">
              <td className="w-16 py-2 font-semibold text-now">{s.place}</td>
              <td>
                <Link
                  to={`/examination/${s.id}`}
                  className="font-serif text-[1.05rem] font-medium hover:text-now hover:underline"
                >
                  {s.technique_name}
                </Link>
                <span className="ml-2 text-sm text-faded">
                  {s.kind !== "oneself" && `${kindWords(s.kind)} · `}edition {s.edition}
                  {s.used && " · in use for grading"}
                  {s.outdated && " · the technique has a newer edition"}
                </span>
              </td>
              <td className="text-right">{s.criteria}</td>
              <td className="text-right">{s.pass_line}</td>
              {canChange && (
                <td className="text-right">
                  <PutAway kind="station" id={s.id} name={s.technique_name} />
                </td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
      {canChange && <AddStation examination={examination} />}
    </section>
  );
}
