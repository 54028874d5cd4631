import "fake-indexeddb/auto";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { allSaved, MarkQueue, sendWaitingMarks, waitingMarks, type QueueNews } from "./markQueue";
import { BrowserStorage } from "../shell/testStorage";
import type { MarkEvent } from "./sheetFold";

const problem = (status: number, title: string, errors: Record<string, string[]> = {}) =>
  Response.json({ title, errors }, { status });

const asked = vi.hoisted(() => {
  // The client keeps hold of these when it is made; a page's addresses are relative to itself.
  const desk: { fetch: (request: Request) => Promise<Response> } = { fetch: () => Promise.reject(new Error("closed")) };
  const Real = globalThis.Request;
  globalThis.Request = class extends Real {
    constructor(input: RequestInfo | URL, init?: RequestInit) {
      super(typeof input === "string" ? new URL(input, "http://127.0.0.1") : input, init);
    }
  };
  globalThis.fetch = (request) => desk.fetch(request as Request);
  return desk;
});

/** A server that answers as it is told to, and remembers what came. */
class Desk {
  came: string[] = [];
  answer: (event: MarkEvent) => Response | Promise<Response> = () => Response.json({ score: null });
  readonly fetch = async (request: Request) => {
    const event = (await request.json()) as MarkEvent;
    const answered = await this.answer(event);
    if (answered.ok) this.came.push(event.id);
    return answered;
  };
}

const event = (counter: number): MarkEvent => ({
  id: crypto.randomUUID(),
  kind: "rep",
  device: "this-tablet",
  counter,
  at_ms: counter * 1000,
  step: 0,
  side: "left",
  target: null,
  value: null,
  note: null,
  arrival: 0,
});

let desk: Desk;
let news: QueueNews[];
let queues: MarkQueue[];
const queueFor = (demonstration: string) => {
  const made = new MarkQueue(demonstration, (n) => news.push(n));
  queues.push(made);
  return made;
};
const latest = () => news.at(-1)?.saving;

beforeEach(() => {
  desk = new Desk();
  news = [];
  queues = [];
  vi.stubGlobal("window", new EventTarget());
  vi.stubGlobal("localStorage", new BrowserStorage());
  asked.fetch = desk.fetch;
});
afterEach(() => {
  queues.forEach((q) => {
    q.close();
  });
  vi.unstubAllGlobals();
});

