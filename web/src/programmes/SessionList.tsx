import { useState } from "react";
import { day } from "../shell/days";
import { Button } from "../ui/Button";
import { cn } from "../ui/cn";
import { Pick, TextField } from "../ui/Field";
import { ListField } from "../ui/ListField";
import { freshId, takeSessionOut } from "./programmeModel";
import type { ProgrammeDocument, ProgrammeSession, SequenceReading } from "./programmeQueries";

type ListProps = {
  document: ProgrammeDocument;
  reading: SequenceReading | undefined;
  canChange: boolean;
  unitName: (id: string) => string;
  onChange: (document: ProgrammeDocument) => void;
  /** Something was moved by hand: the plan is repaired around it. */
  onMoved: (document: ProgrammeDocument) => void;
};

/** Sessions with what stands in them; each unit can be asked why it stands there, moved, pinned and kept out. */
export function SessionList({ document, reading, canChange, unitName, onChange, onMoved }: ListProps) {
  const [asked, setAsked] = useState<string | null>(null);
  const [edited, setEdited] = useState<string | null>(null);
  const [over, setOver] = useState<string | null>(null);
  const sessions = document.sessions ?? [];
  const ordered =
    reading && reading.sessions.length > 0 ? reading.sessions.map((s) => s.id) : sessions.map((s) => s.id);
  const change = (id: string, to: Partial<ProgrammeSession>) =>
    onChange({ ...document, sessions: sessions.map((s) => (s.id === id ? { ...s, ...to } : s)) });
  const pinned = (unit: string, session: string) => ({
    ...document,
    fixed: [...(document.fixed ?? []).filter((f) => f.unit !== unit), { unit, session }],
    forbidden: (document.forbidden ?? []).filter((f) => f.unit !== unit || f.session !== session),
  });
  return (
    <section aria-labelledby="sessions">
      <h2 id="sessions" className="mb-1">
        Sessions
      </h2>
      {sessions.length === 0 && (
        <p className="max-w-prose text-faded">
          No session yet. Add the days on which the group meets; then the units find their places.
        </p>
      )}
      {reading && reading.missing.length > 0 && sessions.length > 0 && (
        <p className="text-sm text-now">
          {(document.plan ?? []).length === 0
            ? "Not planned yet."
            : `Without a session: ${reading.missing.map(unitName).join(", ")}.`}
        </p>
      )}
      <ol>
        {ordered.map((id, i) => {
          const session = sessions.find((s) => s.id === id);
          const laid = reading?.sessions.find((s) => s.id === id);
          if (!session) return null;
          const room = (session.minutes ?? 0) - (session.breaks_min ?? 0);
          return (
            <li
              key={id}
              data-session={id}
              className={cn("border-t border-line py-1.5", over === id && "bg-now-wash")}
              onDragOver={(e) => {
                if (!canChange) return;
                e.preventDefault();
                setOver(id);
              }}
              onDragLeave={() => setOver(null)}
              onDrop={(e) => {
                e.preventDefault();
                setOver(null);
                const unit = e.dataTransfer.getData("text/plain");
                if ((document.units ?? []).some((u) => u.id === unit)) onMoved(pinned(unit, id));
              }}
            >
              <div className="flex flex-wrap items-baseline gap-x-3">
                <span className="font-semibold text-now">{i + 1}</span>
                <span className="flex-1 font-serif text-[1.05rem] font-medium whitespace-nowrap">
                  {session.date ? day(session.date) : session.day != null ? `day ${session.day}` : "no day yet"}
                </span>
                <span className="text-sm text-faded">
                  {laid ? `${laid.minutes} of ${room} min` : `${room} min`}
                  {session.staff && ` · ${session.staff.join(", ")}`}
                </span>
                {canChange && (
                  <Button
                    size="line"
                    tone="quiet"
                    aria-expanded={edited === id}
                    aria-label={`${edited === id ? "done with" : "change"} session ${i + 1}`}
                    onClick={() => setEdited(edited === id ? null : id)}
                  >
                    {edited === id ? "done" : "change"}
                  </Button>
                )}
              </div>
              {laid && (
                <div aria-hidden="true" className="mt-0.5 ml-5 flex h-1.5 bg-line">
                  {laid.units.map((u) => (
                    <span
                      key={u}
                      className="border-r border-paper bg-now"
                      style={{ width: `${(100 * minutesOf(document, u)) / Math.max(1, room)}%` }}
                    />
                  ))}
                </div>
              )}
              <ul className="ml-5">
                {(laid?.units ?? []).map((u) => (
                  <li key={u} data-placed={u}>
                    <div
                      className="flex items-baseline gap-2"
                      draggable={canChange}
                      onDragStart={(e) => e.dataTransfer.setData("text/plain", u)}
                    >
                      <button
                        type="button"
                        className="min-h-7 flex-1 text-left hover:text-now"
                        aria-expanded={asked === u}
                        onClick={() => setAsked(asked === u ? null : u)}
                      >
                        {unitName(u)}
                        {reading?.units.find((x) => x.unit === u)?.pinned && (
                          <span className="text-sm text-faded"> · fixed here</span>
                        )}
                      </button>
                      <span className="text-sm text-faded">{minutesOf(document, u)} min</span>
                    </div>
                    {asked === u && (
                      <Why
                        document={document}
                        unit={u}
                        session={id}
                        reading={reading}
                        canChange={canChange}
                        ordered={ordered}
                        onChange={onChange}
                        onMoved={onMoved}
                        onPin={(to) => onMoved(pinned(u, to))}
                      />
                    )}
                  </li>
                ))}
              </ul>
              {edited === id && (
                <div className="mt-2 ml-5 grid grid-cols-2 gap-2 sm:grid-cols-4">
                  <TextField
                    label="Date"
                    type="date"
                    value={session.date ?? ""}
                    onChange={(e) => change(id, { date: e.target.value || null })}
                  />
                  <TextField
                    label="Minutes in all"
                    type="number"
                    min={1}
                    max={1440}
                    value={session.minutes ?? ""}
                    onChange={(e) => change(id, { minutes: whole(e.target.valueAsNumber) })}
                  />
                  <TextField
                    label="of them breaks"
                    type="number"
                    min={0}
                    max={1440}
                    value={session.breaks_min ?? ""}
                    onChange={(e) => change(id, { breaks_min: whole(e.target.valueAsNumber) })}
                  />
                  <ListField
                    label="Who is there"
                    placeholder="whoever is needed"
                    value={session.staff ?? []}
                    onChange={(staff) => change(id, { staff: staff.length > 0 ? staff : null })}
                  />
                  <ListField
                    label="Rooms"
                    placeholder="whichever is needed"
                    value={session.rooms ?? []}
                    onChange={(rooms) => change(id, { rooms: rooms.length > 0 ? rooms : null })}
                  />
                  <Button
                    size="line"
                    tone="quiet"
                    className="self-end"
                    onClick={() => onChange(takeSessionOut(document, id))}
                  >
                    remove this session
                  </Button>
                </div>
              )}
            </li>
          );
        })}
      </ol>
      {canChange && (
        <div className="border-t border-line pt-3">
          <Button
            onClick={() => {
              const id = freshId(sessions, "s");
              const last = sessions.at(-1);
              onChange({
                ...document,
                sessions: [
                  ...sessions,
                  {
                    id,
                    date: last?.date ? weekAfter(last.date) : null,
                    minutes: last?.minutes ?? 360,
                    breaks_min: last?.breaks_min ?? 60,
                    staff: last?.staff ?? null,
                    rooms: last?.rooms ?? null,
                  },
                ],
              });
              setEdited(id);
            }}
          >
            Add a session
          </Button>
        </div>
      )}
    </section>
  );
}

