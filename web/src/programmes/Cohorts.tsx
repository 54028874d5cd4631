import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { toast } from "sonner";
import { api, problemOf, said } from "../shell/api";
import { peopleQuery } from "../shell/queries";
import { EditionDifferences } from "../techniques/parts/DifferenceList";
import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import { moment } from "../shell/days";
import { Problem, Waiting } from "../ui/States";
import { Toggles } from "../ui/Toggles";
import { cohortsQuery, type Cohort, type CohortTechnique } from "./cohortQueries";

/** Who is taught this programme, and from which editions: these stay theirs until the trainer moves on. */
export function Cohorts({ programme, canChange }: { programme: string; canChange: boolean }) {
  const cohorts = useQuery(cohortsQuery(programme));
  return (
    <section aria-labelledby="cohorts" className="mt-7">
      <h2 id="cohorts" className="mb-1">
        Cohorts and their editions
      </h2>
      {cohorts.isPending && <Waiting what="the cohorts" />}
      {cohorts.isError && <Problem error={cohorts.error} again={() => cohorts.refetch()} />}
      {cohorts.data?.length === 0 && (
        <p className="max-w-prose text-faded">
          No cohort yet. Opening one fixes the edition of each technique: later changes do not touch what these trainees
          learn from, and hand-outs are printed from it.
        </p>
      )}
      {cohorts.data?.map((c) => (
        <OneCohort key={c.id} cohort={c} canChange={canChange} />
      ))}
      {canChange && <OpenCohort programme={programme} />}
    </section>
  );
}

function useTrainees() {
  const people = useQuery(peopleQuery);
  return (people.data ?? []).filter((p) => p.role === "trainee").map((p) => ({ value: p.id, word: p.name }));
}

const toggledIn = (ids: readonly string[], id: string) =>
  ids.includes(id) ? ids.filter((x) => x !== id) : [...ids, id];

function OpenCohort({ programme }: { programme: string }) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState("");
  const [members, setMembers] = useState<readonly string[]>([]);
  const trainees = useTrainees();
  const queries = useQueryClient();
  const add = useMutation({
    mutationFn: (id: string) =>
      said(
        api.POST("/api/programmes/{id}/cohorts", {
          params: { path: { id: programme } },
          body: { id, cohort: { name, members: [...members] } },
        }),
      ),
    onSuccess: async (cohort) => {
      setOpen(false);
      setName("");
      setMembers([]);
      await queries.invalidateQueries({ queryKey: ["programmes", programme, "cohorts"] });
      toast.success(
        `${cohort.name} is open: ${cohort.techniques.filter((t) => t.taught !== null).length} editions fixed.`,
      );
    },
  });
  if (!open)
    return (
      <Button className="mt-3" onClick={() => setOpen(true)}>
        Open a cohort
      </Button>
    );
  return (
    <form
      className="mt-3 grid max-w-2xl gap-3 border-t-2 border-now pt-2 sm:grid-cols-2"
      onSubmit={(e) => {
        e.preventDefault();
        add.mutate(crypto.randomUUID());
      }}
    >
      <div>
        <TextField
          label="Name of the cohort"
          autoFocus
          value={name}
          onChange={(e) => setName(e.target.value)}
          error={add.isError ? problemOf(add.error).lines[0] : undefined}
        />
        <div className="mt-3 flex gap-3">
          <Button type="submit" tone="now" disabled={add.isPending}>
            Open it and fix the editions
          </Button>
          <Button size="line" tone="quiet" onClick={() => setOpen(false)}>
            cancel
          </Button>
        </div>
      </div>
      <Toggles
        label="Who is in it"
        options={trainees}
        on={members}
        onToggle={(id) => setMembers(toggledIn(members, id))}
      />
    </form>
  );
}

function OneCohort({ cohort, canChange }: { cohort: Cohort; canChange: boolean }) {
  const queries = useQueryClient();
  const refresh = () => queries.invalidateQueries({ queryKey: ["programmes", cohort.programme_id, "cohorts"] });
  const take = useMutation({
    mutationFn: (what: { codes?: string[]; routines?: string[]; programme?: boolean }) =>
      said(
        api.POST("/api/cohorts/{id}/editions", {
          params: { path: { id: cohort.id } },
          body: { codes: [], routines: [], programme: false, ...what },
        }),
      ),
    onSuccess: async () => {
      await refresh();
      toast.success(`${cohort.name} moved on.`);
    },
  });
  const waiting = cohort.techniques.filter((t) => t.may_move_on);
  return (
    <article className="border-t border-line py-2" data-cohort={cohort.name} aria-label={cohort.name}>
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h3 className="font-serif text-lg font-semibold">{cohort.name}</h3>
        <span className="text-sm text-faded">
          opened by {cohort.opened_by}, {moment(cohort.opened_at)}
        </span>
        {cohort.techniques.some((t) => t.taught !== null) && (
          <span className="flex gap-3 text-sm">
            <span className="text-faded">all of them on paper:</span>
            {KINDS.map((k) => (
              <Link
                key={k}
                className="inline-flex min-h-6 items-center underline underline-offset-4"
                to={`/cohorts/${cohort.id}/print/${k}`}
              >
                {k === "card" ? "cards" : k === "wall" ? "wall plates" : "pocket cards"}
              </Link>
            ))}
          </span>
        )}
        {canChange && waiting.length > 1 && (
          <Button size="line" tone="quiet" onClick={() => take.mutate({ codes: waiting.map((t) => t.code) })}>
            move to all newer editions {waiting.length}
          </Button>
        )}
      </div>
      <Members cohort={cohort} canChange={canChange} refresh={refresh} />
      <p className="text-sm" data-runs-on={cohort.programme_edition}>
        Runs on edition {cohort.programme_edition} of the programme
        {cohort.programme_offered > cohort.programme_edition && (
          <>
            ; <span className="text-now">it is at edition {cohort.programme_offered} since</span>
            {canChange && (
              <Button size="line" tone="quiet" onClick={() => take.mutate({ programme: true })}>
                run on edition {cohort.programme_offered}
              </Button>
            )}
          </>
        )}
        .
      </p>
      {take.isError && <Problem error={take.error} safe="Nothing was changed." />}
      <table className="mt-2 w-full text-[0.95rem]">
        <caption className="sr-only">Editions that {cohort.name} is taught from</caption>
        <thead>
          <tr className="border-b border-line text-left text-sm text-faded">
            <th scope="col" className="font-normal">
              technique
            </th>
            <th scope="col" className="font-normal">
              module
            </th>
            <th scope="col" className="font-normal">
              edition
            </th>
            <th scope="col" className="font-normal">
              on paper
            </th>
          </tr>
        </thead>
        <tbody>
          {cohort.techniques.map((t) => (
            <TechniqueRow
              key={t.code}
              technique={t}
              cohort={cohort.id}
              onTake={canChange ? () => take.mutate({ codes: [t.code] }) : null}
            />
          ))}
        </tbody>
      </table>
      <Routines cohort={cohort} onTake={canChange ? (id) => take.mutate({ routines: [id] }) : null} />
    </article>
  );
}

