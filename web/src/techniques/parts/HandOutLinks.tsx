import { Link } from "react-router";

const KINDS = [
  { id: "card", word: "technique card" },
  { id: "wall", word: "wall plate" },
  { id: "pocket", word: "pocket cue card" },
] as const;
/** Ways to print a technique.
 * @param of `?edition=2` or `?cohort=…`; empty for the newest. */
export function HandOutLinks({ id, of = "" }: { id: string; of?: string }) {
  return (
    <p className="no-print flex flex-wrap gap-x-4 gap-y-1 text-sm">
      <span className="text-faded">On paper:</span>
      {KINDS.map((k) => (
        <Link key={k.id} to={`/techniques/${id}/print/${k.id}${of}`}>
          {k.word}
        </Link>
      ))}
    </p>
  );
}
