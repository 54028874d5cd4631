import type { Schemas } from "../../shell/api";

export type TechniqueDocument = Schemas["TechniqueDocument"];
export type Step = Schemas["Step"];
export type Act = Schemas["Act"];
export type Hand = Schemas["Hand"];
export type Dose = Schemas["Dose"];
export type Tempo = Schemas["Tempo"];
export type PoseState = Schemas["PoseState"];
export type Derivation = Schemas["Derivation"];
export type DerivedStep = Schemas["DerivedStep"];

/** Null means left open: the core fills it from the family, and it never counts as zero. */
export const emptyDocument: TechniqueDocument = {
  schema: "wexis.technique/1",
  id: null,
  name: null,
  region: null,
  school: null,
  concerns: [],
  aim: null,
  steps: [],
  faults: [],
  adaptations: [],
  cautions: [],
  claims: [],
  materials: [],
  prerequisites: [],
  related: [],
  advice: [],
};
export const emptyStep: Step = {
  acts: [],
  hands: [],
  breath: null,
  gaze: null,
  still: [],
  dose: null,
  channels: null,
  end_point: null,
  cue: null,
  state: null,
  tempo: null,
};
export const emptyAct: Act = {
  do: null,
  side: null,
  effort: null,
  resist: null,
  at: null,
  tempo: null,
  hold_still: [],
  state: null,
  air: null,
  travels: null,
  then: null,
  force: null,
};
export const emptyHand: Hand = {
  hand: null,
  role: null,
  verb: null,
  contact: null,
  tool: null,
  angle_deg: null,
  zones: [],
  points: [],
  path: [],
  surface: null,
  direction: null,
  deg_left: null,
  pressure: null,
  axis: null,
  glide: null,
  grip_or_slip: null,
  sides: null,
  hold_s: null,
};
const emptyDose: Dose = {
  line: null,
  sets: null,
  reps: null,
  per: null,
  directions: [],
  per_direction: null,
  both: null,
  lanes: null,
  extra: null,
  demo_counts: null,
  min: null,
  standard: null,
  full: null,
  unit: null,
  times_a_day: null,
  days_a_week: null,
};
export const emptyTempo: Tempo = { in_s: null, hold_s: null, out_s: null, rest_s: null };
export const emptyPose: PoseState = {
  gaze: null,
  lids: null,
  jaw: null,
  lips: null,
  tongue: null,
  head: null,
  shoulders: null,
};

/** What happens in a step: the hand's verb, or the movement; null while nothing was chosen. */
export type What = { kind: "hand"; verb: string } | { kind: "act"; verb: string } | null;

export function whatOf(step: Step): What {
  const act = step.acts?.[0];
  if (act?.do) return { kind: "act", verb: act.do };
  const hand = step.hands?.[0];
  return hand?.verb ? { kind: "hand", verb: hand.verb } : null;
}

/** Diagonal glances are one movement in four directions; the direction is where the eyes look. */
const DIAGONAL = /^gaze-((?:up|down)-(?:left|right))$/;

export function withWhat(step: Step, what: Exclude<What, null>): Step {
  if (what.kind === "hand")
    return {
      ...step,
      acts: [],
      hands: [
        { ...(step.hands?.[0] ?? emptyHand), verb: what.verb, role: null, glide: null },
        ...(step.hands ?? []).slice(1),
      ],
    };
  const diagonal = DIAGONAL.exec(what.verb);
  const act = { ...(step.acts?.[0] ?? emptyAct), do: diagonal ? "gaze-diagonal" : what.verb };
  return {
    ...step,
    acts: [act, ...(step.acts ?? []).slice(1)],
    hands: (step.hands ?? []).filter((h) => h.role !== null && h.role !== "work"),
    gaze: (diagonal?.[1] as Step["gaze"] | undefined) ?? step.gaze,
  };
}

/** What may be told at a field of a step, of its hands, its acts or a claim. */
interface Told {
  breath: Step["breath"];
  gaze: Step["gaze"];
  lids: PoseState["lids"];
  jaw: PoseState["jaw"];
  lips: PoseState["lips"];
  tongue: PoseState["tongue"];
  head: PoseState["head"];
  shoulders: PoseState["shoulders"];
  effort: Act["effort"];
  resist: Act["resist"];
  sides: Hand["sides"];
  role: Hand["role"];
  grip_or_slip: Hand["grip_or_slip"];
  which_hand: Hand["hand"];
  axis: Hand["axis"];
  offset: Schemas["PathOffset"]["dir"] | "none";
  claim_kind: Schemas["Claim"]["kind"];
}
export type Field = keyof Told;
export type ToldAt<F extends Field> = NonNullable<Told[F]>;

/** Parts of the hand and tools, as what can be chosen. */
export const contactChoices = (atlas: Pick<Schemas["AtlasView"], "contacts">) =>
  atlas.contacts.map((c) => ({ value: c.id, word: c.name, group: c.kind === "tool" ? "Tool" : "Hand" }));

/** The words of a field with how they are said, as the server tells them with the atlas. */
export const choicesOf = <F extends Field>(atlas: Schemas["AtlasView"], field: F) =>
  (atlas.choices[field] ?? []).map((c) => ({ value: c.value as ToldAt<F>, word: c.word }));

export const withHand = (step: Step, index: number, change: Partial<Hand>): Step => ({
  ...step,
  hands: (step.hands ?? []).map((h, i) => (i === index ? { ...h, ...change } : h)),
});