const whole = (n: number) => (Number.isFinite(n) ? Math.round(n) : null);

const minutesOf = (document: ProgrammeDocument, unit: string) =>
  (document.units ?? []).find((u) => u.id === unit)?.minutes ?? 0;

const weekAfter = (date: string) =>
  new Date(Date.parse(`${date}T00:00:00Z`) + 7 * 86_400_000).toISOString().slice(0, 10);

/** Why a unit stands where it stands, and what can be done about it. */
function Why({
  document,
  unit,
  session,
  reading,
  canChange,
  ordered,
  onChange,
  onMoved,
  onPin,
}: {
  document: ProgrammeDocument;
  unit: string;
  session: string;
  reading: SequenceReading | undefined;
  canChange: boolean;
  ordered: readonly string[];
  onChange: (document: ProgrammeDocument) => void;
  onMoved: (document: ProgrammeDocument) => void;
  onPin: (session: string) => void;
}) {
  const placed = reading?.units.find((u) => u.unit === unit);
  if (!placed) return null;
  const here = ordered.indexOf(session);
  return (
    <div className="mb-2 border-l-2 border-now pl-3 text-sm">
      <ul>
        {placed.why.map((w) => (
          <li key={w.session} className={ordered.indexOf(w.session) < here ? undefined : "text-faded"}>
            {w.says}
          </li>
        ))}
      </ul>
      {canChange && (
        <div className="mt-1 flex flex-wrap items-end gap-x-3 gap-y-1">
          <Pick
            label="Move it to"
            options={ordered.flatMap((s, i) => (s === session ? [] : [{ value: s, word: `session ${i + 1}` }]))}
            value={null}
            onChange={(to) => to && onPin(to)}
          />
          {placed.pinned ? (
            <Button
              size="line"
              tone="quiet"
              onClick={() => onChange({ ...document, fixed: (document.fixed ?? []).filter((f) => f.unit !== unit) })}
            >
              no longer fix it here
            </Button>
          ) : (
            <Button
              size="line"
              tone="quiet"
              onClick={() => onChange({ ...document, fixed: [...(document.fixed ?? []), { unit, session }] })}
            >
              fix it here
            </Button>
          )}
          <Button
            size="line"
            tone="quiet"
            onClick={() =>
              onMoved({
                ...document,
                fixed: (document.fixed ?? []).filter((f) => f.unit !== unit),
                forbidden: [...(document.forbidden ?? []), { unit, session }],
              })
            }
          >
            keep it out of this session
          </Button>
        </div>
      )}
    </div>
  );
}
