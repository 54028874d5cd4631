import { fromAbove, type PlateMuscle, type Reference } from "./atlas";
import { facePath, pointsOf, rightwards, type Frame, type Viewer } from "./frame";
import { HALVES, MuscleFigure, onHalf, type Half } from "./MuscleFigure";
import { weightOf, type ToneId } from "./tones";

type Figure = { readonly tone: ToneId; readonly strength: string };

/** Size of one eye socket seen from above, in pixels of the plate. */
export const ORBIT = { width: 88, height: 118 } as const;
const PIXELS_PER_IPD = 108;
/** Lines are drawn thinner than on the face: the socket is small. */
const THIN = 0.4;
/** Middle of the socket in the face frame. */
const MIDDLE_X = 0.5;

/** The eye socket of one half of the face, and where it lies on the paper. */
export type Socket = { readonly half: Half; readonly frame: Frame; readonly middle: number };

/** @param top Where the sockets begin on the paper, in pixels; `width` is the plate's. */
export function socketsAt(viewer: Viewer, top: number, width: number): Socket[] {
  return HALVES.map((half) => {
    const from = { view: "front", viewer, pixelsPerIpd: PIXELS_PER_IPD } as const;
    const towards = (half === "left" ? 1 : -1) * rightwards(from);
    const middle = towards > 0 ? width - ORBIT.width / 2 - 2 : ORBIT.width / 2 + 2;
    const centre = { x: middle - towards * MIDDLE_X * PIXELS_PER_IPD, y: top + ORBIT.height - 22 };
    return { half, middle, frame: { ...from, centre } };
  });
}

/**
 * Both eye sockets from above, each in the corner of its own side: what moves the eyeball cannot be seen from the front.
 */
export function OrbitInset({
  reference,
  sockets,
  top,
  figureOf,
  only,
  chosen,
  onChoose,
}: {
  reference: Reference;
  sockets: readonly Socket[];
  top: number;
  figureOf: (structure: string, half: Half) => Figure | null;
  /** The structures that only show here: they are chosen here, by touch and by keys. */
  only: readonly PlateMuscle[];
  chosen: string | null;
  onChoose: ((structure: string) => void) | null;
}) {
  const any = reference.fromAbove.some((m) => HALVES.some((h) => figureOf(m.id, h)));
  return (
    <g data-inset="orbits">
      {sockets.map(({ half, frame, middle }) => {
        return (
          <g key={half} data-orbit={half}>
            {(reference.atlas.features["top"] ?? []).map((l) => (
              <path
                key={l.id}
                d={facePath(onHalf(pointsOf(l.points).map(fromAbove), half), frame, l.closed)}
                fill={l.id === "globe" ? "var(--color-field)" : "none"}
                stroke="var(--color-contour)"
                strokeWidth={l.light ? 0.6 : l.id.startsWith("orbit") ? 1.1 : 0.8}
                strokeOpacity={l.light ? 0.5 : 0.9}
              />
            ))}
            {reference.fromAbove.map((m) => {
              const figure = figureOf(m.id, half);
              const option = half === "left" && onChoose !== null && only.includes(m);
              return (
                <g
                  key={m.id}
                  id={option ? `plate-${m.id}` : undefined}
                  role={option ? "option" : "presentation"}
                  aria-selected={option ? chosen === m.id : undefined}
                  aria-label={option ? m.both : undefined}
                  data-structure={m.id}
                  data-half={half}
                  onClick={onChoose ? () => onChoose(m.id) : undefined}
                >
                  <title>{m.both}</title>
                  <MuscleFigure
                    id={m.id}
                    shape={m.shape}
                    half={half}
                    frame={frame}
                    tone={figure?.tone ?? null}
                    weight={THIN * weightOf(figure?.strength ?? "primary")}
                    depth={m.depth}
                    deep={false}
                    faint={any}
                  />
                </g>
              );
            })}
            <text
              x={middle}
              y={top + ORBIT.height - 1}
              textAnchor="middle"
              fontSize={9}
              fill="var(--color-faded)"
              fontFamily="var(--font-sans)"
            >
              {half} eye, from above
            </text>
          </g>
        );
      })}
    </g>
  );
}
