import type { ReactNode } from "react";
import { DEEPEST_SHOWN, type PlateMuscle, type PlateTissue, type Reference } from "./atlas";
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
import type { LabelWish } from "./labels";
import { halvesIn, type Half } from "./MuscleFigure";
import type { Socket } from "./OrbitInset";
import { placeOf } from "./frame";
import type { Lit, Picking, Stroke } from "./plateTypes";
import { weightOf } from "./tones";

export type PlateContent = {
  lit?: readonly Lit[];
  strokes?: readonly Stroke[];
  zones?: readonly string[];
  /** Zones under a hand: what only a hand works is lit most there. */
  touched?: readonly string[];
  flow?: readonly string[];
  alarms?: readonly string[];
  /** Zones over which marks were lost, with their weight from 0 to 1. */
  lostZones?: readonly { zone: string; weight: number }[];
  selected?: string | null;
  onSelect?: (structure: string | null) => void;
  picking?: Picking | null;
  legend?: ReactNode;
};

/** Pixels of the paper across. */
export const WIDTH = 430;

type Crop = { top: number; bottom: number; pixelsPerIpd: number; middle: number };
const FACE: Crop = { top: 1.92, bottom: -2.75, pixelsPerIpd: 127, middle: 0 };
const BUST: Crop = { top: 1.92, bottom: -3.95, pixelsPerIpd: 86, middle: 0 };
/** The face looks to the narrower side of the paper: room for names in front of the nose. */
const SIDE: Crop = { top: 1.92, bottom: -3.85, pixelsPerIpd: 98, middle: -1.05 };
const BACK: Crop = { top: 1.92, bottom: -3.6, pixelsPerIpd: 104, middle: 0 };

export function frameOf(view: View, viewer: Viewer, bust: boolean): { frame: Frame; height: number } {
  const crop = view === "side" ? SIDE : view === "back" ? BACK : bust ? BUST : FACE;
  const frame = { view, viewer, pixelsPerIpd: crop.pixelsPerIpd, centre: { x: 0, y: crop.top * crop.pixelsPerIpd } };
  const x = WIDTH / 2 - rightwards(frame) * crop.middle * crop.pixelsPerIpd;
  return {
    frame: { ...frame, centre: { ...frame.centre, x } },
    height: Math.round((crop.top - crop.bottom) * crop.pixelsPerIpd),
  };
}

/** The upper left corner of what is looked at: nearer round what is chosen or lit, never beyond the edge of the paper. */
export function cornerOf(height: number, nearness: number, focus: FacePoint, frame: Frame): Pixel {
  const [w, h] = [WIDTH / nearness, height / nearness];
  const at = toPixel(focus, frame);
  return { x: Math.min(WIDTH - w, Math.max(0, at.x - w / 2)), y: Math.min(height - h, Math.max(0, at.y - h / 2)) };
}

/** What the eye goes to: the chosen structure, else the middle of what is lit, else the middle of the face. */
export function focusOf(
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

export const isOn = (side: string, half: Half) => side !== (half === "left" ? "right" : "left");

/** One entry a structure and side: the strongest, tightened before kneaded before kept quiet. */
export function strongestOf(lit: readonly Lit[]): ReadonlyMap<string, readonly Lit[]> {
  const map = new Map<string, Lit[]>();
  for (const l of [...lit].sort((a, b) => weightOf(b.strength) - weightOf(a.strength))) {
    const here = map.get(l.structure) ?? [];
    if (!here.some((o) => o.side === l.side || o.side === "both")) map.set(l.structure, [...here, l]);
  }
  return map;
}

export function visible(
  m: PlateMuscle,
  lit: ReadonlyMap<string, readonly Lit[]>,
  deep: boolean,
  chosen: string | null,
) {
  return m.depth <= DEEPEST_SHOWN || deep || lit.has(m.id) || chosen === m.id;
}

/** The eye sockets are drawn from above when what moves the eyes is spoken of, or the deep ones are asked for. */
export function showsSockets(
  reference: Reference,
  lit: ReadonlyMap<string, readonly Lit[]>,
  chosen: string | null,
  deep: boolean,
): boolean {
  return deep || reference.fromAbove.some((m) => m.id === chosen || (lit.has(m.id) && !isLid(m.id)));
}

/** The lid lifter lies in the socket too, but shows from the front. */
export const isLid = (id: string) => id === "levator-palpebrae";

export function needsNeck(
  reference: Reference,
  lit: ReadonlyMap<string, readonly Lit[]>,
  content: PlateContent,
): boolean {
  const low = (y: number) => y < -2.5;
  if (content.strokes?.some((s) => s.points.some((p) => low(p.y)))) return true;
  // Where a stroke is drawn, it says how far down the hands go: what comes along further down does not push the face away.
  const drawn = (content.strokes?.length ?? 0) > 0;
  const asks = (x: Lit) => x.strength === "primary" || (x.strength === "secondary" && !drawn && x.tone !== "inhibited");
  const structures = [...lit.entries()].filter(([, l]) => l.some(asks)).map(([id]) => id);
  if (content.selected) structures.push(content.selected);
  if (reference.muscles.front.some((m) => structures.includes(m.id) && centroid(m.shape.outline).y < -2)) return true;
  return [...(content.zones ?? []), ...(content.lostZones ?? []).map((z) => z.zone)].some((z) =>
    low(centroid(pointsOf(reference.zoneById.get(z)?.polygon ?? [])).y),
  );
}

export function labelWishes(
  reference: Reference,
  lit: ReadonlyMap<string, readonly Lit[]>,
  chosen: string | null,
  active: string | null,
  picking: boolean,
  tissues: readonly PlateTissue[],
  frame: Frame,
  sockets: readonly Socket[],
): LabelWish[] {
  if (picking) {
    const place = active ? reference.landmarkById.get(active) : undefined;
    return place ? [{ id: place.id, text: place.name, anchors: [toPixel(placeOf(place, frame.view), frame)] }] : [];
  }
  const seen = reference.muscles[frame.view];
  // What only shows in the eye sockets is named there.
  const above = sockets.length > 0 ? reference.fromAbove.filter((m) => seen.every((f) => f.id !== m.id)) : [];
  const strongest = [...seen, ...above]
    .filter((m) => chosen === m.id || active === m.id || lit.get(m.id)?.some((l) => l.strength !== "incidental"))
    .sort(
      (a, b) =>
        weightOf(lit.get(b.id)?.[0]?.strength ?? "primary") - weightOf(lit.get(a.id)?.[0]?.strength ?? "primary"),
    )
    .slice(0, 14);
  const besides = tissues.map((t) => {
    const middle = t.shape.on;
    return {
      id: t.id,
      text: t.name,
      anchors: halvesIn(frame.view).map((h) => toPixel(h === "left" ? middle : mirrored(middle), frame)),
    };
  });
  const muscles = strongest.map((m) => {
    const sides = lit.get(m.id);
    const middle = m.shape.on;
    const halves = halvesIn(frame.view).filter((h) => !sides || chosen === m.id || sides.some((l) => isOn(l.side, h)));
    const frameFor = (h: Half) => (above.includes(m) ? sockets.find((s) => s.half === h)?.frame : null) ?? frame;
    return {
      id: m.id,
      text: sides?.[0]?.label ?? m.name,
      anchors: halves.map((h) => toPixel(h === "left" ? middle : mirrored(middle), frameFor(h))),
    };
  });
  return [...muscles, ...besides];
}
