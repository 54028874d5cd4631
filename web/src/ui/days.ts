const FORMAT = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "long", year: "numeric", timeZone: "UTC" });

/** A calendar day as it is said: 3 November 2026. */
export const day = (iso: string) => FORMAT.format(new Date(`${iso}T00:00:00Z`));

/** Today, as the calendar here has it: 2026-11-03. */
export function today(): string {
  const now = new Date();
  return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, "0")}-${String(now.getDate()).padStart(2, "0")}`;
}
