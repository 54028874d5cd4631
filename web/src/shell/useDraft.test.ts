import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import {
  draftsAt,
  draftsOf,
  isAfter,
  keepDraft,
  keptDraft,
  NOTHING_SAVED,
  setAside,
  writing,
  type Writing,
} from "./useDraft";
import { BrowserStorage } from "./testStorage";

const begun: Writing<string> = {
  past: [],
  now: "a",
  future: [],
  saved: "a",
  base: { number: 1, version: 1 },
  field: null,
};
const type = (state: Writing<string>, to: string, field: string | null = null) =>
  writing(state, { type: "change", to, field });

describe("writing with undo and redo", () => {
  it("goes back to what stood before, and forward again", () => {
    const two = type(type(begun, "ab"), "abc");
    const back = writing(two, { type: "undo" });
    expect(back.now).toBe("ab");
    expect(writing(back, { type: "redo" }).now).toBe("abc");
  });

  it("typing in one field is one change", () => {
    const typed = type(type(type(begun, "b", "name"), "bc", "name"), "bcd", "name");
    expect(writing(typed, { type: "undo" }).now).toBe("a");
  });

  it("nothing to undo changes nothing", () => {
    expect(writing(begun, { type: "undo" })).toBe(begun);
    expect(writing(begun, { type: "redo" })).toBe(begun);
  });

  it("taking somebody else's text leaves mine in undo", () => {
    const theirs = writing(type(begun, "mine"), {
      type: "load",
      document: "theirs",
      base: { number: 1, version: 2 },
    });
    expect(theirs.now).toBe("theirs");
    expect(theirs.base).toEqual({ number: 1, version: 2 });
    expect(writing(theirs, { type: "undo" }).now).toBe("mine");
  });

  it("after a save its version is the base; what was typed meanwhile stays unsaved", () => {
    const typed = type(type(begun, "sent"), "typed meanwhile");
    const saved = writing(typed, { type: "saved", document: "sent", base: { number: 2, version: 1 } });
    expect([saved.now, saved.saved, saved.base]).toEqual(["typed meanwhile", "sent", { number: 2, version: 1 }]);
  });

  it("an edition outranks a version", () => {
    expect(isAfter({ number: 2, version: 1 }, { number: 1, version: 9 })).toBe(true);
    expect(isAfter({ number: 1, version: 9 }, { number: 1, version: 9 })).toBe(false);
  });

  it("a change after an undo forgets what was undone", () => {
    const other = type(writing(type(begun, "b"), { type: "undo" }), "c");
    expect(writing(other, { type: "redo" }).now).toBe("c");
  });
});

describe("drafts that this browser keeps", () => {
  // As a page has it: its keys are its own, its texts are read through it.
  beforeEach(() => {
    vi.stubGlobal("localStorage", new BrowserStorage());
    vi.spyOn(console, "error").mockImplementation(() => {});
  });
  afterEach(() => {
    vi.unstubAllGlobals();
    vi.restoreAllMocks();
  });

  it("come back as they were left, with the version they were begun on", () => {
    keepDraft("wexis.technique.a1", { number: 2, version: 3 }, { name: "Glide" });
    expect(keptDraft("wexis.technique.a1")).toEqual({
      base: { number: 2, version: 3 },
      document: { name: "Glide" },
    });
    expect(keptDraft("wexis.technique.b2")).toBeNull();
  });

  it.each([
    ["2.3", { number: 2, version: 3 }],
    ["0.0", { number: 0, version: 0 }],
    ["4", { number: 1, version: 4 }],
  ])("of the first form (base %s) are read as the form of today", (base, expected) => {
    localStorage.setItem("wexis.technique.a1", JSON.stringify({ base, document: { name: "Glide" } }));
    expect(keptDraft("wexis.technique.a1")).toEqual({ base: expected, document: { name: "Glide" } });
  });

  it.each([
    '{"schema":3,"base":{"number":1,"version":1},"document":{}}',
    '{"base":"x","document":{}}',
    '{"schema":2,"base":{"number":1},"document":{}}',
    '{"base":"1.1","document":null}',
    "null",
  ])("of a form that is not known (%s) are set aside whole", (text) => {
    localStorage.setItem("wexis.technique.a1", text);
    expect(keptDraft("wexis.technique.a1")).toBeNull();
    expect(localStorage.getItem("wexis.technique.a1.unreadable")).toBe(text);
  });

  it("are listed by kind, with their name and whether they were ever saved", () => {
    keepDraft("wexis.technique.a1", NOTHING_SAVED, { name: "  " });
    keepDraft("wexis.technique.b2", { number: 1, version: 4 }, { name: "Glide" });
    keepDraft("wexis.programme.c3", { number: 1, version: 1 }, { name: "Course" });
    expect(draftsOf("technique")).toEqual([
      { id: "a1", place: "wexis.technique.a1", isNew: true, name: "without a name yet" },
      { id: "b2", place: "wexis.technique.b2", isNew: false, name: "Glide" },
    ]);
  });

  it("are set aside, not thrown away, when they cannot be read", () => {
    localStorage.setItem("wexis.technique.a1", "{ half a text");
    expect(keptDraft("wexis.technique.a1")).toBeNull();
    expect(localStorage.getItem("wexis.technique.a1")).toBeNull();
    expect(localStorage.getItem("wexis.technique.a1.unreadable")).toBe("{ half a text");
  });

  it("belong to the address of what they are about; marks' clocks and other things kept are no drafts", () => {
    keepDraft("wexis.technique.a1", { number: 1, version: 1 }, {});
    keepDraft("wexis.sheet.b2", { number: 1, version: 1 }, {});
    localStorage.setItem("wexis.clock.b2", "17");
    localStorage.setItem("wexis.viewer.a1", "mirror");
    expect(draftsAt("/techniques/a1")).toEqual(["wexis.technique.a1"]);
    expect(draftsAt("/examination/b2")).toEqual(["wexis.sheet.b2"]);
    expect(draftsAt("/techniques")).toEqual([]);
    setAside("wexis.sheet.b2");
    expect(draftsAt("/examination/b2")).toEqual([]);
  });
});
