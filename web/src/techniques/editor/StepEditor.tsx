import type { ReactNode } from "react";
import { useReference } from "../../face/atlas";
import type { Schemas } from "../../shell/api";
import { Button } from "../../ui/Button";
import { Choice, Pick, TextField } from "../../ui/Field";
import { DoseTable } from "./DoseTable";
import { RhythmPad } from "./RhythmPad";
import { StepMore } from "./StepMore";
import {
  toggled,
  whatOf,
  withAct,
  withDoseLine,
  withHand,
  withOffset,
  withPlace,
  withResist,
  withSides,
  withWhat,
  type DerivedStep,
  type Step,
  choicesOf,
  contactChoices,
} from "../parts/techniqueModel";
import { WhatHappens } from "./WhatHappens";

export type PickPlace = { hand: number; slot: number };
type Props = {
  step: Step;
  index: number;
  derived: DerivedStep | undefined;
  questions: readonly Schemas["OpenQuestion"][];
  issues: readonly Schemas["Issue"][];
  picking: PickPlace | null;
  onPicking: (picking: PickPlace | null) => void;
  onChange: (step: Step, field: string | null) => void;
};

const STILL = [
  "brow",
  "forehead-central",
  "forehead-lateral",
  "outer-eye-corner",
  "lips",
  "chin",
  "jaw",
  "head",
  "shoulders",
  "tongue",
];

/** Questions that stand at their own field; the others stand at the end of the step. */
const AT_A_FIELD = [".path", ".pressure", ".dose", ".sides"];

