import { describe, expect, it } from "vitest";
import { gradingAct, gradingKeys, shellKeys } from "./keys";

describe("keys are a table", () => {
  it.each(["left", "right"] as const)("no key of the %s hand stands for two acts", (hand) => {
    const keys = Object.values(gradingKeys[hand]).map((k) => k.key);
    expect(new Set(keys).size).toBe(keys.length);
  });

  it.each(["left", "right"] as const)("every act of the %s hand is reached by its own key", (hand) => {
    for (const [act, line] of Object.entries(gradingKeys[hand])) expect(gradingAct(hand, line.key)).toBe(act);
  });

  it("capital letters count too, other keys do not", () => {
    expect(gradingAct("left", "F")).toBe("hold");
    expect(gradingAct("left", "Tab")).toBeNull();
  });

  it("grading never takes Tab, so that the keyboard is never trapped", () => {
    for (const hand of ["left", "right"] as const)
      expect(Object.values(gradingKeys[hand]).some((k) => k.key === "Tab")).toBe(false);
  });

  it("no shell key stands twice", () => {
    const keys = Object.values(shellKeys).map((k) => `${"alt" in k && k.alt ? "alt " : ""}${k.key}`);
    expect(new Set(keys).size).toBe(keys.length);
  });
});
