import { tones, type ToneId } from "./tones";

/** Patterns of every plate on the page, once: two plates may share them, and neither may be hidden with them. */
export function PlatePatterns() {
  return (
    <svg width={0} height={0} className="absolute" aria-hidden="true">
      <defs>
        {(Object.keys(tones) as ToneId[]).map((id) => (
          <TonePattern key={id} id={id} />
        ))}
        <marker
          id="stroke-head"
          viewBox="0 0 10 10"
          refX={6}
          refY={5}
          markerWidth={5}
          markerHeight={5}
          orient="auto-start-reverse"
        >
          <path d="M0 0L10 5L0 10z" fill="var(--color-now)" />
        </marker>
        <pattern id="alarm" width={6} height={6} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V6" stroke="var(--color-safety)" strokeWidth={1.6} />
        </pattern>
      </defs>
    </svg>
  );
}

function TonePattern({ id }: { id: ToneId }) {
  const { mark, hue } = tones[id];
  if (mark === "stipple")
    return (
      <pattern id={`stipple-${id}`} width={6} height={6} patternUnits="userSpaceOnUse">
        <circle cx={1.5} cy={1.5} r={1.05} fill={hue} />
        <circle cx={4.5} cy={4.5} r={1.05} fill={hue} />
      </pattern>
    );
  if (mark === "loops")
    return (
      <pattern id={`loops-${id}`} width={8} height={7} patternUnits="userSpaceOnUse">
        <path d="M0 5c2-1 3-5 4.6-3.4S3 5.6 5 5.4 8 5 8 5" fill="none" stroke={hue} strokeWidth={0.9} />
      </pattern>
    );
  if (mark === "hatch")
    return (
      <pattern id={`hatch-${id}`} width={5} height={5} patternUnits="userSpaceOnUse" patternTransform="rotate(35)">
        <path d="M0 0V5" stroke={hue} strokeWidth={1.5} />
      </pattern>
    );
  return null;
}
