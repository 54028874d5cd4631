import { createContext, useContext, useMemo, useState, useSyncExternalStore, type ReactNode } from "react";
import { VIEWERS, type View, type Viewer } from "./frame";

export type Layer = "muscles" | "deep" | "tissues" | "landmarks" | "points" | "lymph" | "hazards" | "zones";

/** How the plate is looked at: kept while walking from stop to stop. */
type PlateView = {
  view: View;
  look: (view: View) => void;
  viewer: Viewer;
  /** Turned until the next visit, or for good: a single key never changes what is kept. */
  turn: (keep?: "kept") => void;
  /** What was chosen by hand; null leaves it to the width of the screen. */
  folded: boolean | null;
  /** Whether the screen has no room for the plate beside the work. */
  narrow: boolean;
  /** @param now Whether it is folded as it stands. */
  fold: (now: boolean) => void;
  layers: ReadonlySet<Layer>;
  toggle: (layer: Layer) => void;
  /** Muscles down to this depth are taken off; 0 leaves all of them. */
  peeled: number;
  peel: (by: 1 | -1) => void;
  /** How near the plate is looked at: 1 is the whole of it. */
  nearness: number;
  near: (by: 1 | -1) => void;
};

/** Depth of the deepest layer that can be peeled off. */
export const DEEPEST_PEELED = 4;
const STEPS = [1, 1.6, 2.4] as const;

const Context = createContext<PlateView | null>(null);

/**
 * @param keptAs Where this person's choice of viewer is kept in the browser.
 * @param usual For whom the plate is drawn until they choose.
 */
export function PlateViewProvider({ keptAs, usual, children }: { keptAs: string; usual: Viewer; children: ReactNode }) {
  const [from, look] = useState<View>("front");
  const [viewer, setViewer] = useState<Viewer>(() => VIEWERS.find((v) => v === localStorage.getItem(keptAs)) ?? usual);
  const [folded, setFolded] = useState<boolean | null>(null);
  const narrow = useNarrow();
  const [peeled, setPeeled] = useState(0);
  const [nearness, setNearness] = useState(0);
  const [layers, setLayers] = useState<ReadonlySet<Layer>>(new Set<Layer>(["muscles"]));
  const view = useMemo<PlateView>(
    () => ({
      view: from,
      look,
      viewer,
      turn: (keep) => {
        const next = VIEWERS[(VIEWERS.indexOf(viewer) + 1) % VIEWERS.length] ?? usual;
        if (keep) localStorage.setItem(keptAs, next);
        setViewer(next);
      },
      folded,
      narrow,
      fold: (now) => setFolded(!now),
      peeled,
      peel: (by) =>
        setPeeled((p) =>
          Math.min(DEEPEST_PEELED, Math.max(0, p === 0 && by === 1 ? 2 : p === 2 && by === -1 ? 0 : p + by)),
        ),
      nearness: STEPS[nearness] ?? 1,
      near: (by) => setNearness((n) => Math.min(STEPS.length - 1, Math.max(0, n + by))),
      layers,
      toggle: (layer) =>
        setLayers((now) => {
          const next = new Set(now);
          if (!next.delete(layer)) next.add(layer);
          return next;
        }),
    }),
    [from, viewer, folded, narrow, layers, peeled, nearness, keptAs, usual],
  );
  return <Context value={view}>{children}</Context>;
}

const NARROW = "(max-width: 63.99rem)";

function useNarrow(): boolean {
  return useSyncExternalStore(
    (changed) => {
      const query = window.matchMedia(NARROW);
      query.addEventListener("change", changed);
      return () => query.removeEventListener("change", changed);
    },
    () => window.matchMedia(NARROW).matches,
  );
}

export function usePlateView() {
  const view = useContext(Context);
  if (!view) throw new Error("The plate's view is missing around this screen.");
  return view;
}
