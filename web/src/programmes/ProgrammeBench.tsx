import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState, type ReactNode } from "react";
import { Link, NavLink, useNavigate, useParams } from "react-router";
import { toast } from "sonner";
import { useReference } from "../face/atlas";
import type { Lit } from "../face/plateTypes";
import { Stage } from "../face/Stage";
import { PutAway } from "../keeping/PutAway";
import { api, said, type Schemas } from "../shell/api";
import { useBench, whereItStands } from "../shell/useBench";
import { useSettled } from "../techniques/parts/useSettled";
import { cn } from "../ui/cn";
import { SaveBar } from "../ui/SaveBar";
import { BenchNotices } from "../ui/BenchNotices";
import { Problem } from "../ui/States";
import { Cohorts } from "./Cohorts";
import { CoverageMatrix } from "./CoverageMatrix";
import { HoursPanel } from "./HoursPanel";
import { LessonPanel } from "./LessonPanel";
import { OutcomeMatrix } from "./OutcomeMatrix";
import { Outcomes } from "./Outcomes";
import { Promises } from "./Promises";
import { hours } from "./programmeModel";
import { reviewQuery, type ProgrammeDocument, type Review } from "./programmeQueries";
import { RegionsPanel } from "./RegionsPanel";
import { Remarks } from "./Remarks";
import { SequencePanel } from "./SequencePanel";
import { Syllabus } from "./Syllabus";
import { Units } from "./Units";

const PARTS = [
  { id: "units", word: "Units and outcomes" },
  { id: "coverage", word: "Coverage" },
  { id: "sequence", word: "Sequence" },
  { id: "lessons", word: "Lesson plans" },
  { id: "cohorts", word: "Cohorts" },
] as const;

