import { useState } from "react";
import type { Schemas } from "../shell/api";
import { moment } from "../shell/days";
import { Button } from "../ui/Button";
import { Choice } from "../ui/Field";
import { ReasonField } from "./ReasonField";
import { Problem } from "../ui/States";
import { ACT, GROUND_WORDS, OUTCOME_WORDS, useAct } from "./caseQueries";

/** An appeal as it stands, and its answer. */
export function AppealAnswer({ appeal }: { appeal: Schemas["AppealView"] }) {
  return (
    <div className="my-1 border-l-2 border-now pl-3" data-appeal={appeal.outcome ?? "open"}>
      <p>
        <span className="font-medium">Appeal of {moment(appeal.at)}:</span> {GROUND_WORDS[appeal.ground]}.
      </p>
      <p className="font-serif">“{appeal.words}”</p>
      {appeal.outcome && appeal.decided_at ? (
        <p>
          <span className="font-medium">
            {OUTCOME_WORDS[appeal.outcome]}, decided {moment(appeal.decided_at)}.
          </span>{" "}
          {appeal.answer}
        </p>
      ) : (
        <p className="text-faded">Not decided yet. Somebody who marked nothing of this demonstration decides it.</p>
      )}
    </div>
  );
}

/** A trainee appeals: what it is about, and in their own words. */
export function AppealForm({ id, until }: { id: string; until: string }) {
  const [open, setOpen] = useState(false);
  const [ground, setGround] = useState<Schemas["AppealGround"] | null>(null);
  const [words, setWords] = useState("");
  const act = useAct(id, "Your appeal is with your studio.");
  if (!open)
    return (
      <p className="text-sm text-faded">
        Is something wrong with this result? You can appeal until {moment(until)}.{" "}
        <Button size="line" tone="quiet" onClick={() => setOpen(true)}>
          Appeal
        </Button>
      </p>
    );
  return (
    <form
      className="max-w-xl space-y-3"
      onSubmit={(e) => {
        e.preventDefault();
        act.mutate({ ...ACT, kind: "appeal-lodged", ground, reason: words });
      }}
    >
      <Choice
        label="What it is about"
        value={ground}
        onChange={setGround}
        options={(Object.keys(GROUND_WORDS) as Schemas["AppealGround"][]).map((g) => ({
          value: g,
          word: GROUND_WORDS[g],
        }))}
      />
      <ReasonField
        label="What happened"
        hint="Somebody who did not mark you reads this and looks at the marks again."
        rows={3}
        value={words}
        onChange={setWords}
      />
      {act.isError && <Problem error={act.error} safe="What you wrote is kept here." />}
      <span className="flex gap-2">
        <Button type="submit" tone="now" disabled={!ground || words.trim() === "" || act.isPending}>
          Send the appeal
        </Button>
        <Button onClick={() => setOpen(false)}>Not now</Button>
      </span>
    </form>
  );
}
