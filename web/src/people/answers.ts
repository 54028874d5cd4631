import type { Schemas } from "../shell/api";

export type Group = Schemas["QuestionGroup"];
export type State = Schemas["ScreeningQuestion"];

/** What is known of a treatment: its day, the regions that were treated, the day of release. Empty: nobody has said. */
export type Treated = {
  readonly date: string;
  readonly regions: readonly string[];
  readonly released: string;
};

const untold: Treated = { date: "", regions: [], released: "" };

/** The answers so far. A group is answered by a state, or by "none of these"; nothing is answered by silence. */
export type Answers = {
  readonly yes: ReadonlyMap<string, Treated>;
  readonly none: ReadonlySet<string>;
};

export const noAnswers: Answers = { yes: new Map(), none: new Set() };

export type Action =
  | { does: "state"; group: Group; id: string; on: boolean }
  | { does: "none"; group: Group; on: boolean }
  | { does: "treated"; id: string; told: Partial<Treated> };

export function answer(answers: Answers, action: Action): Answers {
  const yes = new Map(answers.yes);
  const none = new Set(answers.none);
  switch (action.does) {
    case "state":
      if (action.on) {
        yes.set(action.id, yes.get(action.id) ?? untold);
        none.delete(action.group.id);
      } else yes.delete(action.id);
      return { yes, none };
    case "none":
      if (action.on) {
        none.add(action.group.id);
        for (const state of action.group.states) yes.delete(state.id);
      } else none.delete(action.group.id);
      return { yes, none };
    case "treated":
      yes.set(action.id, { ...(yes.get(action.id) ?? untold), ...action.told });
      return { yes, none };
  }
}

export const isAnswered = (answers: Answers, group: Group) =>
  answers.none.has(group.id) || group.states.some((s) => answers.yes.has(s.id));

/** What is sent: only what belongs to an answered group was asked. */
export function toNote(
  answers: Answers,
  groups: readonly Group[],
  zonesOf: (region: string) => readonly string[],
  report: string,
): Schemas["ScreeningAnswers"] {
  const answered = groups.filter((g) => isAnswered(answers, g)).flatMap((g) => g.states);
  const yes = answered.filter((s) => answers.yes.has(s.id));
  return {
    asked: answered.map((s) => s.id),
    note: {
      asked: null,
      conditions: yes.filter((s) => !isTreatment(s)).map((s) => s.id),
      procedures: yes.filter(isTreatment).map((s) => {
        const told = answers.yes.get(s.id) ?? untold;
        const place = told.regions.flatMap((r) => zonesOf(r));
        return {
          kind: s.id,
          date: told.date || null,
          place: place.length > 0 ? place : null,
          released_on: told.released || null,
        };
      }),
      reports: report.trim() === "" ? [] : [report.trim()],
    },
  };
}

/** The day of a treatment counts; that of an acute sign is today. */
export const isTreatment = (state: State) => state.asks_day && !state.red_flag;
