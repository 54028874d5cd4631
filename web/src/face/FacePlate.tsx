import { useId, useMemo, useState, type KeyboardEvent, type ReactNode } from "react";
import { isKey, plateKeys } from "../shell/keys";
import { DEEPEST_SHOWN, useReference, type PlateMuscle, type PlateTissue, type Reference } from "./atlas";
import {
  centroid,
  mirrored,
  pointsOf,
  rightwards,
  toPixel,
  type FacePoint,
  type Frame,
  type Pixel,
  type View,
  type Viewer,
} from "./frame";
import { placeLabels, type LabelWish } from "./labels";
import { halvesIn, MuscleFigure, type Half } from "./MuscleFigure";
import {
  Contours,
  Features,
  Hazards,
  Landmarks,
  LostZones,
  placeOf,
  seenLandmarks,
  StrokeLine,
  ZoneWash,
} from "./PlateLayers";
import { LymphChains, PointMarks, TissueFigures } from "./PlateMarks";
import { ORBIT, OrbitInset } from "./OrbitInset";
import { usePlateView } from "./plateView";
import { useDrawing } from "./useDrawing";
import { cn } from "../ui/cn";
import { tones, weightOf, type ToneId } from "./tones";

/** A structure lit on the plate, and how. */
export type Lit = { structure: string; side: string; tone: ToneId; strength: string; label?: string };
/** A stroke through places of the face, for the subject's left; drawn on the sides it works. */
export type Stroke = {
  id: string;
  points: readonly FacePoint[];
  /** The same places in the side view; empty when they are not known there. */
  sidePoints: readonly FacePoint[];
  widthIpd: number;
  sides: string;
};
/** A place is asked for: by a touch, or by a line drawn over the front of the face. */
export type Picking = {
  asks: string;
  onPick: (landmark: string) => void;
  onDraw?: (places: readonly FacePoint[]) => void;
};

export type PlateContent = {
  lit?: readonly Lit[];
  strokes?: readonly Stroke[];
  zones?: readonly string[];
  flow?: readonly string[];
  alarms?: readonly string[];
  /** Zones over which marks were lost, with their weight from 0 to 1. */
  lostZones?: readonly { zone: string; weight: number }[];
  selected?: string | null;
  onSelect?: (structure: string | null) => void;
  picking?: Picking | null;
  legend?: ReactNode;
};

const WIDTH = 430;

type Crop = { top: number; bottom: number; pixelsPerIpd: number; middle: number };
const FACE: Crop = { top: 1.92, bottom: -2.75, pixelsPerIpd: 127, middle: 0 };
const BUST: Crop = { top: 1.92, bottom: -3.95, pixelsPerIpd: 86, middle: 0 };
/** The face looks to the narrower side of the paper: room for names in front of the nose. */
const SIDE: Crop = { top: 1.92, bottom: -3.85, pixelsPerIpd: 98, middle: -1.05 };
const BACK: Crop = { top: 1.92, bottom: -3.6, pixelsPerIpd: 104, middle: 0 };

function frameOf(view: View, viewer: Viewer, bust: boolean): { frame: Frame; height: number } {
  const crop = view === "side" ? SIDE : view === "back" ? BACK : bust ? BUST : FACE;
  const frame = { view, viewer, pixelsPerIpd: crop.pixelsPerIpd, centre: { x: 0, y: crop.top * crop.pixelsPerIpd } };
  const x = WIDTH / 2 - rightwards(frame) * crop.middle * crop.pixelsPerIpd;
  return {
    frame: { ...frame, centre: { ...frame.centre, x } },
    height: Math.round((crop.top - crop.bottom) * crop.pixelsPerIpd),
  };
}

