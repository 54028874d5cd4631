import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { toast } from "sonner";
import { useReference } from "../face/atlas";
import type { PlateContent } from "../face/plateContent";
import type { Lit } from "../face/plateTypes";
import { Stage } from "../face/Stage";
import { isTone } from "../face/tones";
import { PutAway } from "../keeping/PutAway";
import { api, said, type Schemas } from "../shell/api";
import { useSignedIn } from "../shell/session";
import { useBench, whereItStands } from "../shell/useBench";
import { moved } from "../techniques/parts/techniqueModel";
import { libraryQuery } from "../techniques/parts/techniqueQueries";
import { useSettled } from "../techniques/parts/useSettled";
import { Button } from "../ui/Button";
import { optionsOf, Pick, TextField } from "../ui/Field";
import { BenchNotices } from "../ui/BenchNotices";
import { Problem, Waiting } from "../ui/States";
import { FitPanel } from "./FitPanel";
import { PartLine } from "./PartLine";
import { changePart, FREE_WORDS, repaired, withPart } from "./routineModel";
import { routineQuery, routineReviewQuery, type RoutineDocument, type RoutineRemark } from "./routineQueries";
import { blockAt, RoutineScore } from "./RoutineScore";
import { ScriptPanel } from "./ScriptPanel";
import { PromisedWork } from "./PromisedWork";
import { SpeechRate } from "./SpeechRate";
import { SumPanel } from "./SumPanel";
import { useSpeechRate } from "./useSpeechRate";
import { SaveBar } from "../ui/SaveBar";

/** One routine on the bench: its parts on the left, what they come to on the right, score and script below. */
export function RoutineScreen() {
  const { id = "" } = useParams();
  const routine = useQuery(routineQuery(id));
  if (routine.isPending)
    return (
      <Stage plate={{}}>
        <Waiting what="the routine" />
      </Stage>
    );
  if (routine.isError)
    return (
      <Stage plate={{}}>
        <Problem error={routine.error} again={() => routine.refetch()} />
      </Stage>
    );
  return <RoutineBench key={id} stored={routine.data} />;
}

