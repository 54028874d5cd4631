import { useId } from "react";
import type { Picking } from "./plateTypes";
import { VIEW_IDS, type Atlas, type Reference } from "./atlas";
import {
  centroid,
  facePath,
  mirrored,
  placeOf,
  pointsOf,
  rightwards,
  toPixel,
  type FacePoint,
  type Frame,
  type View,
} from "./frame";
import { halvesIn, onHalf } from "./MuscleFigure";

const SOLID = new Set(["eye-opening", "iris", "pupil", "brow", "nostril"]);
/** Drawn under the muscles, as the body they lie on. */
const UNDER: Readonly<Record<View, ReadonlySet<string>>> = {
  front: new Set(["head-contour", "neck", "shoulder", "collarbone", "jugular-notch", "hairline", "ear", "ear-inner"]),
  side: new Set(["profile", "under-chin-neck", "back-contour", "hairline", "hairline-nape", "shoulder", "collarbone"]),
  back: new Set(["head-contour", "neck", "shoulder", "hairline", "spine", "shoulder-blade", "ear", "jaw-behind"]),
};
const DOTTED = new Set(["hairline", "hairline-nape", "spine"]);
type Line = Atlas["features"][string][number];

export function Contours({ reference, frame }: { reference: Reference; frame: Frame }) {
  const lines = (reference.atlas.features[frame.view] ?? []).filter((l) => UNDER[frame.view].has(l.id));
  const skin = skinOf(frame.view, lines);
  const filled = (ring: readonly FacePoint[], opacity: number) => (
    <path d={facePath(ring, frame, true)} fill="var(--color-skin)" fillOpacity={opacity} />
  );
  return (
    <g strokeLinejoin="round">
      {skin.behind && filled(skin.behind, 0.75)}
      {skin.neck && filled(skin.neck, skin.behind ? 1 : 0.75)}
      {lines
        .filter((l) => l.id === "ear")
        .flatMap((l) =>
          both(l, frame).map((p, i) => (
            <path
              key={i}
              d={facePath(p, frame, true)}
              fill="var(--color-skin)"
              stroke="var(--color-contour)"
              strokeWidth={1.1}
            />
          )),
        )}
      {filled(skin.head, 1)}
      {lines
        .filter((l) => l.id !== "ear")
        .flatMap((l) =>
          both(l, frame).map((p, i) => (
            <path
              key={`${l.id}-${i}`}
              d={facePath(p, frame, l.closed)}
              fill="none"
              stroke="var(--color-contour)"
              strokeOpacity={DOTTED.has(l.id) ? 0.45 : 0.9}
              strokeWidth={l.id.endsWith("contour") || l.id === "profile" ? 1.3 : 1}
              strokeDasharray={DOTTED.has(l.id) ? "1 3" : undefined}
            />
          )),
        )}
    </g>
  );
}

type Skin = { head: FacePoint[]; neck: FacePoint[] | null; behind: FacePoint[] | null };

/** The skin, so that no part floats: the head, and the neck down to the shoulders; from the back the jaw looks out behind it. */
function skinOf(view: View, lines: readonly Line[]): Skin {
  const of = (id: string) => pointsOf(lines.find((l) => l.id === id)?.points ?? []);
  if (view === "side")
    return {
      head: [...of("profile"), ...of("under-chin-neck"), ...of("back-contour").reverse()],
      neck: null,
      behind: null,
    };
  const whole = (half: FacePoint[]) => [...half, ...half.map(mirrored).reverse()];
  return {
    head: of("head-contour"),
    neck: whole([...of("neck"), ...of("shoulder"), { x: 3.05, y: -4.6 }]),
    behind: view === "back" ? whole(of("jaw-behind")) : null,
  };
}

function both(l: Line, frame: Frame): FacePoint[][] {
  const points = pointsOf(l.points);
  return l.paired && frame.view !== "side" ? [points, points.map(mirrored)] : [points];
}

