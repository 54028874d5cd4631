import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { Schemas } from "../shell/api";
import { allSaved, deviceId, MarkQueue } from "./markQueue";
import { foldSheet, toUndo, type MarkEvent } from "./sheetFold";

type Given = Partial<Pick<MarkEvent, "step" | "side" | "target" | "value" | "note">>;

/** Milliseconds since the demonstration was first opened on this device. Goes on after a reload; never runs backwards. */
function makeClock(demonstration: string, lastMs: number): () => number {
  const key = `wexis.clock.${demonstration}`;
  const now = () => performance.timeOrigin + performance.now();
  const known = Number(localStorage.getItem(key));
  const opened = known > 0 ? known : now() - lastMs;
  if (!(known > 0)) localStorage.setItem(key, String(opened));
  let last = lastMs;
  return () => (last = Math.max(last, Math.round(now() - opened)));
}

/** The marks of one demonstration: those the server has, those still on their way, and how to give more. */
export function useGrading(view: Schemas["DemonstrationView"]) {
  const device = useMemo(() => deviceId(), []);
  const [own, setOwn] = useState<readonly MarkEvent[]>([]);
  const [score, setScore] = useState(view.score);
  const [saving, setSaving] = useState(allSaved);
  const [ready, setReady] = useState(false);
  const queue = useRef<MarkQueue | null>(null);
  const counter = useRef(0);
  const clock = useRef<() => number>(() => 0);

  useEffect(() => {
    const q = new MarkQueue(view.id, (news) => {
      setSaving(news.saving);
      if (news.score) setScore(news.score);
    });
    queue.current = q;
    let gone = false;
    void q.kept().then((kept) => {
      if (gone) return;
      const all = [...view.events, ...kept];
      counter.current = Math.max(-1, ...all.filter((e) => e.device === device).map((e) => e.counter)) + 1;
      clock.current = makeClock(view.id, Math.max(0, ...all.map((e) => e.at_ms)));
      setOwn(kept);
      setReady(true);
      void q.pump();
    });
    return () => {
      gone = true;
      q.close();
    };
    // The demonstration's own events are read once, when it is opened; later ones come from this device.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [view.id, device]);

  const events = useMemo(() => {
    const known = new Set(view.events.map((e) => e.id));
    return [...view.events, ...own.filter((e) => !known.has(e.id))];
  }, [view.events, own]);
  const fold = useMemo(() => foldSheet(events), [events]);

  const give = useCallback(
    (kind: string, given: Given = {}) => {
      const event: MarkEvent = {
        id: crypto.randomUUID(),
        kind,
        device,
        counter: counter.current++,
        at_ms: clock.current(),
        step: null,
        side: null,
        target: null,
        value: null,
        note: null,
        arrival: 0,
        ...given,
      };
      setOwn((o) => [...o, event]);
      void queue.current?.give(event);
    },
    [device],
  );
  const undo = useCallback(() => {
    for (const e of toUndo(events, device)) give("undo", { target: e.id });
  }, [events, device, give]);

  return {
    events,
    fold,
    score,
    saving,
    ready,
    give,
    undo,
    now: () => clock.current(),
    flush: () => queue.current?.flush() ?? Promise.resolve(0),
  };
}
