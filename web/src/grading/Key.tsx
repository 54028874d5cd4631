/** The key, printed on its control. */
export function Key({ k }: { k: string }) {
  return <kbd className="rounded-sm border border-current px-1 font-sans text-xs opacity-70">{k}</kbd>;
}
