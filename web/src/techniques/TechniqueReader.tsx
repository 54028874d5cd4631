import { useState } from "react";
import { Link } from "react-router";
import { usePlateView } from "../face/plateView";
import { Stage } from "../face/Stage";
import type { Schemas } from "../shell/api";
import { HandOutLinks } from "./parts/HandOutLinks";
import { TakeCare } from "./parts/TakeCare";
import { Times } from "./parts/Times";
import { ScoreLanes } from "./score/ScoreLanes";
import { seconds } from "./parts/techniqueModel";
import { techniquePlate } from "./parts/techniquePlate";
import { VERSION_WORDS } from "./editor/Versions";
import { HandLines, practised, readingFor, WordedFor } from "./parts/Reading";
import { WorkList } from "./parts/WorkList";

/** A technique as trainees and assessors read it. */
export function TechniqueReader({ technique }: { technique: Schemas["TechniqueView"] }) {
  const [structure, setStructure] = useState<string | null>(null);
  const { derivation, document } = technique;
  const { viewer } = usePlateView();
  const reading = readingFor(derivation, viewer);
  return (
    <Stage plate={{ ...techniquePlate(derivation, null), selected: structure, onSelect: setStructure }}>
      <p className="text-sm text-faded">
        {derivation.family_name} · edition {technique.edition} · {seconds(derivation.total_seconds.standard)}
      </p>
      <h1>{document.name}</h1>
      {document.aim && <p className="mt-1 max-w-prose font-serif text-lg text-faded">{document.aim}</p>}
      <WordedFor reading={reading} />
      <TakeCare care={reading.care} />
      <ol className="mt-2 space-y-3">
        {derivation.steps.map((s) => (
          <li key={s.index} className="border-t border-line pt-2">
            <p className="font-serif text-lg">{reading.steps[s.index]?.cue}</p>
            <p className="text-sm text-faded">
              {reading.steps[s.index]?.title} · {s.completed.dose?.line}
            </p>
            <HandLines lines={reading.steps[s.index]?.hands ?? []} />
          </li>
        ))}
      </ol>
      <h2 className="mt-6 mb-2">The score</h2>
      <ScoreLanes derivation={derivation} />
      <Times times={derivation.times} />
      <h2 className="mt-6 mb-1">What it works</h2>
      <WorkList rows={derivation.map.worked} chosen={structure} onChoose={setStructure} />
      {reading.faults.length > 0 && (
        <>
          <h2 className="mt-6 mb-1">Faults, and what helps</h2>
          <ul>
            {reading.faults.map((f) => (
              <li key={f.sign}>
                {f.sign}: <span className="font-semibold">{f.fix}</span>
              </li>
            ))}
          </ul>
        </>
      )}
      {practised(reading).length > 0 && (
        <>
          <h2 className="mt-6 mb-1">Practising it alone</h2>
          <ul data-practice>
            {practised(reading).map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </>
      )}
      {technique.related.length > 0 && (
        <p className="mt-4">
          {technique.related.map((r) => (
            <span key={r.code} className="mr-4">
              <span className="text-faded">{VERSION_WORDS[r.as] ?? r.as}:</span>{" "}
              {r.id ? <Link to={`/techniques/${r.id}`}>{r.name}</Link> : r.name}
            </span>
          ))}
        </p>
      )}
      <div className="mt-6">
        <HandOutLinks id={technique.id} />
      </div>
      <p className="mt-4 max-w-prose text-sm font-semibold">{derivation.clinician_first}</p>
    </Stage>
  );
}
