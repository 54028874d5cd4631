import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { foldSheet, toUndo, type MarkEvent } from "./sheetFold";

type Case = {
  why: string;
  events: MarkEvent[];
  expect: {
    tracks: {
      step: number;
      side: string;
      taps: number;
      holds: number[];
      tallied?: number;
      tallied_seconds?: number;
    }[];
    marks: Record<string, number>;
    faults: Record<string, number>;
    critical: string[];
    started: boolean;
    stopped: boolean;
    whys?: Record<string, string>;
    felt?: Record<string, number>;
    caught_after_ms?: number;
    mended_after_ms?: number[];
  };
};

const folder = join(import.meta.dirname, "../../../tests/cases/sheet-state");
const cases = readdirSync(folder).map((f) => [f, JSON.parse(readFileSync(join(folder, f), "utf8")) as Case] as const);

describe("the browser's fold agrees with the core's", () => {
  it.each(cases)("%s", (_, { why, events, expect: wanted }) => {
    const fold = foldSheet(events);
    const byKey = (a: { step: number; side: string }, b: { step: number; side: string }) =>
      a.step - b.step || a.side.localeCompare(b.side);
    expect(
      fold.tracks
        .map(({ step, side, taps, holds, tallied, talliedSeconds }) => ({
          step,
          side,
          taps,
          holds,
          tallied,
          tallied_seconds: talliedSeconds,
        }))
        .sort(byKey),
      why,
    ).toEqual(wanted.tracks.map((t) => ({ tallied: 0, tallied_seconds: 0, ...t })).sort(byKey));
    expect(Object.fromEntries(fold.whys)).toEqual(wanted.whys ?? {});
    expect(Object.fromEntries(fold.felt)).toEqual(wanted.felt ?? {});
    expect(fold.caughtAfterMs).toEqual(wanted.caught_after_ms ?? null);
    expect(fold.stamps.flatMap((s) => s.mendedAfterMs ?? [])).toEqual(wanted.mended_after_ms ?? []);
    expect(Object.fromEntries(fold.marks)).toEqual(wanted.marks);
    expect(Object.fromEntries(fold.faults)).toEqual(wanted.faults);
    expect([fold.critical, fold.started, fold.stopped]).toEqual([wanted.critical, wanted.started, wanted.stopped]);
  });
});

describe("taking back", () => {
  const event = (counter: number, kind: MarkEvent["kind"], more: Partial<MarkEvent> = {}): MarkEvent => ({
    id: `e${counter}`,
    kind,
    device: "me",
    counter,
    at_ms: counter * 1000,
    step: 0,
    side: "left",
    target: null,
    value: null,
    note: null,
    arrival: 0,
    ...more,
  });

  it("takes the newest mark of this device that still stands", () => {
    const events = [event(0, "rep"), event(1, "rep"), event(2, "undo", { target: "e1" })];
    expect(toUndo(events, "me").map((e) => e.id)).toEqual(["e0"]);
  });

  it("takes a finished hold with its press", () => {
    expect(toUndo([event(0, "press"), event(1, "release")], "me").map((e) => e.id)).toEqual(["e1", "e0"]);
  });

  it("leaves the marks of another device alone", () => {
    expect(toUndo([event(0, "rep", { device: "other" })], "me")).toEqual([]);
  });
});
