import type { Viewer } from "../../face/frame";
import { usePlateView } from "../../face/plateView";
import { type Schemas } from "../../shell/api";
import { Button } from "../../ui/Button";

export type Reading = Schemas["TechniqueReading"];

/** The technique in words for whoever looks: left and right follow the plate. */
export function readingFor(derivation: Schemas["Derivation"], viewer: Viewer): Reading {
  const reading = derivation.readings.find((r) => r.viewer === viewer);
  if (!reading) throw new Error(`No reading for ${viewer}.`);
  return reading;
}

/** Says for whom left and right are worded, and turns words and plate together. */
export function WordedFor({ reading }: { reading: Reading }) {
  const { turn } = usePlateView();
  return (
    <p className="mt-3 text-sm text-faded" data-viewer={reading.viewer}>
      {reading.says}{" "}
      <Button size="line" tone="quiet" className="no-print" onClick={() => turn()}>
        turn the words
      </Button>
    </p>
  );
}

/** What each hand does, a line each. */
export function HandLines({ lines }: { lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <ul className="text-sm">
      {lines.map((l) => (
        <li key={l}>{l}</li>
      ))}
    </ul>
  );
}

/** How it feels, what is easier and harder, what grows from week to week: only what was told. */
export function practised({ practice: p }: Reading): string[] {
  return [
    p.feel && `It feels right when: ${p.feel}`,
    p.easier && `Easier: ${p.easier}`,
    p.harder && `Harder: ${p.harder}`,
    p.progression && `From week to week: ${p.progression}`,
  ].filter((line): line is string => typeof line === "string" && line !== "");
}
