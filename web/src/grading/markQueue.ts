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

export type Saving = { waiting: number; refused: readonly string[]; reachable: boolean };
export type QueueNews = { saving: Saving; score?: Schemas["Score"] };

/**
 * Marks on their way: written into this browser first, then sent in their order, again and again until the server has them.
 * Nothing is ever dropped: what the server refuses stays here with its reason.
 */
export class MarkQueue {
  private timer: ReturnType<typeof setTimeout> | undefined;
  private sending = false;
  private closed = false;
  private reachable = true;

  constructor(
    private readonly demonstration: string,
    private readonly onNews: (news: QueueNews) => void,
  ) {
    window.addEventListener("online", this.onOnline);
  }

  /** Marks of this demonstration that this browser holds, in the order in which they were given. */
  async kept(): Promise<MarkEvent[]> {
    const all = await (await open()).getAllFromIndex("events", "demonstration", this.demonstration);
    return all
      .filter((k) => k.state !== "refused")
      .map((k) => k.event)
      .sort((a, b) => a.counter - b.counter);
  }

  async give(event: MarkEvent): Promise<void> {
    await (
      await open()
    ).put("events", { id: event.id, demonstration: this.demonstration, event, state: "waiting", because: "" });
    await this.report();
    void this.pump();
  }

  private readonly onOnline = () => void this.pump();

  readonly pump = async (): Promise<void> => {
    if (this.sending || this.closed) return;
    this.sending = true;
    clearTimeout(this.timer);
    try {
      for (;;) {
        const next = (await this.all())
          .filter((k) => k.state === "waiting")
          .sort((a, b) => a.event.counter - b.event.counter)[0];
        if (!next || this.closed) break;
        try {
          const stored = await said(
            api.PUT("/api/demonstrations/{id}/events/{eventId}", {
              params: { path: { id: this.demonstration, eventId: next.id } },
              body: next.event,
            }),
          );
          await this.settle(next, "saved", "");
          this.reachable = true;
          await this.report(stored.score);
        } catch (error) {
          if (!(error instanceof Refusal) || error.status >= 500 || error.status === 401) {
            this.reachable = false;
            break;
          }
          await this.settle(next, "refused", `${error.message} ${Object.values(error.fields).flat().join(" ")}`.trim());
          await this.report();
        }
      }
    } finally {
      this.sending = false;
    }
    await this.report();
    if (!this.closed && !this.reachable) this.timer = setTimeout(() => void this.pump(), 2000);
  };

  /** Marks that the server does not have yet. */
  async waiting(): Promise<number> {
    return (await this.all()).filter((k) => k.state === "waiting").length;
  }

  close() {
    this.closed = true;
    clearTimeout(this.timer);
    window.removeEventListener("online", this.onOnline);
  }

  private async all(): Promise<Kept[]> {
    return (await open()).getAllFromIndex("events", "demonstration", this.demonstration);
  }

  private async settle(kept: Kept, state: Kept["state"], because: string) {
    await (await open()).put("events", { ...kept, state, because });
  }

  private async report(score?: Schemas["Score"]) {
    if (this.closed) return;
    const all = await this.all();
    this.onNews({
      saving: {
        waiting: all.filter((k) => k.state === "waiting").length,
        refused: all.filter((k) => k.state === "refused").map((k) => k.because),
        reachable: this.reachable,
      },
      ...(score ? { score } : {}),
    });
  }
}
