import { useNavigate } from "react-router";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { toast } from "sonner";
import { useReference } from "../../face/atlas";
import { Stage } from "../../face/Stage";
import { api, problemOf, said, type Schemas } from "../../shell/api";
import { editorKeys, isKey } from "../../shell/keys";
import { useBench, whereItStands } from "../../shell/useBench";
import { Button } from "../../ui/Button";
import { Pick, TextField } from "../../ui/Field";
import { Stale } from "../../ui/Stale";
import { Problem } from "../../ui/States";
import { Claims } from "./Claims";
import { ConcernPicks } from "../parts/Concerns";
import { PutAway } from "../../keeping/PutAway";
import { EditionHistory } from "./EditionHistory";
import { FaultsAndMore } from "./FaultsAndMore";
import { HandOutLinks } from "../parts/HandOutLinks";
import { CautionCount, SafetyNotes } from "./SafetyNotes";
import { SchoolNotes } from "./SchoolNotes";
import { Standing } from "./Standing";
import { Times } from "../parts/Times";
import { ScoreLanes } from "../score/ScoreLanes";
import type { FacePoint } from "../../face/frame";
import type { PickPlace } from "./StepEditor";
import { StepList } from "./StepList";
import { SameExcept, Versions } from "./Versions";
import {
  draftPlace,
  emptyStep,
  moved,
  seconds,
  withDoseLine,
  withHand,
  withPlace,
  withStroke,
  type Step,
  type TechniqueDocument,
} from "../parts/techniqueModel";
import { techniquePlate } from "../parts/techniquePlate";
import { derivationQuery } from "../parts/techniqueQueries";
import { useSettled } from "../parts/useSettled";
import { WorkList } from "../parts/WorkList";

type Props = {
  id: string;
  stored: TechniqueDocument;
  edition: number;
  version: number;
  frozen: boolean;
  school: readonly Schemas["SchoolContradiction"][];
};