export function Features({ reference, frame }: { reference: Reference; frame: Frame }) {
  const uid = useId();
  const lines = reference.atlas.features[frame.view] ?? [];
  return (
    <g pointerEvents="none" fill="none" stroke="var(--color-contour)" strokeLinecap="round">
      <defs>
        {lines
          .filter((l) => lines.some((o) => o.clip_to === l.id))
          .flatMap((l) =>
            both(l, frame).map((p, i) => (
              <clipPath key={`${l.id}-${i}`} id={`${uid}-${l.id}-${i}`}>
                <path d={facePath(p, frame, true)} />
              </clipPath>
            )),
          )}
      </defs>
      {lines
        .filter((l) => !UNDER[frame.view].has(l.id))
        .flatMap((l) =>
          both(l, frame).map((p, i) => (
            <path
              key={`${l.id}-${i}`}
              d={facePath(p, frame, l.closed)}
              clipPath={l.clip_to ? `url(#${uid}-${l.clip_to}-${i})` : undefined}
              fill={
                l.id === "eye-opening"
                  ? "var(--color-field)"
                  : l.id === "pupil" || l.id === "nostril" || l.id === "brow"
                    ? "var(--color-contour)"
                    : "none"
              }
              fillOpacity={l.id === "brow" ? 0.35 : l.id === "nostril" ? 0.7 : 1}
              strokeWidth={l.light ? 0.6 : SOLID.has(l.id) ? 0.9 : 1}
              strokeOpacity={l.light ? 0.5 : 0.9}
            />
          )),
        )}
    </g>
  );
}

type Landmark = Atlas["landmarks"][number];

/** Landmarks that can be seen, and touched, in a view. */
export const seenLandmarks = (reference: Reference, view: View): readonly Landmark[] =>
  reference.atlas.landmarks.filter((l) =>
    view === "front"
      ? l.surface !== "back"
      : view === "side"
        ? l.z !== null && l.id !== "axilla"
        : l.surface === "back",
  );

export function ZoneWash({
  reference,
  frame,
  zones,
  flow,
}: {
  reference: Reference;
  frame: Frame;
  zones: readonly string[];
  flow: readonly string[];
}) {
  return (
    <g pointerEvents="none">
      {zones.flatMap((id) => {
        const zone = reference.zoneById.get(id);
        if (!zone || zone.view !== VIEW_IDS[frame.view]) return [];
        const outline = pointsOf(zone.polygon);
        return halvesIn(frame.view).map((half) => {
          const at = toPixel(centroid(onHalf(outline, half)), frame);
          const deg = zone.drain_dir_deg_left;
          const flows =
            flow.includes(id) && deg !== null && (zone.drain_dir_view ?? "frontal") === VIEW_IDS[frame.view];
          const turn = half === "left" ? (deg ?? 0) : 180 - (deg ?? 0);
          const drawn = rightwards(frame) === 1 || frame.view === "side" ? turn : 180 - turn;
          return (
            <g key={`${id}-${half}`} data-zone={id}>
              <path
                d={facePath(onHalf(outline, half), frame, true)}
                fill="var(--color-skin-only)"
                fillOpacity={0.13}
                stroke="var(--color-skin-only)"
                strokeOpacity={0.45}
                strokeWidth={0.7}
              />
              {flows && (
                <g
                  transform={`translate(${at.x} ${at.y}) rotate(${-drawn})`}
                  stroke="var(--color-skin-only)"
                  fill="none"
                  strokeWidth={1.5}
                  strokeLinecap="round"
                >
                  {[-6, 0, 6].map((y) => (
                    <path key={y} d={`M-11 ${y}q5 -3 10 0t10 0m-4 -3.5l4.4 3.4l-4.6 3`} />
                  ))}
                </g>
              )}
            </g>
          );
        });
      })}
    </g>
  );
}

