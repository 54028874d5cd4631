import { cva, type VariantProps } from "class-variance-authority";
import type { ComponentProps } from "react";
import { cn } from "./cn";

const look = cva(
  "inline-flex items-center justify-center gap-2 rounded-mark font-medium leading-tight disabled:cursor-not-allowed disabled:opacity-45",
  {
    variants: {
      tone: {
        now: "bg-now text-on-now hover:brightness-110",
        calm: "border border-line bg-field text-ink hover:bg-linen",
        quiet: "text-now underline-offset-4 hover:underline",
        safety: "bg-safety text-on-safety hover:brightness-110",
      },
      size: {
        line: "min-h-7 px-1.5 text-sm",
        key: "min-h-9 px-3.5 text-[0.95rem]",
        touch: "min-h-16 px-4 text-xl",
      },
    },
    defaultVariants: { tone: "calm", size: "key" },
  },
);

type Props = ComponentProps<"button"> & VariantProps<typeof look>;

/** A button says what happens. */
export function Button({ tone, size, className, type = "button", ...rest }: Props) {
  return <button type={type} className={cn(look({ tone, size }), className)} {...rest} />;
}
