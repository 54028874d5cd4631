import type { Dispatch } from "react";
import { useReference } from "../face/atlas";
import { TextField } from "../ui/Field";
import { Tick } from "../ui/Tick";
import { today } from "../shell/days";
import { isAnswered, isTreatment, type Action, type Answers, type Group, type State } from "./answers";

/** The questions, group by group; each says whether it has an answer yet. */
export function QuestionGroups({
  groups,
  answers,
  dispatch,
  issueAt,
}: {
  groups: readonly Group[];
  answers: Answers;
  dispatch: Dispatch<Action>;
  issueAt: (state: State, field: string) => string | undefined;
}) {
  return [...Map.groupBy(groups, (g) => g.title).entries()].map(([title, inTitle]) => (
    <section key={title}>
      <h2 className="mb-1">{title}</h2>
      <div className="grid gap-x-10 gap-y-5 md:grid-cols-2">
        {inTitle.map((group) => (
          <OneGroup key={group.id} group={group} answers={answers} dispatch={dispatch} issueAt={issueAt} />
        ))}
      </div>
    </section>
  ));
}

function OneGroup({
  group,
  answers,
  dispatch,
  issueAt,
}: {
  group: Group;
  answers: Answers;
  dispatch: Dispatch<Action>;
  issueAt: (state: State, field: string) => string | undefined;
}) {
  const answered = isAnswered(answers, group);
  return (
    <fieldset data-group={group.id} data-answered={answered}>
      <legend className="flex w-full items-baseline justify-between gap-3 text-sm font-semibold">
        <span>{group.question}</span>
        <span className={answered ? "font-normal text-faded" : "font-semibold text-now"}>
          {answered ? "answered" : "no answer yet"}
        </span>
      </legend>
      <ul>
        {group.states.map((state) => {
          const told = answers.yes.get(state.id);
          return (
            <li key={state.id} className="border-t border-line py-1" data-question={state.id}>
              <Tick on={told !== undefined} onChange={(on) => dispatch({ does: "state", group, id: state.id, on })}>
                {state.text}
              </Tick>
              {told && isTreatment(state) && (
                <TreatmentFields state={state} told={told} dispatch={dispatch} issueAt={issueAt} />
              )}
            </li>
          );
        })}
        <li className="border-t border-ink py-1">
          <Tick on={answers.none.has(group.id)} onChange={(on) => dispatch({ does: "none", group, on })}>
            <span className="font-semibold">None of these</span>
          </Tick>
        </li>
      </ul>
    </fieldset>
  );
}

/** When, where on the face, and whether whoever treated has said yes. */
function TreatmentFields({
  state,
  told,
  dispatch,
  issueAt,
}: {
  state: State;
  told: { date: string; regions: readonly string[]; released: string };
  dispatch: Dispatch<Action>;
  issueAt: (state: State, field: string) => string | undefined;
}) {
  const { atlas } = useReference();
  const tell = (part: Partial<typeof told>) => dispatch({ does: "treated", id: state.id, told: part });
  return (
    <div className="mt-1 mb-2 ml-8 space-y-2 border-l-2 border-line pl-3">
      <div className="flex flex-wrap gap-4">
        <TextField
          label={state.day_asks}
          type="date"
          max={today()}
          className="max-w-44"
          value={told.date}
          error={issueAt(state, "date")}
          onChange={(e) => tell({ date: e.target.value })}
        />
        <TextField
          label="Cleared by the clinician who treated, on"
          type="date"
          max={today()}
          className="max-w-44"
          value={told.released}
          error={issueAt(state, "released_on")}
          onChange={(e) => tell({ released: e.target.value })}
        />
      </div>
      {state.asks_place && (
        <fieldset data-place={state.id}>
          <legend className="text-sm font-semibold">
            Where? <span className="font-normal text-faded">If no place is chosen, the whole face counts.</span>
          </legend>
          <div className="flex flex-wrap gap-x-4 gap-y-1.5">
            {atlas.regions.map((r) => (
              <Tick
                key={r.id}
                on={told.regions.includes(r.id)}
                onChange={(on) =>
                  tell({ regions: on ? [...told.regions, r.id] : told.regions.filter((x) => x !== r.id) })
                }
              >
                <span className="text-sm">{r.name}</span>
              </Tick>
            ))}
          </div>
        </fieldset>
      )}
    </div>
  );
}