/** A step in up to seven questions, numbered as they stand, in the order in which a trainer says them. The rest is grey until it is touched. */
export function StepEditor({ step, index, derived, questions, issues, picking, onPicking, onChange }: Props) {
  const { atlas, landmarkById, zoneById } = useReference();
  const what = whatOf(step);
  const path = `steps[${index}]`;
  const change = (next: Step, field: string | null = null) => onChange(next, field && `${path}.${field}`);
  const hand = step.hands?.[0];
  const filled = derived?.completed;
  const isDefault = (field: string) => derived?.defaults.includes(`${path}.${field}`) ?? false;
  const issueAt = (prefix: string) => issues.find((i) => i.path.startsWith(`${path}.${prefix}`))?.text ?? undefined;
  const other = issues.filter(
    (i) =>
      !["dose", "hands[0].path", "hands[0].pressure", "hands[0].sides"].some((p) => i.path.startsWith(`${path}.${p}`)),
  );
  const stillWord = (id: string) => zoneById.get(id)?.name ?? id;

  const told = derived?.strokes.find((x) => x.hand === 0)?.stops;
  const place = (slot: number, word: string) => {
    const id = hand?.path?.[slot]?.at ?? hand?.path?.[slot]?.from;
    const on = picking?.hand === 0 && picking.slot === slot;
    return (
      <Button
        key={slot}
        tone={on ? "now" : "calm"}
        size="key"
        aria-pressed={on}
        onClick={() => onPicking(on ? null : { hand: 0, slot })}
      >
        <span className="text-sm opacity-80">{word}</span>
        <span>{on ? "touch the face …" : id ? (told?.[slot] ?? landmarkById.get(id)?.name ?? id) : "not chosen"}</span>
      </Button>
    );
  };
  const stops = hand?.path?.length ?? 0;

  return (
    <div className="space-y-3.5 py-2 [counter-reset:question]">
      <Question word="What happens">
        <WhatHappens what={what} opened={what === null} onChange={(next) => change(withWhat(step, next))} />
      </Question>
      {what?.kind === "hand" && hand && (
        <>
          <Question
            word="Where"
            asks={questions.find((q) => q.path.includes(".path"))?.text}
            wrong={issueAt("hands[0].path")}
          >
            <div className="flex flex-wrap items-center gap-2">
              {place(0, "from")}
              {Array.from({ length: Math.max(0, stops - 2) }, (_, i) => place(i + 1, "over"))}
              {place(Math.max(1, stops - 1), "to")}
              {stops >= 2 && (
                <Button size="line" tone="quiet" onClick={() => onPicking({ hand: 0, slot: stops })}>
                  add a point
                </Button>
              )}
              {stops > 0 && (
                <Button size="line" tone="quiet" onClick={() => change(withHand(step, 0, { path: [], zones: [] }))}>
                  clear
                </Button>
              )}
            </div>
            {picking?.hand === 0 && (
              <div className="mt-2 max-w-sm">
                <Pick
                  label="Draw the stroke over the face, touch its places, or take this one from the list"
                  options={atlas.landmarks
                    .filter((l) => l.surface !== "back")
                    .map((l) => ({ value: l.id, word: l.anatomical ? `${l.name} (${l.anatomical})` : l.name }))}
                  value={null}
                  onChange={(id) => id && change(withHand(step, 0, withPlace(hand, picking.slot, id)))}
                />
                {hand.path?.[picking.slot] && (
                  <Offset
                    place={hand.path[picking.slot]}
                    words={told?.[picking.slot]}
                    onChange={(offset) => change(withHand(step, 0, withOffset(hand, picking.slot, offset)))}
                  />
                )}
              </div>
            )}
            {derived && derived.map.zones_touched.length > 0 && (
              <p className="mt-1 text-sm text-faded">
                Runs over: {derived.map.zones_touched.map((z) => zoneById.get(z)?.name ?? z).join(", ")}.
              </p>
            )}
          </Question>
          <Question word="With">
            <Pick
              label="Part of the hand, or tool"
              className="max-w-sm"
              options={contactChoices(atlas)}
              value={hand.contact ?? filled?.hands?.[0]?.contact ?? null}
              defaulted={hand.contact === null}
              onChange={(contact) => change(withHand(step, 0, { contact }))}
            />
          </Question>
          <Question
            word="How hard"
            asks={questions.find((q) => q.path.includes(".pressure"))?.text}
            wrong={issueAt("hands[0].pressure")}
          >
            <Choice
              label="How hard"
              hideLabel
              options={atlas.levels.map((l) => ({ value: String(l.level), word: l.feel, hint: l.words }))}
              value={hand.pressure === null ? null : String(hand.pressure)}
              onChange={(v) => change(withHand(step, 0, { pressure: Number(v) }))}
            />
          </Question>
        </>
      )}
      {what?.kind === "act" && (
        <>
          <Question word="Against">
            <Choice
              label="What resists"
              hideLabel
              options={choicesOf(atlas, "resist")}
              value={step.acts?.[0]?.resist ?? "none"}
              defaulted={isDefault("acts[0].resist")}
              onChange={(resist) => change(withResist(step, resist))}
            />
          </Question>
          {hand && (
            <Question word="With">
              <div className="grid max-w-xl gap-3 sm:grid-cols-2">
                <Pick
                  label={`Part of the hand (${hand.role === "resist" ? "resists" : "holds"})`}
                  options={atlas.contacts.filter((c) => c.kind === "hand").map((c) => ({ value: c.id, word: c.name }))}
                  value={hand.contact ?? filled?.hands?.[0]?.contact ?? null}
                  defaulted={hand.contact === null}
                  onChange={(contact) => change(withHand(step, 0, { contact }))}
                />
                <Pick
                  label="Laid on"
                  options={atlas.zones.map((z) => ({ value: z.id, word: z.name }))}
                  value={hand.zones?.[0] ?? null}
                  onChange={(zone) =>
                    change({
                      ...withAct(withHand(step, 0, { zones: zone ? [zone] : [] }), {
                        at: hand.role === "resist" ? zone : (step.acts?.[0]?.at ?? null),
                      }),
                    })
                  }
                />
              </div>
            </Question>
          )}
          <Question word="How hard">
            <Choice
              label="Effort"
              hideLabel
              options={choicesOf(atlas, "effort")}
              value={step.acts?.[0]?.effort ?? "moderate"}
              defaulted={isDefault("acts[0].effort")}
              onChange={(effort) => change(withAct(step, { effort }))}
            />
          </Question>
        </>
      )}
      {what && (
        <>
          <Question word="Dose">
            <TextField
              label="As you would say it"
              placeholder={`${filled?.dose?.line ?? "8 circles each way"}   (or: 3 × 10, each side, 2 s · hold 10 s, twice)`}
              value={step.dose?.line ?? ""}
              onChange={(e) => change(withDoseLine(step, e.target.value), "dose.line")}
              error={issueAt("dose")}
            />
            <RhythmPad
              derived={derived}
              onRead={(r) => change({ ...withDoseLine(step, r.line), tempo: r.tempo }, null)}
            />
            {questions
              .filter((q) => q.path.includes(".dose"))
              .map((q) => (
                <div key={q.text} className="mt-1 flex flex-wrap items-center gap-2" role="status" data-asks>
                  <span className="font-serif text-now">{q.text}</span>
                  {q.answers.map((a) => (
                    <Button key={a.label} size="line" onClick={() => change(withDoseLine(step, a.value))}>
                      {a.label}
                    </Button>
                  ))}
                </div>
              ))}
            {derived && derived.dose.columns.length > 0 && (
              <DoseTable sum={derived.dose} grey={step.dose?.line == null} />
            )}
          </Question>
          <Question
            word="Sides"
            asks={questions.find((q) => q.path.endsWith(".sides"))?.text}
            wrong={issueAt("hands[0].sides")}
          >
            <Choice
              label="Which sides"
              hideLabel
              options={choicesOf(atlas, "sides")}
              value={derived?.sides ?? "both"}
              defaulted={isDefault("sides")}
              onChange={(sides) => change(withSides(step, sides))}
            />
          </Question>
          <Question word="Stays still">
            <div className="flex flex-wrap items-center gap-1.5" role="group" aria-label="What stays still">
              {[...new Set([...STILL, ...(step.still ?? [])])].map((id) => (
                <button
                  key={id}
                  type="button"
                  aria-pressed={(step.still ?? []).includes(id)}
                  onClick={() => change({ ...step, still: toggled(step.still, id) })}
                  className="min-h-8 rounded-mark border border-line bg-field px-2.5 text-[0.92rem] hover:bg-linen aria-pressed:border-now aria-pressed:bg-now-wash aria-pressed:font-semibold"
                >
                  {stillWord(id)}
                </button>
              ))}
            </div>
          </Question>
          {filled && <StepMore step={step} derived={derived} onChange={change} />}
        </>
      )}
      {questions
        .filter((q) => !AT_A_FIELD.some((field) => q.path.includes(field)))
        .map((q) => (
          <p key={q.text} role="status" className="font-serif text-now" data-asks>
            {q.text}
          </p>
        ))}
      {other.map((i) => (
        <p key={i.text} role="alert" className="text-sm font-medium text-wrong">
          {i.text}
        </p>
      ))}
    </div>
  );
}