/** Routines of a cohort, and where they do not go together with its techniques. */
function Routines({ cohort, onTake }: { cohort: Cohort; onTake: ((id: string) => void) | null }) {
  if (cohort.routines.length === 0) return null;
  return (
    <ul className="mt-2 text-[0.95rem]" aria-label={`Routines of ${cohort.name}`}>
      {cohort.routines.map((r) => (
        <li key={r.routine_id} className="border-t border-line py-1" data-routine={r.name}>
          <Link to={`/routines/${r.routine_id}`}>{r.name}</Link>{" "}
          <span className="text-faded">
            {r.module && `${r.module} · `}
            {r.says}
          </span>
          {r.mismatches.map((m) => (
            <span key={m} className="block text-sm text-now">
              {m}
            </span>
          ))}
          {onTake && r.may_move_on && (
            <Button size="line" tone="quiet" onClick={() => onTake(r.routine_id)}>
              teach edition {r.offered}
            </Button>
          )}
        </li>
      ))}
    </ul>
  );
}

function Members({
  cohort,
  canChange,
  refresh,
}: {
  cohort: Cohort;
  canChange: boolean;
  refresh: () => Promise<unknown>;
}) {
  const [open, setOpen] = useState(false);
  const trainees = useTrainees();
  const set = useMutation({
    mutationFn: (members: string[]) =>
      said(
        api.PUT("/api/cohorts/{id}/members", {
          params: { path: { id: cohort.id } },
          body: { name: null, members, seen: cohort.members.map((m) => m.id) },
        }),
      ),
    onSuccess: refresh,
    // Somebody else may have changed it: what is in it now is shown with the refusal.
    onError: refresh,
  });
  const ids = cohort.members.map((m) => m.id);
  return (
    <div className="text-sm">
      {cohort.members.length === 0 ? "Nobody yet" : cohort.members.map((m) => m.name).join(", ")}
      {canChange && (
        <Button size="line" tone="quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? "done" : "change who is in it"}
        </Button>
      )}
      {open && (
        <Toggles
          label={`Who is in ${cohort.name}`}
          options={trainees}
          on={ids}
          onToggle={(id) => set.mutate(toggledIn(ids, id))}
        />
      )}
      {set.isError && <Problem error={set.error} safe="Nobody was added or taken out." />}
    </div>
  );
}

const KINDS = ["card", "wall", "pocket"] as const;

function TechniqueRow({
  technique: t,
  cohort,
  onTake,
}: {
  technique: CohortTechnique;
  cohort: string;
  onTake: (() => void) | null;
}) {
  const [open, setOpen] = useState(false);
  const differs = t.technique_id !== null && t.taught !== null && t.offered !== null && t.offered !== t.taught;
  return (
    <>
      <tr className="border-b border-line align-baseline" data-taught={t.code} data-state={t.state}>
        <td className="py-1 pr-3">
          {t.technique_id ? <Link to={`/techniques/${t.technique_id}`}>{t.name}</Link> : t.name}
        </td>
        <td className="py-1 pr-3 text-faded">{t.module ?? "–"}</td>
        <td className="py-1 pr-3">
          {t.taught ?? "–"}
          {t.state !== "as-taught" && (
            <span className={t.calls_for_decision ? "block text-now" : "block text-faded"}>{t.says}</span>
          )}
          {differs && (
            <Button size="line" tone="quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
              what differs
            </Button>
          )}
          {onTake && t.may_move_on && (
            <Button size="line" tone="quiet" onClick={onTake}>
              teach edition {t.offered}
            </Button>
          )}
        </td>
        <td className="py-1">
          {t.technique_id && t.taught !== null ? (
            <span className="flex gap-3">
              {KINDS.map((k) => (
                <Link
                  key={k}
                  className="inline-flex min-h-6 items-center"
                  to={`/techniques/${t.technique_id}/print/${k}?cohort=${cohort}`}
                >
                  {k}
                </Link>
              ))}
            </span>
          ) : (
            "–"
          )}
        </td>
      </tr>
      {open && differs && t.technique_id && t.taught !== null && t.offered !== null && (
        <tr>
          <td colSpan={4} className="pb-2 pl-4">
            <EditionDifferences technique={t.technique_id} before={t.taught} after={t.offered} />
          </td>
        </tr>
      )}
    </>
  );
}
