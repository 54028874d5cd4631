import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { answer, noAnswers, type Group } from "./answers";
import { BrowserStorage } from "../shell/testStorage";
import { forgetTabDrafts } from "../shell/tabDrafts";
import { forgetTelling, keepTelling, keptTelling, nothingTold } from "./keptTelling";

const group = { id: "g", title: "t", question: "?", states: [] } as Group;

describe("answers of a screening over a reload", () => {
  beforeEach(() => vi.stubGlobal("sessionStorage", new BrowserStorage()));
  afterEach(() => vi.unstubAllGlobals());

  it("come back as they were told", () => {
    let answers = answer(noAnswers, { does: "state", group, id: "filler", on: true });
    answers = answer(answers, { does: "treated", id: "filler", told: { date: "2026-11-01", regions: ["mouth"] } });
    answers = answer(answers, { does: "none", group: { ...group, id: "h" }, on: true });
    const told = { ...nothingTold, name: "A client", given: true, seenBy: ["x"], report: "warm", answers };
    keepTelling("one", told);
    expect(keptTelling("one")).toEqual(told);
    expect(keptTelling("another")).toEqual(nothingTold);
  });

  it("are gone once kept, and when somebody signs out", () => {
    keepTelling("one", { ...nothingTold, name: "A client" });
    forgetTelling("one");
    expect(keptTelling("one")).toEqual(nothingTold);
    keepTelling("two", { ...nothingTold, name: "A client" });
    sessionStorage.setItem("other", "stays");
    forgetTabDrafts();
    expect(keptTelling("two")).toEqual(nothingTold);
    expect(sessionStorage.getItem("other")).toBe("stays");
  });

  it.each(["{", "null", '{"schema":1,"yes":[null]}', '{"schema":2}'])("torn or foreign (%s): asked again", (text) => {
    const said = vi.spyOn(console, "error").mockImplementation(() => undefined);
    sessionStorage.setItem("wexis.tab.screening.one", text);
    expect(keptTelling("one")).toEqual(nothingTold);
    expect(said).toHaveBeenCalledOnce();
    said.mockRestore();
  });
});
