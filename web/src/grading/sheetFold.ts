import type { Schemas } from "../shell/api";

export type MarkEvent = Schemas["MarkEvent"];
export type Track = {
  step: number;
  side: string;
  taps: number;
  holds: readonly number[];
  holdingSinceMs: number | null;
  /** When it was last counted: a tap, or the end of a hold. */
  lastMs: number;
  tallied: number;
  talliedSeconds: number;
};
/** A stamped fault. */
export type Stamp = { id: string; fault: string; step: number | null; atMs: number; mendedAfterMs: number | null };

/**
 * What this device can show at once, before the server has answered: counts, holds, marks, faults.
 * The same fold as the core's; `tests/cases/sheet-state` holds both to it. Scores come from the core only.
 */
export type SheetFold = {
  tracks: readonly Track[];
  marks: ReadonlyMap<string, number>;
  /** Why a mark is below full, by criterion. */
  whys: ReadonlyMap<string, string>;
  stamps: readonly Stamp[];
  faults: ReadonlyMap<string, number>;
  critical: readonly string[];
  /** What could not be seen, and nobody marked later. */
  unseen: readonly string[];
  /** What the trainee said they feel, the newest of each. */
  felt: ReadonlyMap<string, number>;
  notes: readonly { text: string; atMs: number }[];
  /** The fault shown on purpose. */
  planted: { fault: string; atMs: number } | null;
  caughtAfterMs: number | null;
  /** The side that was declared tighter before the first movement. */
  tighter: string | null;
  wrongSide: boolean;
  interrupted: boolean;
  started: boolean;
  stopped: boolean;
  /** The stop that stands, to take it back. */
  stop: MarkEvent | null;
  startMs: number | null;
  lastMs: number;
};

type Opened = {
  step: number;
  side: string;
  taps: number;
  holds: number[];
  since: number | null;
  lastMs: number;
  tallied: number;
  talliedSeconds: number;
};

export function foldSheet(events: readonly MarkEvent[]): SheetFold {
  const ordered = standing(events);
  const tracks = new Map<string, Opened>();
  const marks = new Map<string, number>();
  const whys = new Map<string, string>();
  const stamps: Stamp[] = [];
  const mended = new Map<string, number>();
  const critical: string[] = [];
  const unseen = new Set<string>();
  const felt = new Map<string, number>();
  const notes: { text: string; atMs: number }[] = [];
  let planted: SheetFold["planted"] = null;
  let caughtAtMs: number | null = null;
  let tighter: string | null = null;
  let [moved, wrongSide, interrupted, started] = [false, false, false, false];
  let startMs: number | null = null;
  let lastMs = 0;
  const stops = ordered.filter((e) => e.kind === "stop");
  const stopMs = Math.min(...stops.map((e) => e.at_ms));
  // On the device that stopped it by its counter, on others by the clock.
  const afterStop = (e: MarkEvent) => {
    const stop = stops.find((s) => s.device === e.device);
    return stop ? e.counter > stop.counter : e.at_ms > stopMs;
  };
  for (const e of ordered) {
    lastMs = Math.max(lastMs, e.at_ms);
    const key = `${e.step ?? 0}|${e.side ?? "both"}`;
    const track = tracks.get(key) ?? opened(e);
    switch (e.kind) {
      case "start":
        started = true;
        startMs ??= e.at_ms;
        break;
      case "rep":
        if (afterStop(e)) break;
        moved = true;
        track.taps++;
        track.lastMs = e.at_ms;
        tracks.set(key, track);
        break;
      case "press":
        if (afterStop(e)) break;
        moved = true;
        track.since = e.at_ms;
        tracks.set(key, track);
        break;
      case "release":
        if (track.since !== null) {
          const until = afterStop(e) ? Math.min(e.at_ms, stopMs) : e.at_ms;
          if (until > track.since) track.holds.push((until - track.since) / 1000);
          track.since = null;
          track.lastMs = until;
        }
        break;
      case "tally":
        if (e.value === null) break;
        if (e.target === "seconds") track.talliedSeconds = e.value;
        else track.tallied = e.value;
        tracks.set(key, track);
        break;
      case "mark":
        if (e.target !== null && e.value !== null) {
          marks.set(e.target, e.value);
          unseen.delete(e.target);
          whys.delete(e.target);
          if (e.note?.trim()) whys.set(e.target, e.note);
        }
        break;
      case "unseen":
        if (e.target !== null) {
          unseen.add(e.target);
          marks.delete(e.target);
          whys.delete(e.target);
        }
        break;
      case "tighter":
        if (!moved) tighter = e.side;
        break;
      case "wrong-side":
        wrongSide = true;
        break;
      case "interrupted":
        interrupted = true;
        break;
      case "fault":
        if (e.target !== null)
          stamps.push({ id: e.id, fault: e.target, step: e.step, atMs: e.at_ms, mendedAfterMs: null });
        break;
      case "mended":
        if (e.target !== null && !mended.has(e.target)) mended.set(e.target, e.at_ms);
        break;
      case "said":
        if (e.target !== null && e.value !== null) felt.set(e.target, e.value);
        break;
      case "note":
        if (e.note) notes.push({ text: e.note, atMs: e.at_ms });
        break;
      case "planted":
        if (e.target !== null) [planted, caughtAtMs] = [{ fault: e.target, atMs: e.at_ms }, null];
        break;
      case "caught":
        if (planted && e.at_ms >= planted.atMs) caughtAtMs ??= e.at_ms;
        break;
      case "critical":
        if (e.target !== null && !critical.includes(e.target)) critical.push(e.target);
        break;
    }
  }
  const faults = new Map<string, number>();
  for (const s of stamps) faults.set(s.fault, (faults.get(s.fault) ?? 0) + 1);
  return {
    tracks: [...tracks.values()].map(({ since, ...t }) => ({ ...t, holdingSinceMs: since })),
    marks,
    whys,
    stamps: stamps.map((s) => {
      const at = mended.get(s.id);
      return { ...s, mendedAfterMs: at !== undefined && at >= s.atMs ? at - s.atMs : null };
    }),
    faults,
    critical,
    unseen: [...unseen],
    felt,
    notes,
    planted,
    caughtAfterMs: planted && caughtAtMs !== null ? caughtAtMs - planted.atMs : null,
    tighter,
    wrongSide,
    interrupted,
    started,
    stopped: stops.length > 0,
    stop: stops.at(-1) ?? null,
    startMs,
    lastMs,
  };
}

