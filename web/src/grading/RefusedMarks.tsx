import { useState } from "react";
import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import type { Refused } from "./markQueue";

/** Marks that the server did not take: sent once more, or left out with a reason. None is ever dropped. */
export function RefusedMarks({
  refused,
  onAgain,
  onAside,
}: {
  refused: readonly Refused[];
  onAgain: (id: string) => void;
  onAside: (id: string, reason: string) => void;
}) {
  const [leaving, setLeaving] = useState<string | null>(null);
  const [reason, setReason] = useState("");
  if (refused.length === 0) return null;
  return (
    <section role="alert" className="mt-3 border-l-4 border-wrong bg-now-wash px-4 py-2 text-sm" data-refused>
      <p className="font-semibold text-wrong">
        {refused.length === 1 ? "One mark was" : `${refused.length} marks were`} not accepted
      </p>
      <ul>
        {refused.map((r) => (
          <li key={r.id} className="flex flex-wrap items-center gap-x-3 gap-y-1 py-1">
            <span className="flex-1">{r.because}</span>
            <Button size="line" onClick={() => onAgain(r.id)}>
              send it again
            </Button>
            <Button
              size="line"
              tone="quiet"
              aria-expanded={leaving === r.id}
              onClick={() => {
                setLeaving(leaving === r.id ? null : r.id);
                setReason("");
              }}
            >
              leave it out
            </Button>
            {leaving === r.id && (
              <form
                className="flex w-full items-end gap-2"
                onSubmit={(e) => {
                  e.preventDefault();
                  if (reason.trim() === "") return;
                  onAside(r.id, reason.trim());
                  setLeaving(null);
                }}
              >
                <TextField
                  label="Why it is left out"
                  className="flex-1"
                  value={reason}
                  onChange={(e) => setReason(e.target.value)}
                  autoFocus
                  required
                />
                <Button type="submit" tone="now">
                  Leave it out
                </Button>
              </form>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
