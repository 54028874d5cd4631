import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { Stage } from "../face/Stage";
import type { Schemas } from "../shell/api";
import { Problem, Waiting } from "../ui/States";
import { clock } from "./routineModel";
import { besideQuery } from "./routineQueries";

/** Two routines side by side: what differs, in words, and where both are the same nothing is said. */
export function BesideScreen() {
  const { id = "", other = "" } = useParams();
  const pair = useQuery(besideQuery(id, other));
  return (
    <Stage plate={{}} list>
      <p className="text-sm">
        <Link to="/routines" className="text-now underline underline-offset-4">
          Routines
        </Link>
      </p>
      <h1>Two side by side</h1>
      {pair.isPending && <Waiting what="both routines" />}
      {pair.isError && <Problem error={pair.error} again={() => pair.refetch()} />}
      {pair.data && (
        <table className="mt-3 w-full text-[0.95rem]" data-beside>
          <thead className="text-left align-bottom">
            <tr>
              <th className="py-1 pr-3 font-normal text-faded">What differs</th>
              <Head of={pair.data.first} />
              <Head of={pair.data.second} />
            </tr>
          </thead>
          <tbody>
            {pair.data.differences.length === 0 && (
              <tr className="border-t border-line">
                <td colSpan={3} className="py-2">
                  Nothing that Wexis can tell: the same minutes, structures, regions and exclusions.
                </td>
              </tr>
            )}
            {pair.data.differences.map((d) => (
              <tr key={d.says} className="border-t border-line align-top">
                <td className="py-1.5 pr-3">{d.says}</td>
                <td className="py-1.5 pr-3 text-faded">{d.first}</td>
                <td className="py-1.5 text-faded">{d.second}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </Stage>
  );
}

function Head({ of }: { of: Schemas["RoutineView"] }) {
  return (
    <th className="w-[24%] py-1 pr-3 font-medium">
      <Link to={`/routines/${of.id}`} className="text-now underline underline-offset-4">
        {of.document.name}
      </Link>
      <span className="block text-sm font-normal text-faded">{clock(of.reading.sum?.chosen ?? 0)}</span>
    </th>
  );
}
