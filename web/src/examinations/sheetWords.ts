import type { Lit } from "../face/plateTypes";
import type { Schemas } from "../shell/api";

type Criterion = Schemas["Criterion"];

export const DOMAIN_WORDS: Readonly<Record<Schemas["Criterion"]["domain"], string>> = {
  doing: "Doing",
  teaching: "Teaching",
};

/** How something is shown, with what that asks for. */
export const KINDS = [
  { value: "oneself", word: "on oneself", hint: "one technique" },
  { value: "partner", word: "on a partner", hint: "they are screened and asked; left and right are theirs" },
  { value: "group", word: "leading a group", hint: "a technique or a routine: cues, sides, talk, watching" },
  { value: "correction", word: "correcting a planted fault", hint: "seen within ten seconds, and mended" },
  { value: "several", word: "several in a row", hint: "techniques one after another, or a routine" },
] as const;
export type StationKind = (typeof KINDS)[number]["value"];

export const kindWords = (kind: string | undefined) => KINDS.find((k) => k.value === kind)?.word ?? "in passing";

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
