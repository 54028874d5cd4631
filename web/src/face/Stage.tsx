import type { ReactNode } from "react";
import { cn } from "../ui/cn";
import { FacePlate } from "./FacePlate";
import type { PlateContent } from "./plateContent";
import type { View, Viewer } from "./frame";
import { DEEPEST_PEELED, usePlateView, type Layer } from "./plateView";
import { tones, type ToneId } from "./tones";

const LAYERS: readonly { id: Layer; word: string }[] = [
  { id: "muscles", word: "muscles" },
  { id: "deep", word: "deep ones" },
  { id: "tissues", word: "fat, glands, joints" },
  { id: "landmarks", word: "landmarks" },
  { id: "points", word: "points" },
  { id: "lymph", word: "lymph" },
  { id: "zones", word: "zones" },
  { id: "hazards", word: "hazards" },
];

function PlateButton({ word, disabled, onClick }: { word: string; disabled: boolean; onClick: () => void }) {
  return (
    <button
      type="button"
      disabled={disabled}
      onClick={onClick}
      className="min-h-6 rounded-mark px-1 text-now underline-offset-4 hover:underline disabled:text-faded disabled:no-underline"
    >
      {word}
    </button>
  );
}

const VIEWS: readonly { id: View; word: string }[] = [
  { id: "front", word: "front" },
  { id: "side", word: "side" },
  { id: "back", word: "back" },
];

/** For whom left and right are drawn. */
const CAPTIONS: Readonly<Record<View, Readonly<Record<Viewer, string>>>> = {
  front: {
    facing: "Drawn as you face the subject: their left is on your right.",
    mirror: "Drawn as in the subject’s mirror: their left is on the left.",
    subject: "Drawn as the subject feels it: left is on the left.",
  },
  side: {
    facing: "The subject’s left side, the face to the left.",
    mirror: "The same side as its mirror image: the face to the right.",
    subject: "Your left side, the face to the left.",
  },
  back: {
    facing: "Seen from behind: the subject’s left is on the left.",
    mirror: "Seen from behind in a mirror: the subject’s left is on the right.",
    subject: "Your back: left is on the left.",
  },
};

/** The bench with a face on it: the plate on the left, never scrolled away; the work to its right. */
export function Stage({
  plate,
  layers = false,
  printed = false,
  list = false,
  children,
}: {
  plate: PlateContent;
  layers?: boolean;
  /** Whether the plate goes on paper with the page: where the page is about the plate. */
  printed?: boolean;
  /** Whether this is a list with nothing on the plate: it is smaller then. */
  list?: boolean;
  children: ReactNode;
}) {
  const view = usePlateView();
  // While a place is asked for the face is needed; where there is no room it is a strip until then.
  const folded = !plate.picking && (view.folded ?? (view.narrow && !layers));
  return (
    <div
      className={cn(
        "grid min-h-0 grid-rows-[auto_1fr] print:block lg:grid-rows-1",
        folded
          ? "lg:grid-cols-[2.6rem_1fr]"
          : list
            ? "lg:grid-cols-[clamp(11rem,18vw,16rem)_1fr]"
            : "lg:grid-cols-[clamp(16rem,30vw,27rem)_1fr]",
      )}
    >
      <aside
        className={cn(
          "z-10 border-line bg-plate max-lg:relative lg:sticky lg:top-[3.6rem] lg:flex lg:h-[calc(100vh-3.6rem)] lg:flex-col lg:border-r",
          folded ? "max-lg:h-9 overflow-hidden" : "max-lg:border-b",
          printed
            ? "print:static print:mx-auto print:block print:h-auto print:w-[95mm] print:border-0"
            : "print:hidden",
        )}
        aria-label="Face plate"
      >
        <button
          type="button"
          onClick={() => view.fold(folded)}
          aria-expanded={!folded}
          data-fold
          className={cn(
            "no-print text-xs text-faded hover:text-ink",
            folded
              ? "h-full w-full max-lg:py-2 lg:[writing-mode:vertical-rl]"
              : "absolute top-2 right-2 z-10 min-h-6 rounded-mark px-1.5",
          )}
        >
          {folded ? "show the face (P)" : "fold (P)"}
        </button>
        {!folded && (
          <>
            <div className="@container mx-auto w-full max-w-[27rem] min-h-0 flex-1 px-2 pt-2 max-lg:max-w-[11rem] print:max-w-none">
              <FacePlate content={plate} />
            </div>
            <div className="space-y-1 border-t border-line px-4 py-2 text-[0.82rem]">
              <Legend plate={plate} />
              {layers && (
                <div className="no-print flex flex-wrap gap-x-3 gap-y-1" role="group" aria-label="Layers of the plate">
                  {LAYERS.map((l) => (
                    <label key={l.id} className="inline-flex min-h-6 items-center gap-1">
                      <input
                        type="checkbox"
                        checked={view.layers.has(l.id)}
                        onChange={() => view.toggle(l.id)}
                        className="size-5 accent-[var(--color-now)]"
                      />{" "}
                      {l.word}
                    </label>
                  ))}
                </div>
              )}
              <div className="no-print flex flex-wrap gap-x-1" role="group" aria-label="How the plate is seen">
                {VIEWS.map((v) => (
                  <button
                    key={v.id}
                    type="button"
                    aria-pressed={view.view === v.id}
                    onClick={() => view.look(v.id)}
                    className="min-h-6 rounded-mark px-1.5 text-now aria-pressed:bg-now-wash aria-pressed:font-semibold aria-pressed:text-ink"
                  >
                    {v.word}
                  </button>
                ))}
                <span className="mx-1 border-l border-line" />
                <PlateButton word="nearer" disabled={view.nearness > 2} onClick={() => view.near(1)} />
                <PlateButton word="farther" disabled={view.nearness === 1} onClick={() => view.near(-1)} />
                {layers && (
                  <>
                    <span className="mx-1 border-l border-line" />
                    <PlateButton
                      word="hide top layer"
                      disabled={view.peeled >= DEEPEST_PEELED}
                      onClick={() => view.peel(1)}
                    />
                    {view.peeled > 0 && (
                      <PlateButton
                        word={`show again (hidden to depth ${view.peeled})`}
                        disabled={false}
                        onClick={() => view.peel(-1)}
                      />
                    )}
                  </>
                )}
              </div>
              <p className="text-faded">
                {CAPTIONS[view.view][view.viewer]}{" "}
                <button
                  type="button"
                  onClick={() => view.turn("kept")}
                  className="no-print min-h-6 font-medium text-now underline-offset-4 hover:underline"
                >
                  turn (M)
                </button>
              </p>
            </div>
          </>
        )}
      </aside>
      <main className="min-w-0 px-5 py-4 lg:px-8" id="bench">
        {children}
      </main>
    </div>
  );
}

