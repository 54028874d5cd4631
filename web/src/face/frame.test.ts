import { describe, expect, it } from "vitest";
import { between, facePath, placeOn, toFace, toPixel, VIEWERS, type Frame, type View } from "./frame";

const frame = (viewer: Frame["viewer"], view: View = "front"): Frame => ({
  view,
  viewer,
  pixelsPerIpd: 100,
  centre: { x: 200, y: 200 },
});

describe("the face frame on paper", () => {
  it("up on the face is up on the screen", () => {
    expect(toPixel({ x: 0, y: 1 }, frame("facing")).y).toBe(100);
  });

  it("the subject's left is on the right when you face them, and on the left in their mirror", () => {
    expect(toPixel({ x: 0.5, y: 0 }, frame("facing")).x).toBe(250);
    expect(toPixel({ x: 0.5, y: 0 }, frame("mirror")).x).toBe(150);
  });

  it("whoever feels the own face has the left on the left, from wherever it is drawn", () => {
    for (const view of ["front", "back"] as const)
      expect(toPixel({ x: 0.5, y: 0 }, frame("subject", view)).x).toBe(150);
    expect(toPixel({ x: 0.4, y: 0 }, frame("subject", "side")).x).toBe(160);
  });

  it("from the side the face looks to the left, from behind the subject's left is on the left", () => {
    expect(toPixel({ x: 0.4, y: 0 }, frame("facing", "side")).x).toBe(160);
    expect(toPixel({ x: 0.5, y: 0 }, frame("facing", "back")).x).toBe(150);
  });

  it("a pixel leads back to the place it shows, from wherever it is seen", () => {
    for (const view of ["front", "side", "back"] as const)
      for (const viewer of VIEWERS) {
        const there = toFace(toPixel({ x: 0.3, y: -1.2 }, frame(viewer, view)), frame(viewer, view));
        expect(there.x).toBeCloseTo(0.3);
        expect(there.y).toBeCloseTo(-1.2);
      }
  });

  it("a closed outline ends where it began", () => {
    const path = facePath(
      [
        { x: 0, y: 0 },
        { x: 1, y: 0 },
        { x: 1, y: 1 },
      ],
      frame("facing"),
      true,
    );
    const places = path.match(/-?[\d.]+,-?[\d.]+/g) ?? [];
    expect(places[0]).toBe(places[places.length - 1]);
  });

  it("a fibre between two fibres lies halfway, also when one has more points", () => {
    expect(
      between(
        [
          { x: 0, y: 0 },
          { x: 0, y: 2 },
        ],
        [
          { x: 1, y: 0 },
          { x: 1, y: 1 },
          { x: 1, y: 2 },
        ],
      ),
    ).toEqual([{ x: 0.5, y: 0 }, expect.objectContaining({ x: 0.5 }), { x: 0.5, y: 2 }]);
  });

  it("an outline that runs along the midline stays on its own half, and meets its mirror without a gap", () => {
    const half = [
      { x: 0, y: 0.5 },
      { x: 0, y: -0.5 },
      { x: 0.4, y: -0.3 },
      { x: 0.4, y: 0.3 },
    ];
    const numbers = (path: string) => (path.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);
    // The first of each pair of numbers is across; 200 is the midline.
    const across = numbers(facePath(half, frame("facing"), true)).filter((_, i) => i % 2 === 0);
    expect(Math.min(...across)).toBe(200);
  });

  it("a leader line ends on the shape, not in the hole of a ring or beside a bent strap", () => {
    const round = (r: number) =>
      Array.from({ length: 24 }, (_, i) => ({
        x: r * Math.cos((i * Math.PI) / 12),
        y: r * Math.sin((i * Math.PI) / 12),
      }));
    const on = placeOn(round(1), [round(0.8)]);
    expect(Math.hypot(on.x, on.y)).toBeCloseTo(0.8);
    // Without fibres there is nothing better than the middle.
    expect(placeOn(round(1), []).x).toBeCloseTo(0);
  });
});
