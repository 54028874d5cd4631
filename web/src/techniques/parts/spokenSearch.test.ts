import { describe, expect, it } from "vitest";
import { fits } from "./spokenSearch";

describe("a search as people speak", () => {
  const hold = "hold still | a hand keeps a region from moving hold-still brace fix";
  const widen = "upper lid up, brow free | widen-eyes eyes wide open wide stare";

  it("finds by each word's beginning, in any order", () => {
    expect(fits(widen, "eyes wide")).toBeGreaterThan(0);
    expect(fits(widen, "wide eye")).toBeGreaterThan(0);
    expect(fits(hold, "hold")).toBe(1);
    expect(fits(hold, "brace")).toBe(0.5);
  });

  it("does not turn one word into another", () => {
    expect(fits(hold, "hook")).toBe(0);
    expect(fits(hold, "hold smile")).toBe(0);
  });

  it("leaves small words and plural endings aside", () => {
    expect(fits("side of the nostril | ala", "the side of the nostrils")).toBe(1);
  });

  it("finds everything while nothing is asked", () => {
    expect(fits(hold, " ")).toBe(1);
  });
});
