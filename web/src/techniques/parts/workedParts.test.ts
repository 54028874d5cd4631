import { describe, expect, it } from "vitest";
import { inOrderOfWeight, tailWords } from "./workedParts";

type Row = Parameters<typeof inOrderOfWeight>[0][number];
const row = (structure: string, mode: Row["mode"], strength: Row["strength"], side: Row["side"] = "both") =>
  ({ structure, mode, strength, side, name: structure, certainty: "sure", why: [] }) as unknown as Row;

describe("what is worked, in order of weight", () => {
  const rows = [
    row("a", "isometric", "secondary"),
    row("a", "concentric", "primary"),
    row("b", "inhibited", "secondary"),
    row("c", "inhibited", "incidental"),
    row("d", "concentric", "incidental"),
    row("e", "concentric", "primary", "left"),
    row("e", "inhibited", "secondary", "right"),
  ];

  it("gathers a structure's modes, the strongest first, and folds what comes along", () => {
    const { first, tail } = inOrderOfWeight(rows);
    expect(first.map((p) => [p.structure, p.side, p.rows.map((r) => r.mode)])).toEqual([
      ["a", "both", ["concentric", "isometric"]],
      ["e", "left", ["concentric"]],
    ]);
    expect(tail.map((p) => p.structure)).toEqual(["b", "e", "c", "d"]);
    expect(tailWords(tail)).toBe("3 stay relaxed, 1 only comes along");
  });

  it("loses no row, and folds nothing where all would be folded", () => {
    const { first, tail } = inOrderOfWeight(rows);
    expect([...first, ...tail].flatMap((p) => p.rows)).toHaveLength(rows.length);
    const rest = inOrderOfWeight(rows.slice(2, 4));
    expect(rest.first).toHaveLength(2);
    expect(rest.tail).toHaveLength(0);
  });

  it("keeps what is to be relaxed as the aim among the first", () => {
    const { first } = inOrderOfWeight([row("f", "inhibited", "primary"), row("g", "inhibited", "secondary")]);
    expect(first.map((p) => p.structure)).toEqual(["f"]);
  });
});