function RoutineBench({ stored }: { stored: Schemas["RoutineView"] }) {
  const person = useSignedIn();
  const { leads } = person;
  const speech = useSpeechRate(person.id);
  const { atlas } = useReference();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const library = useQuery(libraryQuery);
  const draft = useBench<RoutineDocument, Schemas["RoutineView"]>({
    place: `wexis.routine.${stored.id}`,
    stored: stored.document,
    base: { number: stored.edition, version: stored.version },
    send: (document, over) =>
      said(
        api.PUT("/api/routines/{id}", {
          params: { path: { id: stored.id } },
          body: { edition: over.number, version: over.version, document },
        }),
      ),
    baseOf: (saved) => ({ number: saved.edition, version: saved.version }),
    refresh: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: ["routines"] }),
        queries.invalidateQueries({ queryKey: ["thread"] }),
      ]),
    onSaved: () => toast.success("Routine saved."),
  });
  const { document, change } = draft;
  const [open, setOpen] = useState<string | null>(null);
  const [at, setAt] = useState(0);
  const review = useQuery(routineReviewQuery(useSettled(document, 150), speech.rate));
  const reading = review.data ?? stored.reading;
  const parts = document.parts ?? [];
  const techniques = new Map((library.data ?? []).map((t) => [t.code, t]));
  const nameOf = (partId: string) => {
    const part = parts.find((p) => p.id === partId);
    return (
      reading.sum?.parts.find((p) => p.id === partId)?.name ??
      (part?.technique ? (techniques.get(part.technique)?.name ?? part.technique) : "") ??
      partId
    );
  };
  const here = blockAt(reading.timeline, at);
  return (
    <Stage plate={here ? plateOf(here) : { lit: [] }}>
      <header className="mb-3">
        <div className="flex flex-wrap items-center justify-between gap-3">
          <p className="text-sm text-faded">
            <Link to="/routines" className="text-now underline underline-offset-4">
              Routines
            </Link>{" "}
            · edition {stored.edition}
            {stored.frozen && " · taught to a cohort, so a change makes the next edition"}
            {leads && (
              <PutAway
                kind="routine"
                id={stored.id}
                name={stored.document.name ?? ""}
                then={() => void navigate("/routines")}
              />
            )}
          </p>
          <div className="flex items-center gap-2">
            <Link to={`/routines/${stored.id}/print/wall`} className="text-sm text-now underline underline-offset-4">
              on paper
            </Link>
            <a
              href={`/api/routines/${stored.id}/file`}
              download
              className="text-sm text-now underline underline-offset-4"
            >
              export
            </a>
            {leads && <SaveBar stands={whereItStands(draft)} what="the routine" bench={draft} />}
          </div>
        </div>
        <input
          aria-label="Name of the routine"
          className="mt-1 w-full border-b border-transparent bg-transparent font-serif text-[1.7rem] font-semibold outline-none focus:border-now"
          value={document.name ?? ""}
          maxLength={120}
          readOnly={!leads}
          onChange={(e) => change({ ...document, name: e.target.value }, "name")}
        />
      </header>
      <BenchNotices what="routine" bench={draft} />
      {review.isError && <Problem error={review.error} />}
      <div className="grid gap-8 xl:grid-cols-[minmax(0,1fr)_19rem]">
        <div className="min-w-0 space-y-6">
          <section aria-labelledby="parts">
            <h2 id="parts" className="mb-1">
              Parts, in the order in which they are done
            </h2>
            <ol>
              {parts.map((p, i) => (
                <PartLine
                  key={p.id ?? i}
                  part={p}
                  place={i}
                  count={parts.length}
                  name={nameOf(p.id ?? "")}
                  techniqueId={techniques.get(p.technique ?? "")?.technique_id ?? null}
                  sum={reading.sum?.parts.find((s) => s.id === p.id)}
                  changes={reading.sum?.changes.filter((c) => c.before_part === p.id) ?? []}
                  slips={reading.issues
                    .filter((x) => x.path.startsWith(`parts[${i}]`))
                    .map((x) => (x.text ?? "").replace(FIELD, ""))}
                  open={open === p.id}
                  canChange={leads}
                  onOpen={() => setOpen(open === p.id ? null : p.id)}
                  onMove={(by) => change({ ...document, parts: moved(parts, i, by) })}
                  onChange={(to) =>
                    change(changePart(document, p.id ?? "", to), `${p.id} ${Object.keys(to).join(" ")}`)
                  }
                  onRemove={() => {
                    setOpen(null);
                    change({ ...document, parts: parts.filter((o) => o !== p) });
                  }}
                />
              ))}
            </ol>
            {leads && (
              <div className="flex flex-wrap items-end gap-3 border-t border-line pt-3">
                <Pick
                  label="Add a technique"
                  className="min-w-64"
                  options={(library.data ?? [])
                    .filter((t) => ["complete", "reviewed", "approved"].includes(t.standing))
                    .map((t) => ({
                      value: t.code,
                      word: t.name,
                      group: atlas.regions.find((r) => r.id === t.region)?.name ?? "No region",
                    }))}
                  value={null}
                  onChange={(code) => {
                    const chosen = code ? techniques.get(code) : undefined;
                    if (chosen)
                      change(
                        withPart(document, { technique: chosen.code, edition: chosen.edition, level: "standard" }),
                      );
                  }}
                />
                <Pick
                  label="Add something free"
                  options={optionsOf(FREE_WORDS)}
                  value={null}
                  onChange={(free) => free && change(withPart(document, { free, seconds: 20, role: "settle" }))}
                />
              </div>
            )}
          </section>
          <Remarks remarks={reading.remarks} canChange={leads} onRepair={(r) => change(repaired(document, r))} />
          <RoutineScore blocks={reading.timeline} nameOf={nameOf} at={at} onAt={setAt} />
        </div>
        <div className="space-y-6">
          {reading.sum ? (
            <SumPanel sum={reading.sum} techniqueName={(code) => techniques.get(code)?.name ?? code} />
          ) : (
            <p className="text-faded">The sum waits for the parts above.</p>
          )}
          <FitPanel document={document} nameOf={nameOf} canChange={leads} onTake={(fitted) => change(fitted)} />
          <About
            document={document}
            canChange={leads}
            onChange={(to, field) => change({ ...document, ...to }, field)}
          />
        </div>
      </div>
      <div className="mt-6">
        <ScriptPanel scripts={reading.scripts}>
          <SpeechRate rate={speech.rate} onRate={speech.keep} />
        </ScriptPanel>
      </div>
    </Stage>
  );
}

