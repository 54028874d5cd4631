import { useEffect, useReducer } from "react";
import { z } from "./schema";

/** What is being written, with what undo and redo need. Typing in one field is one change. */
export type Writing<T> = {
  readonly past: readonly T[];
  readonly now: T;
  readonly future: readonly T[];
  readonly saved: T;
  /** The saved version that it was begun on. */
  readonly base: Base;
  readonly field: string | null;
};

/** Names a saved version: its edition or revision, and its version within that. Nothing saved yet: 0 and 0. */
export type Base = { readonly number: number; readonly version: number };
export const NOTHING_SAVED: Base = { number: 0, version: 0 };

export const isAfter = (a: Base, b: Base) => a.number > b.number || (a.number === b.number && a.version > b.version);

export type Change<T> =
  | { type: "change"; to: T; field: string | null }
  | { type: "undo" }
  | { type: "redo" }
  | { type: "saved"; document: T; base: Base }
  | { type: "load"; document: T; base: Base };

const MOST_UNDO = 200;

export function writing<T>(state: Writing<T>, action: Change<T>): Writing<T> {
  switch (action.type) {
    case "change":
      if (action.field !== null && action.field === state.field) return { ...state, now: action.to, future: [] };
      return {
        ...state,
        past: [...state.past.slice(1 - MOST_UNDO), state.now],
        now: action.to,
        future: [],
        field: action.field,
      };
    case "undo": {
      const before = state.past[state.past.length - 1];
      if (before === undefined) return state;
      return {
        ...state,
        past: state.past.slice(0, -1),
        now: before,
        future: [state.now, ...state.future],
        field: null,
      };
    }
    case "redo": {
      const [next, ...rest] = state.future;
      if (next === undefined) return state;
      return { ...state, past: [...state.past, state.now], now: next, future: rest, field: null };
    }
    case "saved":
      return { ...state, saved: action.document, base: action.base, field: null };
    case "load":
      // What stood here goes to undo: nobody's text is thrown away by taking somebody else's.
      return {
        past: [...state.past, state.now],
        now: action.document,
        future: [],
        saved: action.document,
        base: action.base,
        field: null,
      };
    default:
      return action satisfies never;
  }
}

const BaseShape = z.object({ number: z.int(), version: z.int() });

/** A draft as this browser keeps it. The first form named its base in one string, "2.3", or "3" where there is no edition. */
const Kept = z.union([
  z.object({ schema: z.literal(2), base: BaseShape, document: z.record(z.string(), z.unknown()) }),
  z.pipe(
    z.object({ base: z.string().check(z.regex(/^\d+(\.\d+)?$/)), document: z.record(z.string(), z.unknown()) }),
    z.transform(({ base, document }: { base: string; document: Record<string, unknown> }) => {
      const [first = 0, second] = base.split(".").map(Number);
      return {
        schema: 2 as const,
        base: { number: second === undefined ? 1 : first, version: second ?? first },
        document,
      };
    }),
  ),
]);

/** Leaves a document to be taken up as a draft, as if it had been typed there. */
export const keepDraft = <T>(place: string, base: Base, document: T) =>
  localStorage.setItem(place, JSON.stringify({ schema: 2, base, document }));

/** What was typed and not yet saved, from this browser; null when there is nothing, or when it cannot be read (it is set aside then). */
export function keptDraft<T>(place: string): { base: Base; document: T } | null {
  const text = localStorage.getItem(place);
  if (text === null) return null;
  try {
    const kept = Kept.parse(JSON.parse(text));
    return { base: kept.base, document: kept.document as T };
  } catch (cause) {
    setAside(place);
    console.error("A kept draft could not be read and was set aside.", cause);
    return null;
  }
}

const DRAFT = /^wexis\.(technique|programme|sheet)\.([^.]+)$/;

/** Drafts that this browser keeps for what stands at an address: their names end with its id. */
export const draftsAt = (pathname: string) =>
  Object.keys(localStorage).filter((place) => pathname.split("/").includes(DRAFT.exec(place)?.[2] ?? "-"));

/** Every draft of a kind that this browser keeps: its id, whether it was ever saved, and its name. */
export function draftsOf(kind: "technique" | "programme") {
  return Object.keys(localStorage).flatMap((place) => {
    const [, of, id] = DRAFT.exec(place) ?? [];
    const kept = of === kind && id !== undefined ? keptDraft<{ name?: unknown }>(place) : null;
    if (!kept || id === undefined) return [];
    const name = typeof kept.document.name === "string" ? kept.document.name.trim() : "";
    return [{ id, place, isNew: kept.base.number === 0, name: name || "without a name yet" }];
  });
}

/** Sets a draft aside under another name, where it no longer stands in the way; never thrown away. */
export function setAside(place: string) {
  const text = localStorage.getItem(place);
  if (text !== null) localStorage.setItem(`${place}.unreadable`, text);
  localStorage.removeItem(place);
}

/**
 * A document while it is written: with undo and redo, and every change kept in this browser until it is saved,
 * so that a reload or a crash loses nothing.
 * @param place Name of the draft in this browser, for example "wexis.technique.ID".
 * @param stored What is saved now, as last read; @param base names its version. A newer one is taken up when nothing was
 * typed here, and else left for the person to choose.
 */
export function useDraft<T>(place: string, stored: T, base: Base) {
  const [state, dispatch] = useReducer(writing<T>, null, (): Writing<T> => {
    const kept = keptDraft<T>(place);
    return {
      past: kept === null ? [] : [stored],
      now: kept?.document ?? stored,
      future: [],
      saved: stored,
      base: kept?.base ?? base,
      field: null,
    };
  });
  const dirty = state.now !== state.saved && JSON.stringify(state.now) !== JSON.stringify(state.saved);
  const newer = isAfter(base, state.base);
  useEffect(() => {
    if (newer && !dirty) dispatch({ type: "load", document: stored, base });
  }, [newer, dirty, stored, base]);
  useEffect(() => {
    if (dirty) keepDraft(place, state.base, state.now);
    else localStorage.removeItem(place);
  }, [place, state.now, state.base, dirty]);
  return {
    document: state.now,
    base: state.base,
    dirty,
    /** Somebody saved since this draft was begun: ask before it is saved over theirs. */
    behind: newer && dirty,
    canUndo: state.past.length > 0,
    canRedo: state.future.length > 0,
    change: (to: T, field: string | null = null) => dispatch({ type: "change", to, field }),
    undo: () => dispatch({ type: "undo" }),
    redo: () => dispatch({ type: "redo" }),
    saved: (document: T, as: Base) => dispatch({ type: "saved", document, base: as }),
    load: (document: T, as: Base) => dispatch({ type: "load", document, base: as }),
  };
}
