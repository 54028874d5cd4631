import { describe, expect, it } from "vitest";
import { writing, type Writing } from "./useDraft";

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
