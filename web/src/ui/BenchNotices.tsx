import { Stale } from "./Stale";
import { Problem } from "./States";

/** What stands in the way of a save, under the head of every bench: somebody else saved, or it was refused. */
export function BenchNotices<T extends object>({
  what,
  bench,
}: {
  what: string;
  bench: {
    stale: boolean;
    document: T;
    stored: T;
    keepMine: () => void;
    takeTheirs: () => void;
    error: unknown;
  };
}) {
  return (
    <>
      {bench.stale && (
        <Stale
          what={what}
          mine={bench.document}
          theirs={bench.stored}
          onKeepMine={bench.keepMine}
          onTakeTheirs={bench.takeTheirs}
        />
      )}
      {bench.error != null && <Problem error={bench.error} safe="Your changes are kept in this browser." />}
    </>
  );
}
