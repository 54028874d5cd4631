import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, problemOf, said, type Schemas } from "../shell/api";
import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import { clock } from "./routineModel";
import type { RoutineDocument } from "./routineQueries";

/** Fitted to the minutes there are: what was chosen, what it cost, the next best; or what the shortest is made of. */
export function FitPanel({
  document,
  nameOf,
  canChange,
  onTake,
}: {
  document: RoutineDocument;
  nameOf: (part: string) => string;
  canChange: boolean;
  onTake: (fitted: RoutineDocument) => void;
}) {
  const [minutes, setMinutes] = useState(String(document.minutes ?? ""));
  const fit = useMutation({
    mutationFn: () => said(api.POST("/api/routines/fit", { body: { minutes: Number(minutes), document } })),
  });
  const wrong = fit.isError ? problemOf(fit.error) : null;
  return (
    <section aria-labelledby="fit">
      <h2 id="fit" className="mb-1">
        Fit to the time
      </h2>
      <form
        noValidate
        className="flex flex-wrap items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          fit.mutate();
        }}
      >
        <TextField
          label="Minutes there are"
          type="number"
          min={1}
          max={120}
          step={0.5}
          className="w-36"
          value={minutes}
          onChange={(e) => setMinutes(e.target.value)}
          error={wrong?.fields["minutes"]?.[0]}
        />
        <Button type="submit" disabled={fit.isPending || minutes === ""}>
          Fit
        </Button>
      </form>
      {wrong && !wrong.fields["minutes"] && (
        <p role="alert" className="mt-1 text-sm font-medium text-wrong">
          {[wrong.title, ...wrong.lines].join(" ")}
        </p>
      )}
      {fit.data && <Answer view={fit.data} document={document} nameOf={nameOf} canChange={canChange} onTake={onTake} />}
    </section>
  );
}

function Answer({
  view,
  document,
  nameOf,
  canChange,
  onTake,
}: {
  view: Schemas["RoutineFitView"];
  document: RoutineDocument;
  nameOf: (part: string) => string;
  canChange: boolean;
  onTake: (fitted: RoutineDocument) => void;
}) {
  const { answer, fitted } = view;
  if (!fitted || !answer.choice)
    return (
      <div className="mt-2 border-l-4 border-now pl-3" role="status" data-fit="floor">
        <p className="font-semibold">
          It cannot be done in {clock(answer.target_seconds)}: the shortest takes {clock(answer.floor?.seconds ?? 0)}.
        </p>
        <ul className="mt-1 text-sm">
          {answer.floor?.made_of.map((p) => (
            <li key={p.id}>
              {nameOf(p.id)}, {p.level}: {clock(p.seconds)}
              {p.changeover > 0 && ` and ${clock(p.changeover)} to change over`}{" "}
              <span className="text-faded">({p.because})</span>
            </li>
          ))}
        </ul>
      </div>
    );
  const changed = changes(document, answer.choice, nameOf);
  return (
    <div className="mt-2" role="status" data-fit={answer.status}>
      <p className="font-semibold">
        {clock(answer.seconds ?? 0)} of {clock(answer.target_seconds)}
        {answer.status === "optimal" ? "; nothing better fits." : "; the best found so far."}
      </p>
      <ul className="mt-1 text-sm">
        {changed.map((c) => (
          <li key={c}>{c}</li>
        ))}
        {changed.length === 0 && <li className="text-faded">Nothing has to change.</li>}
      </ul>
      {canChange && changed.length > 0 && (
        <Button className="mt-2" onClick={() => onTake(fitted)}>
          Take it over
        </Button>
      )}
      {answer.next_best.length > 0 && (
        <details className="mt-2 text-sm">
          <summary className="min-h-6 cursor-pointer text-now">the next best</summary>
          {answer.next_best.map((n, i) => (
            <p key={i} className="mt-1">
              {clock(n.seconds)}: {changes(document, n.choice, nameOf).join("; ") || "as it stands"}
            </p>
          ))}
        </details>
      )}
    </div>
  );
}

type Choice = NonNullable<Schemas["FitAnswer"]["choice"]>;

/** What a choice changes, part by part, in words. */
function changes(document: RoutineDocument, choice: Choice, nameOf: (part: string) => string): string[] {
  return (document.parts ?? []).flatMap((p) => {
    const level = choice[p.id ?? ""] ?? null;
    if (level === null) return [`${nameOf(p.id ?? "")} is left out`];
    return p.technique && p.level !== level && !p.doses?.length
      ? [`${nameOf(p.id ?? "")}: ${p.level ?? "own dose"} becomes ${level}`]
      : [];
  });
}
