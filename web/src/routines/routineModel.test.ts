import { describe, expect, it } from "vitest";
import { changePart, clock, emptyRoutine, freshId, movedBefore, withPart } from "./routineModel";

const ids = (d: ReturnType<typeof emptyRoutine>) => (d.parts ?? []).map((p) => p.id);
const three = ["a", "b", "c"].reduce((d, technique) => withPart(d, { technique }), emptyRoutine("R"));

describe("a routine on the bench", () => {
  it("gives each part an id of its own, also after one was removed", () => {
    expect(ids(three)).toEqual(["part-1", "part-2", "part-3"]);
    const without = { ...three, parts: (three.parts ?? []).slice(1) };
    expect(freshId(without.parts)).toBe("part-4");
    expect(new Set(ids(withPart(without, {}))).size).toBe(3);
  });

  it("moves a part before another or to the end, and loses none", () => {
    expect(ids(movedBefore(three, "part-3", "part-1"))).toEqual(["part-3", "part-1", "part-2"]);
    expect(ids(movedBefore(three, "part-1", null))).toEqual(["part-2", "part-3", "part-1"]);
    expect(ids(movedBefore(three, "part-1", "gone"))).toEqual(ids(three));
    expect(ids(movedBefore(three, "part-2", "part-2"))).toEqual(ids(three));
  });

  it("changes one part alone", () => {
    const changed = changePart(three, "part-2", { level: "full" });
    expect((changed.parts ?? []).map((p) => p.level)).toEqual([null, "full", null]);
  });

  it("says seconds as a clock does", () => {
    expect([clock(45.4), clock(59.6), clock(245)]).toEqual(["45 s", "1:00 min", "4:05 min"]);
  });
});
