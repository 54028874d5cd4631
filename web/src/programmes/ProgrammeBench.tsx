import { PutAway } from "../keeping/PutAway";
import { useNavigate } from "react-router";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState, type ReactNode } from "react";
import { toast } from "sonner";
import { useReference } from "../face/atlas";
import type { Lit } from "../face/plateTypes";
import { Stage } from "../face/Stage";
import { api, said, type Schemas } from "../shell/api";
import { libraryQuery } from "../techniques/parts/techniqueQueries";
import { moved } from "../techniques/parts/techniqueModel";
import { useSettled } from "../techniques/parts/useSettled";
import { useBench, whereItStands } from "../shell/useBench";
import { Button } from "../ui/Button";
import { Stale } from "../ui/Stale";
import { Problem } from "../ui/States";
import { Cohorts } from "./Cohorts";
import { CoverageMatrix } from "./CoverageMatrix";
import { ModuleLine } from "./ModuleLine";
import { Promises } from "./Promises";
import { addModule, changeModule, hours, takeModuleOut } from "./programmeModel";
import { reviewQuery, type ProgrammeDocument, type Review } from "./programmeQueries";
import { SaveBar } from "../ui/SaveBar";

/** Modules in their order on the left of the bench; what the order breaks and what the promises miss on its right; the weave below. */
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
  const [openModule, setOpenModule] = useState<string | null>(null);
  const review = useQuery(reviewQuery(useSettled(document, 200)));
  const library = useQuery(libraryQuery);
  const navigate = useNavigate();
  const said_ = review.data ?? stored.review;
  const modules = document.modules ?? [];
  const schools = atlas.schools.map((x) => ({ value: x.id, word: x.name }));
  return (
    <Stage
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
        <div className="min-w-0 flex-1">
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
            {modules.length} modules · {hours(said_.contact_minutes)} of contact
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
      {draft.stale && (
        <Stale
          what="programme"
          mine={document}
          theirs={draft.stored}
          onKeepMine={draft.keepMine}
          onTakeTheirs={draft.takeTheirs}
        />
      )}
      {draft.error && <Problem error={draft.error} safe="Your changes are kept in this browser." />}
      {review.isError && <Problem error={review.error} />}
      <div className="mt-4 grid gap-8 xl:grid-cols-[minmax(0,1fr)_20rem]">
        <section aria-labelledby="modules">
          <h2 id="modules" className="mb-1">
            Modules, in the order in which they are taught
          </h2>
          <ol>
            {modules.map((m, i) => (
              <ModuleLine
                key={m.id}
                module={m}
                place={i}
                count={modules.length}
                others={modules}
                outcomes={document.outcomes ?? []}
                library={library.data ?? []}
                schools={schools}
                faults={said_.order_faults.filter((f) => f.module === m.id)}
                open={openModule === m.id}
                canChange={canChange}
                onOpen={() => setOpenModule(openModule === m.id ? null : m.id)}
                onMove={(by) => setDocument({ ...document, modules: moved(modules, i, by) })}
                onChange={(change) => setDocument(changeModule(document, m.id, change))}
                onTakeOut={() => setDocument(takeModuleOut(document, m.id))}
              />
            ))}
          </ol>
          {canChange && (
            <div className="border-t border-line pt-3">
              <Button
                onClick={() => {
                  const next = addModule(document, "New module");
                  setDocument(next);
                  setOpenModule(next.modules?.at(-1)?.id ?? null);
                }}
              >
                Add a module
              </Button>
            </div>
          )}
        </section>
        <section aria-labelledby="promises">
          <h2 id="promises" className="mb-1">
            What it promises
          </h2>
          <Promises
            document={document}
            review={said_}
            canChange={canChange}
            chosen={structure}
            onChoose={setStructure}
            onChange={setDocument}
            schools={schools}
            structures={[...atlas.muscles, ...atlas.tissues]
              .map((s) => ({ value: s.id, word: nameOf(s.id).both }))
              .sort((a, b) => a.word.localeCompare(b.word))}
          />
        </section>
      </div>
      <h2 className="mt-7 mb-1">Coverage by module</h2>
      <CoverageMatrix review={said_} modules={modules} chosen={structure} onChoose={setStructure} />
      <Cohorts programme={stored.id} canChange={canChange} />
    </Stage>
  );
}

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
