import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { Stage } from "../face/Stage";
import { Problem, Waiting } from "../ui/States";
import { GradingBench } from "./GradingBench";
import { demonstrationQuery } from "./gradingQueries";

export function GradingScreen() {
  const { id = "" } = useParams();
  const demonstration = useQuery(demonstrationQuery(id));
  if (demonstration.isPending)
    return (
      <Stage plate={{}}>
        <Waiting what="the mark sheet" />
      </Stage>
    );
  if (demonstration.isError)
    return (
      <Stage plate={{}}>
        <Problem
          error={demonstration.error}
          safe="Marks given on this device are kept."
          again={() => demonstration.refetch()}
        />
      </Stage>
    );
  const view = demonstration.data;
  if (view.submitted_at !== null || !view.mine)
    return (
      <Stage plate={{}}>
        <h1>{view.sheet.technique_name}</h1>
        <p className="mt-2">
          {view.submitted_at !== null
            ? "This demonstration was submitted; its marks do not change."
            : `${view.assessor} grades this demonstration.`}
        </p>
        {view.submitted_at !== null && (
          <Link className="text-now underline" to={`/results/${view.second_of ?? id}`}>
            See the result
          </Link>
        )}
      </Stage>
    );
  return <GradingBench key={id} view={view} />;
}
