import { openDB, type DBSchema, type IDBPDatabase } from "idb";
import { api, Refusal, said, type Schemas } from "../shell/api";
import type { MarkEvent } from "./sheetFold";

type Kept = {
  id: string;
  demonstration: string;
  event: MarkEvent;
  state: "waiting" | "saved" | "refused";
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

/** `unkept`: why this browser cannot write marks down, as long as some are on the page alone; otherwise empty. */
export type Saving = { waiting: number; refused: readonly string[]; reachable: boolean; unkept: string };
export const allSaved: Saving = { waiting: 0, refused: [], reachable: true, unkept: "" };
export type QueueNews = { saving: Saving; score?: Schemas["Score"] };

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
    return inOrder((await this.read()).filter((k) => k.state !== "refused")).map((k) => k.event);
  }

  async give(event: MarkEvent): Promise<void> {
    await this.keep({ id: event.id, demonstration: this.demonstration, event, state: "waiting", because: "" });
    void this.pump();
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
        if (!(error instanceof Refusal) || error.status >= 500 || error.status === 401) {
          this.reachable = false;
          break;
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
    return this.known();
  }

  private async keep(kept: Kept, score?: Schemas["Score"]) {
    this.fresh.set(kept.id, kept);
    this.tell(score);
    try {
      await (await open()).put("events", kept);
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
        refused: known.filter((k) => k.state === "refused").map((k) => k.because),
        reachable: this.reachable,
        unkept: this.unkept,
      },
      ...(score ? { score } : {}),
    });
  }
}

const inOrder = (marks: Kept[]) => marks.sort((a, b) => a.event.counter - b.event.counter);
