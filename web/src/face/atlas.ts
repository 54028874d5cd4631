import { queryOptions, useQuery } from "@tanstack/react-query";
import { api, said, type Schemas } from "../shell/api";
import { shapeOf, type Shape } from "./MuscleFigure";

export type Atlas = Schemas["AtlasView"];
export type Muscle = Schemas["Muscle"];

/** A muscle as the front view draws it. */
export type PlateMuscle = { readonly id: string; readonly name: string; readonly depth: number; readonly shape: Shape };
export type Reference = {
  atlas: Atlas;
  muscles: readonly PlateMuscle[];
  byId: ReadonlyMap<string, Muscle>;
  landmarkById: ReadonlyMap<string, Atlas["landmarks"][number]>;
  zoneById: ReadonlyMap<string, Atlas["zones"][number]>;
};

/** Deeper than this is not seen or felt from the front; drawn only when lit or asked for. */
export const DEEPEST_SHOWN = 4;

function prepare(atlas: Atlas): Reference {
  const muscles = atlas.muscles
    .flatMap((m) =>
      m.views["frontal"]
        ? [
            {
              id: m.id,
              name: atlas.plain_names[m.id] ?? m.id,
              depth: Number(m.depth.slice(1)),
              shape: shapeOf(m.views["frontal"]),
            },
          ]
        : [],
    )
    .sort((a, b) => b.depth - a.depth);
  return {
    atlas,
    muscles,
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
