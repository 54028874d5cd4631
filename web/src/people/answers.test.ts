import { describe, expect, it } from "vitest";
import { answer, isAnswered, noAnswers, toNote, type Group } from "./answers";

const state = (id: string, asks_day = false) => ({
  id,
  text: id,
  name: id,
  group: "g",
  red_flag: false,
  asks_day,
  day_asks: "The last time, on",
  asks_place: asks_day,
  usual: null,
  techniques: 1,
  worst: "ask" as const,
});
const groups: Group[] = [
  { id: "one", title: "g", question: "?", states: [state("a"), state("b")] },
  { id: "two", title: "g", question: "?", states: [state("c", true)] },
];
const [one, two] = groups as [Group, Group];
const zonesOf = (region: string) => (region === "mouth" ? ["upper-lip", "lower-lip"] : []);

describe("answers of a screening", () => {
  it("silence answers nothing", () => {
    expect(groups.some((g) => isAnswered(noAnswers, g))).toBe(false);
    expect(toNote(noAnswers, groups, zonesOf, "").asked).toEqual([]);
  });

  it("none of these is a no to each of the group, and to no other", () => {
    const note = toNote(answer(noAnswers, { does: "none", group: one, on: true }), groups, zonesOf, "");
    expect(note.asked).toEqual(["a", "b"]);
    expect(note.note?.conditions).toEqual([]);
  });

  it("a state and none of these exclude one another", () => {
    const yes = answer(noAnswers, { does: "state", group: one, id: "a", on: true });
    expect(answer(yes, { does: "none", group: one, on: true }).yes.size).toBe(0);
    const none = answer(noAnswers, { does: "none", group: one, on: true });
    expect(answer(none, { does: "state", group: one, id: "a", on: true }).none.size).toBe(0);
  });

  it("a treatment goes with its day, its place as zones, and its release", () => {
    let answers = answer(noAnswers, { does: "state", group: two, id: "c", on: true });
    answers = answer(answers, { does: "treated", id: "c", told: { date: "2026-11-01", regions: ["mouth"] } });
    expect(toNote(answers, groups, zonesOf, " warm ").note).toEqual({
      asked: null,
      conditions: [],
      procedures: [{ kind: "c", date: "2026-11-01", place: ["upper-lip", "lower-lip"], released_on: null }],
      reports: ["warm"],
    });
  });
});
