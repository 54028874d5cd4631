import { useMutation } from "@tanstack/react-query";
import { useEffect } from "react";
import { Refusal, Unreachable } from "./api";
import { useDraft, type Base } from "./useDraft";

const isConflict = (error: unknown) => error instanceof Refusal && error.status === 409;

/** How long after a save that nobody answered it is tried again. */
const AGAIN_MS = 4000;

/**
 * The one bench for a document that several people may be writing: draft, save, conflict, undo, and a network that goes.
 * What is typed while a save is on its way stays unsaved until its own save; a save that met another asks; one that nobody
 * answered is tried again by itself.
 */
export function useBench<T, A>({
  place,
  stored,
  base,
  send,
  baseOf,
  refresh,
  onSaved,
}: {
  place: string;
  /** What is saved now, as last read, and its version. */
  stored: T;
  base: Base;
  /** Saves a document over the version that it was begun on. */
  send: (document: T, over: Base) => Promise<A>;
  baseOf: (answer: A) => Base;
  /** Reads anew what is saved: it comes back in as `stored`. */
  refresh: () => Promise<unknown>;
  onSaved?: (answer: A) => void;
}) {
  const draft = useDraft(place, stored, base);
  const save = useMutation({
    mutationFn: async ({ document, over }: { document: T; over: Base }) => send(document, over),
    // What was sent is saved; what was typed meanwhile is not.
    onSuccess: async (answer, { document }) => {
      draft.saved(document, baseOf(answer));
      onSaved?.(answer);
      await refresh();
    },
    // Theirs is read, to be shown beside mine.
    onError: (error) => (isConflict(error) ? refresh() : undefined),
  });
  const offline = save.error instanceof Unreachable;
  const { mutate, variables, failureCount } = save;
  useEffect(() => {
    if (!offline) return undefined;
    // The same text again: should only the answer have been lost, the server knows it.
    const again = () => variables && mutate(variables);
    const timer = window.setTimeout(again, AGAIN_MS);
    window.addEventListener("online", again);
    return () => {
      window.clearTimeout(timer);
      window.removeEventListener("online", again);
    };
  }, [offline, mutate, variables, failureCount]);
  const stale = draft.behind || isConflict(save.error);
  const canSave = draft.dirty && !save.isPending && !stale && !offline;
  return {
    ...draft,
    /** What is saved now: theirs, where the save met one. */
    stored,
    stale,
    offline,
    saving: save.isPending,
    error: save.error === null || stale || offline ? null : save.error,
    canSave,
    save: () => {
      if (canSave) mutate({ document: draft.document, over: draft.base });
    },
    keepMine: () => mutate({ document: draft.document, over: base }),
    takeTheirs: () => {
      draft.load(stored, base);
      save.reset();
    },
  };
}

/** Where the text stands, in words. */
export function whereItStands(bench: { dirty: boolean; saving: boolean; offline: boolean }, everSaved = true) {
  if (bench.offline) return "offline: kept in this browser, saved as soon as the server answers";
  if (bench.saving) return "saving";
  if (bench.dirty) return "not saved yet, kept in this browser";
  return everSaved ? "saved" : "";
}
