import { describe, expect, it } from "vitest";
import { differing } from "./differing";

describe("where two texts differ", () => {
  it("is told place by place, counted from one", () => {
    const mine = { name: "Glide", steps: [{ cue: "slow" }, { cue: "soft" }], tags: [] };
    const theirs = { name: "Glide along", steps: [{ cue: "slow" }, { cue: null }], tags: [] };
    expect(differing(mine, theirs)).toEqual([
      { where: "name", mine: "Glide", theirs: "Glide along" },
      { where: "steps 2 cue", mine: "soft", theirs: "nothing" },
    ]);
  });

  it("what only one of them has is told part by part", () => {
    expect(differing({ steps: [] }, { steps: [{ dose_line: "5" }] })).toEqual([
      { where: "steps 1 dose line", mine: "nothing", theirs: "5" },
    ]);
    expect(differing({ dose: null }, { dose: { holds: 2 } })).toEqual([
      { where: "dose holds", mine: "nothing", theirs: "2" },
    ]);
  });

  it("the number that the first save gives is no difference, one that was written inside is", () => {
    expect(differing({ id: null, name: "a" }, { id: "tq-1", name: "a" })).toEqual([]);
    expect(differing({ steps: [{ id: "1" }] }, { steps: [{ id: "2" }] })).toEqual([
      { where: "steps 1 id", mine: "1", theirs: "2" },
    ]);
  });

  it("nothing, an empty text and an empty list say the same", () => {
    expect(differing({ a: null, b: "", c: [] }, { a: "", c: null })).toEqual([]);
  });
});
