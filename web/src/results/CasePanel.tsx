import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, said, type Schemas } from "../shell/api";
import { moment } from "../shell/days";
import { peopleQuery } from "../shell/queries";
import { useSignedIn } from "../shell/session";
import { Button } from "../ui/Button";
import { Choice, Pick, TextField } from "../ui/Field";
import { FileButton } from "../ui/FileButton";
import { Problem } from "../ui/States";
import { ACT, caseQuery, HOW_WORDS, useAct, useResultsAgain, type Case } from "./caseQueries";
import { AppealAnswer, AppealForm } from "./Appeal";
import { MarksForm } from "./MarksForm";
import { Reasoned } from "./Reasoned";

type View = Schemas["ResultView"];
type Open = "look" | "correct" | "withdraw" | null;

/** What happens with a result: who looks again, release, correction, withdrawal, appeal. */
export function CasePanel({ view }: { view: View }) {
  const person = useSignedIn();
  const found = useQuery(caseQuery(view.id));
  const [open, setOpen] = useState<Open>(null);
  const release = useAct(view.id, "The result is released.");
  if (!found.data) return found.isError ? <Problem error={found.error} again={() => found.refetch()} /> : null;
  const c = found.data;
  const may = (kind: Case["may"][number]) => c.may.includes(kind);
  const staff = person.role !== "trainee";
  if (!staff && !c.appeal && !may("appeal-lodged")) return null;
  const opens = (what: Exclude<Open, null>, word: string) => (
    <Button aria-expanded={open === what} onClick={() => setOpen(open === what ? null : what)}>
      {word}
    </Button>
  );
  return (
    <section
      className="no-print mt-3 border-y border-line bg-linen/40 px-3 py-2"
      aria-label="What happens with this result"
    >
      {staff && <Standing view={view} c={c} />}
      {c.appeal && <AppealAnswer appeal={c.appeal} />}
      <div className="mt-1 flex flex-wrap gap-2">
        {may("released") && (
          <Button tone="now" disabled={release.isPending} onClick={() => release.mutate({ ...ACT, kind: "released" })}>
            Release to {view.trainee.split(" ")[0]}
          </Button>
        )}
        {c.compared && (
          <Link className="inline-flex min-h-9 items-center text-now underline" to={`/results/${view.id}/compare`}>
            {c.in_dispute ? "Two sheets differ: compare and settle" : "Compare the two sheets"}
          </Link>
        )}
        {may("appeal-decided") && (
          <Link className="inline-flex min-h-9 items-center text-now underline" to={`/results/${view.id}/compare`}>
            Decide the appeal
          </Link>
        )}
        {may("look-asked") && view.origin === "station" && opens("look", "Ask for a second look")}
        {may("corrected") && opens("correct", "Correct")}
        {may("withdrawn") && opens("withdraw", "Withdraw")}
      </div>
      {release.isError && <Problem error={release.error} safe="Nothing was released." />}
      {open === "look" && <AskLook view={view} c={c} done={() => setOpen(null)} />}
      {open === "correct" && <Correct view={view} done={() => setOpen(null)} />}
      {open === "withdraw" && (
        <Reasoned
          id={view.id}
          kind="withdrawn"
          label="Withdraw the result"
          hint={`${view.trainee.split(" ")[0]} no longer sees it, and reads this reason.`}
          says="The result is withdrawn."
          done={() => setOpen(null)}
        />
      )}
      {may("appeal-lodged") && c.appeal_until && <AppealForm id={view.id} until={c.appeal_until} />}
    </section>
  );
}

