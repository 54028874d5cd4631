import { queryOptions, useQuery } from "@tanstack/react-query";
import { Link, useSearchParams } from "react-router";
import type { Lit } from "../face/plateTypes";
import { Stage } from "../face/Stage";
import { api, said, type Schemas } from "../shell/api";
import { Pick } from "../ui/Field";
import { Empty, Problem, Waiting } from "../ui/States";
import { Shown, WAITS, type Waits } from "./StationCell";

type Glance = Schemas["Glance"];

const glanceQuery = (cohort: string | null, examination: string | null) =>
  queryOptions({
    queryKey: ["results", "glance", cohort, examination],
    queryFn: () =>
      said(
        api.GET("/api/results/cohort", {
          params: { query: { ...(cohort ? { cohort } : {}), ...(examination ? { examination } : {}) } },
        }),
      ),
  });

const round = (n: number) => Math.round(n * 10) / 10;

/** Who has shown what, what waits, where marks are lost, what is confused; one press leads to the evidence. */
export function GlanceScreen() {
  const [search, setSearch] = useSearchParams();
  const cohort = search.get("cohort");
  const examination = search.get("examination");
  const glance = useQuery(glanceQuery(cohort, examination));
  const choose = (key: string, value: string | null) => {
    const next = new URLSearchParams(search);
    if (value) next.set(key, value);
    else next.delete(key);
    setSearch(next, { replace: true });
  };
  const g = glance.data;
  return (
    <Stage plate={{ lit: confusedLit(g) }} list>
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h1>The cohort at a glance</h1>
        <span className="flex flex-wrap gap-4 text-sm">
          <a
            className="inline-flex min-h-9 items-center text-now underline"
            href={`/api/results/cohort.csv?${search.toString()}`}
            download="results.csv"
          >
            Export CSV
          </a>
          <a
            className="inline-flex min-h-9 items-center text-now underline"
            href="/api/results/cohort.schema.json"
            download="results.schema.json"
          >
            What its columns mean
          </a>
        </span>
      </div>
      {g && (
        <div className="mt-2 grid max-w-2xl gap-3 sm:grid-cols-2">
          <Pick
            label="Cohort"
            empty="All trainees"
            value={cohort}
            options={g.cohorts.map((c) => ({ value: c.id, word: c.name }))}
            onChange={(v) => choose("cohort", v)}
          />
          <Pick
            label="Examination"
            empty="All examinations"
            value={examination}
            options={g.examinations.map((x) => ({ value: x.id, word: x.name }))}
            onChange={(v) => choose("examination", v)}
          />
        </div>
      )}
      {glance.isPending && <Waiting what="the cohort" />}
      {glance.isError && <Problem error={glance.error} again={() => glance.refetch()} />}
      {g && g.stations.length === 0 && (
        <Empty
          says="There is no station yet. Add an examination with its stations; then it stands here who has shown what."
          next={{ to: "/examination", says: "Add an examination" }}
        />
      )}
      {g && g.stations.length > 0 && (
        <>
          <Counts counts={g.counts} />
          <Matrix g={g} />
          <div className="mt-6 grid gap-x-8 gap-y-6 lg:grid-cols-2">
            <Weakest g={g} who={whoOf(g)} />
            <Confused g={g} who={whoOf(g)} />
          </div>
        </>
      )}
    </Stage>
  );
}

/** What is named wrongly most often, on the face. */
const confusedLit = (g: Glance | undefined): Lit[] =>
  (g?.confused ?? []).map((c, i) => ({
    structure: c.structure,
    side: "both",
    tone: "lost",
    strength: i < 2 ? "primary" : "secondary",
    label: `${c.common}: named wrongly ${c.times} of ${c.of}`,
  }));

/** Whose result it is, of those that stand in the table. */
const whoOf = (g: Glance): ReadonlyMap<string, string> =>
  new Map(g.rows.flatMap((r) => r.cells.map((c) => [c.id, r.trainee] as const)));

function Counts({ counts }: { counts: Glance["counts"] }) {
  const known = (Object.keys(WAITS) as Waits[]).filter((w) => (counts[w] ?? 0) > 0);
  if (known.length === 0) return <p className="mt-3 text-faded">Nothing waits.</p>;
  return (
    <p className="mt-3" data-counts>
      {known.map((w, i) => (
        <span key={w}>
          {i > 0 && " · "}
          <span className="font-semibold">{counts[w]}</span> {counts[w] === 1 ? WAITS[w].one : WAITS[w].many}
        </span>
      ))}
    </p>
  );
}

