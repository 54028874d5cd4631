import { describe, expect, it } from "vitest";
import { between, facePath, toPixel, type Frame } from "./frame";

const frame = (viewer: Frame["viewer"]): Frame => ({ viewer, pixelsPerIpd: 100, centre: { x: 200, y: 200 } });

describe("the face frame on paper", () => {
  it("up on the face is up on the screen", () => {
    expect(toPixel({ x: 0, y: 1 }, frame("facing")).y).toBe(100);
  });

  it("the subject's left is on the right when you face them, and on the left in their mirror", () => {
    expect(toPixel({ x: 0.5, y: 0 }, frame("facing")).x).toBe(250);
    expect(toPixel({ x: 0.5, y: 0 }, frame("mirror")).x).toBe(150);
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
});
