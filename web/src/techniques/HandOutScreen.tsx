import { useQuery } from "@tanstack/react-query";
import { Link, useParams, useSearchParams } from "react-router";
import { useReference } from "../face/atlas";
import { FacePlate } from "../face/FacePlate";
import { usePlateView } from "../face/plateView";
import type { Schemas } from "../shell/api";
import { Button } from "../ui/Button";
import { Empty, Problem, Waiting } from "../ui/States";
import { HandLines, readingFor, WordedFor, type Reading } from "./Reading";
import { seconds } from "./techniqueModel";
import { techniquePlate } from "./techniquePlate";
import { editionQuery, techniqueQuery } from "./techniqueQueries";

const KINDS = [
  { id: "card", word: "technique card" },
  { id: "wall", word: "wall plate" },
  { id: "pocket", word: "pocket cue card" },
] as const;
type View = Schemas["TechniqueView"];

/** Ways to print a technique. */
export function HandOutLinks({ id, edition }: { id: string; edition?: number }) {
  return (
    <p className="no-print flex gap-4 text-sm">
      <span className="text-faded">On paper:</span>
      {KINDS.map((k) => (
        <Link key={k.id} to={`/techniques/${id}/print/${k.id}${edition ? `?edition=${edition}` : ""}`}>
          {k.word}
        </Link>
      ))}
    </p>
  );
}

/** A hand-out, drawn from one edition each time it is opened: it never goes stale, and says which edition it shows. */
export function HandOutScreen() {
  const { id = "", kind = "card" } = useParams();
  const [params] = useSearchParams();
  const wanted = Number(params.get("edition")) || null;
  const newest = useQuery({ ...techniqueQuery(id), enabled: wanted === null });
  const told = useQuery({ ...editionQuery(id, wanted ?? 1), enabled: wanted !== null });
  const shown = wanted === null ? newest : told;
  const { viewer } = usePlateView();
  if (shown.isPending) return <Waiting what="the hand-out" />;
  if (shown.isError) return <Problem error={shown.error} again={() => shown.refetch()} />;
  if (!shown.data) return <Empty says="This technique is not there, or not for your eyes yet." />;
  const t = shown.data;
  const reading = readingFor(t.derivation, viewer);
  return (
    <main id="bench" className="mx-auto max-w-[52rem] px-6 py-4">
      <nav className="no-print mb-4 flex items-center gap-4 text-sm" aria-label="Hand-outs">
        <Link to={`/techniques/${id}`}>back to the technique</Link>
        <HandOutLinks id={id} {...(wanted ? { edition: wanted } : {})} />
        <Button className="ml-auto" onClick={() => window.print()}>
          Print
        </Button>
      </nav>
      <WordedFor reading={reading} />
      {kind === "wall" ? (
        <WallPlate t={t} reading={reading} />
      ) : kind === "pocket" ? (
        <PocketCard t={t} reading={reading} />
      ) : (
        <Card t={t} reading={reading} />
      )}
      <footer className="mt-4 border-t border-line pt-1 text-xs text-faded">
        {t.document.name}, edition {t.edition}
        {t.standing !== "complete" && ` (${t.standing})`}. {t.derivation.clinician_first}
      </footer>
    </main>
  );
}

function plateOf(t: View) {
  const plate = techniquePlate(t.derivation, null);
  return { ...plate, lit: (plate.lit ?? []).filter((l) => l.strength !== "incidental" && l.tone !== "inhibited") };
}

const leaveOut = (t: View) => t.derivation.exclusions.filter((e) => e.handling === "avoid" || e.red_flag);

