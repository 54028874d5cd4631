import type { ComponentProps } from "react";
import { cn } from "../ui/cn";
import { Key } from "./Key";

type Props = ComponentProps<"button"> & {
  /** The key printed on it. */
  k?: string | undefined;
  tone?: "calm" | "on" | "safety" | undefined;
};

/** A target for a thumb: its words, and its key printed on it. */
export function TouchButton({ k, tone = "calm", className, children, type = "button", ...rest }: Props) {
  return (
    <button
      type={type}
      className={cn(
        "flex min-h-11 items-center gap-2 rounded-mark border px-2.5 py-1 text-left leading-tight",
        tone === "on" && "border-now bg-now-wash",
        tone === "calm" && "border-line bg-field hover:bg-linen",
        tone === "safety" && "border-safety bg-field font-semibold text-safety hover:bg-linen",
        "disabled:opacity-45",
        className,
      )}
      {...rest}
    >
      {k && <Key k={k} />}
      {children}
    </button>
  );
}
