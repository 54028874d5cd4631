/** Several of a list, each on or off. */
export function Toggles({
  label,
  options,
  on,
  onToggle,
}: {
  label: string;
  options: readonly { value: string; word: string }[];
  on: readonly string[];
  onToggle: (value: string) => void;
}) {
  return (
    <fieldset>
      <legend className="mb-1 text-sm font-semibold">{label}</legend>
      {options.length === 0 && <p className="text-sm text-faded">none yet</p>}
      <div className="max-h-40 space-y-0.5 overflow-auto">
        {options.map((o) => (
          <label key={o.value} className="flex min-h-7 items-start gap-2 py-0.5 text-sm">
            <input
              type="checkbox"
              className="size-6 shrink-0 accent-[var(--color-now)]"
              checked={on.includes(o.value)}
              onChange={() => onToggle(o.value)}
            />{" "}
            {o.word}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
