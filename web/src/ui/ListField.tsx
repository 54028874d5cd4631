import { useState, type ComponentProps } from "react";
import { TextField } from "./Field";

const parts = (text: string) =>
  text
    .split(",")
    .map((x) => x.trim())
    .filter((x) => x !== "");

/** Several short words in one field, separated by commas; what is half typed stays typed. */
export function ListField({
  value,
  onChange,
  ...rest
}: Omit<ComponentProps<typeof TextField>, "value" | "onChange"> & {
  value: readonly string[];
  onChange: (value: string[]) => void;
}) {
  const [text, setText] = useState(value.join(", "));
  const shown = parts(text).join() === value.join() ? text : value.join(", ");
  return (
    <TextField
      {...rest}
      value={shown}
      onChange={(e) => {
        setText(e.target.value);
        onChange(parts(e.target.value));
      }}
    />
  );
}
