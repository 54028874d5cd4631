import type { Schemas } from "../shell/api";

export type MarkEvent = Schemas["MarkEvent"];
export type Track = {
  step: number;
  side: string;
  taps: number;
  holds: readonly number[];
  holdingSinceMs: number | null;
};

/**
 * What this device can show at once, before the server has answered: counts, holds, marks, faults.
 * The same fold as the core's; `tests/cases/sheet-state` holds both to it. Scores come from the core only.
 */
export type SheetFold = {
  tracks: readonly Track[];
  marks: ReadonlyMap<string, number>;
  faults: ReadonlyMap<string, number>;
  critical: readonly string[];
  /** What could not be seen, and nobody marked later. */
  unseen: readonly string[];
  /** The side that was declared tighter before the first movement. */
  tighter: string | null;
  wrongSide: boolean;
  interrupted: boolean;
  started: boolean;
  stopped: boolean;
  lastMs: number;
};

export function foldSheet(events: readonly MarkEvent[]): SheetFold {
  const distinct = [...new Map([...events].reverse().map((e) => [e.id, e])).values()].reverse();
  const undone = undoneOf(distinct);
  const first = new Map<string, number>();
  for (const e of distinct) first.set(e.device, Math.min(first.get(e.device) ?? Infinity, e.arrival || Infinity));
  const ordered = distinct
    .filter((e) => !undone.has(e.id) && e.kind !== "undo")
    .sort(
      (a, b) =>
        compare(first.get(a.device) ?? Infinity, first.get(b.device) ?? Infinity) ||
        (a.device < b.device ? -1 : a.device > b.device ? 1 : 0) ||
        a.counter - b.counter,
    );
  const tracks = new Map<string, { step: number; side: string; taps: number; holds: number[]; since: number | null }>();
  const marks = new Map<string, number>();
  const faults = new Map<string, number>();
  const critical: string[] = [];
  const unseen = new Set<string>();
  let [tighter, moved, wrongSide, interrupted]: [string | null, boolean, boolean, boolean] = [
    null,
    false,
    false,
    false,
  ];
  const stops = ordered.filter((e) => e.kind === "stop");
  const stopMs = Math.min(...stops.map((e) => e.at_ms));
  // On the device that stopped it by its counter, on others by the clock.
  const afterStop = (e: MarkEvent) => {
    const stop = stops.find((s) => s.device === e.device);
    return stop ? e.counter > stop.counter : e.at_ms > stopMs;
  };
  let [started, stopped, lastMs] = [false, false, 0];
  for (const e of ordered) {
    lastMs = Math.max(lastMs, e.at_ms);
    const key = `${e.step ?? 0}|${e.side ?? "both"}`;
    const track = tracks.get(key) ?? { step: e.step ?? 0, side: e.side ?? "both", taps: 0, holds: [], since: null };
    switch (e.kind) {
      case "start":
        started = true;
        break;
      case "rep":
        if (afterStop(e)) break;
        moved = true;
        track.taps++;
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
        }
        break;
      case "mark":
        if (e.target !== null && e.value !== null) {
          marks.set(e.target, e.value);
          unseen.delete(e.target);
        }
        break;
      case "unseen":
        if (e.target !== null) {
          unseen.add(e.target);
          marks.delete(e.target);
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
        if (e.target !== null) faults.set(e.target, (faults.get(e.target) ?? 0) + 1);
        break;
      case "critical":
        if (e.target !== null && !critical.includes(e.target)) critical.push(e.target);
        break;
      case "stop":
        stopped = true;
        break;
    }
  }
  return {
    tracks: [...tracks.values()].map((t) => ({
      step: t.step,
      side: t.side,
      taps: t.taps,
      holds: t.holds,
      holdingSinceMs: t.since,
    })),
    marks,
    faults,
    critical,
    unseen: [...unseen],
    tighter,
    wrongSide,
    interrupted,
    started,
    stopped,
    lastMs,
  };
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
