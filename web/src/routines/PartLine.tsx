import type { Schemas } from "../shell/api";
import { Button } from "../ui/Button";
import { cn } from "../ui/cn";
import { Choice, Pick, TextField, optionsOf } from "../ui/Field";
import { clock, LEVEL_WORDS, ROLE_WORDS } from "./routineModel";
import { OwnDoses } from "./OwnDoses";
import type { RoutinePart } from "./routineQueries";

type Props = {
  part: RoutinePart;
  place: number;
  count: number;
  name: string;
  /** Id of its technique; null for a free part, or while the library is not read. */
  techniqueId: string | null;
  sum: Schemas["PartSum"] | undefined;
  changes: readonly Schemas["PartChange"][];
  slips: readonly string[];
  open: boolean;
  canChange: boolean;
  onOpen: () => void;
  onMove: (by: -1 | 1) => void;
  onChange: (to: Partial<RoutinePart>) => void;
  onRemove: () => void;
};

/** Among the levels: none of them, but doses told for this part. */
const OWN = "own" as const;

/** One part in its place: what it is, how long, at which level; opened, all that the trainer decides of it. */
export function PartLine(p: Props) {
  const { part } = p;
  const technique = part.technique !== null;
  return (
    <li className={cn("border-t border-line", p.open && "border-t-2 border-now")} data-part={part.id}>
      {p.changes.map((c) => (
        <p key={c.kind} className="pl-6 text-sm text-faded">
          {c.words}, {clock(c.seconds)}
        </p>
      ))}
      <div className="flex items-baseline gap-2 py-1.5">
        <button type="button" aria-expanded={p.open} className="min-w-0 flex-1 text-left" onClick={p.onOpen}>
          <span className="mr-2 font-semibold text-now">{p.place + 1}</span>
          <span className="font-serif text-[1.05rem] font-medium">{p.name}</span>
          <span className="ml-2 text-sm text-faded">
            {ROLE_WORDS[part.role ?? "work"] ?? part.role}
            {technique && part.level && ` · ${part.level}`}
            {part.optional && " · may be left out"}
            {(part.stars ?? 0) > 0 && ` · ${"★".repeat(part.stars ?? 0)}`}
          </span>
        </button>
        <span className="text-sm">{p.sum ? clock(p.sum.chosen) : ""}</span>
        {p.canChange && (
          <span className="flex gap-1">
            <Button
              size="line"
              tone="quiet"
              aria-label={`Move ${p.name} up`}
              disabled={p.place === 0}
              onClick={() => p.onMove(-1)}
            >
              up
            </Button>
            <Button
              size="line"
              tone="quiet"
              aria-label={`Move ${p.name} down`}
              disabled={p.place === p.count - 1}
              onClick={() => p.onMove(1)}
            >
              down
            </Button>
          </span>
        )}
      </div>
      {p.slips.map((s) => (
        <p key={s} role="alert" className="pl-6 text-sm font-medium text-wrong">
          {s}
        </p>
      ))}
      {p.open && p.canChange && (
        <div className="space-y-3 pb-3 pl-6">
          {technique && (
            <Choice
              label="How much"
              options={[...optionsOf(LEVEL_WORDS), { value: OWN, word: "doses of its own" }]}
              value={part.doses ? OWN : (part.level ?? null)}
              onChange={(level) =>
                p.onChange(level === OWN ? { level: "standard", doses: [""] } : { level, doses: null })
              }
            />
          )}
          {technique && part.doses && p.techniqueId && (
            <OwnDoses part={part} technique={p.techniqueId} onChange={(doses) => p.onChange({ doses })} />
          )}
          {technique && p.sum && (
            <p className="text-sm text-faded">
              {clock(p.sum.seconds.minimum)} at minimum, {clock(p.sum.seconds.standard)} at standard,{" "}
              {clock(p.sum.seconds.full)} at full.
            </p>
          )}
          {!technique && (
            <TextField
              label="Seconds"
              type="number"
              min={1}
              max={1800}
              className="w-28"
              value={part.seconds ?? ""}
              onChange={(e) =>
                p.onChange({ seconds: Number.isFinite(e.target.valueAsNumber) ? e.target.valueAsNumber : null })
              }
            />
          )}
          <Choice
            label="What it is there for"
            options={optionsOf(ROLE_WORDS)}
            value={part.role ?? null}
            onChange={(role) => p.onChange({ role })}
          />
          <div className="grid max-w-xl gap-3 sm:grid-cols-2">
            <Pick
              label="How dear it is to you"
              options={[0, 1, 2, 3].map((n) => ({ value: String(n), word: n === 0 ? "no star" : "★".repeat(n) }))}
              value={String(part.stars ?? 0)}
              onChange={(n) => p.onChange({ stars: Number(n ?? 0) })}
            />
            <label className="flex items-center gap-2 self-end pb-2">
              <input
                type="checkbox"
                className="size-5 accent-[var(--color-now)]"
                checked={part.optional === true}
                onChange={(e) => p.onChange({ optional: e.target.checked })}
              />
              may be left out when time runs short
            </label>
          </div>
          {!technique && (
            <TextField
              label="What you say in it"
              maxLength={1200}
              value={part.words ?? ""}
              onChange={(e) => p.onChange({ words: e.target.value || null })}
            />
          )}
          <TextField
            label="Said on the way to the next"
            maxLength={400}
            value={part.bridge ?? ""}
            onChange={(e) => p.onChange({ bridge: e.target.value || null })}
          />
          <Button size="line" tone="quiet" onClick={p.onRemove}>
            remove {p.name}
          </Button>
        </div>
      )}
    </li>
  );
}
