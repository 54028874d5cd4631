import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import type { TechniqueDocument } from "./techniqueModel";

/** Faults with their cues, IF–THEN adaptations and cautions: the words that a mark sheet and an assessor need. */
export function FaultsAndMore({
  document,
  onChange,
}: {
  document: TechniqueDocument;
  onChange: (to: TechniqueDocument, field: string | null) => void;
}) {
  const faults = document.faults ?? [];
  const adaptations = document.adaptations ?? [];
  return (
    <div className="mt-4 space-y-4">
      <fieldset>
        <legend className="mb-1 font-semibold">Faults, and the cue that mends them</legend>
        {faults.map((f, i) => (
          <div key={i} className="mb-2 grid grid-cols-[1fr_1fr_auto] items-end gap-2">
            <TextField
              label="What you see"
              value={f.sign ?? ""}
              onChange={(e) =>
                onChange(
                  { ...document, faults: faults.map((x, j) => (j === i ? { ...x, sign: e.target.value } : x)) },
                  `faults[${i}].sign`,
                )
              }
            />
            <TextField
              label="What you say"
              value={f.fix ?? ""}
              onChange={(e) =>
                onChange(
                  { ...document, faults: faults.map((x, j) => (j === i ? { ...x, fix: e.target.value } : x)) },
                  `faults[${i}].fix`,
                )
              }
            />
            <Button
              size="line"
              tone="quiet"
              aria-label={`take out fault ${i + 1}`}
              onClick={() => onChange({ ...document, faults: faults.filter((_, j) => j !== i) }, null)}
            >
              take out
            </Button>
          </div>
        ))}
        <Button
          size="line"
          tone="quiet"
          onClick={() => onChange({ ...document, faults: [...faults, { sign: "", meaning: null, fix: "" }] }, null)}
        >
          add a fault
        </Button>
      </fieldset>
      <fieldset>
        <legend className="mb-1 font-semibold">If … then</legend>
        {adaptations.map((a, i) => (
          <div key={i} className="mb-2 grid grid-cols-[1fr_1fr_auto] items-end gap-2">
            <TextField
              label="If"
              value={a.for ?? ""}
              onChange={(e) =>
                onChange(
                  {
                    ...document,
                    adaptations: adaptations.map((x, j) => (j === i ? { ...x, for: e.target.value } : x)),
                  },
                  `adaptations[${i}].for`,
                )
              }
            />
            <TextField
              label="Then"
              value={a.change ?? ""}
              onChange={(e) =>
                onChange(
                  {
                    ...document,
                    adaptations: adaptations.map((x, j) => (j === i ? { ...x, change: e.target.value } : x)),
                  },
                  `adaptations[${i}].change`,
                )
              }
            />
            <Button
              size="line"
              tone="quiet"
              aria-label={`take out adaptation ${i + 1}`}
              onClick={() => onChange({ ...document, adaptations: adaptations.filter((_, j) => j !== i) }, null)}
            >
              take out
            </Button>
          </div>
        ))}
        <Button
          size="line"
          tone="quiet"
          onClick={() => onChange({ ...document, adaptations: [...adaptations, { for: "", change: "" }] }, null)}
        >
          add an adaptation
        </Button>
      </fieldset>
    </div>
  );
}
