import type { Outcome, ProgrammeDocument, ProgrammeRule, ProgrammeUnit, Repair } from "./programmeQueries";

export const KIND_WORDS = {
  theory: "theory",
  demonstration: "demonstration",
  "supervised-practice": "supervised practice",
  "self-practice": "self-practice",
  "teaching-practice": "teaching practice",
  assessment: "practical assessment",
} as const satisfies Record<string, string>;

export const kindWord = (kind: string) => KIND_WORDS[kind as keyof typeof KIND_WORDS] ?? kind;

export const OUTCOME_KINDS = { knowledge: "knowledge", practice: "practice", teaching: "teaching", safety: "safety" };

/** An id with this beginning that nothing in the list has yet. */
export function freshId(list: readonly { id?: string | null }[], beginning: string): string {
  const taken = new Set(list.map((x) => x.id));
  for (let n = list.length + 1; ; n++) if (!taken.has(`${beginning}${n}`)) return `${beginning}${n}`;
}

/** A programme without anything in it. */
export const emptyProgramme = (name: string): ProgrammeDocument => ({ schema: "wexis.programme/1", name });

export function addUnit(document: ProgrammeDocument, name: string): ProgrammeDocument {
  const units = document.units ?? [];
  const unit: ProgrammeUnit = {
    id: freshId(units, "u"),
    name,
    kind: "supervised-practice",
    minutes: 120,
    module: units.at(-1)?.module ?? null,
    phase: units.at(-1)?.phase ?? null,
  };
  return { ...document, units: [...units, unit] };
}

export const changeUnit = (
  document: ProgrammeDocument,
  id: string,
  change: Partial<ProgrammeUnit>,
): ProgrammeDocument => ({
  ...document,
  units: (document.units ?? []).map((u) => (u.id === id ? { ...u, ...change } : u)),
});

/** The unit out, and out of all that named it. */
export const takeUnitOut = (document: ProgrammeDocument, id: string): ProgrammeDocument => ({
  ...document,
  units: (document.units ?? [])
    .filter((u) => u.id !== id)
    .map((u) => ({ ...u, prerequisites: (u.prerequisites ?? []).filter((p) => p !== id) })),
  fixed: (document.fixed ?? []).filter((f) => f.unit !== id),
  forbidden: (document.forbidden ?? []).filter((f) => f.unit !== id),
  plan: (document.plan ?? []).filter((f) => f.unit !== id),
  rules: (document.rules ?? []).filter((r) => !namedBy(r).includes(id)),
});

/** The session out, and out of all that named it. */
export const takeSessionOut = (document: ProgrammeDocument, id: string): ProgrammeDocument => ({
  ...document,
  sessions: (document.sessions ?? []).filter((s) => s.id !== id),
  fixed: (document.fixed ?? []).filter((f) => f.session !== id),
  forbidden: (document.forbidden ?? []).filter((f) => f.session !== id),
  plan: (document.plan ?? []).filter((f) => f.session !== id),
});

const namedBy = (rule: ProgrammeRule): string[] =>
  [rule.unit, rule.after, rule.before, ...(rule.units ?? [])].filter((u): u is string => u != null);

/** What mends a remark, done. */
export function repaired(document: ProgrammeDocument, repair: Repair): ProgrammeDocument {
  const unit = (document.units ?? []).find((u) => u.id === repair.unit);
  if (!unit) return document;
  const { technique, outcome } = repair;
  return changeUnit(document, unit.id, {
    minutes: unit.minutes + repair.minutes,
    techniques: technique ? [...new Set([...(unit.techniques ?? []), technique])] : (unit.techniques ?? null),
    outcomes: outcome ? [...new Set([...(unit.outcomes ?? []), outcome])] : (unit.outcomes ?? null),
  });
}

/** Kept as it is with a reason; an empty reason takes that back. */
export const keptBecause = (document: ProgrammeDocument, rule: string, reason: string): ProgrammeDocument => ({
  ...document,
  aside: [
    ...(document.aside ?? []).filter((a) => a.rule !== rule),
    ...(reason.trim() === "" ? [] : [{ rule, reason: reason.trim() }]),
  ],
});

/** The outcome as a sentence, as the server says it. */
export const outcomeSays = (o: Outcome): string =>
  o.text?.trim() ||
  [o.verb, o.object, o.condition, o.standard]
    .map((p) => p?.trim())
    .filter(Boolean)
    .join(" ");

/** Units in the order of a plan, each with its session; those of no session stay behind. */
export function planned(
  document: ProgrammeDocument,
  sessions: readonly { id: string; units: readonly string[] }[],
): ProgrammeDocument {
  const order = sessions.flatMap((s) => s.units);
  const units = document.units ?? [];
  const place = (id: string) => (order.includes(id) ? order.indexOf(id) : order.length);
  return {
    ...document,
    units: [...units].sort((a, b) => place(a.id) - place(b.id)),
    plan: sessions.flatMap((s) => s.units.map((unit) => ({ unit, session: s.id }))),
  };
}

export function hours(minutes: number): string {
  if (minutes < 60) return `${minutes} min`;
  return minutes % 60 === 0 ? `${minutes / 60} h` : `${Math.floor(minutes / 60)} h ${minutes % 60}`;
}
