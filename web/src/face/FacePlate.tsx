import { placeOf } from "./frame";
import { useId, useMemo, useState, type KeyboardEvent } from "react";
import { isKey, plateKeys } from "../shell/keys";
import { DEEPEST_SHOWN, useReference } from "./atlas";
import type { FacePoint } from "./frame";
import { placeLabels } from "./labels";
import { halvesIn, MuscleFigure, type Half } from "./MuscleFigure";
import { ORBIT, OrbitInset, socketsAt } from "./OrbitInset";
import {
  cornerOf,
  focusOf,
  frameOf,
  isOn,
  labelWishes,
  needsNeck,
  showsSockets,
  strongestOf,
  visible,
  WIDTH,
  type PlateContent,
} from "./plateContent";
import { Contours, Features, Hazards, Landmarks, LostZones, seenLandmarks, ZoneWash } from "./PlateLayers";
import { HandsPlace, isZoneOf, seenIn, StrokeLine } from "./PlateStrokes";
import { LymphChains, PointMarks, TissueFigures } from "./PlateMarks";
import { usePlateView } from "./plateView";
import { useDrawing } from "./useDrawing";
import { cn } from "../ui/cn";
import { weightOf } from "./tones";

/** What only a hand does to a muscle. */
const BY_HAND = new Set(["compressed", "kneaded", "stretched"]);