/** "One breadth below the outer rim": a direction and finger-breadths from the landmark. */
function Offset({
  place,
  words,
  onChange,
}: {
  place: Schemas["PathPoint"] | undefined;
  words: string | undefined;
  onChange: (offset: Schemas["PathOffset"] | null) => void;
}) {
  const { atlas } = useReference();
  const breadths = place?.offset?.breadths ?? 1;
  const dir = place?.offset?.dir ?? "none";
  return (
    <div className="mt-2 flex flex-wrap items-end gap-2">
      <Choice
        label="Direction"
        options={choicesOf(atlas, "offset")}
        value={dir}
        onChange={(to) => onChange(to === "none" ? null : { dir: to, breadths })}
      />
      {dir !== "none" && (
        <TextField
          label="finger-breadths"
          type="number"
          min={0.5}
          max={6}
          step={0.5}
          className="w-28"
          value={breadths}
          onChange={(e) => {
            const n = e.target.valueAsNumber;
            if (Number.isFinite(n)) onChange({ dir, breadths: n });
          }}
        />
      )}
      {dir !== "none" && <p className="basis-full text-sm text-faded">{words}</p>}
    </div>
  );
}

function Question({
  word,
  asks,
  wrong,
  children,
}: {
  word: string;
  asks?: string | undefined;
  wrong?: string | undefined;
  children: ReactNode;
}) {
  return (
    <div className="grid grid-cols-[7.2rem_1fr] gap-3">
      <p className="pt-1 text-[0.95rem]">
        <span
          className="mr-1 text-sm text-faded [counter-increment:question] before:content-[counter(question)]"
          aria-hidden="true"
        />
        <span className="font-semibold">{word}</span>
      </p>
      <div className="min-w-0">
        {children}
        {asks && (
          <p className="mt-1 font-serif text-now" role="status" data-asks>
            {asks}
          </p>
        )}
        {wrong && (
          <p role="alert" className="mt-1 text-sm font-medium text-wrong">
            {wrong}
          </p>
        )}
      </div>
    </div>
  );
}
