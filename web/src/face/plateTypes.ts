import type { FacePoint } from "./frame";
import type { ToneId } from "./tones";

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