/** Writing a technique: seven questions a step on the left of the bench, what follows from them on its right. */
export function TechniqueEditor({ id, stored, edition, version, frozen, school }: Props) {
  const { atlas } = useReference();
  const navigate = useNavigate();
  const editor = useTechniqueBench(id, stored, edition, version);
  const { document } = editor;
  const steps = document.steps ?? [];
  const [openStep, setOpenStep] = useState<number | null>(steps.length === 1 ? 0 : null);
  const [picking, setPicking] = useState<PickPlace | null>(null);
  const [structure, setStructure] = useState<string | null>(null);
  const [changed, setChanged] = useState<ReadonlySet<number>>(new Set());
  const settled = useSettled(document, 180);
  const derived = useQuery(derivationQuery(settled));
  const derivation = derived.data;

  const change = (to: TechniqueDocument, field: string | null = null) => editor.change(to, field);
  const changeStep = (index: number, step: Step, field: string | null = null) =>
    change({ ...document, steps: steps.map((s, i) => (i === index ? step : s)) }, field);
  const add = () => {
    change({ ...document, steps: [...steps, emptyStep] });
    openAt(steps.length);
  };
  const openAt = (index: number | null) => {
    setOpenStep(index);
    setPicking(null);
  };
  const onPick = (landmark: string) => {
    const step = openStep === null ? undefined : steps[openStep];
    const hand = picking ? step?.hands?.[picking.hand] : undefined;
    if (openStep === null || !step || !picking || !hand) return;
    changeStep(openStep, withHand(step, picking.hand, withPlace(hand, picking.slot, landmark)));
    // After the start of a stroke its end is asked for; a second touch at another place answers.
    setPicking(picking.slot === 0 && MOVES_ALONG.has(hand.verb ?? "") ? { ...picking, slot: 1 } : null);
  };

  const drawn = useMutation({
    mutationFn: (places: readonly FacePoint[]) =>
      said(api.POST("/api/techniques/stroke", { body: { places: [...places] } })),
    onSuccess: (reading) => {
      const step = openStep === null ? undefined : steps[openStep];
      if (openStep === null || !step || !picking) return;
      changeStep(openStep, withHand(step, picking.hand, withStroke(reading.path)));
      setPicking(null);
      if (reading.off_mm >= FAR_OFF_MM)
        toast.info(`Read as ${reading.words}. It lies up to ${Math.round(reading.off_mm)} mm off your line.`);
    },
    onError: (error) => toast.error([problemOf(error).title, ...problemOf(error).lines].join(" ")),
  });
  const stretch = useMutation({
    // One after the other: the last that was asked for is the one that stands.
    scope: { id: `stretch ${id}` },
    mutationFn: async (to: { index: number; standard: number; hold: number | null }) => {
      const dose = derivation?.steps[to.index]?.completed.dose;
      if (!dose) throw new Error("This step has no dose yet.");
      const { line } = await said(
        api.POST("/api/techniques/dose", { body: { dose, standard: to.standard, hold_seconds: to.hold } }),
      );
      return { ...to, line };
    },
    onSuccess: ({ index, line }) => {
      const step = steps[index];
      if (step) changeStep(index, withDoseLine(step, line));
    },
    onError: (error) => toast.error(problemOf(error).lines[0] ?? problemOf(error).title),
  });

  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (isKey(e, editorKeys.save)) editor.save();
      else if (isKey(e, editorKeys.undo)) editor.undo();
      else if (isKey(e, editorKeys.redo)) editor.redo();
      else return;
      e.preventDefault();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  });

  const nameIssue = editor.error ? problemOf(editor.error).fields["name"]?.[0] : undefined;
  const plate = {
    ...techniquePlate(derivation, openStep),
    selected: structure,
    onSelect: setStructure,
    picking: picking
      ? {
          asks:
            picking.slot === 0
              ? "Draw the stroke, or touch where it starts. Arrow keys and Enter work too."
              : "Now touch where it ends, or press the button again if it stays in place.",
          onPick,
          onDraw: drawn.mutate,
        }
      : null,
  };
  return (
    <Stage plate={plate} layers>
      <header className="mb-3">
        <div className="flex flex-wrap items-center justify-between gap-3">
          <p className="text-sm text-faded">
            {edition === 0 ? "New technique" : `Edition ${edition}`}
            {frozen && " · taught or examined, so a change makes the next edition"}
            {derivation?.family_name && ` · ${derivation.family_name}`}
            {derivation && derivation.total_seconds.standard > 0 && ` · ${seconds(derivation.total_seconds.standard)}`}
            {derivation && derivation.standing !== "stopped" && <CautionCount derivation={derivation} />}
          </p>
          <div className="flex items-center gap-2">
            <span className="text-sm text-faded" role="status">
              {whereItStands(editor, edition > 0)}
            </span>
            <Button
              size="line"
              tone="quiet"
              disabled={!editor.canUndo}
              onClick={editor.undo}
              aria-keyshortcuts="Control+Z"
            >
              Undo
            </Button>
            <Button
              size="line"
              tone="quiet"
              disabled={!editor.canRedo}
              onClick={editor.redo}
              aria-keyshortcuts="Control+Y"
            >
              Redo
            </Button>
            <Button tone="now" disabled={!editor.canSave} onClick={editor.save} aria-keyshortcuts="Control+S" data-save>
              {derivation?.standing === "stopped" ? "Keep as an unsafe example" : "Save the technique"}
            </Button>
          </div>
        </div>
        <input
          aria-label="Name of the technique"
          aria-invalid={nameIssue ? true : undefined}
          className="mt-1 w-full border-b border-transparent bg-transparent font-serif text-[1.7rem] font-semibold outline-none focus:border-now aria-invalid:border-wrong"
          placeholder="Name of the technique"
          value={document.name ?? ""}
          onChange={(e) => change({ ...document, name: e.target.value }, "name")}
          autoFocus={edition === 0}
        />
        {nameIssue && (
          <p role="alert" className="text-sm font-medium text-wrong">
            {nameIssue}
          </p>
        )}
      </header>
      {editor.stale && (
        <Stale
          what="technique"
          mine={document}
          theirs={editor.stored}
          onKeepMine={editor.keepMine}
          onTakeTheirs={editor.takeTheirs}
        />
      )}
      {editor.error && !nameIssue && <Problem error={editor.error} safe="Your text is kept here." />}
      {derivation && <Standing derivation={derivation} onStep={openAt} />}
      <div className="grid gap-8 xl:grid-cols-[minmax(0,1fr)_17rem]">
        <div className="min-w-0">
          <StepList
            steps={steps}
            derivation={derivation}
            open={openStep}
            picking={picking}
            onOpen={openAt}
            onPicking={setPicking}
            onStep={changeStep}
            onSteps={(next, opens) => {
              change({ ...document, steps: next });
              openAt(opens);
            }}
          />
          <div className="border-t border-line pt-3">
            <Button onClick={add}>{steps.length === 0 ? "Write the first step" : "Add a step"}</Button>
            {steps.length === 0 && <SameExcept own={id} onTake={(from) => change(from)} document={document} />}
          </div>
        </div>
        <div>
          <h2 className="mb-1">What {openStep !== null && steps.length > 1 ? `step ${openStep + 1}` : "it"} works</h2>
          <WorkList
            rows={(openStep !== null ? derivation?.steps[openStep]?.map.worked : derivation?.map.worked) ?? []}
            chosen={structure}
            onChoose={setStructure}
          />
          {(derivation?.map.cannot_tell.length ?? 0) > 0 && (
            <ul className="mt-2 space-y-1 border-t border-line pt-2 text-sm text-faded">
              {derivation?.map.cannot_tell.map((c) => (
                <li key={c}>{c}</li>
              ))}
            </ul>
          )}
          {(derivation?.map.flow.length ?? 0) > 0 && (
            <ul className="mt-2 border-t border-line pt-2 text-sm">
              {derivation?.map.flow.map((f) => (
                <li key={`${f.zone} ${f.verdict}`}>
                  {f.zone_name}: <span className="font-semibold">{FLOW[f.verdict] ?? f.verdict}</span>{" "}
                  <span className="text-faded">
                    ({f.rule === "R61" ? `${Math.round(f.angle_degrees)}°` : WHY_FLOW[f.rule]})
                  </span>
                </li>
              ))}
            </ul>
          )}
        </div>
      </div>
      {derivation && steps.length > 0 && (
        <>
          <h2 className="mt-6 mb-1">The score</h2>
          <ScoreLanes
            derivation={derivation}
            current={openStep}
            changed={changed}
            onStep={openAt}
            edits={{
              settling: stretch.isPending || settled !== document || derived.isFetching,
              onStretch: (index, standard, hold) => stretch.mutate({ index, standard, hold }),
              onMove: (index, by) => {
                change({ ...document, steps: moved(steps, index, by) });
                openAt(openStep === index ? index + by : openStep);
              },
            }}
          />
          <Times times={derivation.times} />
          <Claims document={document} verdicts={derivation.claims} onChange={change} />
          <SafetyNotes derivation={derivation} />
        </>
      )}
      <section className="mt-6">
        <h2 className="mb-2">About it</h2>
        <div className="grid gap-3 sm:grid-cols-2">
          <Pick
            label="Region"
            options={atlas.regions.map((r) => ({ value: r.id, word: r.name }))}
            value={document.region}
            onChange={(region) => change({ ...document, region })}
            empty="not chosen"
          />
          <Pick
            label="Teaching style"
            options={atlas.schools.map((s) => ({ value: s.id, word: s.name }))}
            value={document.school}
            onChange={(school) => change({ ...document, school })}
            empty="not chosen"
          />
          <TextField
            label="Aim: what you want by it"
            className="sm:col-span-2"
            value={document.aim ?? ""}
            onChange={(e) => change({ ...document, aim: e.target.value || null }, "aim")}
          />
        </div>
        <ConcernPicks document={document} onChange={change} />
        <FaultsAndMore document={document} advice={derivation?.advice ?? []} onChange={change} />
        <Versions document={document} own={id} onChange={change} />
      </section>
      {edition > 0 && (
        <>
          <SchoolNotes notes={school} onStep={openAt} />
          <div className="mt-6">
            <HandOutLinks id={id} />
          </div>
          <EditionHistory id={id} dirty={editor.dirty} onStep={openAt} onCompare={setChanged} />
          <div className="mt-3">
            <PutAway kind="technique" id={id} name={document.name ?? ""} then={() => void navigate("/techniques")} />
          </div>
        </>
      )}
    </Stage>
  );
}

