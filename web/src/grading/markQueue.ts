import { openDB, type DBSchema, type IDBPDatabase } from "idb";
import { api, Refusal, said, type Schemas } from "../shell/api";
import { z } from "../shell/schema";
import type { MarkEvent } from "./sheetFold";

type Kept = {
  id: string;
  demonstration: string;
  event: MarkEvent;
  state: "waiting" | "saved" | "refused" | "aside";
  because: string;
};
interface Store extends DBSchema {
  events: { key: string; value: Kept; indexes: { demonstration: string } };
}

let store: Promise<IDBPDatabase<Store>> | null = null;
const open = () =>
  (store ??= openDB<Store>("wexis-marks", 1, {
    upgrade: (db) => {
      db.createObjectStore("events", { keyPath: "id" }).createIndex("demonstration", "demonstration");
    },
  }).catch((error: unknown) => {
    // Asked again with the next mark: a browser may be short of room for a while only.
    store = null;
    throw error;
  }));

/** This browser, as marks name it. Kept for good, so that its counter goes on after a crash. */
export function deviceId(): string {
  const key = "wexis.device";
  const known = localStorage.getItem(key);
  if (known) return known;
  const made = crypto.randomUUID();
  localStorage.setItem(key, made);
  return made;
}

/** A mark that the server did not take, and why. */
export type Refused = { readonly id: string; readonly because: string };

/** `unkept`: why this browser cannot write marks down, as long as some are on the page alone; otherwise empty. */
export type Saving = { waiting: number; refused: readonly Refused[]; reachable: boolean; unkept: string };
export const allSaved: Saving = { waiting: 0, refused: [], reachable: true, unkept: "" };
export type QueueNews = { saving: Saving; score?: Schemas["Score"] };

/**
 * Written down in the same moment, before the store is asked: a page that goes away right after ten quick taps has all ten.
 * Each place is given back as soon as the store has the mark.
 */
const JOURNAL = "wexis.mark.";
const journal = {
  write(kept: Kept) {
    try {
      localStorage.setItem(JOURNAL + kept.id, JSON.stringify(kept));
    } catch (error) {
      // No room: the mark is on the page and on its way into the store, which says so where it cannot keep it either.
      console.warn("A mark could not be written down twice.", error);
    }
  },
  drop: (id: string) => localStorage.removeItem(JOURNAL + id),
  all: (): Kept[] =>
    Object.keys(localStorage)
      .filter((key) => key.startsWith(JOURNAL))
      .flatMap((key) => {
        const kept = KeptShape.safeParse(parsed(localStorage.getItem(key)));
        if (!kept.success)
          console.error("A mark written down cannot be read; it is left where it is.", key, kept.error);
        return kept.success ? [kept.data as Kept] : [];
      }),
};

const KeptShape = z.object({
  id: z.string(),
  demonstration: z.string(),
  event: z.looseObject({
    id: z.string(),
    kind: z.string(),
    device: z.string(),
    counter: z.number(),
    at_ms: z.number(),
  }),
  state: z.enum(["waiting", "saved", "refused", "aside"]),
  because: z.string(),
});

function parsed(text: string | null): unknown {
  try {
    return JSON.parse(text ?? "null");
  } catch {
    return text;
  }
}

/** How many marks wait on this device, for each demonstration where some do. */
export async function waitingMarks(): Promise<ReadonlyMap<string, number>> {
  const kept = new Map((await (await open()).getAll("events")).map((k) => [k.id, k]));
  for (const k of journal.all()) if (!kept.has(k.id)) kept.set(k.id, k);
  const waiting = new Map<string, number>();
  for (const k of kept.values())
    if (k.state === "waiting") waiting.set(k.demonstration, (waiting.get(k.demonstration) ?? 0) + 1);
  return waiting;
}

/** Sends what waits of any sheet, from whatever page is open, but for the sheet that sends its own. */
export async function sendWaitingMarks(except?: string): Promise<void> {
  for (const demonstration of (await waitingMarks()).keys()) {
    if (demonstration === except) continue;
    const queue = new MarkQueue(demonstration, () => undefined);
    try {
      await queue.flush();
    } finally {
      queue.close();
    }
  }
}

/**
 * Marks on their way: written into this browser, then sent in their order, again and again until the server has them.
 * Nothing is ever dropped: what the server refuses stays here with its reason, and what the browser cannot write down
 * stays on the page and is sent from there. A mark counts as waiting from the moment in which it is given.
 */
export class MarkQueue {
  private timer: ReturnType<typeof setTimeout> | undefined;
  private sending: Promise<void> | null = null;
  private closed = false;
  private reachable = true;
  private unkept = "";
  /** Marks as the store last had them. */
  private stored: readonly Kept[] = [];
  /** Marks in a state that the store does not have yet. */
  private readonly fresh = new Map<string, Kept>();

  constructor(
    private readonly demonstration: string,
    private readonly onNews: (news: QueueNews) => void,
  ) {
    window.addEventListener("online", this.onOnline);
  }

