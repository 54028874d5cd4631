import { describe, expect, it } from "vitest";
import { belongs, filterOf, narrowed, type Shelved } from "./libraryFilter";

const smile = {
  technique_id: "1",
  code: "a",
  edition: 1,
  name: "Small smile",
  region: "cheeks",
  school: "contraction-led",
  family: "repetition",
  standing: "complete",
  changed_at: "",
  brief: {
    seconds: { minimum: 20, standard: 60, full: 90 },
    primary: "zygomaticus major: tightens",
    concerns: ["flat-cheeks"],
    works: [
      { structure: "zygomaticus-major", mode: "concentric", strength: "primary" },
      { structure: "frontalis", mode: "inhibited", strength: "secondary" },
    ],
    contacts: [],
    channels: ["mouth-busy"],
    avoid: ["ci-threads"],
    aim: "lift the cheeks",
  },
} as unknown as Shelved;

describe("what the library is narrowed to", () => {
  it("every filter that is set must hold", () => {
    expect(belongs(smile, {})).toBe(true);
    expect(belongs(smile, { find: "SMILE", region: "cheeks", minutes: "1" })).toBe(true);
    expect(belongs(smile, { find: "smile", region: "jaw" })).toBe(false);
  });

  it("a mode is asked of the chosen structure, not of any", () => {
    expect(belongs(smile, { structure: "frontalis", mode: "concentric" })).toBe(false);
    expect(belongs(smile, { structure: "frontalis", mode: "inhibited" })).toBe(true);
  });

  it("a channel must stay free, a state of the person must not exclude it", () => {
    expect(belongs(smile, { free: "mouth-busy" })).toBe(false);
    expect(belongs(smile, { free: "eyes-closed" })).toBe(true);
    expect(belongs(smile, { suits: "ci-threads" })).toBe(false);
  });

  it("retired ones are found only when asked for", () => {
    const retired = { ...smile, standing: "retired" as const };
    expect(belongs(retired, {})).toBe(false);
    expect(belongs(retired, { standing: "retired" })).toBe(true);
  });

  it("stands in the address and comes back from it", () => {
    const params = narrowed(new URLSearchParams("find=brow"), "school", "fluid-led");
    expect(filterOf(params)).toEqual({ find: "brow", school: "fluid-led" });
    expect(filterOf(narrowed(params, "find", null))).toEqual({ school: "fluid-led" });
  });
});
