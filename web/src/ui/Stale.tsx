import { Button } from "./Button";

/** Somebody else saved first: news, not an accident. Mine is still here; theirs can be taken, or mine saved over it. */
export function Stale({
  what,
  onKeepMine,
  onTakeTheirs,
}: {
  what: string;
  onKeepMine: () => void;
  onTakeTheirs: () => void;
}) {
  return (
    <div
      role="alert"
      className="my-3 flex flex-wrap items-center gap-x-4 gap-y-2 border-l-4 border-now bg-now-wash px-4 py-2"
    >
      <p className="font-semibold">Someone else changed this {what} first. Your text is still here.</p>
      <Button size="line" onClick={onTakeTheirs}>
        Take theirs (undo brings mine back)
      </Button>
      <Button size="line" onClick={onKeepMine}>
        Save mine over it
      </Button>
    </div>
  );
}
