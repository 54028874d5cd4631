import type { Schemas } from "../shell/api";
import type { MarkEvent } from "./sheetFold";

type Sheet = Schemas["MarkSheet"];

export const SIDE_WORDS: Readonly<Record<string, string>> = {
  left: "left",
  right: "right",
  both: "both at once",
  midline: "midline",
};

export const ORIGIN_WORDS: Readonly<Record<Schemas["DemonstrationLine"]["origin"], string>> = {
  station: "examination",
  lesson: "in a lesson",
  practice: "in practice",
};

/** "2:05". */
export const clockWords = (seconds: number) =>
  `${Math.floor(Math.max(0, seconds) / 60)}:${String(Math.floor(Math.max(0, seconds) % 60)).padStart(2, "0")}`;

/** What was given last, in words; null where nothing stands. */
export function eventWords(e: MarkEvent | null, sheet: Sheet): string | null {
  if (!e) return null;
  const side = e.side ? (SIDE_WORDS[e.side] ?? e.side) : "";
  const criterion = () => sheet.criteria.find((c) => c.id === e.target)?.text ?? e.target ?? "";
  switch (e.kind) {
    case "rep":
      return `one counted, ${side}`;
    case "press":
      return `holding, ${side}`;
    case "release":
      return `a hold ended, ${side}`;
    case "fault":
      return `fault: ${sheet.faults.find((f) => f.id === e.target)?.text ?? e.target}`;
    case "mark":
      return `${e.value} for “${criterion()}”`;
    case "unseen":
      return `could not be seen: ${criterion()}`;
    case "critical":
      return `stopped for: ${sheet.critical_acts.find((a) => a.id === e.target)?.text ?? e.target}`;
    case "said":
      return `trainee says: ${e.target} ${e.value} of 10`;
    case "mended":
      return "mended by themselves";
    case "tighter":
      return `${side} declared tighter`;
    case "wrong-side":
      return "right, on the wrong side";
    case "interrupted":
      return "interrupted from outside";
    case "planted":
      return `planted: ${sheet.faults.find((f) => f.id === e.target)?.text ?? e.target}`;
    case "caught":
      return "the fault was caught";
    case "note":
      return `note: ${e.note}`;
    case "film":
      return `the film ${e.note}`;
    case "tally":
      return `${e.value} from paper, ${side}`;
    case "start":
      return "started";
    case "stop":
      return "finished";
    default:
      return null;
  }
}
