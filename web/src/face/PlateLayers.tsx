import type { Picking, Stroke } from "./FacePlate";
import type { Reference } from "./atlas";
import { centroid, facePath, mirrored, pointsOf, toPixel, type FacePoint, type Frame } from "./frame";
import { HALVES, onHalf } from "./MuscleFigure";

const SOLID = new Set(["eye-opening", "iris", "pupil", "brow", "nostril"]);

export function Contours({ reference, frame }: { reference: Reference; frame: Frame }) {
  const lines = reference.atlas.features["front"] ?? [];
  const head = lines.find((l) => l.id === "head-contour");
  const below = lines.filter((l) =>
    ["neck", "shoulder", "collarbone", "jugular-notch", "hairline", "ear", "ear-inner"].includes(l.id),
  );
  return (
    <g strokeLinejoin="round">
      <NeckFill frame={frame} />
      {below
        .filter((l) => l.id === "ear")
        .flatMap((l) =>
          both(l).map((p, i) => (
            <path
              key={i}
              d={facePath(p, frame, true)}
              fill="var(--color-skin)"
              stroke="var(--color-contour)"
              strokeWidth={1.1}
            />
          )),
        )}
      {head && (
        <path
          d={facePath(pointsOf(head.points), frame, true)}
          fill="var(--color-skin)"
          stroke="var(--color-contour)"
          strokeWidth={1.3}
        />
      )}
      {below
        .filter((l) => l.id !== "ear")
        .flatMap((l) =>
          both(l).map((p, i) => (
            <path
              key={`${l.id}-${i}`}
              d={facePath(p, frame, l.closed)}
              fill="none"
              stroke="var(--color-contour)"
              strokeOpacity={l.id === "hairline" ? 0.45 : 0.9}
              strokeWidth={1}
              strokeDasharray={l.id === "hairline" ? "1 3" : undefined}
            />
          )),
        )}
    </g>
  );
}

/** The neck's skin, so that the head does not float: from below the ears down to the collarbones. */
function NeckFill({ frame }: { frame: Frame }) {
  const side: FacePoint[] = [
    { x: 0.8, y: -1.3 },
    { x: 0.83, y: -2.2 },
    { x: 1.25, y: -3 },
    { x: 3, y: -3.9 },
    { x: 3, y: -4.6 },
  ];
  const ring = [...side, ...side.map(mirrored).reverse()].map((p) => toPixel(p, frame));
  return <path d={`M${ring.map((p) => `${p.x} ${p.y}`).join("L")}Z`} fill="var(--color-skin)" fillOpacity={0.75} />;
}

function both(l: { paired: boolean | null; points: number[][] }): FacePoint[][] {
  const points = pointsOf(l.points);
  return l.paired ? [points, points.map(mirrored)] : [points];
}

export function Features({ reference, frame }: { reference: Reference; frame: Frame }) {
  const skip = new Set([
    "head-contour",
    "neck",
    "shoulder",
    "collarbone",
    "jugular-notch",
    "hairline",
    "ear",
    "ear-inner",
  ]);
  return (
    <g pointerEvents="none" fill="none" stroke="var(--color-contour)" strokeLinecap="round">
      {(reference.atlas.features["front"] ?? [])
        .filter((l) => !skip.has(l.id))
        .flatMap((l) =>
          both(l).map((p, i) => (
            <path
              key={`${l.id}-${i}`}
              d={facePath(p, frame, l.closed)}
              fill={
                l.id === "eye-opening"
                  ? "var(--color-field)"
                  : l.id === "pupil" || l.id === "nostril"
                    ? "var(--color-contour)"
                    : l.id === "brow"
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
        if (!zone || zone.view !== "frontal") return [];
        const outline = pointsOf(zone.polygon);
        return HALVES.map((half) => {
          const at = toPixel(centroid(onHalf(outline, half)), frame);
          const deg = zone.drain_dir_deg_left;
          const flows =
            flow.includes(id) && deg !== null && (zone.drain_dir_view === null || zone.drain_dir_view === "frontal");
          const turn = half === "left" ? (deg ?? 0) : 180 - (deg ?? 0);
          const drawn = frame.viewer === "facing" ? turn : 180 - turn;
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
        HALVES.map((half) => {
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
        .filter((h) => h.view === "frontal" && (only === null || only.includes(h.id)))
        .flatMap((h) =>
          HALVES.map((half) => (
            <path
              key={`${h.id}-${half}`}
              data-hazard={h.id}
              d={[h.polygon, ...(h.hole ? [h.hole] : [])]
                .map((ring) => facePath(onHalf(pointsOf(ring), half), frame, true))
                .join(" ")}
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
      {reference.atlas.landmarks
        .filter((l) => l.surface !== "back")
        .flatMap((l) =>
          (l.midline || l.x === 0
            ? [{ x: l.x, y: l.y }]
            : [
                { x: l.x, y: l.y },
                { x: -l.x, y: l.y },
              ]
          ).map((p, i) => {
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

export function StrokeLine({ stroke, frame }: { stroke: Stroke; frame: Frame }) {
  const { points, sides, widthIpd } = stroke;
  if (points.length === 0) return null;
  const halves =
    sides === "left" || sides === "midline"
      ? [points]
      : sides === "right"
        ? [points.map(mirrored)]
        : [points, points.map(mirrored)];
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
