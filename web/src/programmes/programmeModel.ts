import type { ProgrammeDocument, ProgrammeModule } from "./programmeQueries";

export function addModule(document: ProgrammeDocument, name: string): ProgrammeDocument {
  const taken = new Set((document.modules ?? []).map((m) => m.id));
  let n = taken.size + 1;
  while (taken.has(`m${n}`)) n++;
  return {
    ...document,
    modules: [
      ...(document.modules ?? []),
      { id: `m${n}`, name, kind: "supervised-practice", minutes: 120, prerequisites: [], techniques: [], outcomes: [] },
    ],
  };
}

export const changeModule = (
  document: ProgrammeDocument,
  id: string,
  change: Partial<ProgrammeModule>,
): ProgrammeDocument => ({
  ...document,
  modules: (document.modules ?? []).map((m) => (m.id === id ? { ...m, ...change } : m)),
});

export const takeModuleOut = (document: ProgrammeDocument, id: string): ProgrammeDocument => ({
  ...document,
  modules: (document.modules ?? [])
    .filter((m) => m.id !== id)
    .map((m) => ({ ...m, prerequisites: (m.prerequisites ?? []).filter((p) => p !== id) })),
});

export function hours(minutes: number): string {
  if (minutes < 60) return `${minutes} min`;
  return minutes % 60 === 0 ? `${minutes / 60} h` : `${Math.floor(minutes / 60)} h ${minutes % 60}`;
}
