import type { z } from "./schema";

/**
 * Drafts that outlive a reload of one tab and nothing more: no other tab and no later day reads them.
 * For what may not lie about in a browser, such as answers about somebody's health.
 */
const PREFIX = "wexis.tab.";

export const keepTabDraft = (name: string, draft: unknown) =>
  sessionStorage.setItem(PREFIX + name, JSON.stringify(draft));

export const forgetTabDraft = (name: string) => sessionStorage.removeItem(PREFIX + name);

/** Whoever signs out leaves none behind. */
export function forgetTabDrafts() {
  for (const key of Object.keys(sessionStorage)) if (key.startsWith(PREFIX)) sessionStorage.removeItem(key);
}

/** The draft, or null where none is kept or what is kept does not read as one (said in the console). */
export function tabDraft<T>(name: string, schema: z.ZodMiniType<T>): T | null {
  const text = sessionStorage.getItem(PREFIX + name);
  if (text === null) return null;
  try {
    return schema.parse(JSON.parse(text));
  } catch (cause) {
    console.error("A draft kept in this tab could not be read; it is begun anew.", cause);
    return null;
  }
}
