import { Link } from "react-router";
import type { Schemas } from "../shell/api";
import { cn } from "../ui/cn";

type Cell = Schemas["Cell"];
export type Waits = NonNullable<Cell["waits"]>;

/** What waits, for one and for many. */
export const WAITS: Readonly<Record<Waits, { short: string; one: string; many: string }>> = {
  marks: { short: "being marked", one: "sheet is open", many: "sheets are open" },
  "look-owed": { short: "second look due", one: "is due for a second look", many: "are due for a second look" },
  "look-open": { short: "second look asked", one: "waits for a second look", many: "wait for a second look" },
  dispute: { short: "two sheets differ", one: "has two sheets that differ", many: "have two sheets that differ" },
  appeal: { short: "appeal", one: "has an appeal to decide", many: "have an appeal to decide" },
  release: { short: "to release", one: "waits to be released", many: "wait to be released" },
};

const DECISION: Readonly<Record<string, string>> = {
  pass: "passed",
  fail: "not passed",
  "not-enough-shown": "not enough shown",
  "look-again": "look again",
};

/** What a station came to, a press away from its evidence. */
export function Shown({ cell }: { cell: Cell | undefined }) {
  if (!cell) return <span className="text-faded">–</span>;
  const decided = cell.decision !== null;
  const body = (
    <>
      {cell.percent !== null && <span className="font-semibold">{Math.round(cell.percent)}</span>}
      {decided && (
        <span className={cn("text-sm", cell.decision === "pass" ? "text-kneaded" : "font-medium text-now")}>
          {" "}
          {DECISION[cell.decision ?? ""] ?? cell.decision}
        </span>
      )}
      {cell.attempt > 1 && <span className="text-xs text-faded"> attempt {cell.attempt}</span>}
      {cell.waits && <span className="block text-xs text-faded">{WAITS[cell.waits].short}</span>}
    </>
  );
  return (
    <Link
      to={decided ? `/results/${cell.id}` : `/grading`}
      className="block min-h-8 py-1 leading-tight hover:underline"
      data-cell={cell.decision ?? cell.waits ?? ""}
    >
      {body}
    </Link>
  );
}
