import { useEffect, useState } from "react";

/** Seconds that run from a moment on; still where there is none. */
export function useRunning(fromMs: number | null, now: () => number, every = 100): number {
  const [running, setRunning] = useState(0);
  useEffect(() => {
    if (fromMs === null) return;
    const tick = () => setRunning(Math.max(0, (now() - fromMs) / 1000));
    tick();
    const timer = setInterval(tick, every);
    return () => clearInterval(timer);
  }, [fromMs, now, every]);
  return fromMs === null ? 0 : running;
}

export function Running({
  fromMs,
  base = 0,
  now,
  children,
}: {
  fromMs: number | null;
  base?: number;
  now: () => number;
  children: (seconds: number) => React.ReactNode;
}) {
  return <>{children(base + useRunning(fromMs, now))}</>;
}
