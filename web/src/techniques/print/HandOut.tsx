import { useReference } from "../../face/atlas";
import { FacePlate } from "../../face/FacePlate";
import { usePlateView } from "../../face/plateView";
import type { Schemas } from "../../shell/api";
import { HandLines, practised, readingFor, WordedFor, type Reading } from "../parts/Reading";
import { seconds } from "../parts/techniqueModel";
import { techniquePlate } from "../parts/techniquePlate";
import { TakeCare } from "../parts/TakeCare";

type View = Schemas["TechniqueView"];

/** One hand-out with whom it is worded for, and the edition it shows. */
export function HandOut({ t, kind, cohort }: { t: View; kind: string; cohort: string | null }) {
  const { viewer } = usePlateView();
  const reading = readingFor(t.derivation, viewer);
  const Kind = kind === "wall" ? WallPlate : kind === "pocket" ? PocketCard : Card;
  return (
    <>
      <WordedFor reading={reading} />
      <Kind t={t} reading={reading} />
      <footer className="mt-4 border-t border-line pt-1 text-xs text-faded">
        {t.document.name}, edition {t.edition}
        {t.standing !== "complete" && ` (${t.standing})`}
        {cohort && `, as taught to ${cohort}`}. {t.derivation.clinician_first}
      </footer>
    </>
  );
}

function plateOf(t: View) {
  const plate = techniquePlate(t.derivation, null);
  return { ...plate, lit: (plate.lit ?? []).filter((l) => l.strength !== "incidental" && l.tone !== "inhibited") };
}

/** All that somebody needs who learns it: plate, steps with dose and cue, faults, changes, for whom not. */
function Card({ t, reading }: { t: View; reading: Reading }) {
  const { atlas, nameOf } = useReference();
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
                .map((r) => [
                  `${r.structure} ${r.mode}`,
                  `${nameOf(r.structure).both}: ${plainOf.get(r.mode) ?? r.mode}`,
                ]),
            ).values(),
          ]}
        </Words>
        <Words title="Faults, and what helps">{reading.faults.map((f) => `${f.sign}: ${f.fix}`)}</Words>
        <Words title="Practising it alone">{practised(reading)}</Words>
        <Words title="If … then">{reading.adaptations.map((a) => `${a.for}: ${a.change}`)}</Words>
      </div>
      <div className="mt-3">
        <TakeCare care={reading.care} />
      </div>
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
      <div className="mx-auto max-w-[34rem] print:max-w-[92mm]">
        <FacePlate content={plateOf(t)} compact />
      </div>
      <ol className="mx-auto max-w-[40rem] text-left">
        {t.derivation.steps.map((s) => (
          <li key={s.index} className="mt-2 font-serif text-2xl leading-snug print:text-[14pt]">
            <span className="mr-3 font-sans font-semibold">{s.index + 1}</span>
            {reading.steps[s.index]?.cue}
          </li>
        ))}
      </ol>
      <div className="mx-auto mt-4 max-w-[40rem] text-left">
        <TakeCare care={reading.care} size="text-xl print:text-[11pt]" />
      </div>
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
            Keep relaxed:{" "}
            {shorten(t.derivation.steps.flatMap((s) => s.completed.still ?? [])) || "nothing in particular"}.
          </p>
          <TakeCare care={reading.care} size="text-xs" opens={false} />
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