export function LostZones({
  reference,
  frame,
  zones,
}: {
  reference: Reference;
  frame: Frame;
  zones: readonly { zone: string; weight: number }[];
}) {
  return (
    <g pointerEvents="none">
      {zones.flatMap(({ zone, weight }) =>
        halvesIn(frame.view).flatMap((half) => {
          if (reference.zoneById.get(zone)?.view !== VIEW_IDS[frame.view]) return [];
          const outline = pointsOf(reference.zoneById.get(zone)?.polygon ?? []);
          return (
            <path
              key={`${zone}-${half}`}
              data-lost-zone={zone}
              d={facePath(onHalf(outline, half), frame, true)}
              fill="url(#hatch-lost)"
              fillOpacity={0.25 + 0.6 * weight}
              stroke="var(--color-now)"
              strokeWidth={0.6 + 1.2 * weight}
            />
          );
        }),
      )}
    </g>
  );
}

export function Hazards({
  reference,
  frame,
  only,
  alarms,
}: {
  reference: Reference;
  frame: Frame;
  only: readonly string[] | null;
  alarms: readonly string[];
}) {
  return (
    <g pointerEvents="none">
      {reference.atlas.hazards
        .filter((h) => only === null || only.includes(h.id))
        .flatMap((h) => [
          { id: h.id, view: h.view, rings: [h.polygon, ...(h.hole ? [h.hole] : [])] },
          ...(h.also ?? []).map((o) => ({ id: h.id, view: o.view, rings: [o.polygon] })),
        ])
        .filter((h) => h.view === VIEW_IDS[frame.view])
        .flatMap((h) =>
          halvesIn(frame.view).map((half) => (
            <path
              key={`${h.id}-${half}`}
              data-hazard={h.id}
              d={h.rings.map((ring) => facePath(onHalf(pointsOf(ring), half), frame, true)).join(" ")}
              fillRule="evenodd"
              fill="url(#alarm)"
              fillOpacity={alarms.includes(h.id) ? 0.8 : 0.32}
              stroke="var(--color-safety)"
              strokeWidth={alarms.includes(h.id) ? 1.8 : 0.8}
            />
          )),
        )}
    </g>
  );
}

export function Landmarks({
  reference,
  frame,
  picking,
  active,
}: {
  reference: Reference;
  frame: Frame;
  picking: Picking | null;
  active: string | null;
}) {
  return (
    <g>
      {seenLandmarks(reference, frame.view)
        .map((l) => ({ ...l, at: placeOf(l, frame.view) }))
        .flatMap((l) =>
          (l.midline || frame.view === "side" ? [l.at] : [l.at, mirrored(l.at)]).map((p, i) => {
            const at = toPixel(p, frame);
            const first = i === 0;
            if (!picking)
              return (
                <circle
                  key={`${l.id}-${i}`}
                  cx={at.x}
                  cy={at.y}
                  r={2}
                  fill={l.bony ? "var(--color-contour)" : "var(--color-paper)"}
                  stroke="var(--color-contour)"
                  strokeWidth={0.9}
                >
                  <title>{l.name}</title>
                </circle>
              );
            return (
              <g
                key={`${l.id}-${i}`}
                id={first ? `plate-${l.id}` : undefined}
                role={first ? "option" : "presentation"}
                aria-selected={first ? active === l.id : undefined}
                aria-label={first ? l.name : undefined}
                data-landmark={l.id}
                onClick={() => picking.onPick(l.id)}
                className="group"
              >
                <title>{l.name}</title>
                <circle cx={at.x} cy={at.y} r={8} fill="transparent" />
                <circle
                  cx={at.x}
                  cy={at.y}
                  r={active === l.id ? 5.5 : 3.4}
                  className="group-hover:fill-[var(--color-now)]"
                  fill={active === l.id ? "var(--color-now)" : "var(--color-field)"}
                  stroke="var(--color-now)"
                  strokeWidth={1.3}
                />
              </g>
            );
          }),
        )}
    </g>
  );
}