/** From here on it is worth saying that naming the places moved the line: half a finger-breadth. */
const FAR_OFF_MM = 8;
const MOVES_ALONG = new Set(["stroke", "tool-stroke", "roll", "pinch-roll", "friction", "stretch-apart", "lift-hold"]);
/** Where not the angle decides: what does. */
const WHY_FLOW: Readonly<Record<Exclude<Schemas["FlowVerdict"]["rule"], "R61">, string>> = {
  R63: "ends at its nodes",
  R64: "along the jaw to its nodes",
};

const FLOW: Readonly<Record<Schemas["FlowVerdict"]["verdict"], string>> = {
  with: "with the flow",
  neutral: "across the flow",
  against: "against the flow",
};

function useTechniqueBench(id: string, stored: TechniqueDocument, edition: number, version: number) {
  const queries = useQueryClient();
  return useBench({
    place: draftPlace(id),
    stored,
    base: { number: edition, version },
    send: (document, over) =>
      over.number === 0
        ? said(api.POST("/api/techniques", { body: { id, document } }))
        : said(
            api.PUT("/api/techniques/{id}", {
              params: { path: { id } },
              body: { edition: over.number, version: over.version, document },
            }),
          ),
    baseOf: (saved) => ({ number: saved.edition, version: saved.version }),
    refresh: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: ["techniques"] }),
        queries.invalidateQueries({ queryKey: ["thread"] }),
      ]),
    onSaved: (saved) =>
      toast.success(
        saved.standing === "parked"
          ? "Kept as an unsafe example."
          : saved.standing === "draft"
            ? "Saved as a draft."
            : `Saved, edition ${saved.edition}.`,
      ),
  });
}