describe("marks on their way to the server", () => {
  it("are kept in this browser before anything is sent", async () => {
    desk.answer = () => new Promise<Response>(() => {});
    const queue = queueFor("kept-first");
    await queue.give(event(1));
    expect(await queue.kept()).toHaveLength(1);
    expect(latest()?.waiting).toBe(1);
  });

  it("count as waiting from the moment in which they are given, not only once they are written down", () => {
    desk.answer = () => new Promise<Response>(() => {});
    void queueFor("at-once").give(event(1));
    expect(latest()?.waiting).toBe(1);
  });

  it("are sent from the page when this browser has no room for them, and that is said until it has", async () => {
    const full = vi.spyOn(IDBObjectStore.prototype, "put").mockImplementation(() => {
      throw new DOMException("No room is left.", "QuotaExceededError");
    });
    desk.answer = () => problem(503, "Starting");
    const queue = queueFor("no-room");
    const mark = event(1);
    await queue.give(mark);
    await vi.waitFor(() => {
      expect(latest()).toEqual({ ...allSaved, waiting: 1, reachable: false, unkept: "No room is left." });
    });
    expect((await queue.kept()).map((e) => e.id)).toEqual([mark.id]);
    full.mockRestore();
    desk.answer = () => Response.json({ score: null });
    await queue.pump();
    expect(desk.came).toEqual([mark.id]);
    expect(latest()).toEqual(allSaved);
  });

  it("arrive in the order in which they were given, whatever order they were kept in", async () => {
    const marks = [event(1), event(2), event(3)];
    const queue = queueFor("order");
    desk.answer = () => problem(503, "Starting");
    for (const mark of [marks[2], marks[0], marks[1]]) if (mark) await queue.give(mark);
    desk.answer = () => Response.json({ score: null });
    await queue.pump();
    await vi.waitFor(() => {
      expect(desk.came).toEqual(marks.map((m) => m.id));
    });
    expect(await queue.flush()).toBe(0);
  });

  it("wait while the server does not answer, and go when it does", async () => {
    desk.answer = () => Promise.reject(new TypeError("no network"));
    const queue = queueFor("away");
    await queue.give(event(1));
    await vi.waitFor(() => {
      expect(latest()).toEqual({ ...allSaved, waiting: 1, reachable: false });
    });
    desk.answer = () => Response.json({ score: null });
    window.dispatchEvent(new Event("online"));
    await vi.waitFor(() => {
      expect(latest()).toEqual(allSaved);
    });
  });

  it.each([401, 403, 500, 503])(
    "wait when the server answers %i: it may be another minute's matter",
    async (status) => {
      desk.answer = () => problem(status, "Not now");
      const queue = queueFor(`status-${status}`);
      await queue.give(event(1));
      await vi.waitFor(() => {
        expect(latest()?.reachable).toBe(false);
      });
      expect(await queue.flush()).toBe(1);
    },
  );

  it("are told apart when the server refuses one: it stays with its reason, the next ones go", async () => {
    const [wrong, right] = [event(1), event(2)];
    desk.answer = (e) =>
      e.id === wrong.id
        ? problem(400, "The mark is refused.", { step: ["There is no step 9."] })
        : Response.json({ score: null });
    const queue = queueFor("refused");
    await queue.give(wrong);
    await queue.give(right);
    await vi.waitFor(() => {
      expect(desk.came).toEqual([right.id]);
    });
    await vi.waitFor(() => {
      expect(latest()).toEqual({
        ...allSaved,
        refused: [{ id: wrong.id, because: "The mark is refused. There is no step 9." }],
      });
    });
    expect((await queue.kept()).map((e) => e.id)).toEqual([right.id]);
  });

  it("are found again by whoever opens the demonstration next, and no other demonstration's with them", async () => {
    desk.answer = () => problem(503, "Down");
    const [mine, other] = [event(1), event(1)];
    await queueFor("found").give(mine);
    await queueFor("another").give(other);
    queues.forEach((q) => {
      q.close();
    });
    const later = queueFor("found");
    expect((await later.kept()).map((e) => e.id)).toEqual([mine.id]);
    desk.answer = () => Response.json({ score: null });
    await later.pump();
    expect(desk.came).toEqual([mine.id]);
  });

  it("are all sent before a sheet goes, those too that were given while others were on their way", async () => {
    const [first, second] = [event(1), event(2)];
    const queue = queueFor("flush");
    desk.answer = (e) => {
      if (e.id === first.id) void queue.give(second);
      return Response.json({ score: null });
    };
    void queue.give(first);
    expect(await queue.flush()).toBe(0);
    expect(desk.came).toEqual([first.id, second.id]);
  });

  it("that were refused are sent again, or left out with a reason, and never dropped", async () => {
    const [first, second] = [event(1), event(2)];
    desk.answer = () => problem(400, "Not now.");
    const queue = queueFor("again");
    await queue.give(first);
    await queue.give(second);
    await vi.waitFor(() => {
      expect(latest()?.refused).toHaveLength(2);
    });
    desk.answer = () => Response.json({ score: null });
    await queue.again(first.id);
    await vi.waitFor(() => {
      expect(desk.came).toEqual([first.id]);
    });
    await queue.setAside(second.id, "tapped by mistake");
    await vi.waitFor(() => {
      expect(latest()).toEqual(allSaved);
    });
    expect((await queue.kept()).map((e) => e.id)).toEqual([first.id]);
  });

  it("of two pages that counted alike go under the next number, none is refused", async () => {
    const taken = new Set<number>();
    desk.answer = (e) => {
      // Stored before, under whatever number: it is there.
      if (desk.came.includes(e.id)) return Response.json({ score: null });
      if (!taken.has(e.counter)) {
        taken.add(e.counter);
        return Response.json({ score: null });
      }
      return Response.json({ title: "Taken", next_counter: Math.max(...taken) + 1 }, { status: 409 });
    };
    const pages = [queueFor("two-pages"), queueFor("two-pages")];
    for (let i = 0; i < 5; i++) for (const page of pages) await page.give(event(i));
    await Promise.all(pages.map((p) => p.flush()));
    expect(latest()?.refused).toEqual([]);
    expect(new Set(desk.came).size).toBe(10);
    expect(taken.size).toBe(10);
  });

  it("given in a burst right before the page goes away are all there", async () => {
    desk.answer = () => problem(503, "Down");
    // The page goes before the store has answered once.
    vi.spyOn(IDBObjectStore.prototype, "put").mockImplementation(() => {
      throw new DOMException("The page is gone.", "AbortError");
    });
    const going = queueFor("burst");
    const burst = Array.from({ length: 10 }, (_, i) => event(i));
    for (const e of burst) void going.give(e);
    going.close();
    vi.restoreAllMocks();
    const later = queueFor("burst");
    expect((await later.kept()).map((e) => e.id)).toEqual(burst.map((e) => e.id));
    expect((await waitingMarks()).get("burst")).toBe(10);
    desk.answer = () => Response.json({ score: null });
    await later.flush();
    expect(desk.came).toEqual(burst.map((e) => e.id));
    expect(Object.keys(localStorage).filter((k) => k.startsWith("wexis.mark."))).toEqual([]);
  });

  it("of somebody else who graded on this device wait for them, and are not refused under another name", async () => {
    desk.answer = () => problem(503, "Down");
    const theirs = event(1);
    await queueFor("theirs").give(theirs);
    queues.forEach((q) => {
      q.close();
    });
    desk.answer = () => problem(403, "Your role does not allow this.");
    await sendWaitingMarks();
    expect((await waitingMarks()).get("theirs")).toBe(1);
    desk.answer = () => Response.json({ score: null });
    await sendWaitingMarks();
    expect(desk.came).toContain(theirs.id);
  });

  it("of any sheet are sent from any page, but not those of the sheet that sends its own", async () => {
    desk.answer = () => problem(503, "Down");
    const [here, there] = [event(1), event(1)];
    await queueFor("open-sheet").give(here);
    await queueFor("other-sheet").give(there);
    queues.forEach((q) => {
      q.close();
    });
    desk.answer = () => Response.json({ score: null });
    await sendWaitingMarks("open-sheet");
    expect(desk.came).toContain(there.id);
    expect(desk.came).not.toContain(here.id);
    expect((await waitingMarks()).has("other-sheet")).toBe(false);
  });

  it("tell the score that the server has worked out from them", async () => {
    desk.answer = () => Response.json({ score: { percent: 81 } });
    await queueFor("score").give(event(1));
    await vi.waitFor(() => {
      expect(news.some((n) => n.score)).toBe(true);
    });
  });
});
