import { Button } from "./Button";
import { differing } from "./differing";

/** So many places are shown; more would bury the choice. */
const SHOWN = 12;

/** Somebody else saved first: news, not an accident. Both texts are shown; theirs can be taken, or mine saved over it. */
export function Stale({
  what,
  mine,
  theirs,
  onKeepMine,
  onTakeTheirs,
}: {
  what: string;
  mine: unknown;
  theirs: unknown;
  onKeepMine: () => void;
  onTakeTheirs: () => void;
}) {
  const places = differing(mine, theirs);
  return (
    <div role="alert" className="my-3 border-l-4 border-now bg-now-wash px-4 py-2" data-stale>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <p className="font-semibold">Someone else changed this {what} first. Your text is still here.</p>
        <Button size="line" onClick={onTakeTheirs}>
          Take theirs (undo brings mine back)
        </Button>
        <Button size="line" onClick={onKeepMine}>
          Save mine over it
        </Button>
      </div>
      {places.length > 0 && (
        <table className="mt-2 w-full max-w-4xl text-left text-sm">
          <thead>
            <tr className="text-faded">
              <th className="pr-4 font-normal">Where they differ</th>
              <th className="pr-4 font-normal">Mine</th>
              <th className="font-normal">Theirs, saved</th>
            </tr>
          </thead>
          <tbody>
            {places.slice(0, SHOWN).map((place) => (
              <tr key={place.where} className="border-t border-line align-top">
                <td className="pr-4">{place.where}</td>
                <td className="pr-4 font-serif break-words">{place.mine}</td>
                <td className="font-serif break-words">{place.theirs}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {places.length > SHOWN && <p className="text-sm text-faded">and {places.length - SHOWN} more places</p>}
    </div>
  );
}
