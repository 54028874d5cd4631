import type { Schemas } from "../../shell/api";

/** Where the saved edition does what its declared school would do otherwise. A note, never a stop. */
export function SchoolNotes({
  notes,
  onStep,
}: {
  notes: readonly Schemas["SchoolContradiction"][];
  onStep: (step: number) => void;
}) {
  if (notes.length === 0) return null;
  return (
    <section className="mt-6" aria-labelledby="school-notes">
      <h2 id="school-notes">Differs from its teaching style</h2>
      <ul className="mt-1 text-sm">
        {notes.map((n, i) => (
          <li key={i} className="border-t border-line py-1">
            {n.step !== null && (
              <button type="button" className="mr-2 text-now underline" onClick={() => onStep(n.step ?? 0)}>
                step {n.step + 1}
              </button>
            )}
            {n.says}
          </li>
        ))}
      </ul>
    </section>
  );
}
