import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../../shell/api";
import { Problem, Waiting } from "../../ui/States";
import { differenceQuery } from "./techniqueQueries";

/** Differences in words: where, what, before and after; of two different things, a column for each. */
export function DifferenceList({
  differences,
  same,
  onStep,
  columns,
}: {
  differences: readonly Schemas["Difference"][];
  same: string;
  onStep?: (step: number) => void;
  columns?: readonly [string, string];
}) {
  if (differences.length === 0) return <p className="text-faded">{same}</p>;
  return (
    <table className="w-full text-sm" data-differences>
      {columns && (
        <thead>
          <tr className="text-left">
            <td colSpan={2} />
            {columns.map((name) => (
              <th key={name} scope="col" className="py-1 pr-3 font-serif text-base font-semibold">
                {name}
              </th>
            ))}
          </tr>
        </thead>
      )}
      <tbody>
        {differences.map((d, i) => (
          <tr key={i} className="border-t border-line align-baseline">
            <th scope="row" className="w-28 py-1 pr-3 text-left font-normal text-faded">
              {d.where === differences[i - 1]?.where ? (
                ""
              ) : onStep && d.step !== null ? (
                <button type="button" className="text-now underline" onClick={() => onStep(d.step ?? 0)}>
                  {d.where}
                </button>
              ) : (
                d.where
              )}
            </th>
            <td className="w-36 py-1 pr-3 font-semibold">{d.what}</td>
            {columns ? (
              [d.before, d.after].map((said, side) => (
                <td key={side} className={said === null ? "py-1 pr-3 text-faded" : "py-1 pr-3"}>
                  {said ?? "nothing"}
                </td>
              ))
            ) : (
              <td className="py-1">
                {d.before !== null && <del className="text-faded">{d.before}</del>}
                {d.before !== null && d.after !== null && " → "}
                {d.after !== null && <ins className="no-underline">{d.after}</ins>}
              </td>
            )}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Two editions of one technique, whichever: how the later differs. */
export function EditionDifferences({ technique, before, after }: { technique: string; before: number; after: number }) {
  const difference = useQuery(differenceQuery(technique, before, after));
  if (difference.isPending) return <Waiting what="the difference" />;
  if (difference.isError) return <Problem error={difference.error} again={() => difference.refetch()} />;
  return <DifferenceList differences={difference.data} same={`Editions ${before} and ${after} say the same.`} />;
}
