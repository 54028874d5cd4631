import { useReference } from "../../face/atlas";
import { Button } from "../../ui/Button";
import { Choice, Pick, TextField } from "../../ui/Field";
import {
  emptyHand,
  emptyPose,
  emptyTempo,
  toggled,
  withHand,
  type DerivedStep,
  type PoseState,
  type Step,
  type Tempo,
  choicesOf,
  type Field,
  type ToldAt,
} from "../parts/techniqueModel";

const POSE: readonly { part: keyof PoseState; word: string }[] = [
  { part: "lids", word: "Lids" },
  { part: "jaw", word: "Jaw" },
  { part: "lips", word: "Lips" },
  { part: "tongue", word: "Tongue" },
  { part: "head", word: "Head" },
  { part: "shoulders", word: "Shoulders" },
];
const TEMPO: readonly { part: keyof Tempo; word: string }[] = [
  { part: "in_s", word: "in, s" },
  { part: "hold_s", word: "hold, s" },
  { part: "out_s", word: "out, s" },
  { part: "rest_s", word: "rest, s" },
];

/** The second hand's side; the first takes the other, since one hand is never in two places. */
const withHands = (step: Step, second: ToldAt<"which_hand">): Step =>
  withHand(withHand(step, 1, { hand: second }), 0, { hand: second === "left" ? "right" : "left" });

