import { queryOptions, useQuery } from "@tanstack/react-query";
import { api, said, type Schemas } from "../shell/api";
import type { FacePoint, View } from "./frame";
import { shapeOf, type Shape } from "./MuscleFigure";

export type Atlas = Schemas["AtlasView"];
export type Muscle = Schemas["Muscle"];
export type Tissue = Atlas["tissues"][number];

/** A muscle as one view draws it, with its common name and both names. */
export type PlateMuscle = {
  readonly id: string;
  readonly name: string;
  readonly both: string;
  readonly depth: number;
  readonly shape: Shape;
};
/** A fat pad, gland, joint or sheet as one view draws it; lines alone for ligaments and the like. */
export type PlateTissue = { readonly id: string; readonly name: string; readonly both: string; readonly shape: Shape };
export type Reference = {
  atlas: Atlas;
  /** Deep ones first, so that superficial ones lie over them. */
  muscles: Readonly<Record<View, readonly PlateMuscle[]>>;
  /** The muscles in the eye sockets, seen from above; y runs backwards from the cornea, as one looks down on a face that looks up at one. */
  fromAbove: readonly PlateMuscle[];
  tissues: Readonly<Record<View, readonly PlateTissue[]>>;
  byId: ReadonlyMap<string, Muscle>;
  /** Both names of a muscle or tissue, by its id. */
  nameOf: (structure: string) => { common: string; latin: string; both: string };
  tissueById: ReadonlyMap<string, Tissue>;
  landmarkById: ReadonlyMap<string, Atlas["landmarks"][number]>;
  zoneById: ReadonlyMap<string, Atlas["zones"][number]>;
};

/** Deeper than this is not seen or felt from outside; drawn only when lit or asked for. */
export const DEEPEST_SHOWN = 4;

/** The atlas's own names for the views. */
export const VIEW_IDS = { front: "frontal", side: "lateral", back: "posterior" } as const;

type Named = { readonly id: string; readonly common: string };

/** The anatomical name behind a common one; empty where the two are the same word. */
const latinOf = (atlas: Atlas, s: Named) => {
  const plain = atlas.plain_names[s.id] ?? s.id;
  return plain.toLowerCase() === s.common.toLowerCase() ? "" : plain;
};
/** "forehead muscle (frontalis)": as one says it, with the anatomical name behind it. */
const bothNames = (atlas: Atlas, s: Named) => (latinOf(atlas, s) ? `${s.common} (${latinOf(atlas, s)})` : s.common);
const named = (atlas: Atlas, s: Named) => ({ id: s.id, name: s.common, both: bothNames(atlas, s) });

function musclesSeen(atlas: Atlas, view: View | "top"): readonly PlateMuscle[] {
  return atlas.muscles
    .flatMap((m) => {
      const drawn = m.views[view === "top" ? "superior" : VIEW_IDS[view]];
      return drawn?.polygon ? [{ ...named(atlas, m), depth: Number(m.depth.slice(1)), shape: shapeOf(drawn) }] : [];
    })
    .sort((a, b) => b.depth - a.depth);
}

/** Seen from above with the subject's left on the right, forward is down the paper. */
const turnedDown = (s: Shape): Shape => {
  const down = (ring: readonly FacePoint[]) => ring.map(fromAbove);
  return { outline: down(s.outline), fibres: s.fibres.map(down), holes: s.holes.map(down), on: fromAbove(s.on) };
};
export const fromAbove = (p: FacePoint): FacePoint => ({ x: p.x, y: -p.y });

const tissuesSeen = (atlas: Atlas, view: View): readonly PlateTissue[] =>
  atlas.tissues.flatMap((t) => {
    const drawn = t.views[VIEW_IDS[view]];
    return drawn ? [{ ...named(atlas, t), shape: shapeOf(drawn) }] : [];
  });

function prepare(atlas: Atlas): Reference {
  const names = new Map(
    [...atlas.muscles, ...atlas.tissues].map((s) => [
      s.id,
      { common: s.common, latin: latinOf(atlas, s), both: bothNames(atlas, s) },
    ]),
  );
  return {
    atlas,
    muscles: { front: musclesSeen(atlas, "front"), side: musclesSeen(atlas, "side"), back: musclesSeen(atlas, "back") },
    fromAbove: musclesSeen(atlas, "top").map((m) => ({ ...m, shape: turnedDown(m.shape) })),
    tissues: { front: tissuesSeen(atlas, "front"), side: tissuesSeen(atlas, "side"), back: tissuesSeen(atlas, "back") },
    tissueById: new Map(atlas.tissues.map((t) => [t.id, t])),
    nameOf: (id) => names.get(id) ?? { common: id, latin: "", both: id },
    byId: new Map(atlas.muscles.map((m) => [m.id, m])),
    landmarkById: new Map(atlas.landmarks.map((l) => [l.id, l])),
    zoneById: new Map(atlas.zones.map((z) => [z.id, z])),
  };
}

export const atlasQuery = queryOptions({
  queryKey: ["anatomy"],
  queryFn: async () => prepare(await said(api.GET("/api/anatomy"))),
  staleTime: Infinity,
});

/** The reference, once it is there. The shell fetches it before any stop is drawn. */
export function useReference(): Reference {
  const { data } = useQuery(atlasQuery);
  if (!data) throw new Error("The atlas is not there yet.");
  return data;
}
