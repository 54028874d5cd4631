import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { draftsAt, keepDraft, keptDraft, setAside, writing, type Writing } from "./useDraft";
import { BrowserStorage } from "./testStorage";

const begun: Writing<string> = { past: [], now: "a", future: [], saved: "a", field: null };
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
    const theirs = writing(type(begun, "mine"), { type: "load", document: "theirs" });
    expect(theirs.now).toBe("theirs");
    expect(writing(theirs, { type: "undo" }).now).toBe("mine");
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
    keepDraft("wexis.technique.a1", "2.3", { name: "Glide" });
    expect(keptDraft("wexis.technique.a1")).toEqual({ base: "2.3", document: { name: "Glide" } });
    expect(keptDraft("wexis.technique.b2")).toBeNull();
  });

  it("are set aside, not thrown away, when they cannot be read", () => {
    localStorage.setItem("wexis.technique.a1", "{ half a text");
    expect(keptDraft("wexis.technique.a1")).toBeNull();
    expect(localStorage.getItem("wexis.technique.a1")).toBeNull();
    expect(localStorage.getItem("wexis.technique.a1.unreadable")).toBe("{ half a text");
  });

  it("belong to the address of what they are about; marks' clocks and other things kept are no drafts", () => {
    keepDraft("wexis.technique.a1", "1.1", {});
    keepDraft("wexis.sheet.b2", "1.1", {});
    localStorage.setItem("wexis.clock.b2", "17");
    localStorage.setItem("wexis.viewer.a1", "mirror");
    expect(draftsAt("/techniques/a1")).toEqual(["wexis.technique.a1"]);
    expect(draftsAt("/examination/b2")).toEqual(["wexis.sheet.b2"]);
    expect(draftsAt("/techniques")).toEqual([]);
    setAside("wexis.sheet.b2");
    expect(draftsAt("/examination/b2")).toEqual([]);
  });
});
