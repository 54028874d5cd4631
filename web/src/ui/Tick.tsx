import type { ReactNode } from "react";

/** One thing that is so or is not. */
export function Tick({
  on,
  onChange,
  children,
}: {
  on: boolean;
  onChange: (on: boolean) => void;
  children: ReactNode;
}) {
  return (
    <label className="flex min-h-7 items-start gap-2">
      <input
        type="checkbox"
        className="size-6 shrink-0 accent-[var(--color-now)]"
        checked={on}
        onChange={(e) => onChange(e.target.checked)}
      />
      <span className="leading-6">{children}</span>
    </label>
  );
}
