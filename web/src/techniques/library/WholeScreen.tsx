import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { Stage } from "../../face/Stage";
import { api, problemOf, Refusal, said, type Schemas } from "../../shell/api";
import { useSignedIn } from "../../shell/session";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { Problem, Waiting } from "../../ui/States";
import { DifferenceList } from "../parts/DifferenceList";
import { LibraryHead } from "./LibraryHead";
import { libraryQuery, techniqueQuery } from "../parts/techniqueQueries";

const reviewQuery = {
  queryKey: ["techniques", "whole"],
  queryFn: () => said(api.GET("/api/library/review")),
};

/** The library as a whole: one muscle pulled two ways, what is there twice, what is missing. */
export function WholeScreen() {
  const person = useSignedIn();
  const review = useQuery(reviewQuery);
  const library = useQuery(libraryQuery);
  const [structure, setStructure] = useState<string | null>(null);
  const conflicts = review.data?.conflicts ?? [];
  const lacks = Map.groupBy(review.data?.lacks ?? [], (l) => l.kind);
  return (
    <Stage
      plate={{
        lit: conflicts.map((c) => ({
          structure: c.conflict.structure,
          side: "both",
          tone: c.kept ? "two-ways-kept" : "two-ways",
          strength: "primary",
        })),
        selected: structure,
        onSelect: setStructure,
        legend: <p className="text-faded">Lit: muscles that are trained here and let rest or loosened there.</p>,
      }}
    >
      <LibraryHead staff={person.grades} />
      {review.isPending && <Waiting what="the library as a whole" />}
      {review.isError && <Problem error={review.error} again={() => review.refetch()} />}
      {review.data && (
        <>
          <h2 className="mt-5 mb-1">Trained here, relaxed there</h2>
          <p className="mb-2 max-w-prose text-sm text-faded">
            Trained in one technique, let rest or loosened in another. Not wrong by itself: it is kept with a reason.
          </p>
          <ul>
            {conflicts
              .filter((c) => structure === null || c.conflict.structure === structure)
              .map((c) => (
                <Conflict key={c.conflict.structure} line={c} mayKeep={person.leads} />
              ))}
          </ul>
          {conflicts.length === 0 && (
            <p className="text-faded">No muscle is trained in one technique and relaxed in another.</p>
          )}
          <h2 className="mt-6 mb-1">Near-duplicates</h2>
          {review.data.duplicates.length === 0 ? (
            <p className="text-faded">No two techniques are nearly the same.</p>
          ) : (
            <ul>
              {review.data.duplicates.slice(0, 60).map((d) => (
                <Duplicate key={d.first + d.second} pair={d} />
              ))}
            </ul>
          )}
          <h2 className="mt-6 mb-1">Gaps in the library</h2>
          {review.data.lacks.length === 0 ? (
            <p className="text-faded">No gaps: everything in the atlas is worked.</p>
          ) : (
            [...lacks.entries()].map(([kind, inKind]) => (
              <details key={kind} open={inKind.length <= 6} className="mb-2">
                <summary className="cursor-pointer font-semibold">
                  {inKind.length} {kind}
                  {inKind.length === 1 ? "" : "s"}
                </summary>
                <ul className="columns-2 text-sm">
                  {inKind.map((l) => (
                    <li key={l.id} className="py-0.5">
                      {l.says}
                    </li>
                  ))}
                </ul>
              </details>
            ))
          )}
          <p className="mt-4 text-sm text-faded">{library.data?.length ?? 0} techniques were looked at.</p>
        </>
      )}
    </Stage>
  );
}

