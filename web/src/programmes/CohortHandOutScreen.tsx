import { useQueries, useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { editionQuery } from "../techniques/parts/techniqueQueries";
import { HandOut } from "../techniques/print/HandOut";
import { Button } from "../ui/Button";
import { PaperOf } from "../ui/PaperPage";
import { Empty, Problem, Waiting } from "../ui/States";
import { cohortQuery } from "./cohortQueries";

/** Every technique that a cohort is taught, a sheet each, in the order of the programme. */
export function CohortHandOutScreen() {
  const { cohort: id = "", kind = "card" } = useParams();
  const cohort = useQuery(cohortQuery(id));
  const taught = (cohort.data?.techniques ?? []).filter((t) => t.taught !== null && t.technique_id !== null);
  const sheets = useQueries({ queries: taught.map((t) => editionQuery(t.technique_id ?? "", t.taught ?? 1)) });
  const failed = sheets.find((s) => s.isError);
  return (
    <PaperOf of={cohort} what="the cohort">
      {(c) => (
        <>
          <nav className="no-print mb-4 flex items-center gap-4 text-sm" aria-label="Hand-outs">
            <Link to={`/programme/${c.programme_id}/cohorts`}>back to the cohort</Link>
            <span>
              {taught.length} {taught.length === 1 ? "sheet" : "sheets"} for {c.name}
            </span>
            <Button
              className="ml-auto"
              disabled={sheets.length === 0 || sheets.some((s) => !s.data)}
              onClick={() => window.print()}
            >
              Print all
            </Button>
          </nav>
          {taught.length === 0 && (
            <Empty
              says="No editions yet. Add techniques to the programme, then take them for the cohort."
              next={{ to: `/programme/${c.programme_id}/cohorts`, says: "Open the programme" }}
            />
          )}
          {failed && <Problem error={failed.error} again={() => void failed.refetch()} />}
          {sheets.map((s, i) =>
            s.data ? (
              <section
                key={s.data.id}
                className="mb-10 break-after-page last:break-after-auto"
                data-sheet={s.data.code}
              >
                <HandOut t={s.data} kind={kind} cohort={c.name} />
              </section>
            ) : (
              !s.isError && <Waiting key={i} what={taught[i]?.name ?? "the sheet"} />
            ),
          )}
        </>
      )}
    </PaperOf>
  );
}
