import { useQuery } from "@tanstack/react-query";
import { editionQuery } from "../techniques/parts/techniqueQueries";
import { TextField } from "../ui/Field";
import type { RoutinePart } from "./routineQueries";

/** Doses of this part's own, one for each step; an empty field keeps what the technique says. */
export function OwnDoses({
  part,
  technique,
  onChange,
}: {
  part: RoutinePart;
  technique: string;
  onChange: (doses: string[]) => void;
}) {
  const edition = useQuery(editionQuery(technique, part.edition ?? 1));
  const steps = edition.data?.document.steps ?? [];
  const doses = part.doses ?? [];
  return (
    <div className="grid max-w-xl gap-2 sm:grid-cols-2">
      {steps.map((s, i) => (
        <TextField
          key={i}
          label={`Dose of step ${i + 1}`}
          placeholder={s.dose?.line ?? ""}
          maxLength={120}
          value={doses[i] ?? ""}
          onChange={(e) => onChange(steps.map((_, j) => (j === i ? e.target.value : (doses[j] ?? ""))))}
        />
      ))}
    </div>
  );
}
