import { PutAway } from "../keeping/PutAway";
import { useNavigate } from "react-router";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState, type ReactNode } from "react";
import { toast } from "sonner";
import { useReference } from "../face/atlas";
import type { Lit } from "../face/plateContent";
import { Stage } from "../face/Stage";
import { api, said, type Schemas } from "../shell/api";
import { libraryQuery } from "../techniques/techniqueQueries";
import { moved, toggled } from "../techniques/techniqueModel";
import { useSettled } from "../techniques/useSettled";
import { useBench, whereItStands } from "../shell/useBench";
import { Button } from "../ui/Button";
import { cn } from "../ui/cn";
import { Pick, TextField } from "../ui/Field";
import { Stale } from "../ui/Stale";
import { Problem } from "../ui/States";
import { Toggles } from "../ui/Toggles";
import { Cohorts } from "./Cohorts";
import { CoverageMatrix } from "./CoverageMatrix";
import { addModule, changeModule, hours, takeModuleOut } from "./programmeModel";
import { reviewQuery, type ProgrammeDocument, type ProgrammeModule, type Review } from "./programmeQueries";

const KINDS = ["theory", "demonstration", "supervised-practice", "self-practice", "teaching-practice", "assessment"];

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
  const { atlas } = useReference();
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
          <p className="text-faded">What the programme covers. Choose a muscle to follow its line in the weave.</p>
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
            <span role="status" className="text-sm text-faded">
              {whereItStands(draft)}
            </span>
            <Button size="line" tone="quiet" disabled={!draft.canUndo} onClick={draft.undo}>
              Undo
            </Button>
            <Button tone="now" disabled={!draft.canSave} onClick={draft.save}>
              Save the programme
            </Button>
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
              .map((s) => ({ value: s.id, word: atlas.plain_names[s.id] ?? s.id }))
              .sort((a, b) => a.word.localeCompare(b.word))}
          />
        </section>
      </div>
      <h2 className="mt-7 mb-1">The weave: structures across modules</h2>
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

type ModuleProps = {
  module: ProgrammeModule;
  place: number;
  count: number;
  others: readonly ProgrammeModule[];
  outcomes: readonly Schemas["Outcome"][];
  library: readonly Schemas["EditionLine"][];
  schools: readonly { value: string; word: string }[];
  faults: readonly Schemas["OrderFault"][];
  open: boolean;
  canChange: boolean;
  onOpen: () => void;
  onMove: (by: number) => void;
  onChange: (change: Partial<ProgrammeModule>) => void;
  onTakeOut: () => void;
};

