import { Fragment, useMemo } from "react";
import type { PlateTissue, Reference } from "./atlas";
import { facePath, toPixel, type Frame } from "./frame";
import { placeCodes } from "./labels";
import { halvesIn, onHalf } from "./MuscleFigure";
import { placeOf } from "./frame";

/** Fat, glands, joints and sheets: dashed outlines, lines for ligaments, ducts and nerves. */
export function TissueFigures({
  tissues,
  frame,
  chosen,
  onChoose,
}: {
  tissues: readonly PlateTissue[];
  frame: Frame;
  chosen: string | null;
  onChoose: ((id: string) => void) | null;
}) {
  return (
    <g>
      {tissues.map((t) => {
        const hue = t.id === chosen ? "var(--color-now)" : "var(--color-tissue)";
        return (
          <g
            key={t.id}
            id={`plate-${t.id}`}
            role={onChoose ? "option" : "presentation"}
            aria-selected={onChoose ? t.id === chosen : undefined}
            aria-label={onChoose ? t.both : undefined}
            data-structure={t.id}
            onClick={onChoose ? () => onChoose(t.id) : undefined}
            className={onChoose ? "hover:opacity-80" : undefined}
          >
            <title>{t.both}</title>
            {halvesIn(frame.view).map((half) => (
              <g key={half} fill="none" stroke={hue}>
                {t.shape.outline.length > 0 && (
                  <path
                    d={facePath(onHalf(t.shape.outline, half), frame, true)}
                    fill={hue}
                    fillOpacity={t.id === chosen ? 0.3 : 0.2}
                    strokeWidth={1.1}
                    strokeDasharray="3 1.6"
                  />
                )}
                {t.shape.fibres.length > 0 && (
                  <path
                    d={t.shape.fibres.map((f) => facePath(onHalf(f, half), frame, false)).join("")}
                    strokeWidth={1.4}
                    strokeLinecap="round"
                  />
                )}
              </g>
            ))}
          </g>
        );
      })}
    </g>
  );
}

/** Chains of lymph: node groups, and the way from each to the next, down to the angle of the veins. */
export function LymphChains({ reference, frame }: { reference: Reference; frame: Frame }) {
  const groups = reference.atlas.lymph.filter((g) =>
    frame.view === "back" ? g.surface === "back" : frame.view === "front" ? g.surface !== "back" : true,
  );
  const at = (g: (typeof groups)[number]) =>
    placeOf({ x: Math.abs(g.frontal[0] ?? 0), y: g.frontal[1] ?? 0, z: g.lateral_z }, frame.view);
  const byId = new Map(groups.map((g) => [g.id, g]));
  return (
    <g pointerEvents="none">
      {halvesIn(frame.view).map((half) => (
        <Fragment key={half}>
          {groups.flatMap((g) =>
            (g.efferent_to ?? []).flatMap((to) => {
              const next = byId.get(to);
              if (!next) return [];
              return (
                <path
                  key={`${g.id}-${to}`}
                  d={facePath(onHalf([at(g), at(next)], half), frame, false)}
                  fill="none"
                  stroke="var(--color-skin-only)"
                  strokeWidth={1.6}
                  className="lymph-flow"
                />
              );
            }),
          )}
          {groups.map((g) => {
            const [p] = onHalf([at(g)], half);
            const pixel = p && toPixel(p, frame);
            return (
              pixel && (
                <g key={g.id} data-lymph={g.id}>
                  <title>{g.name_en}</title>
                  {[
                    [-2.6, -1.6],
                    [2.4, -1.2],
                    [0, 2.6],
                  ].map(([dx = 0, dy = 0], i) => (
                    <ellipse
                      key={i}
                      cx={pixel.x + dx}
                      cy={pixel.y + dy}
                      rx={2.5}
                      ry={1.8}
                      fill="var(--color-field)"
                      stroke="var(--color-skin-only)"
                      strokeWidth={1.1}
                    />
                  ))}
                </g>
              )
            );
          })}
        </Fragment>
      ))}
    </g>
  );
}

/** Points of the traditions, with their codes on the subject's left; letters of one size however near the plate is looked at. */
export function PointMarks({ reference, frame, nearness }: { reference: Reference; frame: Frame; nearness: number }) {
  const size = 8 / nearness;
  const marks = useMemo(() => {
    const seen = reference.atlas.points.filter((p) =>
      frame.view === "front"
        ? p.surface !== "back"
        : frame.view === "side"
          ? p.lateral_z !== null
          : p.surface === "back",
    );
    return seen.flatMap((p) => {
      // A point on the hand or the breastbone has no place on the plate.
      if (p.frontal === null) return [];
      const here = placeOf({ x: Math.abs(p.frontal[0] ?? 0), y: p.frontal[1] ?? 0, z: p.lateral_z }, frame.view);
      return halvesIn(frame.view)
        .filter((half) => !(p.midline && half === "right"))
        .map((half) => ({ id: p.code, half, at: toPixel(onHalf([here], half)[0] ?? here, frame) }));
    });
  }, [reference, frame]);
  const codes = useMemo(
    () =>
      placeCodes(
        marks.filter((m) => m.half === "left"),
        size,
      ),
    [marks, size],
  );
  const arm = 2.6 / Math.sqrt(nearness);
  return (
    <g pointerEvents="none">
      {codes
        .filter((c) => c.leads)
        .map((c) => (
          <path
            key={`lead-${c.id}`}
            d={`M${c.at.x} ${c.at.y}L${c.text.x} ${c.text.y}`}
            stroke="var(--color-contour)"
            strokeWidth={0.5 / nearness}
          />
        ))}
      {marks.map((m) => (
        <path
          key={`${m.id}-${m.half}`}
          data-point={m.id}
          d={`M${m.at.x - arm} ${m.at.y}h${arm * 2}M${m.at.x} ${m.at.y - arm}v${arm * 2}`}
          stroke="var(--color-ink)"
          strokeWidth={1.1 / Math.sqrt(nearness)}
        />
      ))}
      {codes.map((c) => (
        <text
          key={c.id}
          x={c.text.x}
          y={c.text.y + size * 0.36}
          textAnchor="middle"
          fontSize={size}
          fill="var(--color-ink)"
          stroke="var(--color-skin)"
          strokeWidth={size * 0.3}
          paintOrder="stroke"
          fontFamily="var(--font-sans)"
        >
          {c.id}
        </text>
      ))}
    </g>
  );
}
