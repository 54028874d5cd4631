import type { Schemas } from "../shell/api";
import { TextField } from "../ui/Field";
import { band } from "./sheetWords";

type Criterion = Schemas["Criterion"];

/** What is looked at and what each mark looks like, in the trainer's own words where they want other ones. */
export function CriterionWords({
  criterion: c,
  canChange,
  onChange,
}: {
  criterion: Criterion;
  canChange: boolean;
  onChange: (to: Partial<Criterion>) => void;
}) {
  const marks = c.anchors.map((text, mark) => ({ text, mark })).filter((a) => c.kind === "graded" || a.text);
  return (
    <>
      {canChange ? (
        <textarea
          aria-label={`Words of the criterion: ${c.text}`}
          rows={1}
          maxLength={300}
          className="field-sizing-content w-full resize-none rounded-mark border border-transparent bg-transparent px-1 py-0.5 hover:border-line focus:border-now focus:bg-field"
          value={c.text}
          onChange={(e) => onChange({ text: e.target.value })}
        />
      ) : (
        c.text
      )}
      {c.measure && (
        <span className="block px-1 text-sm text-faded">
          full marks from {band(c)}; falling to 0 at twice the tolerance
        </span>
      )}
      {!c.measure && marks.length > 0 && (
        <p className="px-1 text-sm text-faded">{marks.map((a) => `${a.mark} ${a.text}`).join(" · ")}</p>
      )}
      {canChange && c.kind === "graded" && (
        <details className="px-1 text-sm">
          <summary className="min-h-6 cursor-pointer text-now">change what the marks look like</summary>
          <div className="grid gap-2 py-1 sm:grid-cols-2">
            {marks.map((a) => (
              <TextField
                key={a.mark}
                label={`${a.mark} of 3`}
                maxLength={200}
                value={a.text}
                onChange={(e) =>
                  onChange({ anchors: c.anchors.map((old, i) => (i === a.mark ? e.target.value : old)) })
                }
              />
            ))}
          </div>
        </details>
      )}
    </>
  );
}
