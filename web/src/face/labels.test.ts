import { describe, expect, it } from "vitest";
import { placeCodes, placeLabels, wrap } from "./labels";

describe("names in the margin", () => {
  it("breaks long names into short lines and never breaks a word", () => {
    expect(wrap("levator labii superioris alaeque nasi")).toEqual(["levator labii", "superioris", "alaeque nasi"]);
  });

  it("no two names collide, even when ten structures lie at one height", () => {
    const wishes = Array.from({ length: 10 }, (_, i) => ({
      id: `s${i}`,
      text: `structure number ${i}`,
      anchors: [
        { x: 100, y: 200 },
        { x: 300, y: 200 },
      ],
    }));
    const placed = placeLabels(wishes, 200, { top: 0, bottom: 500 });
    expect(placed).toHaveLength(10);
    for (const margin of ["left", "right"] as const) {
      const column = placed.filter((p) => p.margin === margin).sort((a, b) => a.top - b.top);
      column
        .slice(1)
        .forEach((label, i) =>
          expect(label.top).toBeGreaterThanOrEqual((column[i]?.top ?? 0) + (column[i]?.lines.length ?? 0) * 12),
        );
    }
  });

  it("names never run over the edge of the paper, however many there are", () => {
    const wishes = Array.from({ length: 60 }, (_, i) => ({
      id: `s${i}`,
      text: `a rather long name of structure ${i}`,
      anchors: [{ x: 100, y: (i * 37) % 500 }],
    }));
    const placed = placeLabels(wishes, 200, { top: 6, bottom: 500 });
    expect(placed.length).toBeGreaterThan(10);
    expect(placed.some((p) => p.margin === "right")).toBe(true);
    for (const label of placed) {
      expect(label.top).toBeGreaterThanOrEqual(5.99);
      expect(label.top + label.lines.length * 12).toBeLessThanOrEqual(500);
    }
  });

  it("a structure that shows on one side only is named on that side", () => {
    expect(
      placeLabels([{ id: "a", text: "left lateral rectus", anchors: [{ x: 320, y: 50 }] }], 200, {
        top: 0,
        bottom: 500,
      })[0]?.margin,
    ).toBe("right");
  });

  it("names stay on the paper when their structures lie at its lower end", () => {
    const wishes = Array.from({ length: 6 }, (_, i) => ({
      id: `s${i}`,
      text: "one line",
      anchors: [{ x: 300, y: 495 }],
    }));
    expect(Math.max(...placeLabels(wishes, 200, { top: 0, bottom: 500 }).map((p) => p.top))).toBeLessThanOrEqual(
      500 - 12,
    );
  });
});

describe("codes of points", () => {
  it("those that lie close together do not overlap", () => {
    const marks = Array.from({ length: 20 }, (_, i) => ({
      id: `TE${i}`,
      at: { x: 100 + (i % 4) * 6, y: 100 + Math.floor(i / 4) * 7 },
    }));
    const size = 7.5;
    const placed = placeCodes(marks, size);
    for (const a of placed)
      for (const b of placed)
        if (a.id !== b.id) {
          const width = (a.id.length + b.id.length) * 0.28 * size;
          expect(
            Math.abs(a.text.x - b.text.x) >= width - 0.01 || Math.abs(a.text.y - b.text.y) >= size * 0.92 - 0.01,
          ).toBe(true);
        }
    expect(placed.some((p) => p.leads)).toBe(true);
  });

  it("a point that stands alone has its code beside it", () => {
    const [only] = placeCodes([{ id: "ST2", at: { x: 50, y: 50 } }], 7.5);
    expect(only?.leads).toBe(false);
  });
});
