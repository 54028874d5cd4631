import { clsx, type ClassValue } from "clsx";
import { twMerge } from "tailwind-merge";

/** Class names joined; of two that set the same thing the later one counts. */
export const cn = (...classes: ClassValue[]) => twMerge(clsx(classes));
