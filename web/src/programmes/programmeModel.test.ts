import { describe, expect, it } from "vitest";
import {
  addUnit,
  emptyProgramme,
  hours,
  keptBecause,
  outcomeSays,
  planned,
  repaired,
  takeSessionOut,
  takeUnitOut,
} from "./programmeModel";

const two = addUnit(addUnit(emptyProgramme("x"), "A"), "B");
const [a, b] = (two.units ?? []).map((u) => u.id) as [string, string];

describe("editing a programme", () => {
  it("gives each unit an id of its own, also after one was taken out", () => {
    const again = addUnit(takeUnitOut(two, a), "C");
    expect(new Set(again.units?.map((u) => u.id)).size).toBe(2);
  });

  it("a unit that is taken out is waited for, placed and ruled by nothing any more", () => {
    const tied = {
      ...two,
      units: two.units?.map((u) => (u.id === b ? { ...u, prerequisites: [a] } : u)) ?? [],
      plan: [{ unit: a, session: "s" }],
      fixed: [{ unit: a, session: "s" }],
      rules: [{ id: "r", kind: "order" as const, after: a, before: b }],
    };
    const out = takeUnitOut(tied, a);
    expect([out.units?.[0]?.prerequisites, out.plan, out.fixed, out.rules]).toEqual([[], [], [], []]);
  });

  it("a session that is taken out holds nothing any more", () => {
    const out = takeSessionOut({ ...two, sessions: [{ id: "s" }], plan: [{ unit: a, session: "s" }] }, "s");
    expect([out.sessions, out.plan]).toEqual([[], []]);
  });

  it("a repair adds what it says and its minutes, once", () => {
    const repair = { words: "", unit: a, technique: "glide", outcome: "o", minutes: 18 };
    const once = repaired(two, repair).units?.[0];
    expect([once?.techniques, once?.outcomes, once?.minutes]).toEqual([["glide"], ["o"], 138]);
    expect(repaired(two, { ...repair, unit: "gone" })).toBe(two);
  });

  it("keeps as it is with a reason, and takes that back", () => {
    const kept = keptBecause(two, "phases", " one day with a guest ");
    expect(kept.aside).toEqual([{ rule: "phases", reason: "one day with a guest" }]);
    expect(keptBecause(kept, "phases", "").aside).toEqual([]);
  });

  it("takes a plan over: units in its order, each with its session", () => {
    const plan = planned(two, [
      { id: "s", units: [b] },
      { id: "t", units: [a] },
    ]);
    expect(plan.units?.map((u) => u.id)).toEqual([b, a]);
    expect(plan.plan).toEqual([
      { unit: b, session: "s" },
      { unit: a, session: "t" },
    ]);
  });

  it("says an outcome as a sentence", () => {
    expect(outcomeSays({ id: "o", verb: "leads", object: "a glide", standard: "without drag" })).toBe(
      "leads a glide without drag",
    );
    expect(outcomeSays({ id: "o", text: "leads it" })).toBe("leads it");
  });

  it("says minutes as hours", () => {
    expect(hours(90)).toBe("1 h 30");
    expect(hours(240)).toBe("4 h");
    expect(hours(45)).toBe("45 min");
  });
});
