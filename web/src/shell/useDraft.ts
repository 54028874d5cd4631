import { useEffect, useReducer, useState } from "react";

/** What is being written, with what undo and redo need. Typing in one field is one change. */
export type Writing<T> = {
  readonly past: readonly T[];
  readonly now: T;
  readonly future: readonly T[];
  readonly saved: T;
  readonly field: string | null;
};

export type Change<T> =
  | { type: "change"; to: T; field: string | null }
  | { type: "undo" }
  | { type: "redo" }
  | { type: "saved"; document: T }
  | { type: "load"; document: T };

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
      return { ...state, saved: action.document, field: null };
    case "load":
      // What stood here goes to undo: nobody's text is thrown away by taking somebody else's.
      return {
        past: [...state.past, state.now],
        now: action.document,
        future: [],
        saved: action.document,
        field: null,
      };
    default:
      return action satisfies never;
  }
}

/** A draft, and the version of the saved text that it was begun on. */
type Kept<T> = { readonly base: string; readonly document: T };

/** Leaves a document to be taken up as a draft, as if it had been typed there. */
export const keepDraft = <T>(place: string, base: string, document: T) =>
  localStorage.setItem(place, JSON.stringify({ base, document } satisfies Kept<T>));

/** What was typed and not yet saved, from this browser; null when there is nothing. */
export function keptDraft<T>(place: string): Kept<T> | null {
  const text = localStorage.getItem(place);
  if (text === null) return null;
  try {
    return JSON.parse(text) as Kept<T>;
  } catch (cause) {
    setAside(place);
    console.error("A kept draft could not be read and was set aside.", cause);
    return null;
  }
}

const DRAFT = /^wexis\.(?:technique|programme|sheet)\.([^.]+)$/;

/** Drafts that this browser keeps for what stands at an address: their names end with its id. */
export const draftsAt = (pathname: string) =>
  Object.keys(localStorage).filter((place) => pathname.split("/").includes(DRAFT.exec(place)?.[1] ?? "-"));

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
 * @param base Names the version that is saved now; a kept draft that was begun on another one is behind.
 */
export function useDraft<T>(place: string, stored: T, base: string) {
  const [kept] = useState(() => keptDraft<T>(place));
  const [behind, setBehind] = useState(kept !== null && kept.base !== base);
  const [state, dispatch] = useReducer(writing<T>, null, (): Writing<T> => ({
    past: kept === null ? [] : [stored],
    now: kept?.document ?? stored,
    future: [],
    saved: stored,
    field: null,
  }));
  const dirty = state.now !== state.saved && JSON.stringify(state.now) !== JSON.stringify(state.saved);
  useEffect(() => {
    if (dirty) keepDraft(place, behind && kept ? kept.base : base, state.now);
    else localStorage.removeItem(place);
  }, [place, state.now, dirty, base, behind, kept]);
  return {
    document: state.now,
    dirty,
    /** Somebody saved since this draft was begun: ask before it is saved over theirs. */
    behind,
    canUndo: state.past.length > 0,
    canRedo: state.future.length > 0,
    change: (to: T, field: string | null = null) => dispatch({ type: "change", to, field }),
    undo: () => dispatch({ type: "undo" }),
    redo: () => dispatch({ type: "redo" }),
    saved: (document: T) => {
      setBehind(false);
      dispatch({ type: "saved", document });
    },
    load: (document: T) => {
      setBehind(false);
      dispatch({ type: "load", document });
    },
  };
}