/** The engraved plate: contours, muscles, what is lit, strokes, names in the margin. One drawing for screen, paper and picture. */
export function FacePlate({ content, compact = false }: { content: PlateContent; compact?: boolean }) {
  const uid = useId();
  const reference = useReference();
  const { view, viewer, layers, peeled, nearness } = usePlateView();
  const [active, setActive] = useState<string | null>(null);
  const lit = useMemo(() => strongestOf(content.lit ?? []), [content.lit]);
  const bust = needsNeck(reference, lit, content);
  // One frame as long as nothing turns: figures that did not change are not drawn again.
  const { frame, height } = useMemo(() => frameOf(view, viewer, bust), [view, viewer, bust]);
  const muscles = reference.muscles[view].filter((m) => m.depth > peeled || lit.has(m.id) || content.selected === m.id);
  const tissues = reference.tissues[view].filter((t) => layers.has("tissues") || t.id === content.selected);
  const halves = halvesIn(view);
  const picking = content.picking ?? null;
  const drawing = useDrawing(view === "front" ? picking?.onDraw : undefined, frame);

  const chosen = content.selected ?? null;
  const near = compact ? 1 : nearness;
  // The sockets stand where the paper is empty: beside the neck, or above the ears when the neck is drawn.
  const sockets =
    view === "front" && near === 1 && !picking && showsSockets(reference, lit, chosen, layers.has("deep"));
  const onlyAbove = sockets ? reference.fromAbove.filter((m) => muscles.every((f) => f.id !== m.id)) : [];
  const choices: readonly { id: string; name: string; at: FacePoint }[] = picking
    ? seenLandmarks(reference, view).map((l) => ({ id: l.id, name: l.name, at: placeOf(l, view) }))
    : [
        ...[...muscles.filter((m) => visible(m, lit, layers.has("deep"), chosen)), ...tissues].map((m) => ({
          id: m.id,
          name: m.name,
          at: middleOf(m),
        })),
        // Last in order: they stand at the foot of the paper.
        ...onlyAbove.map((m) => ({ id: m.id, name: m.name, at: { x: middleOf(m).x, y: -10 } })),
      ];
  const order = [...choices].sort((a, b) => b.at.y - a.at.y || a.at.x - b.at.x);
  const choose = (id: string) => (picking ? picking.onPick(id) : content.onSelect?.(id === chosen ? null : id));

  const onKeyDown = (e: KeyboardEvent) => {
    const at = order.findIndex((c) => c.id === active);
    const step =
      isKey(e, plateKeys.next) || e.key === "ArrowDown"
        ? 1
        : isKey(e, plateKeys.before) || e.key === "ArrowUp"
          ? -1
          : 0;
    if (step !== 0) setActive(order[(at + step + order.length) % order.length]?.id ?? null);
    else if (isKey(e, plateKeys.choose) && active) choose(active);
    else if (isKey(e, plateKeys.clear)) {
      setActive(null);
      content.onSelect?.(null);
    } else return;
    e.preventDefault();
    e.stopPropagation();
  };

  const corner = cornerOf(height, near, focusOf(reference, view, lit, chosen), frame);
  // Names stand in the margin of what is looked at, in letters of one size however near that is.
  const wishes = labelWishes(reference, lit, chosen, active, picking !== null, tissues, frame).map((w) => ({
    ...w,
    anchors: w.anchors.map((a) => ({ x: (a.x - corner.x) * near, y: (a.y - corner.y) * near })),
  }));
  const socketsTop = bust ? 4 : height - ORBIT.height - 4;
  const labels = placeLabels(wishes, WIDTH / 2, {
    top: sockets && bust ? socketsTop + ORBIT.height + 4 : 6,
    bottom: sockets && !bust ? socketsTop - 4 : height - 6,
  });
  const figureOf = (id: string, half: Half) =>
    chosen === id
      ? ({ tone: "chosen", strength: "primary" } as const)
      : (lit.get(id)?.find((l) => isOn(l.side, half)) ?? null);
  return (
    <svg
      viewBox={`${corner.x} ${corner.y} ${WIDTH / near} ${height / near}`}
      className={cn("block h-auto w-full select-none", drawing.ready && "cursor-crosshair touch-none")}
      {...drawing.handlers}
      role="listbox"
      aria-label={picking ? `Face plate: ${picking.asks}` : "Face plate: structures"}
      tabIndex={compact ? -1 : 0}
      aria-activedescendant={active ? `plate-${active}` : undefined}
      onKeyDown={onKeyDown}
      data-picking={picking ? "true" : undefined}
    >
      <defs>
        <linearGradient id={`fade-${uid}`} x1="0" x2="0" y1="0" y2="1">
          <stop offset="0.88" stopColor="white" />
          <stop offset="1" stopColor="black" />
        </linearGradient>
        <mask id={`edge-${uid}`}>
          <rect width={WIDTH} height={height} fill={`url(#fade-${uid})`} />
        </mask>
      </defs>
      <g mask={`url(#edge-${uid})`}>
        <Contours reference={reference} frame={frame} />
        {content.zones && (
          <ZoneWash reference={reference} frame={frame} zones={content.zones} flow={content.flow ?? []} />
        )}
        {content.lostZones && <LostZones reference={reference} frame={frame} zones={content.lostZones} />}
        {layers.has("zones") && (
          <ZoneWash reference={reference} frame={frame} zones={reference.atlas.zones.map((z) => z.id)} flow={[]} />
        )}
        {layers.has("muscles") &&
          muscles
            .filter((m) => visible(m, lit, layers.has("deep"), chosen))
            .flatMap((m) =>
              halves.map((half) => {
                const here = figureOf(m.id, half);
                return (
                  <g
                    key={`${m.id}-${half}`}
                    id={half === "left" ? `plate-${m.id}` : undefined}
                    role={half === "left" && !picking ? "option" : "presentation"}
                    aria-selected={half === "left" && !picking ? chosen === m.id : undefined}
                    aria-label={half === "left" && !picking ? m.name : undefined}
                    data-structure={m.id}
                    onClick={() => !picking && content.onSelect && choose(m.id)}
                    className={content.onSelect && !picking ? "hover:opacity-80" : undefined}
                  >
                    <title>{m.name}</title>
                    <MuscleFigure
                      id={m.id}
                      shape={m.shape}
                      half={half}
                      frame={frame}
                      tone={here?.tone ?? null}
                      weight={weightOf(here?.strength ?? "primary")}
                      deep={m.depth > DEEPEST_SHOWN}
                      faint={lit.size > 0 || chosen !== null}
                    />
                  </g>
                );
              }),
            )}
        <TissueFigures
          tissues={tissues}
          frame={frame}
          chosen={chosen}
          onChoose={content.onSelect && !picking ? choose : null}
        />
        <Features reference={reference} frame={frame} />
        {(layers.has("hazards") || (content.alarms?.length ?? 0) > 0) && (
          <Hazards
            reference={reference}
            frame={frame}
            only={layers.has("hazards") ? null : (content.alarms ?? [])}
            alarms={content.alarms ?? []}
          />
        )}
        {layers.has("lymph") && <LymphChains reference={reference} frame={frame} />}
        {layers.has("points") && <PointMarks reference={reference} frame={frame} nearness={near} />}
        {(content.strokes ?? []).map((s) => (
          <StrokeLine key={s.id} stroke={s} frame={frame} />
        ))}
        {drawing.line && (
          <path
            d={`M${drawing.line.map((p) => `${p.x} ${p.y}`).join("L")}`}
            fill="none"
            stroke="var(--color-now)"
            strokeWidth={3}
            strokeLinecap="round"
            strokeLinejoin="round"
            pointerEvents="none"
            data-drawing
          />
        )}
        {(picking !== null || layers.has("landmarks")) && (
          <Landmarks reference={reference} frame={frame} picking={picking} active={active} />
        )}
      </g>
      {sockets && (
        <OrbitInset
          reference={reference}
          viewer={viewer}
          top={socketsTop}
          width={WIDTH}
          figureOf={figureOf}
          only={onlyAbove}
          chosen={chosen}
          onChoose={content.onSelect ? choose : null}
        />
      )}
      <g
        aria-hidden="true"
        transform={near === 1 ? undefined : `translate(${corner.x} ${corner.y}) scale(${1 / near})`}
        fontSize={11}
        fill="var(--color-ink)"
        fontFamily="var(--font-sans)"
      >
        {labels.map((l) => {
          const x = l.margin === "left" ? 4 : WIDTH - 4;
          const middle = l.top + (l.lines.length * 12) / 2;
          const edge =
            l.margin === "left"
              ? 4 + Math.max(...l.lines.map((t) => t.length)) * 5.2 + 4
              : WIDTH - 8 - Math.max(...l.lines.map((t) => t.length)) * 5.2;
          return (
            <g key={l.id}>
              <path
                d={`M${edge} ${middle}L${l.anchor.x} ${l.anchor.y}`}
                stroke="var(--color-contour)"
                strokeWidth={0.6}
                fill="none"
              />
              <circle cx={l.anchor.x} cy={l.anchor.y} r={1.5} fill="var(--color-contour)" />
              {l.lines.map((text, i) => (
                <text
                  key={i}
                  x={x}
                  y={l.top + 10 + i * 12}
                  textAnchor={l.margin === "left" ? "start" : "end"}
                  stroke="var(--color-plate)"
                  strokeWidth={2.5}
                  paintOrder="stroke"
                >
                  {text}
                </text>
              ))}
            </g>
          );
        })}
      </g>
    </svg>
  );
}

