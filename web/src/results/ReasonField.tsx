import type { ReactNode } from "react";
import { Labelled } from "../ui/Field";

/** Why something is done, in words that others will read. */
export function ReasonField({
  label,
  hint,
  rows = 2,
  value,
  onChange,
}: {
  label: string;
  hint?: ReactNode;
  rows?: number;
  value: string;
  onChange: (value: string) => void;
}) {
  return (
    <Labelled label={label} hint={hint}>
      {(wiring) => (
        <textarea
          className="field"
          rows={rows}
          maxLength={1000}
          {...wiring}
          value={value}
          onChange={(e) => onChange(e.target.value)}
        />
      )}
    </Labelled>
  );
}
