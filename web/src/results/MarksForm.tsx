import { useState } from "react";
import type { Schemas } from "../shell/api";
import { Button } from "../ui/Button";
import { Pick } from "../ui/Field";
import { ReasonField } from "./ReasonField";
import { Problem } from "../ui/States";

type Criterion = Schemas["Criterion"];
type Standing = Schemas["StandingMark"];
type Given = { mark: number | null; reason: string };

/** Marks that stand in place of others, each with its reason; and why it is decided so. */
export function MarksForm({
  criteria,
  first,
  acts,
  stand = [],
  label,
  save,
  pending,
  error,
  children,
  ready = true,
}: {
  criteria: readonly Criterion[];
  /** Criteria that need a mark: those that differ. */
  first: readonly string[];
  /** Critical acts that need a yes or no; null where none does. */
  acts: readonly Schemas["CriticalAct"][] | null;
  /** Of those, the ones that stand until now. */
  stand?: readonly string[];
  label: string;
  save: (given: { marks: Standing[]; acts: string[] | null; reason: string }) => void;
  pending: boolean;
  error: unknown;
  children?: React.ReactNode;
  ready?: boolean;
}) {
  const [chosen, setChosen] = useState<readonly string[]>(first);
  const [given, setGiven] = useState<Readonly<Record<string, Given>>>({});
  const [happened, setHappened] = useState<readonly string[]>(stand);
  const [reason, setReason] = useState("");
  const of = (id: string): Given => given[id] ?? { mark: null, reason: "" };
  const change = (id: string, to: Partial<Given>) => setGiven({ ...given, [id]: { ...of(id), ...to } });
  const shown = criteria.filter((c) => chosen.includes(c.id));
  const whole = shown.every((c) => of(c.id).mark !== null && of(c.id).reason.trim() !== "") && reason.trim() !== "";
  return (
    <form
      className="space-y-3"
      onSubmit={(e) => {
        e.preventDefault();
        save({
          marks: shown.map((c) => ({ criterion: c.id, mark: of(c.id).mark ?? 0, reason: of(c.id).reason.trim() })),
          acts: acts === null ? null : [...happened],
          reason: reason.trim(),
        });
      }}
    >
      {shown.map((c) => (
        <fieldset key={c.id} className="border-l-2 border-line pl-3" data-standing={c.id}>
          <legend className="font-medium">{c.text}</legend>
          <div className="mt-1 grid gap-2 sm:grid-cols-[auto_1fr]">
            <span className="flex gap-1">
              {(c.kind === "done" ? [0, 3] : [0, 1, 2, 3]).map((m) => (
                <label
                  key={m}
                  title={c.anchors[m]}
                  className={`grid size-9 cursor-pointer place-items-center rounded-mark border has-focus-visible:outline-2 ${
                    of(c.id).mark === m ? "border-now bg-now-wash font-semibold" : "border-line bg-field"
                  }`}
                >
                  <input
                    type="radio"
                    className="sr-only"
                    name={`mark-${c.id}`}
                    aria-label={`${m} of 3`}
                    checked={of(c.id).mark === m}
                    onChange={() => change(c.id, { mark: m })}
                  />
                  {m}
                </label>
              ))}
            </span>
            <input
              className="field"
              aria-label={`Why this mark stands: ${c.text}`}
              placeholder="why this mark stands"
              value={of(c.id).reason}
              onChange={(e) => change(c.id, { reason: e.target.value })}
            />
          </div>
          {of(c.id).mark !== null && <p className="text-sm text-faded">{c.anchors[of(c.id).mark ?? 0]}</p>}
        </fieldset>
      ))}
      {acts?.map((a) => (
        <label key={a.id} className="flex min-h-8 items-center gap-2 font-medium text-safety">
          <input
            type="checkbox"
            className="size-5"
            checked={happened.includes(a.id)}
            onChange={(e) => setHappened(e.target.checked ? [...happened, a.id] : happened.filter((x) => x !== a.id))}
          />
          This happened: {a.text}
        </label>
      ))}
      {shown.length < criteria.length && (
        <Pick
          label={shown.length === 0 ? "Which criterion" : "One more criterion"}
          value={null}
          options={criteria.filter((c) => !chosen.includes(c.id)).map((c) => ({ value: c.id, word: c.text }))}
          onChange={(id) => id && setChosen([...chosen, id])}
        />
      )}
      {children}
      <ReasonField label="Why it is decided so" value={reason} onChange={setReason} />
      {error != null && <Problem error={error} safe="What you wrote is kept here." />}
      <Button type="submit" tone="now" disabled={!whole || !ready || pending}>
        {label}
      </Button>
    </form>
  );
}