  /** Marks of this demonstration that this browser holds, in the order in which they were given. */
  async kept(): Promise<MarkEvent[]> {
    return inOrder((await this.read()).filter((k) => k.state === "waiting" || k.state === "saved")).map((k) => k.event);
  }

  async give(event: MarkEvent): Promise<void> {
    const kept: Kept = { id: event.id, demonstration: this.demonstration, event, state: "waiting", because: "" };
    journal.write(kept);
    await this.keep(kept);
    void this.pump();
  }

  /** Sends a refused mark once more: what stood in its way may be gone. */
  async again(id: string): Promise<void> {
    const refused = this.known().find((k) => k.id === id && k.state === "refused");
    if (!refused) return;
    await this.keep({ ...refused, state: "waiting", because: "" });
    void this.pump();
  }

  /** Leaves a refused mark out, with the reason; it stays in this browser. */
  async setAside(id: string, reason: string): Promise<void> {
    const refused = this.known().find((k) => k.id === id && k.state === "refused");
    if (refused) await this.keep({ ...refused, state: "aside", because: `${refused.because} Set aside: ${reason}` });
  }

  private readonly onOnline = () => void this.pump();

  /** Sends what waits; whoever asks meanwhile waits for the same sending. */
  readonly pump = (): Promise<void> => (this.sending ??= this.send().finally(() => (this.sending = null)));

  private async send(): Promise<void> {
    clearTimeout(this.timer);
    for (;;) {
      const next = inOrder((await this.read()).filter((k) => k.state === "waiting"))[0];
      if (!next || this.closed) break;
      try {
        const stored = await said(
          api.PUT("/api/demonstrations/{id}/events/{eventId}", {
            params: { path: { id: this.demonstration, eventId: next.id } },
            body: next.event,
          }),
        );
        this.reachable = true;
        await this.keep({ ...next, state: "saved" }, stored.score);
      } catch (error) {
        // Nobody, or somebody else, is signed in here now: whoever gave the marks sends them when they are back.
        if (!(error instanceof Refusal) || error.status >= 500 || error.status === 401 || error.status === 403) {
          this.reachable = false;
          break;
        }
        // Two pages of one browser counted alike: under the next number it is as good.
        if (error.nextCounter !== null) {
          await this.keep({ ...next, event: { ...next.event, counter: error.nextCounter } });
          continue;
        }
        const because = `${error.message} ${Object.values(error.fields).flat().join(" ")}`.trim();
        await this.keep({ ...next, state: "refused", because });
      }
    }
    this.tell();
    if (!this.closed && !this.reachable) this.timer = setTimeout(() => void this.pump(), 2000);
  }

  /** Sends what is left; how many marks the server still does not have. */
  async flush(): Promise<number> {
    for (;;) {
      await this.pump();
      const waiting = (await this.read()).filter((k) => k.state === "waiting").length;
      if (waiting === 0 || !this.reachable || this.closed) return waiting;
    }
  }

  close() {
    this.closed = true;
    clearTimeout(this.timer);
    window.removeEventListener("online", this.onOnline);
  }

  private known(): Kept[] {
    return [...this.stored.filter((k) => !this.fresh.has(k.id)), ...this.fresh.values()];
  }

  private async read(): Promise<Kept[]> {
    try {
      this.stored = await (await open()).getAllFromIndex("events", "demonstration", this.demonstration);
      if (this.fresh.size === 0) this.unkept = "";
    } catch (error) {
      this.cannotKeep(error);
    }
    // Marks that a page which went away had no time to hand over.
    for (const k of journal.all())
      if (k.demonstration === this.demonstration && !this.known().some((x) => x.id === k.id)) this.fresh.set(k.id, k);
    return this.known();
  }

  private async keep(kept: Kept, score?: Schemas["Score"]) {
    this.fresh.set(kept.id, kept);
    this.tell(score);
    // Once the server has it, nothing else needs to.
    if (kept.state === "saved") journal.drop(kept.id);
    try {
      await (await open()).put("events", kept);
      journal.drop(kept.id);
    } catch (error) {
      this.cannotKeep(error);
      return;
    }
    this.stored = [...this.stored.filter((k) => k.id !== kept.id), kept];
    if (this.fresh.get(kept.id) === kept) this.fresh.delete(kept.id);
    if (this.fresh.size === 0) this.unkept = "";
    this.tell();
  }

  private cannotKeep(error: unknown) {
    this.unkept = error instanceof Error ? error.message : String(error);
    this.tell();
  }

  private tell(score?: Schemas["Score"]) {
    if (this.closed) return;
    const known = this.known();
    this.onNews({
      saving: {
        waiting: known.filter((k) => k.state === "waiting").length,
        refused: known.filter((k) => k.state === "refused").map((k) => ({ id: k.id, because: k.because })),
        reachable: this.reachable,
        unkept: this.unkept,
      },
      ...(score ? { score } : {}),
    });
  }
}

const inOrder = (marks: Kept[]) => marks.sort((a, b) => a.event.counter - b.event.counter);
