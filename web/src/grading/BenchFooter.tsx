import type { Schemas } from "../shell/api";
import { Button } from "../ui/Button";
import { eventWords } from "./gradingWords";
import type { SheetFold } from "./sheetFold";
import { TouchButton } from "./TouchButton";
import type { Grading } from "./useGrading";

/** Named before the rest is only counted. */
const NAMED = 3;

/** What was given last, what is saved and what waits, what is not yet marked and why the sheet cannot be submitted. */
export function BenchFooter({
  sheet,
  g,
  unmarked,
  performing,
  pending,
  onSubmit,
}: {
  sheet: Schemas["MarkSheet"];
  g: Grading;
  unmarked: readonly Schemas["Criterion"][];
  performing: boolean;
  pending: boolean;
  onSubmit: () => void;
}) {
  const { fold, last } = g;
  const words = eventWords(last, sheet);
  const mendable = last?.kind === "fault" && performing;
  return (
    <footer className="mt-auto flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-t border-line pt-1.5 text-sm">
      <div className="min-w-0 flex-1">
        <p className="flex min-h-11 flex-wrap items-center gap-2" data-last={last?.kind}>
          <span className="truncate">{words ? `Last: ${words}` : "Nothing given yet."}</span>
          {mendable && <TouchButton onClick={() => give(g, last.id)}>mended by themselves</TouchButton>}
        </p>
        <p role="status" data-saving={g.saving.waiting}>
          {g.saving.waiting === 0
            ? savedWords(fold)
            : `${g.saving.waiting} of ${g.events.length} entries wait on this device`}
          {!g.saving.reachable && " · the server does not answer; it is asked again every 2 s"}
          {g.saving.unkept && (
            <span className="text-wrong">
              {" "}
              · this browser cannot keep marks ({g.saving.unkept}): leave this page open until all are saved
            </span>
          )}
          <span className="text-faded">
            {" "}
            ·{" "}
            {unmarked.length === 0
              ? "everything is marked"
              : performing
                ? `${unmarked.length} not marked yet: they come when it is finished`
                : `not marked yet: ${missing(unmarked)}`}
          </span>
        </p>
      </div>
      <Button
        className="min-h-14 text-lg"
        tone="now"
        disabled={performing || pending}
        title={performing ? "Finish the demonstration first" : undefined}
        onClick={onSubmit}
      >
        Submit the sheet
      </Button>
    </footer>
  );
}

const give = (g: Grading, stamp: string) => g.give("mended", { target: stamp });

/** "posture, cueing and 3 more". */
function missing(unmarked: readonly Schemas["Criterion"][]) {
  const named = unmarked.slice(0, NAMED).map((c) => `“${c.text}”`);
  const more = unmarked.length - named.length;
  return more > 0 ? `${named.join(", ")} and ${more} more` : named.join(", ");
}

/** "All saved: 30 counted, 14 marked, 1 fault": what an assessor gave, not how many messages it took. */
function savedWords(fold: SheetFold) {
  const counted = fold.tracks.reduce((n, t) => n + t.taps + t.holds.length + t.tallied, 0);
  const faults = fold.stamps.length;
  const said = [
    `${counted} counted`,
    `${fold.marks.size} marked`,
    ...(faults > 0 ? [`${faults} ${faults === 1 ? "fault" : "faults"}`] : []),
  ];
  return `All saved: ${said.join(", ")}`;
}
