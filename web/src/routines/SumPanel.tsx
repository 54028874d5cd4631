import { Swatch } from "../face/Stage";
import { isTone, tones } from "../face/tones";
import { useReference } from "../face/atlas";
import { clock } from "./routineModel";
import type { RoutineSum } from "./routineQueries";

/** What the whole comes to: time, regions, structures, who must be careful, what has to lie ready. */
export function SumPanel({ sum, techniqueName }: { sum: RoutineSum; techniqueName: (code: string) => string }) {
  const { nameOf } = useReference();
  const main = sum.map.worked.filter((r) => r.strength === "primary");
  const avoid = sum.exclusions.filter((e) => e.handling === "avoid" && !e.red_flag);
  const ask = sum.exclusions.filter((e) => e.handling === "ask" && !e.red_flag);
  return (
    <section aria-labelledby="sum" className="text-[0.95rem]">
      <h2 id="sum" className="mb-1">
        What it comes to
      </h2>
      <p>
        <span className="text-xl font-semibold" data-total>
          {clock(sum.chosen)}
        </span>{" "}
        <span className="text-faded">
          from {clock(sum.total.minimum)} to {clock(sum.total.full)}; {clock(sum.talk_seconds)} of talk,{" "}
          {clock(sum.silence_seconds)} of silence
        </span>
      </p>
      <Block title="Regions">
        {sum.regions.map((r) => (
          <li key={r.region} className="flex justify-between gap-2">
            <span>{r.name}</span>
            <span className="text-faded">{clock(r.seconds)}</span>
          </li>
        ))}
      </Block>
      <Block title="Works mainly">
        {main.map((r) => (
          <li key={`${r.structure}-${r.side}-${r.mode}`} className="flex items-baseline gap-1.5">
            {isTone(r.mode) && <Swatch tone={r.mode} />}
            <span className="min-w-0 flex-1">
              {nameOf(r.structure).common}
              {(r.side === "left" || r.side === "right") && `, ${r.side}`}{" "}
              <span className="text-sm text-faded">{isTone(r.mode) ? tones[r.mode].word : r.mode}</span>
            </span>
            <span className="text-sm text-faded">{clock(r.seconds.standard)}</span>
          </li>
        ))}
      </Block>
      {sum.both_ways.length > 0 && (
        <Block title="Trained here, relaxed there">
          {sum.both_ways.map((b) => (
            <li key={b.structure}>
              {b.name}: trained in {b.trained_in.join(", ")}; relaxed in {b.relaxed_in.join(", ")}
            </li>
          ))}
        </Block>
      )}
      {sum.one_sided.length > 0 && (
        <Block title="Trained without its opposite">
          {sum.one_sided.map((o) => (
            <li key={o.structure}>{o.name}</li>
          ))}
        </Block>
      )}
      {sum.exposures.some((e) => e.over) && (
        <Block title="More than one session bears">
          {sum.exposures
            .filter((e) => e.over)
            .map((e) => (
              <li key={e.family} className="text-safety">
                {e.name}: {clock(e.seconds)}, at most {clock(e.ceiling)}
              </li>
            ))}
        </Block>
      )}
      <Block title="Has to lie ready, for each person">
        {sum.materials.drops > 0 && <li>{sum.materials.drops} drops of oil</li>}
        {sum.materials.wipes > 0 && (
          <li>
            {sum.materials.wipes} {sum.materials.wipes === 1 ? "wipe" : "wipes"}
          </li>
        )}
        {[...sum.materials.tools, ...sum.materials.others].map((t) => (
          <li key={t}>{t}</li>
        ))}
        {sum.materials.drops === 0 && sum.materials.tools.length + sum.materials.others.length === 0 && (
          <li>nothing</li>
        )}
      </Block>
      <details className="mt-2">
        <summary className="min-h-8 cursor-pointer text-now">
          Left out for {avoid.length} health conditions, to be asked for {ask.length}
        </summary>
        <ul className="text-sm">
          {[...avoid, ...ask].map((e) => (
            <li key={e.id} className="border-t border-line py-1">
              <span className="font-semibold">{e.name}</span>: {e.says}
              <span className="block text-faded">
                {e.parts.join(", ")}
                {e.instead.length > 0 && `; easier: ${e.instead.map(techniqueName).join(", ")}`}
              </span>
            </li>
          ))}
        </ul>
        <p className="mt-1 text-sm text-faded">
          The advice of the licensed clinician who treats the person, and local rules, come first. Acute signs stop
          everything.
        </p>
      </details>
    </section>
  );
}

function Block({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <>
      <h3 className="mt-3 text-sm text-faded">{title}</h3>
      <ul>{children}</ul>
    </>
  );
}