function Conflict({ line, mayKeep }: { line: Schemas["ConflictLine"]; mayKeep: boolean }) {
  const { conflict, kept } = line;
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState(kept?.reason ?? "");
  const [begunOver, setBegunOver] = useState(kept?.at ?? null);
  const queries = useQueryClient();
  const keep = useMutation({
    mutationFn: () =>
      said(
        api.PUT("/api/library/conflicts/{structure}", {
          params: { path: { structure: conflict.structure } },
          body: { reason, seen: begunOver },
        }),
      ),
    onSuccess: async () => {
      setOpen(false);
      await queries.invalidateQueries({ queryKey: reviewQuery.queryKey });
    },
    onError: async (error) => {
      if (!(error instanceof Refusal && error.status === 409)) return;
      // Theirs is shown now; whoever keeps theirs out does it knowingly.
      const now = await queries.fetchQuery({ ...reviewQuery, staleTime: 0 });
      setBegunOver(now.conflicts.find((c) => c.conflict.structure === conflict.structure)?.kept?.at ?? null);
    },
  });
  const parts: readonly (readonly [string, readonly string[]])[] = [
    ["trained in", conflict.trained],
    ["let rest in", conflict.rested],
    ["loosened in", conflict.loosened],
  ];
  return (
    <li className="border-t border-line py-1.5" data-conflict={conflict.structure}>
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <span className="font-semibold">{conflict.name}</span>
        {kept ? (
          <span className="flex-1 text-sm">
            kept: <span className="font-serif">{kept.reason}</span> <span className="text-faded">({kept.by})</span>
          </span>
        ) : (
          <span className="flex-1 text-sm text-now">no reason given</span>
        )}
        {mayKeep && (
          <Button
            size="line"
            tone="quiet"
            aria-label={`${kept ? "another reason" : "keep both, with a reason"}: ${conflict.name}`}
            onClick={() => {
              setBegunOver(kept?.at ?? null);
              setOpen(!open);
            }}
          >
            {kept ? "another reason" : "keep both, with a reason"}
          </Button>
        )}
      </div>
      <p className="text-sm text-faded">
        {parts
          .filter(([, names]) => names.length > 0)
          .map(([word, names]) => `${word} ${names.join(", ")}`)
          .join(" · ")}
      </p>
      {open && (
        <form
          className="mt-1 flex items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            keep.mutate();
          }}
        >
          <TextField
            label="Reason for both"
            className="flex-1"
            autoFocus
            value={reason}
            error={keep.isError ? problemOf(keep.error).fields["reason"]?.[0] : undefined}
            onChange={(e) => setReason(e.target.value)}
          />
          <Button type="submit" tone="now" disabled={keep.isPending}>
            Save the reason
          </Button>
          {keep.isError && Object.keys(problemOf(keep.error).fields).length === 0 && (
            <Problem error={keep.error} safe="Nothing was changed; your reason is still here." />
          )}
        </form>
      )}
    </li>
  );
}

/** Two techniques that consist of nearly the same, side by side when opened. */
function Duplicate({ pair }: { pair: Schemas["NearDuplicate"] }) {
  const [open, setOpen] = useState(false);
  const first = useQuery({ ...techniqueQuery(pair.first), enabled: open });
  const second = useQuery({ ...techniqueQuery(pair.second), enabled: open });
  const apart = useQuery({
    queryKey: ["difference", pair.first, pair.second, first.data?.version, second.data?.version],
    enabled: open && Boolean(first.data) && Boolean(second.data),
    queryFn: () =>
      said(
        api.POST("/api/techniques/difference", {
          body: {
            before: (first.data as Schemas["TechniqueView"]).document,
            after: (second.data as Schemas["TechniqueView"]).document,
          },
        }),
      ),
  });
  return (
    <li className="border-t border-line py-1.5">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <span>
          <Link to={`/techniques/${pair.first}`}>{pair.first_name}</Link> and{" "}
          <Link to={`/techniques/${pair.second}`}>{pair.second_name}</Link>
        </span>
        <span className="flex-1 text-sm text-faded">{Math.round(pair.likeness * 100)} % alike</span>
        <Button size="line" tone="quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? "close" : "side by side"}
        </Button>
      </div>
      {open && apart.data && (
        <DifferenceList
          differences={apart.data.filter((d) => d.what !== "name")}
          same="They differ in nothing but their names."
          columns={[pair.first_name, pair.second_name]}
        />
      )}
    </li>
  );
}