/** The upper left corner of what is looked at: nearer round what is chosen or lit, never beyond the edge of the paper. */
function cornerOf(height: number, nearness: number, focus: FacePoint, frame: Frame): Pixel {
  const [w, h] = [WIDTH / nearness, height / nearness];
  const at = toPixel(focus, frame);
  return { x: Math.min(WIDTH - w, Math.max(0, at.x - w / 2)), y: Math.min(height - h, Math.max(0, at.y - h / 2)) };
}

/** What the eye goes to: the chosen structure, else the middle of what is lit, else the middle of the face. */
function focusOf(
  reference: Reference,
  view: View,
  lit: ReadonlyMap<string, readonly Lit[]>,
  chosen: string | null,
): FacePoint {
  const wanted = reference.muscles[view].filter((m) => (chosen ? m.id === chosen : lit.has(m.id)));
  if (wanted.length === 0) return { x: view === "side" ? -0.4 : 0, y: -0.4 };
  const middle = centroid(wanted.map((m) => centroid(m.shape.outline)));
  return chosen || view === "side" ? middle : { x: 0, y: middle.y };
}

/** The middle of an outline, or of the lines where there is none. */
const middleOf = ({ shape }: PlateTissue) => centroid(shape.outline.length > 0 ? shape.outline : shape.fibres.flat());