/** One programme on the bench, a part at a time: what is taught, what that covers, in which order, day by day, to whom. */
export function ProgrammeBench({
  stored,
  head,
  canChange,
}: {
  stored: Schemas["ProgrammeView"];
  head: ReactNode;
  canChange: boolean;
}) {
  const { atlas, nameOf } = useReference();
  const { part = "units" } = useParams();
  const queries = useQueryClient();
  const draft = useBench<ProgrammeDocument, Schemas["ProgrammeView"]>({
    place: `wexis.programme.${stored.id}`,
    stored: stored.document,
    base: { number: 1, version: stored.version },
    send: (document, over) =>
      said(
        api.PUT("/api/programmes/{id}", {
          params: { path: { id: stored.id } },
          body: { version: over.version, document },
        }),
      ),
    baseOf: (saved) => ({ number: 1, version: saved.version }),
    refresh: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: ["programmes"] }),
        queries.invalidateQueries({ queryKey: ["thread"] }),
      ]),
    onSaved: () => toast.success("Programme saved."),
  });
  const { document, change: setDocument } = draft;
  const [structure, setStructure] = useState<string | null>(null);
  const review = useQuery(reviewQuery(useSettled(document, 200)));
  const navigate = useNavigate();
  const said_ = review.data ?? stored.review;
  const props = { document, review: said_, canChange, onChange: setDocument };
  return (
    <Stage
      list={part !== "units" && part !== "coverage"}
      plate={{
        lit: coverageLit(said_),
        selected: structure,
        onSelect: setStructure,
        legend: (
          <p className="text-faded">What the programme covers. Choose a muscle to follow it in the coverage table.</p>
        ),
      }}
    >
      {head}
      <header className="flex flex-wrap items-end justify-between gap-3">
        <div className="min-w-0 flex-1 max-sm:basis-full">
          {canChange ? (
            <input
              aria-label="Name of the programme"
              className="w-full border-b border-transparent bg-transparent font-serif text-[1.7rem] font-semibold outline-none focus:border-now"
              value={document.name ?? ""}
              onChange={(e) => setDocument({ ...document, name: e.target.value })}
            />
          ) : (
            <h1>{document.name}</h1>
          )}
          <p className="text-sm text-faded">
            edition {stored.edition} · {count(document.units?.length ?? 0, "unit")} · {hours(said_.contact_minutes)} of
            contact{" · "}
            <Link className="inline-flex min-h-6 items-center" to={`/programme/${stored.id}/print/syllabus`}>
              syllabus
            </Link>
            {" · "}
            <a className="inline-flex min-h-6 items-center" href={`/api/programmes/${stored.id}/file`} download>
              export
            </a>
            {canChange && (
              <PutAway
                kind="programme"
                id={stored.id}
                name={stored.document.name ?? ""}
                then={() => void navigate("/programme")}
              />
            )}
          </p>
        </div>
        {canChange && (
          <div className="flex items-center gap-2">
            <SaveBar stands={whereItStands(draft)} what="the programme" bench={draft} />
          </div>
        )}
      </header>
      <nav aria-label="Parts of the programme" className="mt-2 flex flex-wrap gap-x-5 gap-y-1 border-b border-line">
        {PARTS.map((p) => (
          <NavLink
            key={p.id}
            to={`/programme/${stored.id}/${p.id}`}
            aria-current={p.id === part ? "page" : undefined}
            className={cn(
              "-mb-px inline-flex min-h-8 items-center border-b-2 text-[0.95rem]",
              p.id === part ? "border-now font-semibold text-now" : "border-transparent hover:text-now",
            )}
          >
            {p.word}
            {p.id === "coverage" && said_.gaps > 0 && (
              <span className="ml-1 text-sm font-normal text-faded">{count(said_.gaps, "gap")}</span>
            )}
          </NavLink>
        ))}
      </nav>
      <BenchNotices what="programme" bench={draft} />
      {review.isError && <Problem error={review.error} />}
      <div className="mt-4">
        {part === "units" && (
          <div className="grid gap-8 xl:grid-cols-[minmax(0,1fr)_22rem]">
            <Units {...props} />
            <div className="space-y-6">
              <Outcomes {...props} />
              <section aria-labelledby="promises">
                <h2 id="promises" className="mb-1">
                  Structures it promises
                </h2>
                <Promises
                  {...props}
                  chosen={structure}
                  onChoose={setStructure}
                  schools={atlas.schools.map((x) => ({ value: x.id, word: x.name }))}
                  structures={[...atlas.muscles, ...atlas.tissues]
                    .map((s) => ({ value: s.id, word: nameOf(s.id).both }))
                    .sort((a, b) => a.word.localeCompare(b.word))}
                />
              </section>
              <Syllabus {...props} />
            </div>
          </div>
        )}
        {part === "coverage" && (
          <>
            <div className="grid gap-8 xl:grid-cols-[minmax(0,1fr)_22rem]">
              <Remarks {...props} />
              <div className="space-y-6">
                <HoursPanel {...props} />
                <RegionsPanel review={said_} />
              </div>
            </div>
            <OutcomeMatrix document={document} review={said_} />
            <h2 className="mt-7 mb-1">Coverage by module</h2>
            <CoverageMatrix
              review={said_}
              chosen={structure}
              onChoose={setStructure}
              unitsAt={`/programme/${stored.id}/units`}
            />
          </>
        )}
        {part === "sequence" && <SequencePanel {...props} />}
        {part === "lessons" && <LessonPanel {...props} id={stored.id} />}
        {part === "cohorts" && <Cohorts programme={stored.id} canChange={canChange} />}
      </div>
    </Stage>
  );
}

const count = (n: number, what: string) => `${n} ${what}${n === 1 ? "" : "s"}`;

/** Gaps first, then what is covered; each in its own mark. */
function coverageLit(review: Review): Lit[] {
  return review.coverage.flatMap((l): Lit[] => {
    if (l.kept === false) return [{ structure: l.structure, side: "both", tone: "gap", strength: "primary" }];
    if (l.covered === "actively")
      return [
        {
          structure: l.structure,
          side: "both",
          tone: "covered-actively",
          strength: l.promised ? "primary" : "secondary",
        },
      ];
    if (l.covered === "otherwise")
      return [
        {
          structure: l.structure,
          side: "both",
          tone: "covered-otherwise",
          strength: l.promised ? "primary" : "incidental",
        },
      ];
    return [];
  });
}
