import { useId, type ComponentProps, type ReactNode } from "react";
import { cn } from "./cn";

/** A label above its control, a hint and an error below; ids and aria links are made here. */
export function Labelled({
  label,
  hint,
  error,
  children,
  className,
}: {
  label: string;
  hint?: ReactNode;
  error?: string | undefined;
  className?: string;
  children: (wiring: { id: string; "aria-describedby"?: string; "aria-invalid"?: true }) => ReactNode;
}) {
  const id = useId();
  const described = error ? `${id}-error` : hint ? `${id}-hint` : undefined;
  return (
    <div className={className}>
      <label htmlFor={id} className="mb-1 block text-sm font-semibold">
        {label}
      </label>
      {children({
        id,
        ...(described ? { "aria-describedby": described } : {}),
        ...(error ? { "aria-invalid": true as const } : {}),
      })}
      {error ? (
        <p id={`${id}-error`} role="alert" className="mt-1 text-sm font-medium text-wrong">
          {error}
        </p>
      ) : hint ? (
        <p id={`${id}-hint`} className="mt-1 text-sm text-faded">
          {hint}
        </p>
      ) : null}
    </div>
  );
}

type TextProps = Omit<ComponentProps<"input">, "children"> & {
  label: string;
  hint?: ReactNode;
  error?: string | undefined;
};

export function TextField({ label, hint, error, className, ...rest }: TextProps) {
  return (
    <Labelled label={label} hint={hint} error={error} {...(className ? { className } : {})}>
      {(wiring) => <input className="field" {...wiring} {...rest} />}
    </Labelled>
  );
}

/** One of a few, all visible: a row of radio buttons that look like words in a line. */
export function Choice<T extends string>({
  label,
  options,
  value,
  onChange,
  defaulted = false,
  hideLabel = false,
}: {
  label: string;
  options: readonly { value: T; word: string; hint?: string }[];
  value: T | null;
  onChange: (value: T) => void;
  defaulted?: boolean;
  hideLabel?: boolean;
}) {
  const name = useId();
  return (
    <fieldset>
      <legend className={hideLabel ? "sr-only" : "mb-1 text-sm font-semibold"}>{label}</legend>
      <div className="flex flex-wrap gap-1.5">
        {options.map((o) => {
          const on = o.value === value;
          return (
            <label
              key={o.value}
              title={o.hint}
              className={cn(
                "min-h-8 cursor-pointer rounded-mark border px-2.5 py-1 text-[0.92rem] leading-snug has-focus-visible:outline-2 has-focus-visible:outline-now",
                on && !defaulted
                  ? "border-now bg-now-wash font-semibold text-ink"
                  : on
                    ? "border-dashed border-faded bg-linen by-default"
                    : "border-line bg-field hover:bg-linen",
              )}
            >
              <input
                type="radio"
                className="sr-only"
                name={name}
                checked={on}
                onChange={() => onChange(o.value)}
                onClick={() => on && defaulted && onChange(o.value)}
              />
              {o.word}
            </label>
          );
        })}
      </div>
    </fieldset>
  );
}

/** Words of a closed list as what can be chosen. */
export const optionsOf = <T extends string>(words: Readonly<Record<T, string>>) =>
  (Object.entries(words) as [T, string][]).map(([value, word]) => ({ value, word }));

/** One of many: the browser's own list, which every hand and every reader knows. */
export function Pick<T extends string>({
  label,
  hint,
  error,
  options,
  value,
  onChange,
  empty,
  className,
  defaulted = false,
}: {
  label: string;
  hint?: ReactNode;
  error?: string;
  options: readonly { value: T; word: string; group?: string }[];
  value: T | null;
  onChange: (value: T | null) => void;
  empty?: string;
  className?: string;
  defaulted?: boolean;
}) {
  const groups = [...new Set(options.map((o) => o.group ?? ""))];
  return (
    <Labelled label={label} hint={hint} error={error} {...(className ? { className } : {})}>
      {(wiring) => (
        <select
          className={cn("field", defaulted && "by-default")}
          {...wiring}
          value={value ?? ""}
          onChange={(e) => onChange(options.find((o) => o.value === e.target.value)?.value ?? null)}
        >
          {(empty !== undefined || value === null) && <option value="">{empty ?? "Choose …"}</option>}
          {groups.map((g) => {
            const inside = options
              .filter((o) => (o.group ?? "") === g)
              .map((o) => (
                <option key={o.value} value={o.value}>
                  {o.word}
                </option>
              ));
            return g ? (
              <optgroup key={g} label={g}>
                {inside}
              </optgroup>
            ) : (
              inside
            );
          })}
        </select>
      )}
    </Labelled>
  );
}