/** How it stands, in sentences. */
function Standing({ view, c }: { view: View; c: Case }) {
  const openLooks = c.looks.filter((l) => !l.given);
  return (
    <div className="text-[0.95rem]">
      {c.look_owed && (
        <p className="font-medium text-now" data-look-owed>
          A second look is owed. {c.look_owed}
        </p>
      )}
      {openLooks.map((l) => (
        <p key={l.id}>
          Second look asked of {l.assessor ?? HOW_WORDS[l.how]} on {moment(l.asked_at)}; still open.
        </p>
      ))}
      {c.proposed && (
        <p>
          {c.proposed.by} proposed what both could agree on.{" "}
          {c.may.includes("agreed") && (
            <Link className="text-now underline" to={`/results/${view.id}/compare`}>
              Read it and answer
            </Link>
          )}
        </p>
      )}
      {!view.released_at && !c.not_releasable && (
        <p className="text-faded">Nothing stands in the way of its release.</p>
      )}
      {!view.released_at && c.not_releasable && c.not_releasable !== c.look_owed && (
        <p className="text-faded">Not to be released yet. {c.not_releasable}</p>
      )}
    </div>
  );
}

/** Who looks again: another assessor, oneself from the film after days, a colleague from outside. */
function AskLook({ view, c, done }: { view: View; c: Case; done: () => void }) {
  const person = useSignedIn();
  const people = useQuery(peopleQuery);
  const navigate = useNavigate();
  const again = useResultsAgain();
  const [how, setHow] = useState<Schemas["LookHow"]>("assessor");
  const [assessor, setAssessor] = useState<string | null>(null);
  const [name, setName] = useState("");
  const ask = useAct(view.id, "A second look is asked for.");
  const own = useMutation({
    mutationFn: (id: string) =>
      said(
        api.PUT("/api/demonstrations/{id}", {
          params: { path: { id } },
          body: { origin: "station", station_id: null, trainee_id: view.trainee_id, second_of: view.id },
        }),
      ),
    onSuccess: async (sheet) => {
      await again();
      void navigate(`/grading/${sheet.id}`);
    },
  });
  const invite = useInvite(view.id);
  const give = useMutation({
    mutationFn: async (file: File) =>
      said(
        api.POST("/api/results/{id}/returned", {
          params: { path: { id: view.id } },
          body: { id: crypto.randomUUID(), name, text: await file.text() },
        }),
      ),
    onSuccess: again,
  });
  const staff = (people.data ?? []).filter((p) => p.role !== "trainee" && p.name !== c.first);
  return (
    <div className="mt-3 space-y-3 border-t border-line pt-2">
      <Choice
        label="Who looks again, without seeing the first marks"
        value={how}
        onChange={setHow}
        options={[
          { value: "assessor", word: "another assessor" },
          ...(c.own_film_from ? [{ value: "own-film" as const, word: "I, from the film" }] : []),
          ...(person.leads
            ? [
                { value: "invited" as const, word: "a colleague, invited" },
                { value: "file" as const, word: "a colleague, by file" },
              ]
            : []),
        ]}
      />
      {how === "assessor" && (
        <div className="flex max-w-xl items-end gap-2">
          <Pick
            className="flex-1"
            label="Assessor"
            value={assessor}
            onChange={setAssessor}
            options={staff.map((p) => ({ value: p.id, word: p.name }))}
          />
          <Button
            tone="now"
            disabled={!assessor || ask.isPending}
            onClick={() => ask.mutate({ ...ACT, kind: "look-asked", how, assessor }, { onSuccess: done })}
          >
            Send the request
          </Button>
        </div>
      )}
      {how === "assessor" && people.isSuccess && staff.length === 0 && (
        <p className="text-sm text-faded">
          Nobody else grades in your studio. Mark your film again, or invite a colleague.
        </p>
      )}
      {how === "own-film" && c.own_film_from && (
        <p>
          From {moment(c.own_film_from)} on, when single marks are forgotten.{" "}
          <Button disabled={own.isPending} onClick={() => own.mutate(crypto.randomUUID())}>
            Mark my film again
          </Button>
        </p>
      )}
      {(how === "invited" || how === "file") && (
        <TextField
          className="max-w-md"
          label="Name of the colleague"
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
      )}
      {how === "invited" && <Invite name={name} invite={invite} looks />}
      {how === "file" && (
        <div className="space-y-1">
          <p className="max-w-prose text-sm">
            Send the empty sheet with the film. Your colleague fills in counts and marks in any program that opens
            tables, and sends it back.
          </p>
          <span className="flex flex-wrap gap-2">
            <a
              className="inline-flex min-h-9 items-center text-now underline"
              href={`/api/results/${view.id}/sheet.csv`}
              download={`second-look-${view.trainee.replaceAll(" ", "-").toLowerCase()}.csv`}
            >
              Get the empty sheet
            </a>
            <FileButton
              word="Take in the filled sheet"
              label="The filled sheet"
              accept=".csv,text/csv"
              busy={name.trim() === "" || give.isPending}
              onFile={(f) => give.mutate(f)}
            />
          </span>
        </div>
      )}
      {[ask, own, give].map((m, i) => m.isError && <Problem key={i} error={m.error} safe="Nothing was changed." />)}
    </div>
  );
}

