import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { examinationsQuery } from "../examinations/examinationQueries";
import { kindWords } from "../examinations/sheetWords";
import { Stage } from "../face/Stage";
import { api, problemOf, said, type Schemas } from "../shell/api";
import { peopleQuery } from "../shell/queries";
import { libraryQuery } from "../techniques/parts/techniqueQueries";
import { Button } from "../ui/Button";
import { Choice, Pick } from "../ui/Field";
import { Problem, Waiting } from "../ui/States";
import { demonstrationsQuery } from "./gradingQueries";
import { ORIGIN_WORDS } from "./gradingWords";
import { useWaitingMarks } from "./useWaitingMarks";
import { AskedLooks } from "./AskedLooks";

type Line = Schemas["DemonstrationLine"];

/** How often whoever is in charge sees the stations fill. */
const LIVE_MS = 2000;

/** Who shows what next; what is being graded now, as it fills; what was submitted. */
export function GradingListScreen() {
  const demonstrations = useQuery({ ...demonstrationsQuery, refetchInterval: LIVE_MS });
  const list = demonstrations.data ?? [];
  return (
    <Stage plate={{}} list>
      <h1>Grading</h1>
      <AskedLooks />
      <Begin />
      {demonstrations.isPending && <Waiting what="the demonstrations" />}
      {demonstrations.isError && <Problem error={demonstrations.error} again={() => demonstrations.refetch()} />}
      <Demonstrations
        title="Being graded now"
        none="Nobody is being graded."
        list={list.filter((d) => d.submitted_at === null)}
        to={(d) => `/grading/${d.id}`}
      />
      <Demonstrations
        title="Submitted"
        none="Nothing yet."
        list={list.filter((d) => d.submitted_at !== null)}
        to={(d) => `/results/${d.second_of ?? d.id}`}
      />
    </Stage>
  );
}

const ORIGINS = [
  { value: "station", word: "an examination", hint: "the whole sheet" },
  { value: "lesson", word: "a lesson", hint: "three criteria, one minute" },
  { value: "practice", word: "practice", hint: "three criteria, one minute" },
] as const;

function Begin() {
  const examinations = useQuery(examinationsQuery);
  const people = useQuery(peopleQuery);
  const library = useQuery(libraryQuery);
  const [origin, setOrigin] = useState<Line["origin"]>("station");
  const [trainee, setTrainee] = useState<string | null>(null);
  const [station, setStation] = useState<string | null>(null);
  const [technique, setTechnique] = useState<string | null>(null);
  const navigate = useNavigate();
  const queries = useQueryClient();
  const atStation = origin === "station";
  const demonstrations = useQuery(demonstrationsQuery);
  // Somebody else grades this trainee at this station: one says whether it is the same demonstration.
  const [asked, setAsked] = useState(false);
  const same = demonstrations.data?.find(
    (d) => d.submitted_at === null && d.station_id === station && d.trainee_id === trainee && d.second_of === null,
  );
  const begin = useMutation({
    mutationFn: ({ id, secondOf, another }: { id: string; secondOf?: string; another?: boolean }) =>
      said(
        api.PUT("/api/demonstrations/{id}", {
          params: { path: { id } },
          body: {
            origin,
            station_id: atStation ? station : null,
            technique_id: atStation ? null : technique,
            trainee_id: trainee ?? "",
            second_of: secondOf ?? null,
            another: another ?? null,
          },
        }),
      ),
    onError: (error) => setAsked("second_of" in problemOf(error).fields),
    onSuccess: async (view) => {
      await Promise.all([
        queries.invalidateQueries({ queryKey: ["demonstrations"] }),
        queries.invalidateQueries({ queryKey: ["thread"] }),
      ]);
      void navigate(`/grading/${view.id}`);
    },
  });
  const stations = (examinations.data ?? []).flatMap((e) =>
    e.stations.map((s) => ({
      value: s.id,
      word: `${s.place} · ${s.technique_name}${s.kind === "oneself" ? "" : `, ${kindWords(s.kind)}`}`,
      group: e.name,
    })),
  );
  const techniques = (library.data ?? [])
    .filter((t) => ["complete", "reviewed", "approved"].includes(t.standing))
    .map((t) => ({ value: t.technique_id, word: t.name }));
  const trainees = (people.data ?? []).filter((p) => p.role === "trainee").map((p) => ({ value: p.id, word: p.name }));
  return (
    <>
      <div className="mt-2">
        <Choice label="Seen in" options={ORIGINS} value={origin} onChange={setOrigin} />
      </div>
      <div className="mt-3 grid max-w-2xl items-end gap-3 sm:grid-cols-[1fr_1fr_auto]">
        <Pick label="Trainee" options={trainees} value={trainee} onChange={setTrainee} />
        {atStation ? (
          <Pick label="Station" options={stations} value={station} onChange={setStation} />
        ) : (
          <Pick label="Technique" options={techniques} value={technique} onChange={setTechnique} />
        )}
        <Button
          tone="now"
          disabled={!trainee || !(atStation ? station : technique) || begin.isPending}
          onClick={() => begin.mutate({ id: crypto.randomUUID() })}
        >
          {atStation ? "Begin the demonstration" : "Open the one-minute sheet"}
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
      {atStation && examinations.isSuccess && stations.length === 0 && (
        <p className="mt-2 text-sm text-faded">
          No station yet: add one under{" "}
          <Link to="/examination" className="text-now underline">
            Examination
          </Link>
          .
        </p>
      )}
      {begin.isError && <Problem error={begin.error} />}
      {asked && same && (
        <div className="flex flex-wrap gap-2" data-asks-second>
          <Button tone="now" onClick={() => begin.mutate({ id: crypto.randomUUID(), secondOf: same.id })}>
            Look at the same demonstration
          </Button>
          <Button onClick={() => begin.mutate({ id: crypto.randomUUID(), another: true })}>
            Begin another attempt
          </Button>
        </div>
      )}
    </>
  );
}

/** How far a sheet is: never what is on it. */
function stageOf(d: Line) {
  if (d.submitted_at !== null) return "submitted";
  const marked = `${d.marked} of ${d.judged} marked`;
  if (d.stopped || d.origin !== "station") return marked;
  return d.started ? "showing now" : "not begun";
}

function Demonstrations({
  title,
  none,
  list,
  to,
}: {
  title: string;
  none: string;
  list: readonly Line[];
  to: (d: Line) => string;
}) {
  const waiting = useWaitingMarks();
  return (
    <section className="mt-6" aria-label={title}>
      <h2>{title}</h2>
      {list.length === 0 && <p className="text-sm text-faded">{none}</p>}
      <ul>
        {list.map((d) => (
          <li key={d.id} className="border-t border-line" data-demonstration={d.id} data-stage={stageOf(d)}>
            <Link to={to(d)} className="grid grid-cols-[1fr_1fr_auto] gap-3 px-1 py-1.5 hover:bg-linen">
              <span className="font-serif font-medium">{d.trainee}</span>
              <span>
                {d.technique_name}
                {d.origin !== "station" && <span className="text-faded">, {ORIGIN_WORDS[d.origin]}</span>}
                {d.second_of !== null && <span className="text-faded">, second look</span>}
                {d.origin === "station" && d.attempt > 1 && d.second_of === null && (
                  <span className="text-faded">, attempt {d.attempt}</span>
                )}
              </span>
              <span className="text-sm text-faded">
                {d.assessor} · {d.submitted_at === null ? stageOf(d) : `${d.events} entries`}
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
