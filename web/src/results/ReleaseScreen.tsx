import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { toast } from "sonner";
import { Stage } from "../face/Stage";
import { api, said, type Schemas } from "../shell/api";
import { Button } from "../ui/Button";
import { cn } from "../ui/cn";
import { Empty, Problem, Waiting } from "../ui/States";
import { useResultsAgain, waitingQuery } from "./caseQueries";
import { ResitText, ToldText } from "./Told";

type Preview = Schemas["ReleasePreview"];

/** What each trainee will read, before anybody reads it; then released one by one or all that are ticked. */
export function ReleaseScreen() {
  const waiting = useQuery(waitingQuery);
  const again = useResultsAgain();
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [open, setOpen] = useState<string | null>(null);
  const ready = (waiting.data ?? []).filter((p) => p.waits === null);
  const held = (waiting.data ?? []).filter((p) => p.waits !== null);
  const chosen = ready.filter((p) => !left.has(p.id));
  const release = useMutation({
    mutationFn: () => said(api.POST("/api/results/release", { body: { results: chosen.map((p) => p.id) } })),
    onSuccess: async ({ count }) => {
      toast.success(`${count} ${count === 1 ? "result is" : "results are"} released.`);
      await again();
    },
  });
  return (
    <Stage plate={{}} list>
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h1>Release results</h1>
        {chosen.length > 0 && (
          <Button tone="now" disabled={release.isPending} onClick={() => release.mutate()}>
            Release {chosen.length} {chosen.length === 1 ? "result" : "results"}
          </Button>
        )}
      </div>
      <p className="text-faded">Read what each trainee will see. Take the tick away where you want to wait.</p>
      {release.isError && <Problem error={release.error} safe="Nothing was released." />}
      {release.data?.not.map((n) => (
        <p key={n.id} className="text-now">
          {n.trainee}: {n.says}
        </p>
      ))}
      {waiting.isPending && <Waiting what="what waits" />}
      {waiting.isError && <Problem error={waiting.error} again={() => waiting.refetch()} />}
      {waiting.data?.length === 0 && (
        <Empty says="Every result is released." next={{ to: "/results", says: "All results" }} />
      )}
      <ul className="mt-3" aria-label="Ready to be released">
        {ready.map((p) => (
          <li key={p.id} className="border-t border-line py-1.5" data-preview={p.id}>
            <div className="flex flex-wrap items-center gap-3">
              <label className="flex min-h-8 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-5"
                  checked={!left.has(p.id)}
                  onChange={(e) => {
                    const next = new Set(left);
                    if (e.target.checked) next.delete(p.id);
                    else next.add(p.id);
                    setLeft(next);
                  }}
                />
                <span className="font-serif font-medium">{p.trainee}</span>
              </label>
              <span>{p.technique_name}</span>
              <span className={cn("font-medium", p.decision !== "pass" && "text-now")}>{p.headline}</span>
              <Button
                size="line"
                tone="quiet"
                aria-expanded={open === p.id}
                onClick={() => setOpen(open === p.id ? null : p.id)}
              >
                What {p.trainee.split(" ")[0]} will read
              </Button>
            </div>
            {open === p.id && <Read p={p} />}
          </li>
        ))}
      </ul>
      {held.length > 0 && (
        <section className="mt-6" aria-label="Not to be released yet">
          <h2>Not to be released yet</h2>
          <ul>
            {held.map((p) => (
              <li key={p.id} className="border-t border-line py-1.5" data-held={p.id}>
                <Link to={`/results/${p.id}`} className="font-serif font-medium hover:underline">
                  {p.trainee}
                </Link>{" "}
                {p.technique_name}, {p.headline}
                <span className="block text-sm text-now">{p.waits}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </Stage>
  );
}

function Read({ p }: { p: Preview }) {
  return (
    <div className="my-2 grid gap-x-8 gap-y-4 border-l-2 border-line pl-4 sm:grid-cols-2">
      {p.told ? (
        <>
          <div className="space-y-4">
            <ToldText told={p.told} />
          </div>
          {p.resit && <ResitText plan={p.resit} decidedAt={p.decided_at} />}
        </>
      ) : (
        <ul className="font-serif">
          {p.feedback.map((f) => (
            <li key={f}>{f}</li>
          ))}
        </ul>
      )}
    </div>
  );
}
