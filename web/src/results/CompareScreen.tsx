import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { Stage } from "../face/Stage";
import type { Schemas } from "../shell/api";
import { useSignedIn } from "../shell/session";
import { Choice, TextField } from "../ui/Field";
import { cn } from "../ui/cn";
import { Empty, Waiting } from "../ui/States";
import { AppealAnswer } from "./Appeal";
import { ACT, caseQuery, OUTCOME_WORDS, useAct, type Case, type Outcome } from "./caseQueries";
import { CaseStory, Invite, standing, useInvite } from "./CasePanel";
import { RanOver } from "./EvidenceView";
import { MarksForm } from "./MarksForm";
import { Reasoned } from "./Reasoned";
import { resultQuery } from "./resultQueries";

const round = (n: number) => Math.round(n * 10) / 10;

/** Two sheets of one demonstration against each other, what they rest on, and what is settled; an appeal too. */
export function CompareScreen() {
  const { id = "" } = useParams();
  const found = useQuery(caseQuery(id));
  const result = useQuery(resultQuery(id));
  if (found.isPending || result.isPending)
    return (
      <Stage plate={{}}>
        <Waiting what="both sheets" />
      </Stage>
    );
  if (!found.data || !result.data)
    return (
      <Stage plate={{}}>
        <Empty
          says="There is no such result, or you have to give your own sheet first."
          next={{ to: "/results", says: "All results" }}
        />
      </Stage>
    );
  const c = found.data;
  const view = result.data;
  return (
    <Stage plate={{}} list>
      <p className="text-sm text-faded">
        <Link to={`/results/${id}`} className="text-now underline">
          The result of {view.trainee}
        </Link>{" "}
        · {view.technique_name} · attempt {view.attempt}
      </p>
      <h1>{c.compared ? "Two sheets of one demonstration" : "The appeal"}</h1>
      {c.appeal && <AppealAnswer appeal={c.appeal} />}
      {c.compared && <Compared c={c.compared} c1={c.first} c2={secondOf(c)} />}
      <div className="mt-4">
        <RanOver id={id} all />
      </div>
      <Settle c={c} view={view} />
      <CaseStory id={id} />
    </Stage>
  );
}

const secondOf = (c: Case) => c.looks.find((l) => l.given)?.assessor ?? "the second";

function Compared({ c, c1, c2 }: { c: Schemas["SecondLook"]; c1: string; c2: string }) {
  const apart = c.lines.filter((l) => l.differs);
  const agree = c.lines.filter((l) => !l.differs);
  return (
    <section className="mt-2" data-differs={c.differs ? apart.length : 0}>
      <p className={cn("font-serif text-lg", c.differs && "font-medium text-now")}>
        {c.differs ? c.why.join(" ") : "The two sheets agree within tolerance. The first one stands."}
      </p>
      <table className="mt-2 w-full text-[0.95rem]">
        <thead className="text-left text-sm text-faded">
          <tr>
            <th className="font-normal">Criterion</th>
            <th className="w-[32%] font-normal">First: {c1}</th>
            <th className="w-[32%] font-normal">
              {c1 === c2 ? "Again, from the film" : "Second"}: {c2}
            </th>
          </tr>
        </thead>
        <tbody>
          {apart.map((l) => (
            <Line key={l.criterion} l={l} />
          ))}
          {c.acts.map((a) => (
            <tr key={a.id} className="border-t border-line align-top text-safety">
              <td className="py-1 pr-3 font-medium">Must not happen: {a.text}</td>
              <td className="py-1">{a.in_first ? "happened" : "did not happen"}</td>
              <td className="py-1">{a.in_second ? "happened" : "did not happen"}</td>
            </tr>
          ))}
          <tr className="border-t-2 border-ink font-semibold">
            <td className="py-1">Total, {round(c.points_apart)} points apart</td>
            <td>{round(c.first_percent)} %</td>
            <td>{round(c.second_percent)} %</td>
          </tr>
        </tbody>
      </table>
      <details className="mt-1">
        <summary className="min-h-6 cursor-pointer text-sm text-faded">
          {agree.length} criteria are marked the same, or one level apart
        </summary>
        <table className="w-full text-sm">
          <tbody>
            {agree.map((l) => (
              <Line key={l.criterion} l={l} />
            ))}
          </tbody>
        </table>
      </details>
    </section>
  );
}

function Line({ l }: { l: Schemas["LookLine"] }) {
  return (
    <tr className={cn("border-t border-line align-top", l.differs && "bg-now-wash/50")} data-apart={l.criterion}>
      <td className="py-1 pr-3">
        <span className={cn(l.differs && "font-medium")}>{l.text}</span>
        {l.safety_critical && <span className="text-safety"> (safety)</span>}
      </td>
      <Side of={l.first} anchors={l.anchors} />
      <Side of={l.second} anchors={l.anchors} />
    </tr>
  );
}

