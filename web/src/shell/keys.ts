/** Keys are a table: handlers, the key sheet and the tests read it. */
export type KeyLine = {
  readonly key: string;
  readonly alt?: boolean;
  readonly ctrl?: boolean;
  readonly shown: string;
  readonly does: string;
};

const line = (key: string, shown: string, does: string, more: { alt?: boolean; ctrl?: boolean } = {}): KeyLine => ({
  key,
  shown,
  does,
  ...more,
});

export const shellKeys = {
  keySheet: line("?", "?", "show these keys"),
  search: line("/", "/", "go to the search of this screen"),
  turnPlate: line("m", "M", "turn the plate and the words: facing you, in the mirror, as felt"),
  foldPlate: line("p", "P", "fold the plate to a strip, and back"),
  stop1: line("1", "Alt 1", "Anatomy", { alt: true }),
  stop2: line("2", "Alt 2", "Techniques", { alt: true }),
  stop3: line("3", "Alt 3", "Routines", { alt: true }),
  stop4: line("4", "Alt 4", "Programme", { alt: true }),
  stop5: line("5", "Alt 5", "Examination", { alt: true }),
  stop6: line("6", "Alt 6", "Grading", { alt: true }),
  stop7: line("7", "Alt 7", "Results", { alt: true }),
} as const;

export const plateKeys = {
  next: line("ArrowRight", "→ ↓", "on the plate: the next structure or place"),
  before: line("ArrowLeft", "← ↑", "on the plate: the one before"),
  choose: line("Enter", "Enter", "on the plate: choose it"),
  clear: line("Escape", "Esc", "on the plate: choose nothing"),
} as const;

export const editorKeys = {
  save: line("s", "Ctrl S", "save the technique", { ctrl: true }),
  undo: line("z", "Ctrl Z", "undo", { ctrl: true }),
  redo: line("y", "Ctrl Y", "redo", { ctrl: true }),
} as const;

export const scoreKeys = {
  open: line("Enter", "Enter", "on a block of the score: open the step"),
  longer: line("ArrowUp", "↑", "on a block of the score: one more"),
  shorter: line("ArrowDown", "↓", "on a block of the score: one less"),
  holdLonger: line("+", "+", "on a block of the score: hold a second longer"),
  holdShorter: line("-", "−", "on a block of the score: hold a second shorter"),
  earlier: line("ArrowLeft", "←", "on a block of the score: move the step before the one before"),
  later: line("ArrowRight", "→", "on a block of the score: move the step after the next"),
} as const;

type GradingAct =
  | "count"
  | "otherSide"
  | "hold"
  | "nextStep"
  | "lastStep"
  | "undo"
  | "mark0"
  | "mark1"
  | "mark2"
  | "mark3"
  | "nextCriterion"
  | "lastCriterion"
  | "start"
  | "fault1"
  | "fault2"
  | "fault3"
  | "fault4"
  | "fault5"
  | "fault6"
  | "unseen"
  | "critical";
export type GradingKeys = Readonly<Record<GradingAct, KeyLine>>;

/** Keys that lie under the left hand at rest; the other hand is free for the clipboard. */
const leftHand: GradingKeys = {
  count: line(" ", "Space", "count one repetition on the current side"),
  otherSide: line("a", "A", "the other side"),
  hold: line("f", "F", "press to begin a hold, release to end it"),
  nextStep: line("d", "D", "next step"),
  lastStep: line("s", "S", "step before"),
  undo: line("z", "Z or ⌫", "take back the last mark"),
  start: line("g", "G", "start, or finish, the demonstration"),
  mark0: line("`", "` or 0", "mark 0"),
  mark1: line("1", "1", "mark 1"),
  mark2: line("2", "2", "mark 2"),
  mark3: line("3", "3", "mark 3"),
  nextCriterion: line("c", "C", "next criterion"),
  lastCriterion: line("x", "X", "criterion before"),
  fault1: line("q", "Q", "stamp fault 1, or say why a mark is not full"),
  fault2: line("w", "W", "stamp fault 2"),
  fault3: line("e", "E", "stamp fault 3"),
  fault4: line("r", "R", "stamp fault 4"),
  fault5: line("t", "T", "stamp fault 5"),
  fault6: line("4", "4", "stamp fault 6"),
  unseen: line("b", "B", "this criterion could not be seen"),
  critical: line("v", "V", "list the critical acts"),
};

const rightHand: GradingKeys = {
  count: line(" ", "Space", leftHand.count.does),
  otherSide: line(";", ";", leftHand.otherSide.does),
  hold: line("j", "J", leftHand.hold.does),
  nextStep: line("k", "K", leftHand.nextStep.does),
  lastStep: line("l", "L", leftHand.lastStep.does),
  undo: line("/", "/ or ⌫", leftHand.undo.does),
  start: line("h", "H", leftHand.start.does),
  mark0: line("0", "0", "mark 0"),
  mark1: line("7", "7", "mark 1"),
  mark2: line("8", "8", "mark 2"),
  mark3: line("9", "9", "mark 3"),
  nextCriterion: line("m", "M", leftHand.nextCriterion.does),
  lastCriterion: line("n", "N", leftHand.lastCriterion.does),
  fault1: line("u", "U", "stamp fault 1, or say why a mark is not full"),
  fault2: line("i", "I", "stamp fault 2"),
  fault3: line("o", "O", "stamp fault 3"),
  fault4: line("p", "P", "stamp fault 4"),
  fault5: line("[", "[", "stamp fault 5"),
  fault6: line("4", "4", "stamp fault 6"),
  unseen: line("y", "Y", leftHand.unseen.does),
  critical: line("b", "B", leftHand.critical.does),
};

export const gradingKeys = { left: leftHand, right: rightHand } as const;

/** Second keys for the same act. */
const alsoFor: Readonly<Record<"left" | "right", Readonly<Partial<Record<GradingAct, string>>>>> = {
  left: { undo: "Backspace", mark0: "0" },
  right: { undo: "Backspace" },
};

/** The grading act that a key stands for, or null. */
export function gradingAct(hand: "left" | "right", key: string): GradingAct | null {
  const wanted = key.length === 1 ? key.toLowerCase() : key;
  for (const [act, entry] of Object.entries(gradingKeys[hand]) as [GradingAct, KeyLine][]) {
    if (entry.key === wanted || alsoFor[hand][act] === wanted) return act;
  }
  return null;
}

type Pressed = { key: string; altKey: boolean; ctrlKey: boolean; metaKey: boolean };

export const isKey = (e: Pressed, k: KeyLine) =>
  e.key.toLowerCase() === k.key.toLowerCase() &&
  e.altKey === (k.alt ?? false) &&
  (e.ctrlKey || e.metaKey) === (k.ctrl ?? false);

/** Whether keys belong to what is being typed. */
export function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target instanceof HTMLInputElement) return !["radio", "checkbox", "button"].includes(target.type);
  return target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement || target.isContentEditable;
}
