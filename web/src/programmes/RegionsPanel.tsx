import type { Review } from "./programmeQueries";

/** How the taught techniques lie over the regions of the face. */
export function RegionsPanel({ review }: { review: Review }) {
  const most = Math.max(1, ...review.regions.map((r) => r.techniques));
  return (
    <section aria-labelledby="regions">
      <h2 id="regions" className="mb-1">
        Regions
      </h2>
      <ul className="text-[0.95rem]">
        {review.regions.map((r) => (
          <li key={r.region} className="grid grid-cols-[8rem_1fr_auto] items-center gap-2 border-t border-line py-0.5">
            <span>{r.name}</span>
            <span className="h-1.5 bg-line" aria-hidden="true">
              <span className="block h-full bg-now" style={{ width: `${(100 * r.techniques) / most}%` }} />
            </span>
            <span className={r.techniques === 0 ? "text-faded" : undefined}>
              {r.techniques === 1 ? "1 technique" : `${r.techniques} techniques`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