function ModuleLine({
  module: m,
  place,
  count,
  others,
  outcomes,
  library,
  schools,
  faults,
  open,
  canChange,
  onOpen,
  onMove,
  onChange,
  onTakeOut,
}: ModuleProps) {
  const nameOf = (code: string) => library.find((t) => t.code === code)?.name ?? code;
  return (
    <li className={cn("border-t border-line py-1.5", open && "border-t-2 border-now")} data-module={m.id}>
      <div className="flex items-baseline gap-3">
        <button type="button" className="min-w-0 flex-1 text-left" aria-expanded={open} onClick={onOpen}>
          <span className="mr-2 font-semibold text-now">{place + 1}</span>
          <span className="font-serif text-[1.05rem] font-medium">{m.name}</span>
          <span className="ml-2 text-sm text-faded">
            {m.kind.replaceAll("-", " ")} · {hours(m.minutes)}
          </span>
          {(m.techniques ?? []).length > 0 && (
            <span className="block pl-5 text-sm">{(m.techniques ?? []).map(nameOf).join(" · ")}</span>
          )}
        </button>
        {canChange && (
          <span className="flex shrink-0 gap-1">
            <Button
              size="line"
              tone="quiet"
              disabled={place === 0}
              aria-label={`Move ${m.name} earlier`}
              onClick={() => onMove(-1)}
            >
              ↑
            </Button>
            <Button
              size="line"
              tone="quiet"
              disabled={place === count - 1}
              aria-label={`Move ${m.name} later`}
              onClick={() => onMove(1)}
            >
              ↓
            </Button>
          </span>
        )}
      </div>
      {faults.map((f) => (
        <p key={f.says} role="alert" className="ml-5 border-l-2 border-now pl-2 text-sm text-now">
          {f.says}
        </p>
      ))}
      {open && canChange && (
        <div className="mt-2 ml-5 grid gap-3 sm:grid-cols-2">
          <TextField label="Name" value={m.name} onChange={(e) => onChange({ name: e.target.value })} />
          <div className="grid grid-cols-[1fr_6rem] gap-2">
            <Pick
              label="Kind"
              options={KINDS.map((k) => ({ value: k, word: k.replaceAll("-", " ") }))}
              value={m.kind}
              onChange={(kind) => kind && onChange({ kind })}
            />
            <TextField
              label="Minutes"
              type="number"
              min={1}
              max={6000}
              value={m.minutes}
              onChange={(e) => onChange({ minutes: Number(e.target.value) || 0 })}
            />
          </div>
          <div>
            <Toggles
              label="Techniques taught here"
              options={library
                .filter((t) => (m.techniques ?? []).includes(t.code))
                .map((t) => ({ value: t.code, word: t.name }))}
              on={m.techniques ?? []}
              onToggle={(code) => onChange({ techniques: toggled(m.techniques, code) })}
            />
            <Pick
              label="Teach another one here"
              options={library
                .filter((t) => !UNTAUGHT.has(t.standing) && !(m.techniques ?? []).includes(t.code))
                .map((t) => ({ value: t.code, word: t.name, group: t.region ?? "no region" }))}
              value={null}
              onChange={(code) => code && onChange({ techniques: [...(m.techniques ?? []), code] })}
            />
          </div>
          <Toggles
            label="Only after"
            options={others.filter((o) => o.id !== m.id).map((o) => ({ value: o.id, word: o.name }))}
            on={m.prerequisites ?? []}
            onToggle={(id) => onChange({ prerequisites: toggled(m.prerequisites, id) })}
          />
          <Toggles
            label="Serves the outcomes"
            options={outcomes.map((o) => ({ value: o.id, word: o.text }))}
            on={m.outcomes ?? []}
            onToggle={(id) => onChange({ outcomes: toggled(m.outcomes, id) })}
          />
          <Toggles
            label="Schools of this routine, where others than the programme’s"
            options={schools}
            on={m.schools ?? []}
            onToggle={(id) => onChange({ schools: toggled(m.schools ?? null, id) })}
          />
          <div className="self-end text-right">
            <Button size="line" tone="quiet" onClick={onTakeOut}>
              take this module out
            </Button>
          </div>
        </div>
      )}
    </li>
  );
}

/** Standings in which a technique is not taught. */
const UNTAUGHT = new Set(["draft", "parked", "retired"]);

type PromiseProps = {
  document: ProgrammeDocument;
  review: Review;
  canChange: boolean;
  chosen: string | null;
  structures: readonly { value: string; word: string }[];
  schools: readonly { value: string; word: string }[];
  onChoose: (s: string | null) => void;
  onChange: (d: ProgrammeDocument) => void;
};