export function useInvite(id: string) {
  const again = useResultsAgain();
  return useMutation({
    mutationFn: (body: Schemas["InvitationGiven"]) =>
      said(api.POST("/api/results/{id}/invitations", { params: { path: { id } }, body })),
    onSuccess: again,
  });
}

/** Invites a colleague; how they come in is told this once. */
export function Invite({
  name,
  invite,
  looks,
}: {
  name: string;
  invite: ReturnType<typeof useInvite>;
  looks: boolean;
}) {
  const told = invite.data;
  if (told)
    return (
      <div className="border-l-2 border-now pl-3" data-invitation>
        <p>
          {told.name} can come in until {moment(told.until)}, and sees this case alone. Write down the password: it is
          told this once.
        </p>
        <p className="font-mono">
          User name {told.login} · password {told.password}
        </p>
      </div>
    );
  return (
    <>
      <Button
        tone="now"
        disabled={name.trim() === "" || invite.isPending}
        onClick={() => invite.mutate({ id: crypto.randomUUID(), name, looks })}
      >
        Invite {name.trim() || "them"}
      </Button>
      {invite.isError && <Problem error={invite.error} safe="Nobody was invited." />}
    </>
  );
}

/** Critical acts that were stamped: each can be taken back, with a reason. */
export function standing(view: View) {
  const stand = view.result.score.critical_acts;
  const acts = view.critical_acts.filter((a) => stand.includes(a.id));
  return { acts: acts.length > 0 ? acts : null, stand };
}

function Correct({ view, done }: { view: View; done: () => void }) {
  const act = useAct(view.id, "The result is corrected.");
  return (
    <div className="mt-3 border-t border-line pt-2">
      <MarksForm
        criteria={view.result.score.criteria.map((c) => c.criterion)}
        first={[]}
        {...standing(view)}
        label="Correct the result"
        pending={act.isPending}
        error={act.error}
        save={(given) => act.mutate({ ...ACT, kind: "corrected", ...given }, { onSuccess: done })}
      />
    </div>
  );
}

/** All that happened to a result, in order. */
export function CaseStory({ id }: { id: string }) {
  const found = useQuery(caseQuery(id));
  if (!found.data || found.data.story.length === 0) return null;
  return (
    <section className="mt-4">
      <h2 className="mb-1">What happened to this result</h2>
      <ol className="text-[0.95rem]" data-story>
        {found.data.story.map((l) => (
          <li
            key={`${l.at}${l.text}`}
            className="grid grid-cols-[9rem_1fr] gap-2 border-t border-line py-1 max-sm:grid-cols-1"
          >
            <time className="text-sm text-faded" dateTime={l.at}>
              {moment(l.at)}
            </time>
            <span>
              {l.text}
              {l.reason && <span className="block font-serif">“{l.reason}”</span>}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
