import type { Schemas } from "../../shell/api";
import { choicesOf, type Act, type Field, type Hand, type Step } from "./techniqueModel";

type Atlas = Schemas["AtlasView"];

const plain = (id: string) => id.replaceAll("-", " ").replaceAll("_", " ");
const listed = (words: readonly string[], by = " and ") => words.join(by);
const said = (words: readonly (string | false | null | undefined)[]) => words.filter((w) => Boolean(w)).join(" ");

/** What a step was read as, in short phrases of everyday words: what is done, by which hand and where, how held, how much. */
export function readAs(atlas: Atlas, step: Step): string[] {
  const word = (field: Field, value: string | null | undefined) =>
    value ? (choicesOf(atlas, field).find((c) => c.value === value)?.word ?? plain(value)) : null;
  const place = (id: string) =>
    atlas.landmarks.find((l) => l.id === id)?.name ?? atlas.zones.find((z) => z.id === id)?.name ?? plain(id);
  const act = (a: Act) =>
    said([
      atlas.moves.find((m) => m.id === a.do)?.words ?? plain(a.do ?? ""),
      a.side && a.side !== "both" && (a.side === "alternating" ? "one side after the other" : `on the ${a.side}`),
      a.effort && `(${word("effort", a.effort) ?? ""})`,
      a.resist && a.resist !== "none" && `against ${a.resist === "finger" ? "the hand" : plain(a.resist)}`,
    ]);
  const hand = (h: Hand, i: number) => {
    const path = (h.path ?? []).map((p) => p.at).filter((at) => at !== null);
    const zones = h.zones ?? [];
    return said([
      i === 0 ? "the hand:" : "besides:",
      atlas.verbs.find((v) => v.id === h.verb)?.word ?? plain(h.verb ?? ""),
      h.contact && `with ${atlas.contacts.find((c) => c.id === h.contact)?.name ?? plain(h.contact)}`,
      path.length > 1 && `from ${listed(path.map(place), " to ")}`,
      path.length === 1 && `at ${place(path[0]!)}`,
      zones.length > 0 && `on ${listed(zones.map(place))}`,
      h.direction && plain(h.direction),
      h.pressure !== null && `(${atlas.levels.find((l) => l.level === h.pressure)?.feel ?? h.pressure})`,
      h.role && h.role !== "work" && `there to ${word("role", h.role)}`,
    ]);
  };
  const held = step.state;
  const pose = held
    ? (["lids", "jaw", "lips", "tongue", "head", "shoulders"] as const)
        .filter((part) => held[part] !== null)
        .map((part) => `${part} ${word(part, held[part]) ?? ""}`)
    : [];
  const still = (step.still ?? []).map((id) => place(id));
  return [
    ...(step.acts ?? []).map(act),
    ...(step.hands ?? []).map(hand),
    ...pose,
    ...(still.length > 0 ? [`kept still: ${listed(still, ", ")}`] : []),
    ...(step.dose?.line ? [step.dose.line] : []),
    ...(step.tempo?.out_s ? [`let go over ${step.tempo.out_s} s`] : []),
  ];
}
