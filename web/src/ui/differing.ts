/** One place where two texts of the same document say different things. */
export type Differing = { readonly where: string; readonly mine: string; readonly theirs: string };

const word = (part: string | number) => (typeof part === "number" ? `${part + 1}` : part.replaceAll("_", " "));

const leaf = (value: unknown) =>
  value === null || value === undefined || value === ""
    ? "nothing"
    : Array.isArray(value)
      ? value.length === 0
        ? "nothing"
        : `${value.length} ${value.length === 1 ? "entry" : "entries"}`
      : typeof value === "object"
        ? "something"
        : `${value as string | number | boolean}`;

const isTree = (value: unknown): value is Record<string, unknown> | readonly unknown[] =>
  typeof value === "object" && value !== null;

/** What the server gives a document when it is saved first: nobody wrote it, so nobody chooses between two of it. */
const given = (path: readonly (string | number)[], key: string | number) => path.length === 0 && key === "id";

/** Where two documents differ, place by place, in the order of the first. Nothing and an empty text are the same. */
export function differing(mine: unknown, theirs: unknown, path: readonly (string | number)[] = []): Differing[] {
  if (isTree(mine) && isTree(theirs) && Array.isArray(mine) === Array.isArray(theirs)) {
    const keys: (string | number)[] = Array.isArray(mine)
      ? Array.from({ length: Math.max(mine.length, (theirs as readonly unknown[]).length) }, (_, i) => i)
      : [...new Set([...Object.keys(mine), ...Object.keys(theirs)])];
    return keys.flatMap((key) =>
      given(path, key)
        ? []
        : differing((mine as Record<string, unknown>)[key], (theirs as Record<string, unknown>)[key], [...path, key]),
    );
  }
  if (!isTree(mine) && !isTree(theirs) && leaf(mine) === leaf(theirs)) return [];
  // Where one of them has nothing, what the other holds is told part by part.
  if (isTree(mine) !== isTree(theirs) && leaf(mine) !== "nothing" && leaf(theirs) !== "nothing")
    return [{ where: path.map(word).join(" "), mine: leaf(mine), theirs: leaf(theirs) }];
  if (isTree(mine)) return differing(mine, Array.isArray(mine) ? [] : {}, path);
  if (isTree(theirs)) return differing(Array.isArray(theirs) ? [] : {}, theirs, path);
  return [{ where: path.map(word).join(" "), mine: leaf(mine), theirs: leaf(theirs) }];
}
