import { Labelled } from "../ui/Field";
import type { PartProps } from "./programmeQueries";

const FIELDS = [
  ["entry", "Who can take part"],
  ["scope", "What it is, and what it is not"],
  ["cautions", "Cautions"],
] as const;

/** What the syllabus says beside outcomes, modules and hours. */
export function Syllabus({ document, canChange, onChange }: PartProps) {
  const words = document.syllabus ?? {};
  return (
    <section aria-labelledby="syllabus" className="space-y-2">
      <h2 id="syllabus">For the syllabus</h2>
      {FIELDS.map(([field, label]) => (
        <Labelled key={field} label={label}>
          {(wiring) => (
            <textarea
              {...wiring}
              className="field min-h-20"
              maxLength={1200}
              readOnly={!canChange}
              value={words[field] ?? ""}
              onChange={(e) => onChange({ ...document, syllabus: { ...words, [field]: e.target.value || null } })}
            />
          )}
        </Labelled>
      ))}
    </section>
  );
}