const isOn = (side: string, half: Half) => side !== (half === "left" ? "right" : "left");

/** One entry a structure and side: the strongest, tightened before kneaded before kept quiet. */
function strongestOf(lit: readonly Lit[]): ReadonlyMap<string, readonly Lit[]> {
  const map = new Map<string, Lit[]>();
  for (const l of [...lit].sort((a, b) => weightOf(b.strength) - weightOf(a.strength))) {
    const here = map.get(l.structure) ?? [];
    if (!here.some((o) => o.side === l.side || o.side === "both")) map.set(l.structure, [...here, l]);
  }
  return map;
}

function visible(m: PlateMuscle, lit: ReadonlyMap<string, readonly Lit[]>, deep: boolean, chosen: string | null) {
  return m.depth <= DEEPEST_SHOWN || deep || lit.has(m.id) || chosen === m.id;
}

/** The eye sockets are drawn from above when what moves the eyes is spoken of, or the deep ones are asked for. */
function showsSockets(
  reference: Reference,
  lit: ReadonlyMap<string, readonly Lit[]>,
  chosen: string | null,
  deep: boolean,
): boolean {
  return deep || reference.fromAbove.some((m) => m.id === chosen || (lit.has(m.id) && !isLid(m.id)));
}

/** The lid lifter lies in the socket too, but shows from the front. */
const isLid = (id: string) => id === "levator-palpebrae";

