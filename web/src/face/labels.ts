import type { Pixel } from "./frame";

/** A name that wants to stand in the margin, tied to a place on the face. */
export type LabelWish = { readonly id: string; readonly text: string; readonly anchors: readonly Pixel[] };
export type PlacedLabel = {
  readonly id: string;
  readonly lines: readonly string[];
  readonly margin: "left" | "right";
  readonly top: number;
  readonly anchor: Pixel;
};

const LINE_HEIGHT = 12;
const GAP = 7;
const CHARS_PER_LINE = 14;

/** Breaks a name into lines of about fourteen letters; a longer word stands alone. */
export function wrap(text: string): string[] {
  const lines: string[] = [];
  for (const word of text.split(" ")) {
    const last = lines[lines.length - 1];
    if (last !== undefined && `${last} ${word}`.length <= CHARS_PER_LINE) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}

/**
 * Places names in the two margins, each as near to its structure's height as the others allow, so that no two ever collide.
 * A name goes to the margin that has less to carry, on the side where its structure shows.
 * @param height Pixels between the first and the last line that may be used.
 */
export function placeLabels(
  wishes: readonly LabelWish[],
  middle: number,
  height: { top: number; bottom: number },
): PlacedLabel[] {
  const load = { left: 0, right: 0 };
  const sorted = [...wishes].sort((a, b) => (a.anchors[0]?.y ?? 0) - (b.anchors[0]?.y ?? 0));
  const placed: PlacedLabel[] = [];
  for (const wish of sorted) {
    const lines = wrap(wish.text);
    const tall = lines.length * LINE_HEIGHT + GAP;
    const onLeft = wish.anchors.find((p) => p.x < middle);
    const onRight = wish.anchors.find((p) => p.x >= middle);
    const margin = onLeft && onRight ? (load.left <= load.right ? "left" : "right") : onLeft ? "left" : "right";
    const anchor = (margin === "left" ? onLeft : onRight) ?? wish.anchors[0];
    if (!anchor) continue;
    load[margin] += tall;
    placed.push({ id: wish.id, lines, margin, anchor, top: anchor.y - tall / 2 });
  }
  return [
    ...settle(
      placed.filter((p) => p.margin === "left"),
      height,
    ),
    ...settle(
      placed.filter((p) => p.margin === "right"),
      height,
    ),
  ];
}

/** Pushes names apart downwards, then back up from the bottom where they ran over it. */
function settle(labels: readonly PlacedLabel[], height: { top: number; bottom: number }): PlacedLabel[] {
  const tall = (l: PlacedLabel) => l.lines.length * LINE_HEIGHT + GAP;
  const tops: number[] = [];
  labels.forEach((l, i) => {
    const before = labels[i - 1];
    tops.push(Math.max(l.top, before ? (tops[i - 1] ?? 0) + tall(before) : height.top));
  });
  let floor = height.bottom;
  for (let i = labels.length - 1; i >= 0; i--) {
    const label = labels[i];
    if (!label) continue;
    tops[i] = Math.min(tops[i] ?? 0, floor - tall(label));
    floor = tops[i] ?? 0;
  }
  return labels.map((l, i) => ({ ...l, top: tops[i] ?? l.top }));
}