/** Drawn next to the face; says only what is on it. */
function Legend({ plate }: { plate: PlateContent }) {
  const shown = [...new Set((plate.lit ?? []).map((l) => l.tone))].filter((t) => t !== "skin-lymph");
  const skin = (plate.zones?.length ?? 0) > 0 || (plate.lit ?? []).some((l) => l.tone === "skin-lymph");
  if (plate.picking) return <p className="font-semibold text-now">{plate.picking.asks}</p>;
  return (
    <>
      {plate.legend}
      {(shown.length > 0 || skin) && (
        <ul className="flex flex-wrap gap-x-3 gap-y-1" aria-label="Legend">
          {shown.map((t) => (
            <li key={t} className="inline-flex items-center gap-1.5">
              <Swatch tone={t} /> {tones[t].word}
            </li>
          ))}
          {skin && (
            <li className="inline-flex items-center gap-1.5">
              <Swatch tone="skin-lymph" /> skin and surface fluid
            </li>
          )}
        </ul>
      )}
    </>
  );
}

/** A small piece of a tone, for legends and lists. */
export function Swatch({ tone }: { tone: ToneId }) {
  const { hue, mark } = tones[tone];
  return (
    <svg width={22} height={12} viewBox="0 0 22 12" aria-hidden="true" className="shrink-0">
      <rect
        x={0.6}
        y={0.6}
        width={20.8}
        height={10.8}
        rx={2}
        fill={hue}
        fillOpacity={mark === "pinned" ? 0.05 : 0.2}
        stroke={hue}
        strokeWidth={1}
        strokeDasharray={mark === "pinned" ? "3 2" : undefined}
      />
      <g stroke={hue} fill="none">
        {mark === "tight" && <path d="M2 3H20M2 5H20M2 7H20M2 9H20" strokeWidth={1} />}
        {mark === "held" && <path d="M4 4H18M4 8H18M4 2V10M18 2V10" strokeWidth={1.5} />}
        {mark === "loosening" && <path d="M2 4H20M2 8H20" strokeWidth={1} strokeDasharray="5 2" />}
        {mark === "apart" && <path d="M2 3H20M2 9H20" strokeWidth={1} strokeDasharray="1.5 3" />}
        {mark === "loops" && (
          <path
            d="M2 7c2-1 3-5 4.6-3.4S5 7.6 7 7.4s3-5 4.6-3.4S10 7.6 12 7.4s3-5 4.6-3.4S15 7.6 19 7"
            strokeWidth={0.9}
          />
        )}
        {mark === "hatch" && <path d="M3 11L8 1M8 11L13 1M13 11L18 1" strokeWidth={1.4} />}
        {mark === "arrows" && <path d="M3 6q4 -4 8 0t7 0m-3 -2.5l3.4 2.4l-3.6 2.4" strokeWidth={1.2} />}
        {mark === "pinned" && <path d="M11 5V9" strokeWidth={1} />}
      </g>
      {mark === "pinned" && <circle cx={11} cy={4} r={1.6} fill="none" stroke={hue} />}
      {mark === "stipple" &&
        [4, 8, 12, 16].flatMap((x) =>
          [3.5, 8].map((y) => <circle key={`${x}-${y}`} cx={x + (y > 5 ? 2 : 0)} cy={y} r={1} fill={hue} />),
        )}
    </svg>
  );
}
