import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import type { Schemas } from "../shell/api";
import { allSaved, deviceId, MarkQueue } from "./markQueue";
import { foldSheet, lastOf, toUndo, type MarkEvent } from "./sheetFold";

type Given = Partial<Pick<MarkEvent, "step" | "side" | "target" | "value" | "note" | "at_ms">>;
/** Gives a mark; its id is known at once. */
export type Give = (kind: MarkEvent["kind"], given?: Given) => string;
export type Grading = ReturnType<typeof useGrading>;

/**
 * Milliseconds since the demonstration was first opened on this device. After a reload it goes on from the day's clock; from
 * then on only the page's own clock counts, which nobody sets: it never stands still and never runs backwards.
 */
function makeClock(demonstration: string, lastMs: number): () => number {
  const key = `wexis.clock.${demonstration}`;
  const known = Number(localStorage.getItem(key));
  const opened = known > 0 ? known : Date.now() - lastMs;
  if (!(known > 0)) localStorage.setItem(key, String(opened));
  const elapsed = Date.now() - opened;
  // A clock that was set forward by more than a day's work would put every mark out of reach.
  const from = elapsed > LONGEST_MS ? lastMs : Math.max(lastMs, elapsed);
  const began = performance.now();
  return () => Math.round(from + performance.now() - began);
}

/** No demonstration is open longer on one device: twelve hours. */
const LONGEST_MS = 12 * 3600 * 1000;

/** The marks of one demonstration: those the server has, those still on their way, and how to give more. */
export function useGrading(view: Schemas["DemonstrationView"]) {
  const device = useMemo(() => deviceId(), []);
  const [own, setOwn] = useState<readonly MarkEvent[]>([]);
  /** The newest score that came with a mark; until one came, the one that was read. */
  const [news, setNews] = useState<Schemas["Score"] | null>(null);
  const [saving, setSaving] = useState(allSaved);
  const [ready, setReady] = useState(false);
  const queue = useRef<MarkQueue | null>(null);
  const counter = useRef(0);
  const clock = useRef<() => number>(() => 0);
  /** The second of a film, while one is graded: it takes the place of the clock. */
  const film = useRef<(() => number) | null>(null);

  useEffect(() => {
    const q = new MarkQueue(view.id, (told) => {
      setSaving(told.saving);
      if (told.score) setNews(told.score);
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
  const last = useMemo(() => lastOf(events, device), [events, device]);
  const now = useCallback(() => film.current?.() ?? clock.current(), []);

  const give = useCallback<Give>(
    (kind, given = {}) => {
      const event: MarkEvent = {
        id: crypto.randomUUID(),
        kind,
        device,
        counter: counter.current++,
        at_ms: now(),
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
      return event.id;
    },
    [device, now],
  );
  const undo = useCallback(() => {
    for (const e of toUndo(events, device)) give("undo", { target: e.id });
  }, [events, device, give]);

  return {
    events,
    fold,
    last,
    score: news ?? view.score,
    saving,
    ready,
    give,
    undo,
    now,
    /** From here on marks carry the second of a film; null: the clock's again. */
    followFilm: useCallback((to: (() => number) | null) => {
      film.current = to;
    }, []),
    again: (id: string) => void queue.current?.again(id),
    setAside: (id: string, reason: string) => {
      void queue.current?.setAside(id, reason);
      setOwn((o) => o.filter((e) => e.id !== id));
    },
    flush: () => queue.current?.flush() ?? Promise.resolve(0),
  };
}
