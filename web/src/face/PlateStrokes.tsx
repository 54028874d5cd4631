import { VIEW_IDS, type Reference } from "./atlas";
import { facePath, mirrored, pointsOf, toPixel, type FacePoint, type Frame, type View } from "./frame";
import { halvesIn, onHalf } from "./MuscleFigure";
import type { Stroke } from "./plateTypes";

/** The points of a stroke that a view can show. */
export const seenIn = (view: View, stroke: Stroke): readonly FacePoint[] =>
  view === "side" ? stroke.sidePoints : view === "front" ? stroke.points : [];

export const isZoneOf = (reference: Reference, view: View, zone: string) =>
  reference.zoneById.get(zone)?.view === VIEW_IDS[view];

/** A stroke once for each half on which it runs. */
function halvesOf(view: View, stroke: Stroke): (readonly FacePoint[])[] {
  const points = seenIn(view, stroke);
  if (points.length === 0) return [];
  return view === "side" || stroke.sides === "left" || stroke.sides === "midline"
    ? [points]
    : stroke.sides === "right"
      ? [points.map(mirrored)]
      : [points, points.map(mirrored)];
}

/** Where the hand is, in white, for a mask: along its strokes, or over its zones where no stroke is drawn. */
export function HandsPlace({
  reference,
  frame,
  strokes,
  zones,
}: {
  reference: Reference;
  frame: Frame;
  strokes: readonly Stroke[];
  zones: readonly string[];
}) {
  if (strokes.length === 0)
    return (
      <>
        {zones
          .filter((z) => isZoneOf(reference, frame.view, z))
          .flatMap((z) =>
            halvesIn(frame.view).map((half) => (
              <path
                key={`${z}-${half}`}
                d={facePath(onHalf(pointsOf(reference.zoneById.get(z)?.polygon ?? []), half), frame, true)}
                fill="white"
              />
            )),
          )}
      </>
    );
  return (
    <>
      {strokes.flatMap((s) =>
        halvesOf(frame.view, s).map((points, i) => {
          const wide = Math.max(14, s.widthIpd * frame.pixelsPerIpd * 1.3);
          const at = points[0] && toPixel(points[0], frame);
          return points.length === 1 && at ? (
            <circle key={`${s.id}-${i}`} cx={at.x} cy={at.y} r={wide / 2} fill="white" />
          ) : (
            <path
              key={`${s.id}-${i}`}
              d={facePath(points, frame, false)}
              fill="none"
              stroke="white"
              strokeWidth={wide}
              strokeLinecap="round"
              strokeLinejoin="round"
            />
          );
        }),
      )}
    </>
  );
}

export function StrokeLine({ stroke, frame }: { stroke: Stroke; frame: Frame }) {
  const { sides, widthIpd } = stroke;
  const halves = halvesOf(frame.view, stroke);
  const inTurn = sides === "one-then-other" || sides === "alternating";
  return (
    <g pointerEvents="none" fill="none" data-stroke={stroke.id}>
      {halves.map((p, i) => {
        const d = facePath(p, frame, false);
        const only = p[0];
        if (p.length === 1 && only) {
          const at = toPixel(only, frame);
          return (
            <g key={i} stroke="var(--color-now)">
              <circle
                cx={at.x}
                cy={at.y}
                r={Math.max(5, (widthIpd * frame.pixelsPerIpd) / 2)}
                fill="var(--color-now)"
                fillOpacity={0.14}
                strokeWidth={1.4}
                strokeDasharray={i === 1 && inTurn ? "4 3" : undefined}
              />
              <circle cx={at.x} cy={at.y} r={2} fill="var(--color-now)" />
            </g>
          );
        }
        return (
          <g key={i}>
            <path d={d} stroke="var(--color-now)" strokeOpacity={0.14} strokeWidth={widthIpd * frame.pixelsPerIpd} />
            <path
              d={d}
              stroke="var(--color-now)"
              strokeWidth={2.2}
              markerEnd="url(#stroke-head)"
              strokeDasharray={i === 1 && inTurn ? "6 4" : undefined}
            />
          </g>
        );
      })}
    </g>
  );
}
