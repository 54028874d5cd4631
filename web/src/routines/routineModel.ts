import type { RoutineDocument, RoutinePart, RoutineRemark } from "./routineQueries";

export const ROLE_WORDS = {
  prepare: "prepare",
  open: "open",
  work: "work",
  release: "release",
  close: "close",
  settle: "settle",
} as const satisfies Record<string, string>;

export const FREE_WORDS = {
  breath: "quiet breath",
  settle: "settle",
  notice: "notice",
  break: "a break",
  talk: "talk",
} as const satisfies Record<string, string>;

export const LEVEL_WORDS = { minimum: "minimum", standard: "standard", full: "full" } as const;

/** A part as the file form has it: every field there, null where nobody has said anything. */
export const emptyPart: RoutinePart = {
  id: null,
  technique: null,
  edition: null,
  level: null,
  doses: null,
  role: "work",
  optional: null,
  stars: null,
  bridge: null,
  free: null,
  seconds: null,
  words: null,
};

export const emptyRoutine = (name: string): RoutineDocument => ({
  schema: "wexis.routine/1",
  name,
  for_whom: null,
  minutes: null,
  schools: [],
  purpose: { structures: [], regions: [] },
  parts: [],
  library: null,
});

/** An id that no part has yet. */
export function freshId(parts: readonly RoutinePart[]): string {
  const taken = new Set(parts.map((p) => p.id));
  for (let n = parts.length + 1; ; n++) if (!taken.has(`part-${n}`)) return `part-${n}`;
}

export function withPart(document: RoutineDocument, part: Partial<RoutinePart>): RoutineDocument {
  const parts = document.parts ?? [];
  return { ...document, parts: [...parts, { ...emptyPart, id: freshId(parts), ...part }] };
}

export function changePart(document: RoutineDocument, id: string, to: Partial<RoutinePart>): RoutineDocument {
  return { ...document, parts: (document.parts ?? []).map((p) => (p.id === id ? { ...p, ...to } : p)) };
}

/** The part moved to stand right before another; null puts it at the end. */
export function movedBefore(document: RoutineDocument, id: string, before: string | null): RoutineDocument {
  const parts = document.parts ?? [];
  const part = parts.find((p) => p.id === id);
  if (!part || id === before) return document;
  const rest = parts.filter((p) => p !== part);
  const at = before === null ? rest.length : rest.findIndex((p) => p.id === before);
  return { ...document, parts: at < 0 ? parts : [...rest.slice(0, at), part, ...rest.slice(at)] };
}

export const repaired = (document: RoutineDocument, repair: NonNullable<RoutineRemark["repair"]>) =>
  movedBefore(document, repair.part, repair.before);

/** "4:05 min", or "45 s" below a minute. */
export const clock = (seconds: number) => {
  const whole = Math.round(seconds);
  return whole < 60 ? `${whole} s` : `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, "0")} min`;
};
