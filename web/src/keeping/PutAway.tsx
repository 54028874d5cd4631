import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Dialog } from "radix-ui";
import { useState, type ReactNode } from "react";
import { Link } from "react-router";
import { toast } from "sonner";
import { api, problemOf, said, type Schemas } from "../shell/api";
import { Button } from "../ui/Button";
import { Problem, Waiting } from "../ui/States";

export type Kind = "technique" | "routine" | "programme" | "examination" | "station" | "person";
type State = "archived" | "deleted" | null;

const awayQuery = (kind: Kind, id: string) =>
  queryOptions({
    queryKey: ["away", kind, id],
    queryFn: () => said(api.GET("/api/away/{kind}/{id}", { params: { path: { kind, id } } })),
    staleTime: 0,
  });

const put = (kind: Kind, id: string, seen: State, state: State) =>
  said(api.PUT("/api/away/{kind}/{id}", { params: { path: { kind, id } }, body: { seen, state } }));

/** Archives, deletes and brings back; every list is asked for anew, and a slip is undone where it is said. */
export function useAway() {
  const queries = useQueryClient();
  return async (kind: Kind, id: string, name: string, seen: State, state: State) => {
    await put(kind, id, seen, state);
    await queries.invalidateQueries({ predicate: (q) => q.queryKey[0] !== "session" });
    toast.success(DONE[state ?? "here"](name), {
      duration: 10_000,
      action: {
        label: "Undo",
        onClick: () => {
          put(kind, id, state, seen)
            .then(() => queries.invalidateQueries({ predicate: (q) => q.queryKey[0] !== "session" }))
            .then(() => toast.success(DONE[seen ?? "here"](name)))
            .catch((e: unknown) => toast.error(problemOf(e).title));
        },
      },
    });
  };
}

const DONE: Readonly<Record<"archived" | "deleted" | "here", (name: string) => string>> = {
  archived: (name) => `“${name}” is archived.`,
  deleted: (name) => `“${name}” is deleted. It can be brought back for 30 days.`,
  here: (name) => `“${name}” is back.`,
};

/** What archiving means for each kind. */
const ARCHIVED_MEANS: Readonly<Record<Kind, string>> = {
  technique: "Archived, it leaves the library. Routines, programmes, stations and cohorts that use it go on using it.",
  routine: "Archived, it leaves the list. Programmes and cohorts that use it go on using it.",
  programme: "Archived, it leaves the list. Its cohorts keep what they were taught.",
  examination: "Archived, it leaves the list with its stations. What was graded there stays.",
  station: "Archived, nobody new is graded there. What was graded stays, and what was begun can be finished.",
  person: "Archived, the account is closed and signed out at once. Their name stays with what they did.",
};

const REST_WORDS: Readonly<Record<string, (r: Schemas["Rest"]) => string>> = {
  programme: () => "programme",
  routine: () => "routine",
  examination: () => "examination",
  cohort: () => "cohort",
  technique: (r) => (r.holds ? "technique that has it as a prerequisite" : "technique that names it"),
  station: (r) => (r.count === 0 ? "station" : `station, ${r.count} graded`),
  demonstration: (r) => (r.count === 1 ? "1 demonstration" : `${r.count} demonstrations`),
  screening: (r) => (r.count === 1 ? "1 screening" : `${r.count} screenings`),
  work: (r) => (r.count === 1 ? "1 thing they wrote" : `${r.count} things they wrote`),
};

const AT: Readonly<Record<string, (id: string) => string>> = {
  programme: (id) => `/programme/${id}`,
  routine: (id) => `/routines/${id}`,
  cohort: (id) => `/programme/${id}`,
  station: (id) => `/examination/${id}`,
  technique: (id) => `/techniques/${id}`,
  examination: () => "/examination",
};

/** A quiet button; it opens what rests on the thing, then asks once. */
export function PutAway({ kind, id, name, then }: { kind: Kind; id: string; name: string; then?: () => void }) {
  const [open, setOpen] = useState(false);
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger asChild>
        <Button size="line" tone="quiet" aria-label={`Archive or delete ${name}`}>
          Archive or delete
        </Button>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content
          className="fixed inset-x-4 top-16 z-50 mx-auto max-h-[80vh] max-w-xl overflow-auto rounded-mark bg-paper p-6 shadow-2xl"
          aria-describedby={undefined}
        >
          <Dialog.Title className="font-serif text-xl">Archive or delete “{name}”</Dialog.Title>
          <Decide kind={kind} id={id} name={name} done={() => (setOpen(false), then?.())} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Decide({ kind, id, name, done }: { kind: Kind; id: string; name: string; done: () => void }) {
  const view = useQuery(awayQuery(kind, id));
  const away = useAway();
  const decide = useMutation({
    mutationFn: (state: State) => away(kind, id, name, view.data?.state ?? null, state),
    onSuccess: done,
  });
  if (view.isPending) return <Waiting what="what depends on it" />;
  if (view.isError) return <Problem error={view.error} again={() => view.refetch()} />;
  const { rests, may_delete } = view.data;
  return (
    <>
      <p className="mt-2">{ARCHIVED_MEANS[kind]}</p>
      <h3 className="mt-4 font-semibold">What depends on it</h3>
      {rests.length === 0 ? (
        <p className="text-faded">Nothing.</p>
      ) : (
        <ul className="mt-1" data-rests={rests.length}>
          {rests.map((r) => (
            <li key={r.kind + (r.id ?? "")}>
              <RestName rest={r} /> <span className="text-faded">{(REST_WORDS[r.kind] ?? (() => r.kind))(r)}</span>
            </li>
          ))}
        </ul>
      )}
      <p className="mt-3 text-sm text-faded">
        {may_delete
          ? "Deleted, it is out of sight everywhere. It can be brought back for 30 days; then it is removed for good."
          : "It cannot be deleted while this depends on it. Archiving keeps everything."}
      </p>
      {decide.isError && (
        <p role="alert" className="mt-3 font-medium text-wrong">
          {problemOf(decide.error).lines[0] ?? problemOf(decide.error).title}
        </p>
      )}
      <div className="mt-5 flex flex-wrap gap-3">
        <Button tone="now" disabled={decide.isPending} onClick={() => decide.mutate("archived")}>
          Archive
        </Button>
        {may_delete && (
          <Button disabled={decide.isPending} onClick={() => decide.mutate("deleted")}>
            Delete
          </Button>
        )}
        <Dialog.Close asChild>
          <Button tone="quiet">Cancel</Button>
        </Dialog.Close>
      </div>
    </>
  );
}

function RestName({ rest }: { rest: Schemas["Rest"] }): ReactNode {
  const to = rest.id ? AT[rest.kind]?.(rest.id) : undefined;
  if (!rest.name) return null;
  return to ? (
    <Link to={to} className="underline">
      {rest.name}
    </Link>
  ) : (
    rest.name
  );
}
