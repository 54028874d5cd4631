import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { examinationsQuery } from "../examinations/examinationQueries";
import { Stage } from "../face/Stage";
import { api, said, type Schemas } from "../shell/api";
import { peopleQuery } from "../shell/queries";
import { Button } from "../ui/Button";
import { Pick } from "../ui/Field";
import { Problem, Waiting } from "../ui/States";
import { demonstrationsQuery } from "./gradingQueries";
import { useWaitingMarks } from "./useWaitingMarks";

/** Who shows what next, and what is still to finish. */
export function GradingListScreen() {
  const demonstrations = useQuery(demonstrationsQuery);
  const examinations = useQuery(examinationsQuery);
  const people = useQuery(peopleQuery);
  const [trainee, setTrainee] = useState<string | null>(null);
  const [station, setStation] = useState<string | null>(null);
  const navigate = useNavigate();
  const queries = useQueryClient();
  const begin = useMutation({
    mutationFn: (id: string) =>
      said(
        api.PUT("/api/demonstrations/{id}", {
          params: { path: { id } },
          body: { station_id: station ?? "", trainee_id: trainee ?? "" },
        }),
      ),
    onSuccess: async (view) => {
      await Promise.all([
        queries.invalidateQueries({ queryKey: ["demonstrations"] }),
        queries.invalidateQueries({ queryKey: ["thread"] }),
      ]);
      void navigate(`/grading/${view.id}`);
    },
  });
  const stations = (examinations.data ?? []).flatMap((e) =>
    e.stations.map((s) => ({ value: s.id, word: `${s.place} · ${s.technique_name}`, group: e.name })),
  );
  const trainees = (people.data ?? []).filter((p) => p.role === "trainee").map((p) => ({ value: p.id, word: p.name }));
  const open = (demonstrations.data ?? []).filter((d) => d.submitted_at === null);
  const done = (demonstrations.data ?? []).filter((d) => d.submitted_at !== null);
  return (
    <Stage plate={{}} list>
      <h1>Grading</h1>
      <div className="mt-3 grid max-w-2xl items-end gap-3 sm:grid-cols-[1fr_1fr_auto]">
        <Pick label="Trainee" options={trainees} value={trainee} onChange={setTrainee} />
        <Pick label="Station" options={stations} value={station} onChange={setStation} />
        <Button
          tone="now"
          disabled={!trainee || !station || begin.isPending}
          onClick={() => begin.mutate(crypto.randomUUID())}
        >
          Begin the demonstration
        </Button>
      </div>
      {people.isSuccess && trainees.length === 0 && (
        <p className="mt-2 text-sm text-faded">
          No trainee yet: add one under{" "}
          <Link to="/people" className="text-now underline">
            People
          </Link>
          .
        </p>
      )}
      {examinations.isSuccess && stations.length === 0 && (
        <p className="mt-2 text-sm text-faded">
          No station yet: add one under{" "}
          <Link to="/examination" className="text-now underline">
            Examination
          </Link>
          .
        </p>
      )}
      {begin.isError && <Problem error={begin.error} />}
      {demonstrations.isPending && <Waiting what="the demonstrations" />}
      {demonstrations.isError && <Problem error={demonstrations.error} again={() => demonstrations.refetch()} />}
      <Demonstrations
        title="To finish"
        none="No demonstration is unfinished."
        list={open}
        to={(d) => `/grading/${d.id}`}
      />
      <Demonstrations title="Submitted" none="Nothing yet." list={done} to={(d) => `/results/${d.id}`} />
    </Stage>
  );
}

function Demonstrations({
  title,
  none,
  list,
  to,
}: {
  title: string;
  none: string;
  list: readonly Schemas["DemonstrationLine"][];
  to: (d: Schemas["DemonstrationLine"]) => string;
}) {
  const waiting = useWaitingMarks();
  return (
    <section className="mt-6">
      <h2>{title}</h2>
      {list.length === 0 && <p className="text-sm text-faded">{none}</p>}
      <ul>
        {list.map((d) => (
          <li key={d.id} className="border-t border-line">
            <Link to={to(d)} className="grid grid-cols-[1fr_1fr_auto] gap-3 px-1 py-1.5 hover:bg-linen">
              <span className="font-serif font-medium">{d.trainee}</span>
              <span>
                {d.technique_name}
                {d.attempt > 1 && <span className="text-faded">, attempt {d.attempt}</span>}
              </span>
              <span className="text-sm text-faded">
                {d.assessor} · {d.events} marks
                {waiting?.has(d.id) && (
                  <span className="font-semibold text-now" data-waiting={waiting.get(d.id)}>
                    {" "}
                    · {waiting.get(d.id)} more wait on this device
                  </span>
                )}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
