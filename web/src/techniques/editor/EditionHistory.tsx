import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { toast } from "sonner";
import { api, problemOf, said, type Schemas } from "../../shell/api";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { moment } from "../../shell/days";
import { Problem } from "../../ui/States";
import { DifferenceList, EditionDifferences } from "../parts/DifferenceList";
import { STANDING_TAGS, STANDING_WORDS } from "../parts/techniqueModel";
import { historyQuery } from "../parts/techniqueQueries";

const STEP_WORDS: Readonly<Record<string, string>> = {
  reviewed: "reviewed",
  approved: "approved",
  retired: "taken out of use",
  "back-in-use": "back in use",
};
type ReviewStep = NonNullable<Schemas["EditionStepTaken"]["step"]>;

/** What may be decided next over an edition, in the order of the work. The core decides whether it may. */
const NEXT: Readonly<Record<string, readonly { step: ReviewStep; word: string }[]>> = {
  complete: [{ step: "reviewed", word: "I have reviewed it" }],
  reviewed: [{ step: "approved", word: "Approve this edition" }],
  retired: [{ step: "back-in-use", word: "Take it back into use" }],
};

/** A technique in time: editions and what differs, what was decided and by whom, and what depends on it. */
export function EditionHistory({
  id,
  dirty,
  onStep,
  onCompare,
}: {
  id: string;
  dirty: boolean;
  onStep: (step: number) => void;
  /** Steps to be marked on the score, while the newest edition is compared with the one before. */
  onCompare: (steps: ReadonlySet<number>) => void;
}) {
  const history = useQuery(historyQuery(id));
  const [open, setOpen] = useState<number | null>(null);
  const [against, setAgainst] = useState<number | null>(null);
  if (history.isError) return <Problem error={history.error} again={() => history.refetch()} />;
  if (!history.data) return null;
  const { editions, steps, dependents } = history.data;
  const newest = editions[0];
  return (
    <section className="mt-6" aria-labelledby="history" data-history>
      <h2 id="history">Editions</h2>
      {newest && <Decide id={id} edition={newest} dirty={dirty} />}
      <ul className="mt-2">
        {editions.map((e) => (
          <li key={e.edition} className="border-t border-line py-1.5">
            <div className="flex flex-wrap items-baseline gap-x-4">
              <span className="font-semibold">Edition {e.edition}</span>
              <span className={`rounded-mark px-1.5 text-sm ${STANDING_TAGS[e.standing] ?? ""}`}>
                {STANDING_WORDS[e.standing]}
              </span>
              <span className="text-sm text-faded">
                {e.changed_by}, {moment(e.changed_at)}
                {e.frozen && " · never changes"}
              </span>
              {e.since.length > 0 && (
                <Button
                  size="line"
                  tone="quiet"
                  aria-expanded={open === e.edition}
                  onClick={() => {
                    const opens = open !== e.edition;
                    setOpen(opens ? e.edition : null);
                    onCompare(new Set(opens && e === newest ? e.since.flatMap((d) => d.step ?? []) : []));
                  }}
                >
                  {e.since.length} {e.since.length === 1 ? "difference" : "differences"} to the one before
                </Button>
              )}
              {newest && e.edition < newest.edition - 1 && (
                <Button
                  size="line"
                  tone="quiet"
                  aria-expanded={against === e.edition}
                  onClick={() => setAgainst(against === e.edition ? null : e.edition)}
                >
                  what changed up to edition {newest.edition}
                </Button>
              )}
            </div>
            {against === e.edition && newest && (
              <EditionDifferences technique={id} before={e.edition} after={newest.edition} />
            )}
            {open === e.edition && <DifferenceList differences={e.since} same="" onStep={onStep} />}
          </li>
        ))}
      </ul>
      {steps.length > 0 && (
        <ul className="mt-2 text-sm text-faded">
          {steps.map((s, i) => (
            <li key={i}>
              Edition {s.edition} {STEP_WORDS[s.step] ?? s.step}, {s.by}, {moment(s.at)}
              {s.note && <>: {s.note}</>}
            </li>
          ))}
        </ul>
      )}
      <h3 className="mt-3 font-semibold">What depends on it</h3>
      {dependents.length === 0 ? (
        <p className="text-sm text-faded">Nothing yet: no programme teaches it, no station examines it.</p>
      ) : (
        <ul className="text-sm">
          {dependents.map((d) => (
            <li key={d.kind + d.id}>
              <Link to={DEPENDENT_AT[d.kind]?.(d.id) ?? "/"}>{d.name}</Link>{" "}
              <span className="text-faded">
                ({d.kind}
                {d.kind === "cohort" && `, taught edition ${d.edition}`}
                {d.kind === "station" && `, examines edition ${d.edition}, ${d.graded} graded`})
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

const DEPENDENT_AT: Readonly<Record<string, (id: string) => string>> = {
  cohort: (id) => `/programme/${id}`,
  programme: (id) => `/programme/${id}`,
  station: (id) => `/examination/${id}`,
  technique: (id) => `/techniques/${id}`,
};

/** The next decision over the newest edition; taking it out of use asks for the reason. */
function Decide({ id, edition, dirty }: { id: string; edition: Schemas["EditionShown"]; dirty: boolean }) {
  const [retiring, setRetiring] = useState(false);
  const [note, setNote] = useState("");
  const queries = useQueryClient();
  const take = useMutation({
    mutationFn: (step: ReviewStep) =>
      said(
        api.POST("/api/techniques/{id}/editions/{edition}/steps", {
          params: { path: { id, edition: edition.edition } },
          body: { version: edition.version, step, note: note.trim() === "" ? null : note.trim() },
        }),
      ),
    onSuccess: async (_, step) => {
      setRetiring(false);
      setNote("");
      await queries.invalidateQueries({ queryKey: ["techniques"] });
      toast.success(`Edition ${edition.edition} ${STEP_WORDS[step] ?? step}.`);
    },
  });
  const wrong = take.isError ? problemOf(take.error) : null;
  return (
    <div>
      <div className="flex flex-wrap items-center gap-3">
        {(NEXT[edition.standing] ?? []).map((n) => (
          <Button key={n.step} disabled={dirty || take.isPending} onClick={() => take.mutate(n.step)}>
            {n.word}
          </Button>
        ))}
        {edition.standing !== "retired" && !retiring && (
          <Button size="line" tone="quiet" disabled={dirty} onClick={() => setRetiring(true)}>
            take it out of use
          </Button>
        )}
        {dirty && <span className="text-sm text-faded">Save first: a decision is about what is saved.</span>}
      </div>
      {retiring && (
        <form
          className="mt-2 flex items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            take.mutate("retired");
          }}
        >
          <TextField
            label="Why it is taken out of use"
            className="flex-1"
            autoFocus
            value={note}
            onChange={(e) => setNote(e.target.value)}
          />
          <Button type="submit" tone="now">
            Take it out of use
          </Button>
          <Button size="line" tone="quiet" onClick={() => setRetiring(false)}>
            cancel
          </Button>
        </form>
      )}
      {wrong && (
        <div role="alert" className="mt-1 text-sm font-medium text-wrong">
          {wrong.lines.map((l) => (
            <p key={l}>{l}</p>
          ))}
        </div>
      )}
    </div>
  );
}
