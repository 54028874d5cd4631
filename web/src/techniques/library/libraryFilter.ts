import type { Schemas } from "../../shell/api";

export type Shelved = Schemas["EditionLine"];

/** What the library is narrowed to. It stands in the address, so that a view can be sent and found again. */
export const FILTERS = [
  "find",
  "structure",
  "mode",
  "concern",
  "region",
  "school",
  "family",
  "standing",
  "minutes",
  "contact",
  "free",
  "suits",
] as const;
export type FilterName = (typeof FILTERS)[number];
export type LibraryFilter = Readonly<Partial<Record<FilterName, string>>>;

export function filterOf(params: URLSearchParams): LibraryFilter {
  return Object.fromEntries(FILTERS.flatMap((f) => (params.get(f) ? [[f, params.get(f)]] : [])));
}

/** The address with one filter changed; null takes it away. */
export function narrowed(params: URLSearchParams, filter: FilterName, value: string | null): URLSearchParams {
  const next = new URLSearchParams(params);
  if (value === null || value === "") next.delete(filter);
  else next.set(filter, value);
  return next;
}

/** Whether a technique belongs to what was asked for. Every filter that is set must hold. */
export function belongs(t: Shelved, f: LibraryFilter): boolean {
  const { brief } = t;
  const works = brief.works.filter((w) => !f.structure || w.structure === f.structure);
  return (
    (!f.find ||
      `${t.name} ${brief.primary} ${t.family ?? ""} ${brief.aim ?? ""}`
        .toLowerCase()
        .includes(f.find.trim().toLowerCase())) &&
    (!f.structure || works.length > 0) &&
    (!f.mode || works.some((w) => w.mode === f.mode)) &&
    (!f.concern || brief.concerns.includes(f.concern)) &&
    (!f.region || t.region === f.region) &&
    (!f.school || t.school === f.school) &&
    (!f.family || t.family === f.family) &&
    (f.standing ? t.standing === f.standing : t.standing !== "retired") &&
    (!f.minutes || brief.seconds.standard <= Number(f.minutes) * 60) &&
    (!f.contact || (f.contact === "no-hands" ? brief.contacts.length === 0 : brief.contacts.includes(f.contact))) &&
    (!f.free || !brief.channels.includes(f.free)) &&
    (!f.suits || !brief.avoid.includes(f.suits))
  );
}
