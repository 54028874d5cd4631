import { weightOf } from "../../face/tones";
import type { Schemas } from "../../shell/api";

type Row = Schemas["WorkedRow"];
/** All that is done to one structure on one side, the strongest first. */
export type WorkedPart = { structure: string; side: Row["side"]; rows: readonly Row[] };

/** What comes along: it stays relaxed without being the aim, or is hardly touched. */
const isTail = (r: Row) => r.strength === "incidental" || (r.mode === "inhibited" && r.strength !== "primary");

/**
 * One entry a structure and side, strongest first; apart from them the tail. Nothing is lost: every row stands in one of the two,
 * and where all would be tail, all stand first.
 */
export function inOrderOfWeight(rows: readonly Row[]): { first: WorkedPart[]; tail: WorkedPart[] } {
  const by = new Map<string, WorkedPart>();
  for (const r of [...rows].sort((a, b) => weightOf(b.strength) - weightOf(a.strength))) {
    const key = `${r.structure} ${r.side}`;
    by.set(key, { structure: r.structure, side: r.side, rows: [...(by.get(key)?.rows ?? []), r] });
  }
  const parts = [...by.values()];
  const first = parts.filter((p) => !p.rows.every(isTail));
  const tail = parts.filter((p) => p.rows.every(isTail));
  return first.length === 0 ? { first: tail, tail: [] } : { first, tail };
}

/** "9 stay relaxed, 3 only come along": counts structures, not rows. */
export function tailWords(tail: readonly WorkedPart[]): string {
  const relaxed = tail.filter((p) => p.rows.every((r) => r.mode === "inhibited")).length;
  const along = tail.length - relaxed;
  return [
    ...(relaxed > 0 ? [`${relaxed} ${relaxed === 1 ? "stays" : "stay"} relaxed`] : []),
    ...(along > 0 ? [`${along} only ${along === 1 ? "comes" : "come"} along`] : []),
  ].join(", ");
}
