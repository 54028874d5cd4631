const wordsOf = (text: string) => text.toLowerCase().match(/[\p{L}\p{Nd}]+/gu) ?? [];
/** Words that carry nothing when somebody asks for a movement or a place. */
const SMALL = new Set(["a", "an", "and", "at", "for", "in", "my", "of", "on", "or", "the", "to", "with"]);

/**
 * How well a thing fits what was asked: each word asked for has to begin a word of it, so that "hook" never finds "hold". 1 where all stand in its
 * name (before the bar), less where they stand in what it is also called, 0 where one is missing.
 */
export function fits(thing: string, asked: string): number {
  const [name = "", also = ""] = thing.split("|");
  const wanted = wordsOf(asked).filter((w) => !SMALL.has(w));
  if (wanted.length === 0) return 1;
  const named = wordsOf(name);
  const known = [...named, ...wordsOf(also)];
  const begins = (words: readonly string[], w: string) => words.some((x) => x.startsWith(w) || x === singular(w));
  if (!wanted.every((w) => begins(known, w))) return 0;
  return wanted.every((w) => begins(named, w)) ? 1 : 0.5;
}

const singular = (word: string) => (word.length > 3 && word.endsWith("s") ? word.slice(0, -1) : word);