/** All that somebody needs who learns it: plate, steps with dose and cue, faults, changes, for whom not. */
function Card({ t, reading }: { t: View; reading: Reading }) {
  const { atlas } = useReference();
  const plainOf = new Map(atlas.modes.map((m) => [m.id, m.plain]));
  const { document, derivation } = t;
  return (
    <article data-hand-out="card">
      <h1>{document.name}</h1>
      <p className="font-serif text-lg text-faded">{document.aim}</p>
      <div className="mt-3 grid grid-cols-[15rem_1fr] gap-6">
        <FacePlate content={plateOf(t)} compact />
        <div>
          <ol className="space-y-2">
            {derivation.steps.map((s) => (
              <li key={s.index} className="border-t border-line pt-1">
                <p className="font-serif text-[1.05rem]">
                  <span className="mr-2 font-sans font-semibold">{s.index + 1}</span>
                  {reading.steps[s.index]?.cue}
                </p>
                <p className="text-sm">
                  {reading.steps[s.index]?.title} · <span className="font-semibold">{s.completed.dose?.line}</span> ·{" "}
                  {seconds(s.dose.total_seconds.standard)} · stop when {s.completed.end_point}
                </p>
                <HandLines lines={reading.steps[s.index]?.hands ?? []} />
              </li>
            ))}
          </ol>
          <p className="mt-2 text-sm">
            At home {seconds(derivation.times.home.standard)} (from {seconds(derivation.times.home.minimum)} to{" "}
            {seconds(derivation.times.home.full)}).
          </p>
        </div>
      </div>
      <div className="mt-4 grid gap-6 sm:grid-cols-2">
        <Words title="What it works">
          {[
            ...new Map(
              derivation.map.worked
                .filter((r) => r.strength === "primary")
                .map((r) => [`${r.structure} ${r.mode}`, `${r.name}: ${plainOf.get(r.mode) ?? r.mode}`]),
            ).values(),
          ]}
        </Words>
        <Words title="Faults, and what helps">{reading.faults.map((f) => `${f.sign}: ${f.fix}`)}</Words>
        <Words title="If … then">{reading.adaptations.map((a) => `${a.for}: ${a.change}`)}</Words>
        <Words title="Take care">{reading.cautions}</Words>
      </div>
      <p className="mt-3 text-xs">
        <span className="font-semibold">Not with:</span>{" "}
        {leaveOut(t)
          .map((e) => e.name)
          .join("; ")}
        .
      </p>
    </article>
  );
}

function Words({ title, children }: { title: string; children: readonly string[] }) {
  if (children.length === 0) return null;
  return (
    <section>
      <h2 className="text-base">{title}</h2>
      <ul className="text-sm">
        {children.map((c) => (
          <li key={c}>{c}</li>
        ))}
      </ul>
    </section>
  );
}

/** For the studio's wall: one large plate, a few large words. */
function WallPlate({ t, reading }: { t: View; reading: Reading }) {
  return (
    <article data-hand-out="wall" className="text-center">
      <h1 className="text-4xl">{t.document.name}</h1>
      <p className="font-serif text-2xl text-faded">{t.document.aim}</p>
      <div className="mx-auto max-w-[34rem] print:max-w-[150mm]">
        <FacePlate content={plateOf(t)} compact />
      </div>
      <ol className="mx-auto max-w-[40rem] text-left">
        {t.derivation.steps.map((s) => (
          <li key={s.index} className="mt-2 font-serif text-2xl leading-snug print:text-[15pt]">
            <span className="mr-3 font-sans font-semibold">{s.index + 1}</span>
            {reading.steps[s.index]?.cue}
          </li>
        ))}
      </ol>
    </article>
  );
}

/** For the pocket: the cues and the counts, twice on a sheet. */
function PocketCard({ t, reading }: { t: View; reading: Reading }) {
  const { shorten } = usePocketWords();
  return (
    <div data-hand-out="pocket" className="grid gap-6 sm:grid-cols-2">
      {[0, 1].map((copy) => (
        <article key={copy} className="border border-dashed border-faded p-3" aria-hidden={copy === 1 || undefined}>
          <p className="font-serif text-lg font-semibold">{t.document.name}</p>
          <ol className="text-sm">
            {t.derivation.steps.map((s) => (
              <li key={s.index} className="mt-1">
                <span className="font-semibold">{s.index + 1}</span> {reading.steps[s.index]?.cue}{" "}
                <span className="font-semibold">{s.completed.dose?.line}</span>
              </li>
            ))}
          </ol>
          <p className="mt-1 text-xs text-faded">
            Keep quiet: {shorten(t.derivation.steps.flatMap((s) => s.completed.still ?? [])) || "nothing in particular"}
            .
          </p>
        </article>
      ))}
    </div>
  );
}

/** Zone ids as words, each once. */
function usePocketWords() {
  const { zoneById } = useReference();
  return {
    shorten: (ids: readonly string[]) => [...new Set(ids.map((id) => zoneById.get(id)?.name ?? id))].join(", "),
  };
}