const opened = (e: MarkEvent): Opened => ({
  step: e.step ?? 0,
  side: e.side ?? "both",
  taps: 0,
  holds: [],
  since: null,
  lastMs: 0,
  tallied: 0,
  talliedSeconds: 0,
});

/** What stands, in its order: each event once, nothing that was taken back. */
function standing(events: readonly MarkEvent[]): MarkEvent[] {
  const distinct = [...new Map([...events].reverse().map((e) => [e.id, e])).values()].reverse();
  const undone = undoneOf(distinct);
  const first = new Map<string, number>();
  for (const e of distinct) first.set(e.device, Math.min(first.get(e.device) ?? Infinity, e.arrival || Infinity));
  return distinct
    .filter((e) => !undone.has(e.id) && e.kind !== "undo")
    .sort(
      (a, b) =>
        compare(first.get(a.device) ?? Infinity, first.get(b.device) ?? Infinity) ||
        (a.device < b.device ? -1 : a.device > b.device ? 1 : 0) ||
        a.counter - b.counter,
    );
}

const compare = (a: number, b: number) => (a === b ? 0 : a < b ? -1 : 1);

/** An undo that is itself undone takes nothing back. */
function undoneOf(events: readonly MarkEvent[]): ReadonlySet<string> {
  const undone = new Set<string>();
  const undos = events
    .filter((e) => e.kind === "undo")
    .sort((a, b) => compare(b.arrival || Infinity, a.arrival || Infinity) || b.counter - a.counter);
  for (const u of undos) if (!undone.has(u.id) && u.target !== null && u.target !== u.id) undone.add(u.target);
  return undone;
}

/** The newest event of a device that still stands. */
export function lastOf(events: readonly MarkEvent[], device: string): MarkEvent | null {
  const undone = undoneOf(events);
  let last: MarkEvent | null = null;
  for (const e of events)
    if (e.device === device && e.kind !== "undo" && !undone.has(e.id) && (!last || e.counter > last.counter)) last = e;
  return last;
}

/** The events that one undo takes back: the newest that still stands; a finished hold goes with its press. */
export function toUndo(events: readonly MarkEvent[], device: string): MarkEvent[] {
  const undone = undoneOf(events);
  const mine = events
    .filter((e) => e.device === device && e.kind !== "undo" && !undone.has(e.id))
    .sort((a, b) => b.counter - a.counter);
  const last = mine[0];
  if (!last) return [];
  if (last.kind !== "release") return [last];
  const press = mine.find(
    (e) => e.kind === "press" && e.step === last.step && e.side === last.side && e.counter < last.counter,
  );
  return press ? [last, press] : [last];
}
