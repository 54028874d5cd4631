import type { Atlas } from "../face/atlas";

export type Cited = { readonly id: string; readonly basis: string };

/** A source as it is cited, with how far it was checked; said once. */
export function SourceWords({ atlas, source }: { atlas: Atlas; source: Cited }) {
  const words = atlas.sources[source.id] ?? source.id;
  return (
    <>
      {words}
      {!words.includes(source.basis) && <span className="text-faded"> ({source.basis})</span>}
    </>
  );
}
