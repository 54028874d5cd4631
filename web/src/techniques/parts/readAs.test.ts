import { describe, expect, it } from "vitest";
import type { Schemas } from "../../shell/api";
import { readAs } from "./readAs";
import { emptyAct, emptyHand, emptyPose, emptyStep, emptyTempo } from "./techniqueModel";

const atlas = {
  choices: {
    lips: [{ value: "closed", word: "closed" }],
    effort: [{ value: "slight", word: "a little" }],
    role: [{ value: "hold", word: "hold the skin" }],
  },
  moves: [{ id: "raise-brows", base: "raise-brows", words: "raise the brows" }],
  verbs: [{ id: "stroke", word: "stroke", words: "" }],
  contacts: [{ id: "ring", name: "ring finger" }],
  landmarks: [
    { id: "chin", name: "chin point" },
    { id: "ear", name: "front of the ear" },
  ],
  zones: [{ id: "brow", name: "brow" }],
  levels: [{ level: 2, feel: "light", words: "" }],
} as unknown as Schemas["AtlasView"];

describe("what a step was read as", () => {
  it("says what moves, how strongly, against what, how held, how much", () => {
    const step = {
      ...emptyStep,
      acts: [
        { ...emptyAct, do: "raise-brows", effort: "slight" as const, resist: "finger" as const, side: "left" as const },
      ],
      state: { ...emptyPose, lips: "closed" as const },
      still: ["brow"],
      dose: { line: "10 times" } as Schemas["Dose"],
      tempo: { ...emptyTempo, out_s: 2 },
    };
    expect(readAs(atlas, step)).toEqual([
      "raise the brows on the left (a little) against the hand",
      "lips closed",
      "kept still: brow",
      "10 times",
      "let go over 2 s",
    ]);
  });

  it("says where a hand goes, with what and how hard", () => {
    const at = (id: string) => ({ at: id, landmark: null, offset: null }) as unknown as Schemas["PathPoint"];
    const step = {
      ...emptyStep,
      acts: [],
      hands: [{ ...emptyHand, verb: "stroke", contact: "ring", path: [at("chin"), at("ear")], pressure: 2 }],
    };
    expect(readAs(atlas, step)).toEqual([
      "the hand: stroke with ring finger from chin point to front of the ear (light)",
    ]);
  });

  it("says what each hand is for, where there are several", () => {
    const lies = { ...emptyHand, verb: "stroke", zones: ["brow"] };
    const step = {
      ...emptyStep,
      acts: [],
      hands: [
        { ...lies, role: "hold" as const },
        { ...lies, contact: "ring" },
      ],
    };
    expect(readAs(atlas, step)).toEqual([
      "the hand: stroke on brow there to hold the skin",
      "besides: stroke with ring finger on brow",
    ]);
  });

  it("says a word that the atlas does not know as it stands", () => {
    expect(readAs(atlas, { ...emptyStep, acts: [{ ...emptyAct, do: "jaw-side" }] })).toEqual(["jaw side"]);
  });
});
