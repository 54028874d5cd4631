import { useQuery } from "@tanstack/react-query";
import { Link, useParams, useSearchParams } from "react-router";
import { HandOutLinks } from "../techniques/parts/HandOutLinks";
import { editionQuery, techniqueQuery } from "../techniques/parts/techniqueQueries";
import { HandOut } from "../techniques/print/HandOut";
import { Button } from "../ui/Button";
import { PaperPage } from "../ui/PaperPage";
import { Empty, Problem, Waiting } from "../ui/States";
import { cohortQuery } from "./cohortQueries";

/** A hand-out, drawn each time it is opened: from the edition that a cohort is taught, from one that is named, or the newest. It says which. */
export function HandOutScreen() {
  const { id = "", kind = "card" } = useParams();
  const [params] = useSearchParams();
  const cohortId = params.get("cohort");
  const cohort = useQuery({ ...cohortQuery(cohortId ?? ""), enabled: cohortId !== null });
  const taught = cohort.data?.techniques.find((t) => t.technique_id === id)?.taught ?? null;
  const wanted = cohortId === null ? Number(params.get("edition")) || null : taught;
  const newest = useQuery({ ...techniqueQuery(id), enabled: cohortId === null && wanted === null });
  const told = useQuery({ ...editionQuery(id, wanted ?? 1), enabled: wanted !== null });
  const shown = wanted === null ? newest : told;
  const instead = cohort.isError ? (
    <Problem error={cohort.error} again={() => cohort.refetch()} />
  ) : cohort.data && taught === null ? (
    <Empty
      says={`No edition of this technique was taken for ${cohort.data.name} yet.`}
      next={{ to: `/programme/${cohort.data.programme_id}/cohorts`, says: "Take one with the programme" }}
    />
  ) : shown.isPending ? (
    <Waiting what="the hand-out" />
  ) : shown.isError ? (
    <Problem error={shown.error} again={() => shown.refetch()} />
  ) : (
    !shown.data && (
      <Empty
        says="This technique does not exist, or you may not see it yet."
        next={{ to: "/techniques", says: "Open the library" }}
      />
    )
  );
  if (!shown.data || instead) return <PaperPage>{instead}</PaperPage>;
  return (
    <PaperPage>
      <nav className="no-print mb-4 flex flex-wrap items-center gap-4 text-sm" aria-label="Hand-outs">
        {cohort.data ? (
          <Link to={`/programme/${cohort.data.programme_id}/cohorts`}>back to the cohort</Link>
        ) : (
          <Link to={`/techniques/${id}`}>back to the technique</Link>
        )}
        <HandOutLinks id={id} of={params.size > 0 ? `?${params}` : ""} />
        <Button className="ml-auto" onClick={() => window.print()}>
          Print
        </Button>
      </nav>
      <HandOut t={shown.data} kind={kind} cohort={cohort.data?.name ?? null} />
    </PaperPage>
  );
}
