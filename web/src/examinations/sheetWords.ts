import type { Lit } from "../face/plateTypes";
import type { Schemas } from "../shell/api";

type Criterion = Schemas["Criterion"];

export const DOMAIN_WORDS: Readonly<Record<Schemas["Criterion"]["domain"], string>> = {
  doing: "Doing",
  teaching: "Teaching",
};

export function band(c: Criterion): string {
  if (!c.measure) return "";
  const round = (n: number) => Math.round(n * (n < 2 ? 100 : 10)) / (n < 2 ? 100 : 10);
  const unit = c.measure.unit ? ` ${c.measure.unit}` : "";
  return c.measure.low === c.measure.high
    ? `${round(c.measure.low)}${unit}`
    : `${round(c.measure.low)} to ${round(c.measure.high)}${unit}`;
}

export function stepLit(sheet: Schemas["MarkSheet"], step: number | null): Lit[] {
  return sheet.steps
    .filter((s) => step === null || s.index === step)
    .flatMap((s) =>
      s.structures.map((structure): Lit => ({ structure, side: "both", tone: "worked", strength: "secondary" })),
    );
}

/** Zones of the steps that work only skin and fluid: no muscle can carry them on the plate. */
export function stepZones(sheet: Schemas["MarkSheet"], step: number | null): string[] {
  return sheet.steps
    .filter(
      (s) =>
        (step === null || s.index === step) && s.structures.every((x) => x === "skin" || x === "superficial-lymph"),
    )
    .flatMap((s) => s.zones);
}