/** The engraved plate: contours, muscles, what is lit, strokes, names in the margin. One drawing for screen, paper and picture. */
export function FacePlate({ content, compact = false }: { content: PlateContent; compact?: boolean }) {
  const uid = useId();
  const reference = useReference();
  const { view, viewer, layers, peeled, nearness } = usePlateView();
  const [active, setActive] = useState<string | null>(null);
  const lit = useMemo(() => strongestOf(content.lit ?? []), [content.lit]);
  const bust = needsNeck(reference, lit, content);
  // One frame as long as nothing turns: figures that did not change are not drawn again.
  const { frame, height } = useMemo(() => frameOf(view, viewer, bust), [view, viewer, bust]);
  const muscles = reference.muscles[view].filter((m) => m.depth > peeled || lit.has(m.id) || content.selected === m.id);
  const tissues = reference.tissues[view].filter((t) => layers.has("tissues") || t.id === content.selected);
  const halves = halvesIn(view);
  const picking = content.picking ?? null;
  const drawing = useDrawing(view === "front" ? picking?.onDraw : undefined, frame);

  const chosen = content.selected ?? null;
  const near = compact ? 1 : nearness;
  // The sockets stand where the paper is empty: beside the neck, or above the ears when the neck is drawn.
  const sockets =
    view === "front" && near === 1 && !picking && showsSockets(reference, lit, chosen, layers.has("deep"));
  const onlyAbove = sockets ? reference.fromAbove.filter((m) => muscles.every((f) => f.id !== m.id)) : [];
  const choices: readonly { id: string; name: string; at: FacePoint }[] = picking
    ? seenLandmarks(reference, view).map((l) => ({ id: l.id, name: l.name, at: placeOf(l, view) }))
    : [
        ...[...muscles.filter((m) => visible(m, lit, layers.has("deep"), chosen)), ...tissues].map((m) => ({
          id: m.id,
          name: m.both,
          at: m.shape.on,
        })),
        // Last in order: they stand at the foot of the paper.
        ...onlyAbove.map((m) => ({ id: m.id, name: m.both, at: { x: m.shape.on.x, y: -10 } })),
      ];
  const order = [...choices].sort((a, b) => b.at.y - a.at.y || a.at.x - b.at.x);
  const choose = (id: string) => (picking ? picking.onPick(id) : content.onSelect?.(id === chosen ? null : id));

  const onKeyDown = (e: KeyboardEvent) => {
    const at = order.findIndex((c) => c.id === active);
    const step =
      isKey(e, plateKeys.next) || e.key === "ArrowDown"
        ? 1
        : isKey(e, plateKeys.before) || e.key === "ArrowUp"
          ? -1
          : 0;
    if (step !== 0) setActive(order[(at + step + order.length) % order.length]?.id ?? null);
    else if (isKey(e, plateKeys.choose) && active) choose(active);
    else if (isKey(e, plateKeys.clear)) {
      setActive(null);
      content.onSelect?.(null);
    } else return;
    e.preventDefault();
    e.stopPropagation();
  };

  const corner = cornerOf(height, near, focusOf(reference, view, lit, chosen), frame);
  // Names stand in the margin of what is looked at, in letters of one size however near that is.
  const socketsTop = bust ? 4 : height - ORBIT.height - 4;
  const inSockets = sockets ? socketsAt(viewer, socketsTop, WIDTH) : [];
  const wishes = labelWishes(reference, lit, chosen, active, picking !== null, tissues, frame, inSockets).map((w) => ({
    ...w,
    anchors: w.anchors.map((a) => ({ x: (a.x - corner.x) * near, y: (a.y - corner.y) * near })),
  }));
  const labels = placeLabels(wishes, WIDTH / 2, {
    top: sockets && bust ? socketsTop + ORBIT.height + 4 : 6,
    bottom: sockets && !bust ? socketsTop - 4 : height - 6,
  });
  // What a hand does is lit most where the hand is, so that a stroke along the jaw does not paint the whole neck.
  const strokes = (content.strokes ?? []).filter((s) => seenIn(view, s).length > 0);
  const handed = strokes.length > 0 || (content.touched ?? []).some((z) => isZoneOf(reference, view, z));
  const underHand = (tone: string | undefined) => handed && tone !== undefined && BY_HAND.has(tone);
  const figureOf = (id: string, half: Half) =>
    chosen === id
      ? ({ tone: "chosen", strength: "primary" } as const)
      : (lit.get(id)?.find((l) => isOn(l.side, half)) ?? null);
  return (
    <svg
      viewBox={`${corner.x} ${corner.y} ${WIDTH / near} ${height / near}`}
      className={cn("block h-auto w-full select-none", drawing.ready && "cursor-crosshair touch-none")}
      {...drawing.handlers}
      role="listbox"
      aria-label={picking ? `Face plate: ${picking.asks}` : "Face plate: structures"}
      tabIndex={compact ? -1 : 0}
      aria-activedescendant={active ? `plate-${active}` : undefined}
      onKeyDown={onKeyDown}
      data-picking={picking ? "true" : undefined}
    >
      <defs>
        <linearGradient id={`fade-${uid}`} x1="0" x2="0" y1="0" y2="1">
          <stop offset="0.88" stopColor="white" />
          <stop offset="1" stopColor="black" />
        </linearGradient>
        <mask id={`edge-${uid}`}>
          <rect width={WIDTH} height={height} fill={`url(#fade-${uid})`} />
        </mask>
        {handed && (
          <mask id={`hand-${uid}`}>
            <HandsPlace reference={reference} frame={frame} strokes={strokes} zones={content.touched ?? []} />
          </mask>
        )}
      </defs>
      <g mask={`url(#edge-${uid})`}>
        <Contours reference={reference} frame={frame} />
        {content.zones && (
          <ZoneWash reference={reference} frame={frame} zones={content.zones} flow={content.flow ?? []} />
        )}
        {content.lostZones && <LostZones reference={reference} frame={frame} zones={content.lostZones} />}
        {layers.has("zones") && (
          <ZoneWash reference={reference} frame={frame} zones={reference.atlas.zones.map((z) => z.id)} flow={[]} />
        )}
        {layers.has("muscles") &&
          muscles
            .filter((m) => visible(m, lit, layers.has("deep"), chosen))
            .flatMap((m) =>
              halves.map((half) => {
                const here = figureOf(m.id, half);
                return (
                  <g
                    key={`${m.id}-${half}`}
                    id={half === "left" ? `plate-${m.id}` : undefined}
                    role={half === "left" && !picking ? "option" : "presentation"}
                    aria-selected={half === "left" && !picking ? chosen === m.id : undefined}
                    aria-label={half === "left" && !picking ? m.both : undefined}
                    data-structure={m.id}
                    onClick={() => !picking && content.onSelect && choose(m.id)}
                    className={content.onSelect && !picking ? "hover:opacity-80" : undefined}
                  >
                    <title>{m.both}</title>
                    <MuscleFigure
                      id={m.id}
                      shape={m.shape}
                      half={half}
                      frame={frame}
                      tone={here?.tone ?? null}
                      weight={weightOf(here?.strength ?? "primary") * (underHand(here?.tone) ? 0.25 : 1)}
                      depth={m.depth}
                      deep={m.depth > DEEPEST_SHOWN}
                      faint={lit.size > 0 || chosen !== null}
                    />
                    {here && underHand(here.tone) && (
                      <g mask={`url(#hand-${uid})`} pointerEvents="none">
                        <MuscleFigure
                          id={m.id}
                          shape={m.shape}
                          half={half}
                          frame={frame}
                          tone={here.tone}
                          weight={weightOf(here.strength)}
                          depth={m.depth}
                          deep={false}
                          faint={false}
                        />
                      </g>
                    )}
                  </g>
                );
              }),
            )}
        <TissueFigures
          tissues={tissues}
          frame={frame}
          chosen={chosen}
          onChoose={content.onSelect && !picking ? choose : null}
        />
        <Features reference={reference} frame={frame} />
        {(layers.has("hazards") || (content.alarms?.length ?? 0) > 0) && (
          <Hazards
            reference={reference}
            frame={frame}
            only={layers.has("hazards") ? null : (content.alarms ?? [])}
            alarms={content.alarms ?? []}
          />
        )}
        {layers.has("lymph") && <LymphChains reference={reference} frame={frame} />}
        {layers.has("points") && <PointMarks reference={reference} frame={frame} nearness={near} />}
        {(content.strokes ?? []).map((s) => (
          <StrokeLine key={s.id} stroke={s} frame={frame} />
        ))}
        {drawing.line && (
          <path
            d={`M${drawing.line.map((p) => `${p.x} ${p.y}`).join("L")}`}
            fill="none"
            stroke="var(--color-now)"
            strokeWidth={3}
            strokeLinecap="round"
            strokeLinejoin="round"
            pointerEvents="none"
            data-drawing
          />
        )}
        {(picking !== null || layers.has("landmarks")) && (
          <Landmarks reference={reference} frame={frame} picking={picking} active={active} />
        )}
      </g>
      {sockets && (
        <OrbitInset
          reference={reference}
          sockets={inSockets}
          top={socketsTop}
          figureOf={figureOf}
          only={onlyAbove}
          chosen={chosen}
          onChoose={content.onSelect ? choose : null}
        />
      )}
      {/* On a plate too narrow for letters the words beside it must do. */}
      <g
        aria-hidden="true"
        className="@max-[14rem]:hidden print:inline"
        transform={near === 1 ? undefined : `translate(${corner.x} ${corner.y}) scale(${1 / near})`}
        fontSize={12}
        fill="var(--color-ink)"
        fontFamily="var(--font-sans)"
      >
        {labels.map((l) => {
          const x = l.margin === "left" ? 4 : WIDTH - 4;
          const middle = l.top + (l.lines.length * 12) / 2;
          const edge =
            l.margin === "left"
              ? 4 + Math.max(...l.lines.map((t) => t.length)) * 5.2 + 4
              : WIDTH - 8 - Math.max(...l.lines.map((t) => t.length)) * 5.2;
          return (
            <g key={l.id}>
              <path
                d={`M${edge} ${middle}L${l.anchor.x} ${l.anchor.y}`}
                stroke="var(--color-contour)"
                strokeWidth={0.6}
                fill="none"
              />
              <circle cx={l.anchor.x} cy={l.anchor.y} r={1.5} fill="var(--color-contour)" />
              {l.lines.map((text, i) => (
                <text
                  key={i}
                  x={x}
                  y={l.top + 10 + i * 12}
                  textAnchor={l.margin === "left" ? "start" : "end"}
                  stroke="var(--color-plate)"
                  strokeWidth={2.5}
                  paintOrder="stroke"
                >
                  {text}
                </text>
              ))}
            </g>
          );
        })}
      </g>
    </svg>
  );
}
