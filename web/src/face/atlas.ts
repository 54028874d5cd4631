import { queryOptions, useQuery } from "@tanstack/react-query";
import { api, said, type Schemas } from "../shell/api";
import type { FacePoint, View } from "./frame";
import { shapeOf, type Shape } from "./MuscleFigure";

export type Atlas = Schemas["AtlasView"];
export type Muscle = Schemas["Muscle"];
export type Tissue = Atlas["tissues"][number];

/** A muscle as one view draws it. */
export type PlateMuscle = { readonly id: string; readonly name: string; readonly depth: number; readonly shape: Shape };
/** A fat pad, gland, joint or sheet as one view draws it; lines alone for ligaments and the like. */
export type PlateTissue = { readonly id: string; readonly name: string; readonly shape: Shape };
export type Reference = {
  atlas: Atlas;
  /** Deep ones first, so that superficial ones lie over them. */
  muscles: Readonly<Record<View, readonly PlateMuscle[]>>;
  /** The muscles in the eye sockets, seen from above; y runs backwards from the cornea, as one looks down on a face that looks up at one. */
  fromAbove: readonly PlateMuscle[];
  tissues: Readonly<Record<View, readonly PlateTissue[]>>;
  byId: ReadonlyMap<string, Muscle>;
  tissueById: ReadonlyMap<string, Tissue>;
  landmarkById: ReadonlyMap<string, Atlas["landmarks"][number]>;
  zoneById: ReadonlyMap<string, Atlas["zones"][number]>;
};

/** Deeper than this is not seen or felt from outside; drawn only when lit or asked for. */
export const DEEPEST_SHOWN = 4;

/** The atlas's own names for the views. */
export const VIEW_IDS = { front: "frontal", side: "lateral", back: "posterior" } as const;

function musclesSeen(atlas: Atlas, view: View | "top"): readonly PlateMuscle[] {
  return atlas.muscles
    .flatMap((m) => {
      const drawn = m.views[view === "top" ? "superior" : VIEW_IDS[view]];
      return drawn?.polygon
        ? [{ id: m.id, name: atlas.plain_names[m.id] ?? m.id, depth: Number(m.depth.slice(1)), shape: shapeOf(drawn) }]
        : [];
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
    return drawn ? [{ id: t.id, name: atlas.plain_names[t.id] ?? t.id, shape: shapeOf(drawn) }] : [];
  });

function prepare(atlas: Atlas): Reference {
  return {
    atlas,
    muscles: { front: musclesSeen(atlas, "front"), side: musclesSeen(atlas, "side"), back: musclesSeen(atlas, "back") },
    fromAbove: musclesSeen(atlas, "top").map((m) => ({ ...m, shape: turnedDown(m.shape) })),
    tissues: { front: tissuesSeen(atlas, "front"), side: tissuesSeen(atlas, "side"), back: tissuesSeen(atlas, "back") },
    tissueById: new Map(atlas.tissues.map((t) => [t.id, t])),
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
