const FORMAT = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "long", year: "numeric", timeZone: "UTC" });

let zone = Intl.DateTimeFormat().resolvedOptions().timeZone;

/** The house's time zone: its day is today, wherever the device thinks it is. A zone that the browser does not know leaves its own. */
export function setHouseZone(told: string): void {
  try {
    zone = new Intl.DateTimeFormat("en-GB", { timeZone: told }).resolvedOptions().timeZone;
  } catch (e) {
    if (!(e instanceof RangeError)) throw e;
    console.warn(`The time zone ${told} is not known to this browser; it keeps its own.`);
  }
}

/** A calendar day as it is said: 3 November 2026. */
export const day = (iso: string) => FORMAT.format(new Date(`${iso}T00:00:00Z`));

/** Today in the house: 2026-11-03. */
export const today = (): string => dayOf(new Date());

/** The day in the house on which something happened, as it is said. */
export const moment = (iso: string): string => day(dayOf(new Date(iso)));

function dayOf(at: Date): string {
  const parts = new Intl.DateTimeFormat("en-GB", { timeZone: zone, year: "numeric", month: "2-digit", day: "2-digit" });
  const part = Object.fromEntries(parts.formatToParts(at).map((p) => [p.type, p.value]));
  return `${part.year}-${part.month}-${part.day}`;
}
