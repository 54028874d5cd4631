import { useState } from "react";
import { Button } from "../ui/Button";
import { cn } from "../ui/cn";
import { TextField } from "../ui/Field";
import { keptBecause, repaired } from "./programmeModel";
import type { PartProps } from "./programmeQueries";

/** Where what is promised, taught and assessed do not meet, each with what mends it. */
export function Remarks({ document, review, canChange, onChange }: PartProps) {
  const open = review.remarks.filter((r) => r.kept_because === null);
  const kept = review.remarks.filter((r) => r.kept_because !== null);
  return (
    <section aria-labelledby="remarks">
      <h2 id="remarks" className="mb-1">
        What does not meet
      </h2>
      {open.length === 0 && (
        <p className="text-faded">What is promised is taught, and what is taught is assessed, in this order.</p>
      )}
      <ul>
        {open.map((r) => (
          <li key={r.id} className="border-t border-line py-1.5" data-remark={r.id}>
            <p className={cn(r.is_gap && "font-medium text-now")}>{r.says}</p>
            {canChange && (
              <p className="flex flex-wrap items-baseline gap-x-3">
                {r.repairs.map((x) => (
                  <Button
                    key={x.words}
                    size="line"
                    tone="quiet"
                    className="text-left"
                    onClick={() => onChange(repaired(document, x))}
                  >
                    {x.words}
                  </Button>
                ))}
                <Keep says={r.says} onKeep={(reason) => onChange(keptBecause(document, r.id, reason))} />
              </p>
            )}
          </li>
        ))}
      </ul>
      {kept.length > 0 && (
        <details className="mt-2">
          <summary className="min-h-7 cursor-pointer text-sm text-faded">
            {kept.length} kept as {kept.length === 1 ? "it is" : "they are"}, with a reason
          </summary>
          <ul className="text-sm">
            {kept.map((r) => (
              <li key={r.id} className="border-t border-line py-1">
                {r.says} <span className="text-faded">“{r.kept_because}”</span>
                {canChange && (
                  <Button size="line" tone="quiet" onClick={() => onChange(keptBecause(document, r.id, ""))}>
                    say it again
                  </Button>
                )}
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

/** Asks for the reason; without one nothing is kept. */
export function Keep({ says, onKeep }: { says: string; onKeep: (reason: string) => void }) {
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState("");
  if (!open)
    return (
      <Button size="line" tone="quiet" aria-label={`Keep as it is: ${says}`} onClick={() => setOpen(true)}>
        keep as it is
      </Button>
    );
  return (
    <form
      className="flex items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        if (reason.trim() !== "") onKeep(reason);
      }}
    >
      <TextField
        label="Why it is kept"
        autoFocus
        maxLength={200}
        value={reason}
        onChange={(e) => setReason(e.target.value)}
      />
      <Button type="submit">Keep</Button>
    </form>
  );
}
