import { describe, expect, it } from "vitest";
import type { PlateMuscle, Reference } from "./atlas";
import { ORBIT, socketsAt } from "./OrbitInset";
import { frameOf, labelWishes, showsSockets, strongestOf, WIDTH } from "./plateContent";
import type { Lit } from "./plateTypes";

const square = (x: number, y: number) => ({
  outline: [
    { x: x - 0.1, y: y - 0.1 },
    { x: x + 0.1, y: y - 0.1 },
    { x: x + 0.1, y: y + 0.1 },
    { x: x - 0.1, y: y + 0.1 },
  ],
  fibres: [],
  holes: [],
  on: { x, y },
});
const muscle = (id: string, x: number, y: number): PlateMuscle => ({
  id,
  name: id,
  both: id,
  depth: 3,
  shape: square(x, y),
});
const smile = muscle("smile", 0.5, -1);
const upwards = muscle("eye-up", 0.5, 0.1);
const reference = {
  muscles: { front: [smile], side: [], back: [] },
  fromAbove: [upwards],
  landmarkById: new Map(),
} as unknown as Reference;
const TOP = 400;
const sockets = socketsAt("facing", TOP, WIDTH);
const { frame } = frameOf("front", "facing", false);
const lit = (...l: Lit[]) => strongestOf(l);
const named = (lights: ReadonlyMap<string, readonly Lit[]>, chosen: string | null, drawn = sockets) =>
  labelWishes(reference, lights, chosen, null, false, [], frame, drawn);

describe("names on the plate", () => {
  it("ties the name of an eye muscle to both sockets, inside the paper they take", () => {
    const [wish] = named(lit(), "eye-up");
    expect(wish?.text).toBe("eye-up");
    expect(wish?.anchors).toHaveLength(2);
    for (const a of wish?.anchors ?? []) {
      expect(a.y).toBeGreaterThan(TOP);
      expect(a.y).toBeLessThan(TOP + ORBIT.height);
      expect(Math.min(a.x, WIDTH - a.x)).toBeLessThan(ORBIT.width);
    }
  });

  it("names it on the side that works only", () => {
    const [wish] = named(lit({ structure: "eye-up", side: "left", tone: "concentric", strength: "primary" }), null);
    expect(wish?.anchors).toHaveLength(1);
    // Facing the subject, their left is on the right.
    expect(wish?.anchors[0]?.x).toBeGreaterThan(WIDTH / 2);
  });

  it("names nothing in sockets that are not drawn", () => {
    expect(named(lit(), "eye-up", [])).toEqual([]);
  });

  it("names what is worked hardest first, and leaves the incidental unnamed", () => {
    const lights = lit(
      { structure: "eye-up", side: "both", tone: "inhibited", strength: "incidental" },
      { structure: "smile", side: "both", tone: "concentric", strength: "primary", label: "smile, tightens" },
    );
    expect(named(lights, null).map((w) => w.text)).toEqual(["smile, tightens"]);
  });
});

describe("the eye sockets", () => {
  it("are drawn when an eye muscle is chosen, worked, or the deep ones are asked for", () => {
    const worked = lit({ structure: "eye-up", side: "both", tone: "concentric", strength: "primary" });
    expect(showsSockets(reference, lit(), null, false)).toBe(false);
    expect(showsSockets(reference, lit(), "eye-up", false)).toBe(true);
    expect(showsSockets(reference, worked, null, false)).toBe(true);
    expect(showsSockets(reference, lit(), null, true)).toBe(true);
  });

  it("change places when the plate is turned to its mirror", () => {
    const middleOfLeft = (viewer: "facing" | "mirror") =>
      socketsAt(viewer, TOP, WIDTH).find((s) => s.half === "left")?.middle ?? NaN;
    expect(middleOfLeft("facing")).toBeCloseTo(WIDTH - middleOfLeft("mirror"));
  });
});

describe("a structure lit more than once", () => {
  it("keeps its strongest entry for each side, and one for both sides wins over later ones", () => {
    const entry = (side: string, strength: string): Lit => ({ structure: "smile", side, tone: "concentric", strength });
    const kept = lit(entry("left", "incidental"), entry("right", "secondary"), entry("left", "primary")).get("smile");
    expect(kept?.map((l) => [l.side, l.strength])).toEqual([
      ["left", "primary"],
      ["right", "secondary"],
    ]);
    expect(lit(entry("left", "secondary"), entry("both", "primary")).get("smile")).toHaveLength(1);
  });
});