export const withAct = (step: Step, change: Partial<Act>): Step => ({
  ...step,
  acts: (step.acts ?? []).map((a, i) => (i === 0 ? { ...a, ...change } : a)),
});

export const withDoseLine = (step: Step, line: string): Step => ({
  ...step,
  dose: line === "" ? null : { ...emptyDose, line },
});

/** Fingers, or whatever else resists: the hand that resists comes and goes with it. */
export function withResist(step: Step, resist: ToldAt<"resist">): Step {
  const others = (step.hands ?? []).filter((h) => h.role !== "resist");
  const hands =
    resist === "finger"
      ? [
          ...others,
          {
            ...emptyHand,
            role: "resist" as const,
            verb: "hold-still",
            contact: "two-fingers",
            pressure: 2,
            grip_or_slip: "grip" as const,
          },
        ]
      : others;
  return { ...withAct(step, { resist }), hands };
}

/** Which sides: told once, kept where the work is. */
export function withSides(step: Step, sides: ToldAt<"sides">): Step {
  const act = step.acts?.[0];
  const hands = (step.hands ?? []).map((h) => ({ ...h, sides }));
  if (hands.length > 0)
    return { ...step, hands, acts: act ? [{ ...act, side: actSide(sides) }, ...(step.acts ?? []).slice(1)] : [] };
  if (!act) return step;
  const both = sides === "both" ? "together" : sides === "left" || sides === "right" ? null : sides;
  return {
    ...withAct(step, { side: actSide(sides) }),
    dose: step.dose ? { ...step.dose, both } : { ...emptyDose, both },
  };
}

const actSide = (sides: ToldAt<"sides">) =>
  sides === "left" || sides === "right" || sides === "alternating" ? sides : "both";

export const toggled = (list: readonly string[] | null, item: string): string[] =>
  (list ?? []).includes(item) ? (list ?? []).filter((x) => x !== item) : [...(list ?? []), item];

/** The place that is picked next: start, end, then any further stop. A touch at the same place changes nothing. */
export function withPlace(hand: Hand, slot: number, landmark: string): Partial<Hand> {
  const path = [...(hand.path ?? [])];
  path[slot] = { at: landmark, from: null, surface: null, offset: null };
  return { path: path.filter(Boolean), zones: [], points: [], deg_left: null, direction: null };
}

/** The same place, or so many finger-breadths away from it. */
export function withOffset(hand: Hand, slot: number, offset: Schemas["PathOffset"] | null): Partial<Hand> {
  return {
    path: (hand.path ?? []).map((p, i) =>
      i !== slot
        ? p
        : offset
          ? { ...p, at: null, from: p.at ?? p.from, offset }
          : { ...p, at: p.at ?? p.from, from: null, offset: null },
    ),
  };
}

/** A stroke as it was read from a drawn line. One half alone was drawn: which sides it works is told elsewhere. */
export const withStroke = (path: readonly Schemas["PathPoint"][]): Partial<Hand> => ({
  path: [...path],
  zones: [],
  points: [],
  deg_left: null,
  direction: null,
});

export const moved = <T>(list: readonly T[], from: number, by: number): T[] => {
  const to = from + by;
  if (to < 0 || to >= list.length) return [...list];
  const next = [...list];
  const [item] = next.splice(from, 1);
  if (item !== undefined) next.splice(to, 0, item);
  return next;
};

/** Seconds as the trade says them: 45 s, 1:30. */
export function seconds(s: number): string {
  if (s < 60) return `${Math.round(s * 10) / 10} s`;
  const whole = Math.round(s);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, "0")} min`;
}

/** Where this browser keeps a technique that is not saved yet. */
export const draftPlace = (id: string) => `wexis.technique.${id}`;

type Standing = Schemas["EditionLine"]["standing"];

export const STANDING_WORDS: Readonly<Record<Standing, string>> = {
  complete: "complete",
  draft: "draft",
  parked: "unsafe example",
  reviewed: "reviewed",
  approved: "approved",
  retired: "out of use",
};

/** How a standing looks as a tag; complete needs none. */
export const STANDING_TAGS: Readonly<Record<Standing, string>> = {
  complete: "",
  draft: "border border-dashed border-faded text-faded",
  reviewed: "border border-line text-faded",
  approved: "border border-kneaded text-kneaded",
  parked: "bg-safety text-on-safety",
  retired: "border border-line text-faded line-through",
};

const OTHER_SIDE: Readonly<Record<string, string>> = { left: "right", right: "left" };
const swap = <T extends string>(side: T | null) => (side === null ? null : ((OTHER_SIDE[side] ?? side) as T));
const swapWords = <T extends string>(word: T | null) =>
  (word?.replace(/\b(left|right)\b/g, (side) => OTHER_SIDE[side] ?? side) ?? null) as T | null;

/** The same step on the other side: sides, hands, gaze and head change places; a place on the face is stored for the left and stays. */
export function mirroredStep(step: Step): Step {
  const pose = (p: PoseState | null) =>
    p ? { ...p, gaze: swapWords(p.gaze), jaw: swapWords(p.jaw), head: swapWords(p.head) } : null;
  return {
    ...step,
    gaze: swapWords(step.gaze),
    state: pose(step.state),
    acts: (step.acts ?? []).map((a) => ({ ...a, side: swap(a.side), state: pose(a.state) })),
    hands: (step.hands ?? []).map((h) => ({ ...h, hand: swap(h.hand), sides: swap(h.sides) })),
    dose: step.dose?.line ? { ...step.dose, line: swapWords(step.dose.line) } : step.dose,
  };
}
