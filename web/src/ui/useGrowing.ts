import { useCallback, useEffect, useRef, useState } from "react";

/**
 * How much of a long list is drawn: a screenful first, more as its end comes near. Starts over when `of` changes.
 * @returns The number of lines to draw, and what to lay at the end of them.
 */
export function useGrowing(of: unknown, first: number, more: number) {
  const [grown, setGrown] = useState({ of, shown: first });
  const shown = grown.of === of ? grown.shown : first;
  const watcher = useRef<IntersectionObserver | null>(null);
  useEffect(() => () => watcher.current?.disconnect(), []);
  const end = useCallback(
    (mark: HTMLElement | null) => {
      watcher.current?.disconnect();
      if (!mark) return;
      watcher.current = new IntersectionObserver(
        ([seen]) => {
          if (seen?.isIntersecting) setGrown({ of, shown: shown + more });
        },
        { rootMargin: "800px" },
      );
      watcher.current.observe(mark);
    },
    [of, shown, more],
  );
  return { shown, end };
}