function Side({ of, anchors }: { of: Schemas["LookEvidence"]; anchors: readonly string[] }) {
  const anchor = of.mark === null ? null : anchors[Math.round(of.mark)];
  return (
    <td className="w-[32%] py-1 pr-2">
      <span className="font-semibold">{of.mark === null ? "–" : round(of.mark)}</span>
      {anchor && <span> {anchor}</span>}
      {of.seen.map((s) => (
        <span key={s} className="block text-sm text-faded">
          {s}
        </span>
      ))}
    </td>
  );
}

/** What may be done about it, by whoever reads it. */
function Settle({ c, view }: { c: Case; view: Schemas["ResultView"] }) {
  const person = useSignedIn();
  const criteria = view.result.score.criteria.map((x) => x.criterion);
  const apart = (c.compared?.lines ?? []).filter((l) => l.differs).map((l) => l.criterion);
  const acts = c.compared && c.compared.acts.length > 0 ? c.compared.acts : null;
  const propose = useAct(view.id, "Your proposal is with the other assessor.");
  const third = useAct(view.id, "It is decided.");
  const decide = useAct(view.id, "The appeal is decided.");
  const [outcome, setOutcome] = useState<Outcome | null>(null);
  const may = (kind: Case["may"][number]) => c.may.includes(kind);
  const waits =
    (c.in_dispute && !c.proposed && !may("agreement-proposed") && !may("third-mark")) ||
    (c.appeal && !c.appeal.outcome && !may("appeal-decided"));
  const stuck = waits && person.leads;
  return (
    <div className="no-print mt-4 max-w-3xl space-y-4">
      {c.proposed && (
        <section className="border-l-2 border-now pl-3" data-proposal>
          <h2>{c.proposed.by} proposes</h2>
          <ul>
            {c.proposed.marks.map((m) => (
              <li key={m.criterion}>
                <span className="font-medium">{criteria.find((x) => x.id === m.criterion)?.text}:</span> {m.mark} of 3.{" "}
                {m.reason}
              </li>
            ))}
          </ul>
          <p className="font-serif">“{c.proposed.reason}”</p>
          {may("agreed") && (
            <Reasoned
              id={view.id}
              kind="agreed"
              of={c.proposed.id}
              label="Agree"
              hint="Say in a word why you can agree."
              says="You both agree. The result is settled."
            />
          )}
        </section>
      )}
      {may("agreement-proposed") && (
        <section data-settle="agree">
          <h2>{c.proposed ? "Propose something else" : "Propose what you both could agree on"}</h2>
          <MarksForm
            criteria={criteria}
            first={apart}
            acts={acts}
            label="Send the proposal"
            pending={propose.isPending}
            error={propose.error}
            save={(given) => propose.mutate({ ...ACT, kind: "agreement-proposed", ...given })}
          />
        </section>
      )}
      {may("third-mark") && (
        <section data-settle="third">
          <h2>Decide as a third</h2>
          <MarksForm
            criteria={criteria}
            first={apart}
            acts={acts}
            label="Decide"
            pending={third.isPending}
            error={third.error}
            save={(given) => third.mutate({ ...ACT, kind: "third-mark", ...given })}
          />
        </section>
      )}
      {may("appeal-decided") && c.appeal && (
        <section data-settle="appeal">
          <h2>Decide the appeal</h2>
          <Choice
            label="What comes of it"
            value={outcome}
            onChange={setOutcome}
            options={(Object.keys(OUTCOME_WORDS) as Outcome[]).map((o) => ({
              value: o,
              word: OUTCOME_WORDS[o],
            }))}
          />
          {outcome && (
            <div className="mt-3">
              <MarksForm
                key={outcome}
                criteria={outcome === "changed" ? criteria : []}
                first={[]}
                {...(outcome === "changed" ? standing(view) : { acts: null })}
                label="Decide the appeal"
                pending={decide.isPending}
                error={decide.error}
                save={(given) =>
                  decide.mutate({ ...ACT, kind: "appeal-decided", of: c.appeal?.id ?? null, outcome, ...given })
                }
              />
            </div>
          )}
        </section>
      )}
      {stuck && <Stuck id={view.id} />}
      {waits && person.grades && !person.leads && (
        <p className="border-l-2 border-now pl-3">
          You marked this demonstration, so somebody else decides: another assessor, or a colleague whom the lead
          trainer invites.
        </p>
      )}
    </div>
  );
}

/** In a studio where all who grade have marked it, a colleague from outside decides. */
function Stuck({ id }: { id: string }) {
  const [name, setName] = useState("");
  const invite = useInvite(id);
  return (
    <section className="border-l-2 border-now pl-3">
      <p>
        You marked this demonstration, so somebody else decides: another of your assessors, or a colleague whom you
        invite to this case alone.
      </p>
      <TextField
        className="my-2 max-w-md"
        label="Name of the colleague"
        value={name}
        onChange={(e) => setName(e.target.value)}
      />
      <Invite name={name} invite={invite} looks={false} />
    </section>
  );
}