/** Examinations over their stations. */
function spans(g: Glance) {
  const found: { id: string; name: string; count: number }[] = [];
  for (const s of g.stations) {
    const last = found.at(-1);
    if (last?.id === s.examination_id) last.count += 1;
    else found.push({ id: s.examination_id, name: s.examination, count: 1 });
  }
  return found;
}

/** Trainees down, stations across; each mark is a press away from its evidence. */
function Matrix({ g }: { g: Glance }) {
  if (g.rows.length === 0) return <p className="mt-3 text-faded">Nobody is in this cohort yet.</p>;
  return (
    <div
      className="mt-3 max-h-[60vh] overflow-auto border-y border-line"
      data-two-ways
      tabIndex={0}
      role="region"
      aria-label="Who has shown what"
    >
      <table className="border-separate border-spacing-0 text-[0.95rem]">
        <thead>
          {new Set(g.stations.map((s) => s.examination_id)).size > 1 && (
            <tr>
              <td className="sticky left-0 z-10 bg-paper" />
              {spans(g).map((x) => (
                <th
                  key={x.id}
                  colSpan={x.count}
                  className="border-l border-line px-2 pt-1 text-left text-sm font-semibold whitespace-nowrap"
                >
                  {x.name}
                </th>
              ))}
            </tr>
          )}
          <tr>
            <th className="sticky top-0 left-0 z-20 min-w-40 border-b border-line bg-paper px-2 text-left text-sm font-normal text-faded">
              Trainee
            </th>
            {g.stations.map((s) => (
              <th
                key={s.station_id}
                className="sticky top-0 z-10 max-w-40 min-w-28 border-b border-line bg-paper px-2 py-1 text-left align-bottom text-sm leading-tight font-normal"
                title={s.examination}
              >
                <span className="font-semibold text-now">{s.place}</span> {s.shows}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {g.rows.map((r) => {
            const cells = new Map(r.cells.map((c) => [c.station, c]));
            return (
              <tr key={r.trainee_id} data-trainee={r.trainee}>
                <th className="sticky left-0 z-10 border-b border-line bg-paper px-2 text-left font-serif font-medium">
                  <Link
                    to={`/results/trainee/${r.trainee_id}`}
                    className="inline-flex min-h-8 items-center hover:underline"
                  >
                    {r.trainee}
                  </Link>
                </th>
                {g.stations.map((s, i) => (
                  <td key={s.station_id} className="border-b border-line px-2 align-top">
                    <Shown cell={cells.get(i)} />
                  </td>
                ))}
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

/** Where most points are lost, station by station. */
function Weakest({ g, who }: { g: Glance; who: ReadonlyMap<string, string> }) {
  const shows = new Map(g.stations.map((s) => [s.station_id, s.shows]));
  return (
    <section data-weakest={g.weakest.length}>
      <h2>Where most points are lost</h2>
      {g.weakest.length === 0 && <p className="text-faded">Nothing is lost yet.</p>}
      <ol>
        {g.weakest.map((w) => (
          <li key={w.station_id + w.criterion} className="border-t border-line py-1">
            <span className="font-medium">{w.text}</span>
            <span className="block text-sm text-faded">
              {shows.get(w.station_id)} · {round(w.lost)} points on average, mark {round(w.mean)} of 3, {w.times}{" "}
              {w.times === 1 ? "sheet" : "sheets"}
            </span>
            <Worst ids={w.worst} who={who} />
          </li>
        ))}
      </ol>
    </section>
  );
}

function Confused({ g, who }: { g: Glance; who: ReadonlyMap<string, string> }) {
  return (
    <section data-confused={g.confused.length}>
      <h2>Named wrongly most often</h2>
      {g.confused.length === 0 && <p className="text-faded">No muscle was named wrongly.</p>}
      <ol>
        {g.confused.map((c) => (
          <li key={c.structure} className="border-t border-line py-1">
            <span className="font-medium">{c.common}</span>
            <span className="block text-sm text-faded">
              where it is worked, {c.times} of {c.of} {c.of === 1 ? "sheet" : "sheets"} marked below “right with a slip”
            </span>
            <Worst ids={c.worst} who={who} />
          </li>
        ))}
      </ol>
    </section>
  );
}

/** The lowest of them, each a press away. */
function Worst({ ids, who }: { ids: readonly string[]; who: ReadonlyMap<string, string> }) {
  return (
    <span className="flex flex-wrap gap-x-3 text-sm">
      {ids.slice(0, 3).map((id) => (
        <Link key={id} to={`/results/${id}`} className="inline-flex min-h-6 items-center text-now underline">
          {who.get(id) ?? "an earlier attempt"}
        </Link>
      ))}
    </span>
  );
}