/** All the rest of the step: grey as its family usually has it, until it is told. */
export function StepMore({
  step,
  derived,
  onChange,
}: {
  step: Step;
  derived: DerivedStep;
  onChange: (step: Step, field?: string | null) => void;
}) {
  const { atlas } = useReference();
  const choices = <F extends Field>(field: F) => choicesOf(atlas, field);
  const filled = derived.completed;
  const told = (value: unknown) => value !== null && value !== undefined && value !== "";
  const number = (input: HTMLInputElement) => (Number.isNaN(input.valueAsNumber) ? null : input.valueAsNumber);
  const second = step.hands?.[1];
  const contact = step.hands?.[0]?.contact;
  const isTool = atlas.contacts.find((c) => c.id === contact)?.kind === "tool";
  return (
    <details className="ml-[7.0rem]">
      <summary className="cursor-pointer text-sm font-medium text-now">
        The rest of the step{" "}
        <span className="font-normal text-faded">
          (as a {derived.family_name ?? "step"} usually has it, until you touch it)
        </span>
      </summary>
      <div className="mt-3 grid gap-x-4 gap-y-3 sm:grid-cols-2">
        <TextField
          label="Cue, as it is said"
          value={step.cue ?? ""}
          placeholder={filled.cue ?? ""}
          onChange={(e) => onChange({ ...step, cue: e.target.value || null }, "cue")}
          className="sm:col-span-2"
        />
        <TextField
          label="End point: what tells to stop"
          value={step.end_point ?? ""}
          placeholder={filled.end_point ?? ""}
          onChange={(e) => onChange({ ...step, end_point: e.target.value || null }, "end_point")}
        />
        <Pick
          label="Breath"
          options={choices("breath")}
          value={step.breath ?? filled.breath}
          defaulted={!told(step.breath)}
          onChange={(breath) => onChange({ ...step, breath })}
        />
        <Pick
          label="Gaze"
          options={choices("gaze")}
          value={step.gaze ?? filled.gaze}
          defaulted={!told(step.gaze)}
          onChange={(gaze) => onChange({ ...step, gaze })}
        />
        {POSE.map((p) => (
          <Pick
            key={p.part}
            label={p.word}
            options={choices(p.part)}
            value={step.state?.[p.part] ?? filled.state?.[p.part] ?? null}
            defaulted={!told(step.state?.[p.part])}
            onChange={(value) => onChange({ ...step, state: { ...(step.state ?? emptyPose), [p.part]: value } })}
          />
        ))}
        <fieldset className="sm:col-span-2">
          <legend className="text-sm font-semibold">Tempo of one repetition</legend>
          <div className="grid grid-cols-4 gap-2">
            {TEMPO.map((t) => (
              <TextField
                key={t.part}
                label={t.word}
                type="number"
                min={0}
                step={0.5}
                value={step.tempo?.[t.part] ?? ""}
                placeholder={String(filled.tempo?.[t.part] ?? 0)}
                onChange={(e) =>
                  onChange(
                    { ...step, tempo: { ...(step.tempo ?? emptyTempo), [t.part]: number(e.target) } },
                    `tempo.${t.part}`,
                  )
                }
              />
            ))}
          </div>
        </fieldset>
        {isTool && (
          <>
            <TextField
              label="Tool, and its state"
              value={step.hands?.[0]?.tool ?? ""}
              placeholder="stone, chilled"
              onChange={(e) => onChange(withHand(step, 0, { tool: e.target.value || null }), "hands[0].tool")}
            />
            <TextField
              label="Angle to the skin, degrees"
              type="number"
              min={0}
              max={90}
              step={5}
              value={step.hands?.[0]?.angle_deg ?? ""}
              placeholder="10 to 45"
              onChange={(e) => onChange(withHand(step, 0, { angle_deg: number(e.target) }), "hands[0].angle_deg")}
            />
          </>
        )}
        {(step.hands?.length ?? 0) > 0 && (
          <Pick
            label="Pressed"
            options={choices("axis")}
            value={step.hands?.[0]?.axis ?? filled.hands?.[0]?.axis ?? null}
            defaulted={!told(step.hands?.[0]?.axis)}
            onChange={(axis) => onChange(withHand(step, 0, { axis }))}
          />
        )}
        {(step.hands?.length ?? 0) > 0 && (
          <Choice
            label="Fingers"
            options={choices("grip_or_slip")}
            value={step.hands?.[0]?.grip_or_slip ?? filled.hands?.[0]?.grip_or_slip ?? null}
            defaulted={!told(step.hands?.[0]?.grip_or_slip)}
            onChange={(grip_or_slip) => onChange(withHand(step, 0, { grip_or_slip }))}
          />
        )}
        <div>
          <p className="mb-1 text-sm font-semibold">In use meanwhile</p>
          <div className="flex flex-wrap gap-1.5" role="group" aria-label="In use meanwhile">
            {atlas.channels.map((c) => {
              const on = (step.channels ?? filled.channels ?? []).includes(c.id);
              return (
                <button
                  key={c.id}
                  type="button"
                  title={c.words}
                  aria-pressed={on}
                  onClick={() => onChange({ ...step, channels: toggled(step.channels ?? filled.channels, c.id) })}
                  className={`min-h-8 rounded-mark border px-2 text-sm ${on ? "border-faded bg-linen" : "border-line bg-field"} ${step.channels === null ? "by-default" : "font-semibold"}`}
                >
                  {c.id.replaceAll("-", " ")}
                </button>
              );
            })}
          </div>
        </div>
        <div className="sm:col-span-2">
          {second ? (
            <fieldset className="grid gap-3 border-t border-line pt-2 sm:grid-cols-2">
              <legend className="text-sm font-semibold">Second hand</legend>
              <Pick
                label="What it does"
                options={atlas.verbs.map((v) => ({ value: v.id, word: v.word }))}
                value={second.verb}
                onChange={(verb) => onChange(withHand(step, 1, { verb }))}
              />
              <Pick
                label="It is there to"
                options={choices("role")}
                value={second.role}
                onChange={(role) => onChange(withHand(step, 1, { role }))}
              />
              <Pick
                label="Which part of it"
                options={atlas.contacts.map((c) => ({ value: c.id, word: c.name }))}
                value={second.contact ?? filled.hands?.[1]?.contact ?? null}
                defaulted={second.contact === null}
                onChange={(contact) => onChange(withHand(step, 1, { contact }))}
              />
              <Pick
                label="Lies on"
                options={atlas.zones.map((z) => ({ value: z.id, word: z.name }))}
                value={second.zones?.[0] ?? null}
                onChange={(zone) => onChange(withHand(step, 1, { zones: zone ? [zone] : [] }))}
              />
              <Pick
                label="Which hand"
                options={choices("which_hand")}
                value={second.hand}
                onChange={(hand) => hand && onChange(withHands(step, hand))}
              />
              <Pick
                label="On the"
                options={choices("sides")}
                value={second.sides ?? filled.hands?.[1]?.sides ?? null}
                defaulted={second.sides === null}
                onChange={(sides) => onChange(withHand(step, 1, { sides }))}
              />
              {derived.arms_cross && <p className="text-sm text-faded sm:col-span-2">The arms cross.</p>}
              <Button
                size="line"
                tone="quiet"
                onClick={() => onChange({ ...step, hands: (step.hands ?? []).slice(0, 1) })}
                className="justify-self-start"
              >
                take the second hand away
              </Button>
            </fieldset>
          ) : (
            <Button
              size="line"
              tone="quiet"
              onClick={() =>
                onChange({
                  ...step,
                  hands: [
                    ...(step.hands ?? []).map((h, i) =>
                      i === 0 && h.hand === null ? { ...h, hand: "right" as const } : h,
                    ),
                    {
                      ...emptyHand,
                      hand: (step.hands?.length ?? 0) > 0 ? ("left" as const) : null,
                      role: "hold" as const,
                      verb: "hold-still",
                      pressure: 1,
                    },
                  ],
                })
              }
            >
              add {(step.hands?.length ?? 0) > 0 ? "the second hand" : "a hand that holds"}
            </Button>
          )}
        </div>
      </div>
    </details>
  );
}
