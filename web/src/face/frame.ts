import { curveCatmullRom, curveCatmullRomClosed, line } from "d3-shape";

/** A place in the face frame: pupil distances (IPD), x to the subject's left, y up. */
export type FacePoint = { readonly x: number; readonly y: number };
export type Pixel = { readonly x: number; readonly y: number };

/** For whom the plate is drawn. Facing: the subject's left is on the picture's right. Mirror: as the subject sees themselves. Subject: as the subject feels it. */
export const VIEWERS = ["facing", "mirror", "subject"] as const;
export type Viewer = (typeof VIEWERS)[number];

/** From where the head is seen. In the side view x holds z, forward; it shows the subject's left side. */
export type View = "front" | "side" | "back";

/** Where the face frame lies on the paper: pixels, y down. */
export type Frame = {
  readonly view: View;
  readonly viewer: Viewer;
  readonly pixelsPerIpd: number;
  readonly centre: Pixel;
};

/** Which way +x runs on the paper: the subject's left in front, forward at the side, the subject's left seen from behind. Who feels it has the left on the left, from wherever it is drawn. */
export const rightwards = (frame: Pick<Frame, "view" | "viewer">) =>
  frame.viewer === "subject" ? -1 : (frame.view === "front" ? 1 : -1) * (frame.viewer === "facing" ? 1 : -1);

export const toPixel = (p: FacePoint, frame: Frame): Pixel => ({
  x: frame.centre.x + rightwards(frame) * p.x * frame.pixelsPerIpd,
  y: frame.centre.y - p.y * frame.pixelsPerIpd,
});

/** The place of the face under a pixel of the paper. */
export const toFace = (p: Pixel, frame: Frame): FacePoint => ({
  x: ((p.x - frame.centre.x) / frame.pixelsPerIpd) * rightwards(frame),
  y: (frame.centre.y - p.y) / frame.pixelsPerIpd,
});

export const mirrored = (p: FacePoint): FacePoint => ({ x: -p.x, y: p.y });

export const pointsOf = (pairs: readonly (readonly number[])[]): FacePoint[] =>
  pairs.map((p) => ({ x: p[0] ?? 0, y: p[1] ?? 0 }));

const ON_MIDLINE = 0.003;

/**
 * Where two halves meet, their edge is the midline itself: a smoothed curve would swing over it. Points there are given
 * twice, which makes a corner of them and a straight line between them.
 */
function heldToMidline(points: readonly FacePoint[]): readonly FacePoint[] {
  const on = (i: number) => Math.abs(points.at(i % points.length)?.x ?? 1) < ON_MIDLINE;
  return points.flatMap((p, i) => (on(i) && (on(i + 1) || on(i - 1)) ? [p, p] : [p]));
}

/** SVG path through face points, smoothed. Points in IPD; pixels out. */
export function facePath(points: readonly FacePoint[], frame: Frame, closed: boolean): string {
  const curve = closed ? curveCatmullRomClosed.alpha(0.5) : curveCatmullRom.alpha(0.5);
  if (closed && frame.view !== "side") points = heldToMidline(points);
  return (
    line<FacePoint>(
      (p) => Math.round(toPixel(p, frame).x * 10) / 10,
      (p) => Math.round(toPixel(p, frame).y * 10) / 10,
    ).curve(curve)(points) ?? ""
  );
}

/** The line halfway between two fibres, so that a tightened muscle can be drawn with its fibres closer. */
export function between(a: readonly FacePoint[], b: readonly FacePoint[]): FacePoint[] {
  const n = Math.max(a.length, b.length);
  const at = (list: readonly FacePoint[], i: number) =>
    list[Math.round((i / Math.max(1, n - 1)) * (list.length - 1))] ?? { x: 0, y: 0 };
  return Array.from({ length: n }, (_, i) => ({ x: (at(a, i).x + at(b, i).x) / 2, y: (at(a, i).y + at(b, i).y) / 2 }));
}

export function centroid(points: readonly FacePoint[]): FacePoint {
  const n = Math.max(1, points.length);
  return { x: points.reduce((s, p) => s + p.x, 0) / n, y: points.reduce((s, p) => s + p.y, 0) / n };
}

/** The place of a shape where a leader line ends or a pin stands: on it, near its middle. The middle of a bent strap or a ring lies beside it; its fibres never do. */
export function placeOn(outline: readonly FacePoint[], fibres: readonly (readonly FacePoint[])[]): FacePoint {
  const along = fibres.flat();
  const middle = centroid(outline.length > 0 ? outline : along);
  const off = (p: FacePoint) => Math.hypot(p.x - middle.x, p.y - middle.y);
  return along.reduce<FacePoint | null>((best, p) => (best === null || off(p) < off(best) ? p : best), null) ?? middle;
}

/** Where a place lies in a view: at the side, z takes the place of x. */
export const placeOf = (l: { x: number; y: number; z: number | null }, view: View): FacePoint =>
  view === "side" ? { x: l.z ?? 0, y: l.y } : { x: l.x, y: l.y };
