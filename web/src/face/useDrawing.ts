import { useState, type PointerEvent } from "react";
import { toFace, type FacePoint, type Frame, type Pixel } from "./frame";

/** A pointer that moved less than this was a touch, not a line (pixels of the drawing). */
const TOUCH = 9;

/** A line drawn over the plate with mouse, finger or pen; handed over in the face frame when the pointer is lifted. */
export function useDrawing(onDraw: ((places: readonly FacePoint[]) => void) | undefined, frame: Frame) {
  const [line, setLine] = useState<readonly Pixel[] | null>(null);
  if (!onDraw) return { ready: false, line: null, handlers: {} };
  const at = (e: PointerEvent<SVGSVGElement>): Pixel => {
    const inverse = e.currentTarget.getScreenCTM()?.inverse();
    const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(inverse);
    return { x: p.x, y: p.y };
  };
  const far = (pixels: readonly Pixel[]) => {
    const [first] = pixels;
    return first !== undefined && pixels.some((p) => Math.hypot(p.x - first.x, p.y - first.y) > TOUCH);
  };
  return {
    ready: true,
    line: line && far(line) ? line : null,
    handlers: {
      onPointerDown: (e: PointerEvent<SVGSVGElement>) => {
        if (e.button === 0) setLine([at(e)]);
      },
      onPointerMove: (e: PointerEvent<SVGSVGElement>) => {
        if (!line) return;
        const next = [...line, at(e)];
        // Only a line takes the pointer for itself: a touch still belongs to the place under it.
        if (far(next) && !e.currentTarget.hasPointerCapture(e.pointerId))
          e.currentTarget.setPointerCapture(e.pointerId);
        setLine(next);
      },
      onPointerUp: () => {
        if (line && far(line)) onDraw(line.map((p) => toFace(p, frame)));
        setLine(null);
      },
      onPointerCancel: () => setLine(null),
    },
  };
}