/** The field in front of a slip's sentence: it stands at its part already. */
const FIELD = /^parts\[\d+\]\S*: /;

/** What lights while a block runs. */
const plateOf = (block: Schemas["TimelineBlock"]): PlateContent => {
  const lit = block.work.flatMap((w): Lit[] =>
    isTone(w.mode) && w.mode !== "skin-lymph"
      ? [{ structure: w.structure, side: w.side, tone: w.mode, strength: w.strength }]
      : [],
  );
  const muscles = lit.some((l) => l.strength === "primary" && l.tone !== "inhibited");
  return { lit, touched: block.zones, zones: muscles ? [] : block.zones };
};

function Remarks({
  remarks,
  canChange,
  onRepair,
}: {
  remarks: readonly RoutineRemark[];
  canChange: boolean;
  onRepair: (repair: NonNullable<RoutineRemark["repair"]>) => void;
}) {
  return (
    <section aria-labelledby="order">
      <h2 id="order" className="mb-1">
        The order
      </h2>
      {remarks.length === 0 && <p className="text-faded">Nothing to remark.</p>}
      <ul>
        {remarks.map((r) => {
          const repair = r.repair;
          return (
            <li key={r.says} className="border-t border-line py-1.5" data-remark={r.rule}>
              <p className={r.weight === "safety" ? "text-safety" : undefined}>{r.says}</p>
              <p className="text-sm text-faded">
                {r.source}
                {repair && canChange && (
                  <Button size="line" tone="quiet" onClick={() => onRepair(repair)}>
                    {repair.words}
                  </Button>
                )}
              </p>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

function About({
  document,
  canChange,
  onChange,
}: {
  document: RoutineDocument;
  canChange: boolean;
  onChange: (to: Partial<RoutineDocument>, field: string) => void;
}) {
  const { atlas } = useReference();
  const schools = document.schools ?? [];
  const regions = document.purpose?.regions ?? [];
  const toggled = (list: readonly string[], id: string) =>
    list.includes(id) ? list.filter((x) => x !== id) : [...list, id];
  return (
    <section aria-labelledby="about" className="space-y-3">
      <h2 id="about">About it</h2>
      <TextField
        label="Minutes it shall take"
        type="number"
        min={1}
        max={120}
        className="w-36"
        readOnly={!canChange}
        value={document.minutes ?? ""}
        onChange={(e) =>
          onChange({ minutes: Number.isFinite(e.target.valueAsNumber) ? e.target.valueAsNumber : null }, "minutes")
        }
      />
      <TextField
        label="For whom"
        readOnly={!canChange}
        maxLength={300}
        value={document.for_whom ?? ""}
        onChange={(e) => onChange({ for_whom: e.target.value || null }, "for_whom")}
      />
      <PromisedWork document={document} canChange={canChange} onChange={onChange} />
      {(
        [
          ["Teaching styles", atlas.schools, schools, (next: string[]) => onChange({ schools: next }, "schools")],
          [
            "Regions it promises to reach",
            atlas.regions,
            regions,
            (next: string[]) =>
              onChange({ purpose: { structures: document.purpose?.structures ?? [], regions: next } }, "regions"),
          ],
        ] as const
      ).map(([title, options, chosen, set]) => (
        <fieldset key={title}>
          <legend className="text-sm font-semibold">{title}</legend>
          <div className="flex flex-wrap gap-x-4 gap-y-1">
            {options.map((o) => (
              <label key={o.id} className="inline-flex min-h-7 items-center gap-1.5 text-[0.95rem]">
                <input
                  type="checkbox"
                  className="size-5 accent-[var(--color-now)]"
                  disabled={!canChange}
                  checked={chosen.includes(o.id)}
                  onChange={() => set(toggled(chosen, o.id))}
                />
                {o.name}
              </label>
            ))}
          </div>
        </fieldset>
      ))}
    </section>
  );
}
