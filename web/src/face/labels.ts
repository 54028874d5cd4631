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
 * A name goes to the margin that has less to carry, on the side where its structure shows; to the other one when that
 * is full. What finds no room at all is left out.
 * @param height Pixels between the first and the last line that may be used.
 */
export function placeLabels(
  wishes: readonly LabelWish[],
  middle: number,
  height: { top: number; bottom: number },
): PlacedLabel[] {
  const load = { left: 0, right: 0 };
  const room = height.bottom - height.top;
  const sorted = [...wishes].sort((a, b) => (a.anchors[0]?.y ?? 0) - (b.anchors[0]?.y ?? 0));
  const placed: PlacedLabel[] = [];
  for (const wish of sorted) {
    const lines = wrap(wish.text);
    const tall = lines.length * LINE_HEIGHT + GAP;
    const onLeft = wish.anchors.find((p) => p.x < middle);
    const onRight = wish.anchors.find((p) => p.x >= middle);
    const wanted = onLeft && onRight ? (load.left <= load.right ? "left" : "right") : onLeft ? "left" : "right";
    const other = wanted === "left" ? "right" : "left";
    const margin = ([wanted, other] as const).find((m) => load[m] + tall <= room);
    // A full margin takes no more names: the structure still says its own when it is pointed at.
    if (!margin) continue;
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

/** A place that carries a code. */
export type CodedPlace = { readonly id: string; readonly at: Pixel };
export type PlacedCode = CodedPlace & { readonly text: Pixel; readonly leads: boolean };
type Box = { readonly left: number; readonly right: number; readonly top: number; readonly bottom: number };

const overlap = (a: Box, b: Box) => a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

/** Where a code is tried, in its own size: close by first, then farther round, at every twelfth of a turn. */
const PLACES = [1, 2, 3, 4, 5, 6].flatMap((ring) =>
  [-30, 30, 150, 210, -90, 90, 0, 180, -60, 60, 120, 240].map((degrees) => ({
    x: Math.cos((degrees * Math.PI) / 180) * ring,
    y: Math.sin((degrees * Math.PI) / 180) * ring,
    leads: ring > 1,
  })),
);

/**
 * Puts a short code beside each mark so that no two codes overlap and none lies over a mark; one that had to go farther leads back.
 * @param size Height of the letters, pixels; a letter is taken as 0.56 of it wide.
 * @returns The middle of each code's text, pixels.
 */
export function placeCodes(marks: readonly CodedPlace[], size: number): PlacedCode[] {
  const crosses: Box[] = marks.map(({ at }) => boxRound(at, size * 0.35, size * 0.35));
  const taken: Box[] = [];
  return [...marks]
    .sort((a, b) => a.at.y - b.at.y)
    .map((mark) => {
      const halfWidth = (mark.id.length * 0.56 * size) / 2;
      const tried = PLACES.map((p) => ({
        text: { x: mark.at.x + p.x * (halfWidth + size * 0.5), y: mark.at.y + p.y * size * 0.95 },
        leads: p.leads,
      }));
      const free = tried.find(({ text }) => {
        const box = boxRound(text, halfWidth, size * 0.46);
        return !taken.some((b) => overlap(b, box)) && !crosses.some((b) => overlap(b, box));
      });
      const place = free ?? tried[0] ?? { text: mark.at, leads: false };
      taken.push(boxRound(place.text, halfWidth, size * 0.46));
      return { ...mark, ...place };
    });
}

const boxRound = (p: Pixel, halfWidth: number, halfHeight: number): Box => ({
  left: p.x - halfWidth,
  right: p.x + halfWidth,
  top: p.y - halfHeight,
  bottom: p.y + halfHeight,
});
