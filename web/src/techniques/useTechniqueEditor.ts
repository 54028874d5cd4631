import { useEffect, useReducer } from "react";
import type { TechniqueDocument } from "./techniqueModel";

/** What is being written, with what undo and redo need. Typing in one field is one change. */
type Writing = {
  readonly past: readonly TechniqueDocument[];
  readonly now: TechniqueDocument;
  readonly future: readonly TechniqueDocument[];
  readonly saved: TechniqueDocument;
  readonly field: string | null;
};

type Change =
  | { type: "change"; to: TechniqueDocument; field: string | null }
  | { type: "undo" }
  | { type: "redo" }
  | { type: "saved"; document: TechniqueDocument }
  | { type: "load"; document: TechniqueDocument; saved: TechniqueDocument };

const MOST_UNDO = 200;

export function writing(state: Writing, action: Change): Writing {
  switch (action.type) {
    case "change":
      if (action.field !== null && action.field === state.field) return { ...state, now: action.to, future: [] };
      return {
        ...state,
        past: [...state.past.slice(-MOST_UNDO), state.now],
        now: action.to,
        future: [],
        field: action.field,
      };
    case "undo": {
      const before = state.past[state.past.length - 1];
      return before
        ? { ...state, past: state.past.slice(0, -1), now: before, future: [state.now, ...state.future], field: null }
        : state;
    }
    case "redo": {
      const [next, ...rest] = state.future;
      return next ? { ...state, past: [...state.past, state.now], now: next, future: rest, field: null } : state;
    }
    case "saved":
      return { ...state, saved: action.document, field: null };
    case "load":
      return { past: [], now: action.document, future: [], saved: action.saved, field: null };
    default:
      return action satisfies never;
  }
}

type Kept = { document: TechniqueDocument; edition: number; version: number };
const place = (id: string) => `wexis.technique.${id}`;

/** What was typed and not yet saved, from this browser; null when there is nothing. */
export function keptDraft(id: string): Kept | null {
  const text = localStorage.getItem(place(id));
  if (text === null) return null;
  try {
    return JSON.parse(text) as Kept;
  } catch (cause) {
    // A draft that cannot be read is set aside under another name, never thrown away.
    localStorage.setItem(`${place(id)}.unreadable`, text);
    localStorage.removeItem(place(id));
    console.error("A kept draft could not be read and was set aside.", cause);
    return null;
  }
}

/** Every change is kept in this browser until it is saved: a reload or a crash loses nothing. */
export function useTechniqueEditor(id: string, stored: TechniqueDocument, edition: number, version: number) {
  const [state, dispatch] = useReducer(writing, null, (): Writing => {
    const kept = keptDraft(id);
    return { past: kept ? [stored] : [], now: kept?.document ?? stored, future: [], saved: stored, field: null };
  });
  const dirty = state.now !== state.saved && JSON.stringify(state.now) !== JSON.stringify(state.saved);
  useEffect(() => {
    if (dirty)
      localStorage.setItem(place(id), JSON.stringify({ document: state.now, edition, version } satisfies Kept));
    else localStorage.removeItem(place(id));
  }, [id, state.now, dirty, edition, version]);
  return {
    document: state.now,
    dirty,
    canUndo: state.past.length > 0,
    canRedo: state.future.length > 0,
    change: (to: TechniqueDocument, field: string | null = null) => dispatch({ type: "change", to, field }),
    undo: () => dispatch({ type: "undo" }),
    redo: () => dispatch({ type: "redo" }),
    saved: (document: TechniqueDocument) => dispatch({ type: "saved", document }),
    load: (document: TechniqueDocument) => dispatch({ type: "load", document, saved: document }),
  };
}