function needsNeck(reference: Reference, lit: ReadonlyMap<string, readonly Lit[]>, content: PlateContent): boolean {
  const low = (y: number) => y < -2.5;
  if (content.strokes?.some((s) => s.points.some((p) => low(p.y)))) return true;
  const structures = [...lit.entries()].filter(([, l]) => l.some((x) => x.strength !== "incidental")).map(([id]) => id);
  if (content.selected) structures.push(content.selected);
  if (reference.muscles.front.some((m) => structures.includes(m.id) && centroid(m.shape.outline).y < -2)) return true;
  return [...(content.zones ?? []), ...(content.lostZones ?? []).map((z) => z.zone)].some((z) =>
    low(centroid(pointsOf(reference.zoneById.get(z)?.polygon ?? [])).y),
  );
}

function labelWishes(
  reference: Reference,
  lit: ReadonlyMap<string, readonly Lit[]>,
  chosen: string | null,
  active: string | null,
  picking: boolean,
  tissues: readonly PlateTissue[],
  frame: Frame,
): LabelWish[] {
  if (picking) {
    const place = active ? reference.landmarkById.get(active) : undefined;
    return place ? [{ id: place.id, text: place.name, anchors: [toPixel(placeOf(place, frame.view), frame)] }] : [];
  }
  const named = reference.muscles[frame.view].filter(
    (m) => chosen === m.id || active === m.id || lit.get(m.id)?.some((l) => l.strength !== "incidental"),
  );
  const strongest = named
    .sort(
      (a, b) =>
        weightOf(lit.get(b.id)?.[0]?.strength ?? "primary") - weightOf(lit.get(a.id)?.[0]?.strength ?? "primary"),
    )
    .slice(0, 14);
  const besides = tissues.map((t) => {
    const middle = middleOf(t);
    return {
      id: t.id,
      text: t.name,
      anchors: halvesIn(frame.view).map((h) => toPixel(h === "left" ? middle : mirrored(middle), frame)),
    };
  });
  const muscles = strongest.map((m) => {
    const sides = lit.get(m.id);
    const middle = centroid(m.shape.outline);
    const halves = halvesIn(frame.view).filter((h) => !sides || chosen === m.id || sides.some((l) => isOn(l.side, h)));
    return {
      id: m.id,
      text: sides?.[0]?.label ?? m.name,
      anchors: halves.map((h) => toPixel(h === "left" ? middle : mirrored(middle), frame)),
    };
  });
  return [...muscles, ...besides];
}

/** Patterns of every plate on the page, once: two plates may share them, and neither may be hidden with them. */
export function PlatePatterns() {
  return (
    <svg width={0} height={0} className="absolute" aria-hidden="true">
      <defs>
        {(Object.keys(tones) as ToneId[]).map((id) => (
          <TonePattern key={id} id={id} />
        ))}
        <marker
          id="stroke-head"
          viewBox="0 0 10 10"
          refX={6}
          refY={5}
          markerWidth={5}
          markerHeight={5}
          orient="auto-start-reverse"
        >
          <path d="M0 0L10 5L0 10z" fill="var(--color-now)" />
        </marker>
        <pattern id="alarm" width={6} height={6} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V6" stroke="var(--color-safety)" strokeWidth={1.6} />
        </pattern>
      </defs>
    </svg>
  );
}

function TonePattern({ id }: { id: ToneId }) {
  const { mark, hue } = tones[id];
  if (mark === "stipple")
    return (
      <pattern id={`stipple-${id}`} width={6} height={6} patternUnits="userSpaceOnUse">
        <circle cx={1.5} cy={1.5} r={1.05} fill={hue} />
        <circle cx={4.5} cy={4.5} r={1.05} fill={hue} />
      </pattern>
    );
  if (mark === "loops")
    return (
      <pattern id={`loops-${id}`} width={8} height={7} patternUnits="userSpaceOnUse">
        <path d="M0 5c2-1 3-5 4.6-3.4S3 5.6 5 5.4 8 5 8 5" fill="none" stroke={hue} strokeWidth={0.9} />
      </pattern>
    );
  if (mark === "hatch")
    return (
      <pattern id={`hatch-${id}`} width={5} height={5} patternUnits="userSpaceOnUse" patternTransform="rotate(35)">
        <path d="M0 0V5" stroke={hue} strokeWidth={1.5} />
      </pattern>
    );
  return null;
}
