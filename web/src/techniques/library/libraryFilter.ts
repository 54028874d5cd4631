import type { Schemas } from "../../shell/api";
import { fits } from "../parts/spokenSearch";

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

/** What a technique is also found by: its places, muscles, concerns and kinds of work, as people call them. */
export function calledBy(atlas: Schemas["AtlasView"]): (t: Shelved) => string {
  const zones = new Map(atlas.zones.map((z) => [z.id, z.name]));
  const concerns = new Map(atlas.concerns.map((c) => [c.id, c.name]));
  const regions = new Map(atlas.regions.map((r) => [r.id, r.name]));
  const named = new Map([...atlas.muscles, ...atlas.tissues].map((s) => [s.id, `${s.common} ${s.name_en}`]));
  return ({ brief, region }) =>
    [
      region && regions.get(region),
      ...brief.zones.map((z) => zones.get(z)),
      ...brief.concerns.map((c) => concerns.get(c)),
      ...brief.works.flatMap((w) => [
        atlas.plain_names[w.structure],
        named.get(w.structure),
        ...(atlas.common_names[w.structure] ?? []),
        atlas.spoken_words[w.mode],
      ]),
    ].join(" ");
}

/** Whether a technique belongs to what was asked for. Every filter that is set must hold. */
export function belongs(t: Shelved, f: LibraryFilter, alsoCalled: (t: Shelved) => string = () => ""): boolean {
  const { brief } = t;
  const works = brief.works.filter((w) => !f.structure || w.structure === f.structure);
  return (
    (!f.find ||
      fits(`${t.name} | ${brief.primary} ${t.family ?? ""} ${brief.aim ?? ""} ${alsoCalled(t)}`, f.find) > 0) &&
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
