import { useReference } from "../../face/atlas";
import { Pick } from "../../ui/Field";
import { toggled, type TechniqueDocument } from "./techniqueModel";

/** What a client comes with, and for which of it this technique is offered. Each has its honest sentence. */
export function ConcernPicks({
  document,
  onChange,
}: {
  document: TechniqueDocument;
  onChange: (to: TechniqueDocument, field: string | null) => void;
}) {
  const { atlas } = useReference();
  const told = atlas.concerns.filter((c) => (document.concerns ?? []).includes(c.id));
  return (
    <fieldset className="mt-4">
      <legend className="mb-1 font-semibold">The client’s concern</legend>
      <div className="flex flex-wrap gap-1.5">
        {atlas.concerns.map((c) => (
          <button
            key={c.id}
            type="button"
            aria-pressed={(document.concerns ?? []).includes(c.id)}
            onClick={() => onChange({ ...document, concerns: toggled(document.concerns, c.id) }, null)}
            className="min-h-8 rounded-mark border border-line bg-field px-2.5 text-[0.92rem] hover:bg-linen aria-pressed:border-now aria-pressed:bg-now-wash aria-pressed:font-semibold"
          >
            {c.name}
          </button>
        ))}
      </div>
      {told.map((c) => (
        <p key={c.id} className="mt-1 text-sm text-faded">
          What may honestly be said of {c.name}: {c.honest}.
        </p>
      ))}
    </fieldset>
  );
}

/** The client's concern as a way into the library. */
export function ConcernFilter({
  value,
  onChange,
}: {
  value: string | null;
  onChange: (concern: string | null) => void;
}) {
  const { atlas } = useReference();
  const concern = atlas.concerns.find((c) => c.id === value);
  return (
    <div>
      <Pick
        label="The client’s concern"
        options={atlas.concerns.map((c) => ({ value: c.id, word: c.name }))}
        value={value}
        empty="any"
        onChange={onChange}
      />
      {concern && <p className="mt-1 text-sm text-faded">What may honestly be said: {concern.honest}.</p>}
    </div>
  );
}