function Promises({ document, review, canChange, chosen, structures, schools, onChoose, onChange }: PromiseProps) {
  const [outcome, setOutcome] = useState("");
  const promised = document.structures ?? [];
  const outcomes = document.outcomes ?? [];
  return (
    <>
      <ul>
        {promised.map((p) => {
          const line = review.coverage.find((l) => l.structure === p.structure);
          const kept = line?.kept ?? false;
          return (
            <li
              key={p.structure}
              className={cn("border-t border-line py-1.5", chosen === p.structure && "bg-now-wash")}
              data-promise={p.structure}
              data-kept={kept}
            >
              <div className="flex items-baseline justify-between gap-2">
                <button
                  type="button"
                  className="text-left font-medium hover:text-now"
                  onClick={() => onChoose(chosen === p.structure ? null : p.structure)}
                >
                  <span aria-hidden="true" className={kept ? "text-kneaded" : "text-now"}>
                    {kept ? "✓ " : "○ "}
                  </span>
                  {structures.find((s) => s.value === p.structure)?.word ?? p.structure}
                </button>
                {canChange ? (
                  <span className="flex items-center gap-1 text-sm">
                    <select
                      aria-label={`How ${p.structure} is promised`}
                      className="rounded-mark border border-line bg-field px-1 text-sm"
                      value={p.how}
                      onChange={(e) =>
                        onChange({
                          ...document,
                          structures: promised.map((x) =>
                            x.structure === p.structure ? { ...x, how: e.target.value } : x,
                          ),
                        })
                      }
                    >
                      <option value="actively">trained</option>
                      <option value="any">worked</option>
                    </select>
                    <Button
                      size="line"
                      tone="quiet"
                      aria-label={`No longer promise ${p.structure}`}
                      onClick={() =>
                        onChange({ ...document, structures: promised.filter((x) => x.structure !== p.structure) })
                      }
                    >
                      ✕
                    </Button>
                  </span>
                ) : (
                  <span className="text-sm text-faded">{p.how === "actively" ? "trained" : "worked"}</span>
                )}
              </div>
              <p className={cn("text-sm", kept ? "text-faded" : "font-medium text-now")}>
                {kept ? "" : "Not kept: "}
                {line?.says ?? "no taught technique works it"}
              </p>
            </li>
          );
        })}
      </ul>
      {canChange && (
        <div className="mt-2">
          <Pick
            label="Promise a structure"
            options={structures.filter((s) => promised.every((p) => p.structure !== s.value))}
            value={null}
            onChange={(s) =>
              s && onChange({ ...document, structures: [...promised, { structure: s, how: "actively" }] })
            }
          />
        </div>
      )}
      <h3 className="mt-4 mb-1">Outcomes</h3>
      <ul>
        {outcomes.map((o) => {
          const line = review.outcomes.find((l) => l.outcome === o.id);
          return (
            <li key={o.id} className="border-t border-line py-1 text-[0.95rem]" data-outcome={o.id}>
              <span aria-hidden="true" className={line?.covered ? "text-kneaded" : "text-now"}>
                {line?.covered ? "✓ " : "○ "}
              </span>
              {o.text}
              <span className={cn("block text-sm", line?.covered ? "text-faded" : "font-medium text-now")}>
                {line?.covered ? `in ${line.modules.join(", ")}` : "no module serves it"}
              </span>
            </li>
          );
        })}
      </ul>
      {canChange && (
        <Toggles
          label="Schools it declares"
          options={schools}
          on={document.schools ?? []}
          onToggle={(id) => onChange({ ...document, schools: toggled(document.schools ?? null, id) })}
        />
      )}
      {review.school_notes.length > 0 && (
        <ul className="mt-2 text-sm" aria-label="Not as its schools do it" data-school-notes>
          {review.school_notes.map((n) => (
            <li key={n.module + n.technique + n.says} className="border-t border-line py-1">
              {n.says}
            </li>
          ))}
        </ul>
      )}
      {canChange && (
        <form
          className="mt-2 flex items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            if (outcome.trim() === "") return;
            onChange({
              ...document,
              outcomes: [...outcomes, { id: `o-${crypto.randomUUID().slice(0, 8)}`, text: outcome.trim() }],
            });
            setOutcome("");
          }}
        >
          <TextField
            label="Promise an outcome"
            placeholder="a graduate …"
            value={outcome}
            onChange={(e) => setOutcome(e.target.value)}
            className="flex-1"
          />
          <Button type="submit">Add</Button>
        </form>
      )}
    </>
  );
}
