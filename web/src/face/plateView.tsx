import { createContext, useContext, useMemo, useState, type ReactNode } from "react";
import type { View, Viewer } from "./frame";

export type Layer = "muscles" | "deep" | "landmarks" | "points" | "lymph" | "hazards" | "zones";

/** How the plate is looked at: kept while walking from stop to stop. */
type PlateView = {
  view: View;
  look: (view: View) => void;
  viewer: Viewer;
  turn: () => void;
  folded: boolean;
  fold: () => void;
  layers: ReadonlySet<Layer>;
  toggle: (layer: Layer) => void;
};

const Context = createContext<PlateView | null>(null);

export function PlateViewProvider({ children }: { children: ReactNode }) {
  const [from, look] = useState<View>("front");
  const [viewer, setViewer] = useState<Viewer>("facing");
  const [folded, setFolded] = useState(false);
  const [layers, setLayers] = useState<ReadonlySet<Layer>>(new Set<Layer>(["muscles"]));
  const view = useMemo<PlateView>(
    () => ({
      view: from,
      look,
      viewer,
      turn: () => setViewer((v) => (v === "facing" ? "mirror" : "facing")),
      folded,
      fold: () => setFolded((f) => !f),
      layers,
      toggle: (layer) =>
        setLayers((now) => {
          const next = new Set(now);
          if (!next.delete(layer)) next.add(layer);
          return next;
        }),
    }),
    [from, viewer, folded, layers],
  );
  return <Context value={view}>{children}</Context>;
}

export function usePlateView() {
  const view = useContext(Context);
  if (!view) throw new Error("The plate's view is missing around this screen.");
  return view;
}
