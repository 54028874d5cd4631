import { describe, expect, it } from "vitest";
import { addModule, hours, takeModuleOut } from "./programmeModel";

const empty = { name: "x", modules: [], structures: [], outcomes: [] };

describe("editing a programme", () => {
  it("gives each module an id of its own, also after one was taken out", () => {
    const two = addModule(addModule(empty, "A"), "B");
    const again = addModule(takeModuleOut(two, two.modules?.[0]?.id ?? ""), "C");
    expect(new Set(again.modules?.map((m) => m.id)).size).toBe(2);
  });

  it("a module that is taken out is no longer waited for", () => {
    const two = addModule(addModule(empty, "A"), "B");
    const [a, b] = two.modules ?? [];
    const waiting = { ...two, modules: [a!, { ...b!, prerequisites: [a!.id] }] };
    expect(takeModuleOut(waiting, a!.id).modules?.[0]?.prerequisites).toEqual([]);
  });

  it("says minutes as hours", () => {
    expect(hours(90)).toBe("1 h 30");
    expect(hours(240)).toBe("4 h");
    expect(hours(45)).toBe("45 min");
  });
});
