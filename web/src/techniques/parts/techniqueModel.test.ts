import { describe, expect, it } from "vitest";
import {
  mirroredStep,
  emptyAct,
  emptyHand,
  emptyStep,
  moved,
  seconds,
  whatOf,
  withPlace,
  withResist,
  withSides,
  withWhat,
  type Step,
} from "./techniqueModel";

describe("editing a step", () => {
  it("choosing a movement after a hand's verb takes the working hand away", () => {
    const glide = withWhat(emptyStep, { kind: "hand", verb: "stroke" });
    const smile = withWhat(glide, { kind: "act", verb: "smile-closed" });
    expect(whatOf(smile)).toEqual({ kind: "act", verb: "smile-closed" });
    expect(smile.hands).toEqual([]);
  });

  it("a diagonal glance keeps its direction in the gaze", () => {
    const step = withWhat(emptyStep, { kind: "act", verb: "gaze-up-left" });
    expect(step.acts?.[0]?.do).toBe("gaze-diagonal");
    expect(step.gaze).toBe("up-left");
  });

  it("fingers that resist come with a hand, and go with it", () => {
    const step = { ...emptyStep, acts: [{ ...emptyAct, do: "pucker" }] };
    const resisted = withResist(step, "finger");
    expect(resisted.hands?.[0]?.role).toBe("resist");
    expect(withResist(resisted, "none").hands).toEqual([]);
  });

  it("sides are told once, for the hands and for the movement", () => {
    const step = withSides(
      {
        ...emptyStep,
        acts: [{ ...emptyAct, do: "smile-closed" }],
        hands: [{ ...emptyHand, role: "resist", verb: "hold-still" }],
      },
      "left",
    );
    expect(step.hands?.[0]?.sides).toBe("left");
    expect(step.acts?.[0]?.side).toBe("left");
  });

  it("a place that is touched replaces the one before it and forgets zones typed for the old path", () => {
    const hand = { ...emptyHand, zones: ["chin"], ...withPlace(emptyHand, 0, "alare") };
    expect(withPlace(hand, 1, "ear_front").path?.map((p) => p.at)).toEqual(["alare", "ear_front"]);
    expect(withPlace(hand, 0, "tragus").path?.map((p) => p.at)).toEqual(["tragus"]);
    expect(withPlace(hand, 1, "ear_front").zones).toEqual([]);
  });

  it("a step cannot be moved out of its list", () => {
    expect(moved(["a", "b", "c"], 0, -1)).toEqual(["a", "b", "c"]);
    expect(moved(["a", "b", "c"], 0, 1)).toEqual(["b", "a", "c"]);
  });

  it("says seconds as the trade does", () => {
    expect(seconds(45)).toBe("45 s");
    expect(seconds(90)).toBe("1:30 min");
    expect(seconds(2.5)).toBe("2.5 s");
  });

  it("mirroring twice gives back the step, and once changes hands, sides and gaze", () => {
    const step: Step = {
      ...emptyStep,
      gaze: "up-left",
      acts: [{ ...emptyAct, do: "gaze", side: "left" }],
      hands: [{ ...emptyHand, hand: "right", sides: "left" }],
    };
    const other = mirroredStep(step);
    expect([other.gaze, other.acts?.[0]?.side, other.hands?.[0]?.hand, other.hands?.[0]?.sides]).toEqual([
      "up-right",
      "right",
      "left",
      "right",
    ]);
    expect(mirroredStep(other)).toEqual(step);
  });
});
