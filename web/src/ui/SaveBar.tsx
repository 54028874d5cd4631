import { Button } from "./Button";

/** How what is written stands, and the two things to do with it. */
export function SaveBar({
  stands,
  what,
  bench,
}: {
  stands: string;
  /** "the routine": what the button saves. */
  what: string;
  bench: { canUndo: boolean; undo: () => void; canSave: boolean; save: () => void };
}) {
  return (
    <>
      <span role="status" className="text-sm text-faded">
        {stands}
      </span>
      <Button size="line" tone="quiet" disabled={!bench.canUndo} onClick={bench.undo}>
        Undo
      </Button>
      <Button tone="now" disabled={!bench.canSave} onClick={bench.save}>
        Save {what}
      </Button>
    </>
  );
}
