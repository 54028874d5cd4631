import { memo } from "react";
import {
  between,
  placeOn,
  facePath,
  mirrored,
  pointsOf,
  toPixel,
  type FacePoint,
  type Frame,
  type View,
} from "./frame";
import { tones, type ToneId } from "./tones";

/** A muscle in one view: the subject's left half as stored; in front and behind the right is its mirror. */
export type Shape = {
  readonly outline: readonly FacePoint[];
  readonly fibres: readonly (readonly FacePoint[])[];
  readonly holes: readonly (readonly FacePoint[])[];
  /** A place on it, near its middle: for its name and its pin. Worked out once. */
  readonly on: FacePoint;
};
export type Half = "left" | "right";
export const HALVES: readonly Half[] = ["left", "right"];
const LEFT_ONLY: readonly Half[] = ["left"];

/** The side view shows the subject's left side alone. */
export const halvesIn = (view: View) => (view === "side" ? LEFT_ONLY : HALVES);

export function shapeOf(view: {
  polygon: null | number[][];
  fibre_lines: null | number[][][];
  holes: null | unknown[][];
}): Shape {
  const outline = pointsOf(view.polygon ?? []);
  const fibres = (view.fibre_lines ?? []).map(pointsOf);
  const holes = (view.holes ?? []).map((ring) => pointsOf(ring as number[][]));
  return { outline, fibres, holes, on: placeOn(outline, fibres) };
}

export const onHalf = (points: readonly FacePoint[], half: Half) => (half === "left" ? points : points.map(mirrored));

type Props = {
  id: string;
  shape: Shape;
  half: Half;
  frame: Frame;
  tone: ToneId | null;
  weight: number;
  /** 2 lies in the skin, 4 is the last that is felt from outside. */
  depth: number;
  deep: boolean;
  faint: boolean;
};

/** One muscle on one half, drawn by how it is worked: never by colour alone. */
export const MuscleFigure = memo(function MuscleFigure({
  id,
  shape,
  half,
  frame,
  tone,
  weight,
  depth,
  deep,
  faint,
}: Props) {
  const outline = [shape.outline, ...shape.holes].map((ring) => facePath(onHalf(ring, half), frame, true)).join(" ");
  const fibres = shape.fibres.map((f) => onHalf(f, half));
  if (!tone)
    return (
      <>
        <path
          d={outline}
          fillRule="evenodd"
          fill="var(--color-fibre)"
          fillOpacity={deep ? 0.05 : faint ? 0.04 : 0.07}
          stroke={deep ? "var(--color-fibre)" : "none"}
          strokeOpacity={0.4}
          strokeWidth={0.6}
          strokeDasharray={deep ? "2 2" : undefined}
        />
        {!deep && (
          <path
            d={closely(fibres)
              .map((f) => burinLine(f, frame, LINE_BY_DEPTH[depth] ?? 0.8))
              .join("")}
            fill="var(--color-fibre)"
            fillOpacity={faint ? 0.3 : 0.62}
          />
        )}
      </>
    );
  const { hue, mark } = tones[tone];
  const slight = weight < 0.3 || (weight < 0.5 && tone === "covered-otherwise");
  const lines = mark === "tight" ? closely(fibres) : fibres;
  const pattern =
    !slight && (mark === "stipple" || mark === "loops" || mark === "hatch") ? `url(#${mark}-${tone})` : undefined;
  const pin = toPixel(half === "left" ? shape.on : mirrored(shape.on), frame);
  return (
    <g data-tone={tone} data-figure={id}>
      <path
        d={outline}
        fillRule="evenodd"
        fill={hue}
        fillOpacity={mark === "pinned" || slight ? 0.05 : 0.1 + 0.16 * weight}
        stroke={hue}
        strokeOpacity={0.55 + 0.35 * weight}
        strokeWidth={0.4 + 0.7 * weight}
        strokeDasharray={mark === "pinned" ? "4 3" : undefined}
      />
      {pattern && <path d={outline} fillRule="evenodd" fill={pattern} fillOpacity={0.12 + 0.88 * weight} />}
      {mark !== "pinned" && (
        <path
          d={lines.map((f) => facePath(f, frame, false)).join("")}
          fill="none"
          stroke={hue}
          strokeLinecap="round"
          strokeWidth={(mark === "tight" || mark === "held" ? 0.6 : 0.5) + weight * (mark === "held" ? 1.3 : 0.7)}
          strokeDasharray={mark === "apart" ? "1.5 5" : mark === "loosening" ? "7 3" : undefined}
          strokeOpacity={pattern ? 0.35 : slight ? 0.4 : 0.9}
        />
      )}
      {mark === "held" && fibres.map((f, i) => <Bars key={i} fibre={f} frame={frame} hue={hue} />)}
      {mark === "pinned" && (
        <g stroke={hue} fill="none" strokeWidth={1.2}>
          <circle cx={pin.x} cy={pin.y - 5} r={2.4} fill="var(--color-paper)" />
          <path d={`M${pin.x} ${pin.y - 2.6}v6`} />
        </g>
      )}
    </g>
  );
});

/** Widest of a line in pixels: the nearer to the skin, the heavier, as an engraver cuts it. */
const LINE_BY_DEPTH: Readonly<Record<number, number>> = { 1: 1.1, 2: 1.1, 3: 0.85, 4: 0.65 };

/** The fibres with one more between each two. */
const closely = (fibres: readonly (readonly FacePoint[])[]) =>
  fibres.flatMap((f, i) => (i === 0 ? [f] : [between(fibres[i - 1] ?? f, f), f]));

/** A line that swells towards its middle and ends in nothing, as a closed ring. */
function burinLine(fibre: readonly FacePoint[], frame: Frame, widest: number): string {
  const points = fibre.map((p) => toPixel(p, frame));
  const last = points.length - 1;
  if (last < 1) return "";
  const edge = (side: 1 | -1) =>
    points.map((p, i) => {
      const [a, b] = [points[Math.max(0, i - 1)] ?? p, points[Math.min(last, i + 1)] ?? p];
      const length = Math.hypot(b.x - a.x, b.y - a.y) || 1;
      const half = (side * widest * (0.15 + Math.sin((Math.PI * i) / last) * 0.85)) / 2;
      return `${(p.x - ((b.y - a.y) / length) * half).toFixed(1)} ${(p.y + ((b.x - a.x) / length) * half).toFixed(1)}`;
    });
  return `M${edge(1).join("L")}L${edge(-1).reverse().join("L")}Z`;
}

/** Short bars at both ends of a fibre: it pushes and nothing moves. */
function Bars({ fibre, frame, hue }: { fibre: readonly FacePoint[]; frame: Frame; hue: string }) {
  const [first, last] = [fibre[0], fibre[fibre.length - 1]];
  if (!first || !last) return null;
  const [a, b] = [toPixel(first, frame), toPixel(last, frame)];
  const length = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  const across = { x: (-(b.y - a.y) / length) * 2.6, y: ((b.x - a.x) / length) * 2.6 };
  return (
    <>
      {[a, b].map((p, i) => (
        <path
          key={i}
          d={`M${p.x - across.x} ${p.y - across.y}L${p.x + across.x} ${p.y + across.y}`}
          stroke={hue}
          strokeWidth={1.2}
        />
      ))}
    </>
  );
}
