import { useQuery } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { band } from "../examinations/sheetWords";
import type { Schemas } from "../shell/api";
import { Button } from "../ui/Button";
import { Problem, Waiting } from "../ui/States";
import { demonstrationQuery } from "./gradingQueries";
import { SIDE_WORDS } from "./gradingWords";
import { useGrading } from "./useGrading";

type Criterion = Schemas["Criterion"];

/** What stands on the paper sheet, typed in afterwards: counts first, then one key a criterion, from field to field by itself. */
export function PaperScreen() {
  const { id = "" } = useParams();
  const demonstration = useQuery(demonstrationQuery(id));
  if (demonstration.isPending)
    return (
      <main id="bench" className="px-5 py-4">
        <Waiting what="the mark sheet" />
      </main>
    );
  if (demonstration.isError)
    return (
      <main id="bench" className="px-5 py-4">
        <Problem error={demonstration.error} again={() => demonstration.refetch()} />
      </main>
    );
  return <PaperForm key={id} view={demonstration.data} />;
}

/** Marks that nothing on paper measures: a person gives them. */
const isGiven = (c: Criterion) =>
  c.weight > 0 &&
  (c.measure === null || ["hold-seconds", "tempo", "talk-share", "catch-seconds"].includes(c.measure.quantity));

/** 0 to 3 as they stand in the boxes; y and n for a yes and a no; ? for what could not be seen. */
function markOf(c: Criterion, typed: string): number | "unseen" | null {
  const key = typed.trim().toLowerCase();
  if (key === "?") return "unseen";
  if (c.kind === "done") return key === "y" || key === "3" ? 3 : key === "n" || key === "0" ? 0 : null;
  return /^[0-3]$/.test(key) ? Number(key) : null;
}

function PaperForm({ view }: { view: Schemas["DemonstrationView"] }) {
  const { sheet } = view;
  const g = useGrading(view);
  const navigate = useNavigate();
  const form = useRef<HTMLFormElement>(null);
  const [counts, setCounts] = useState<Readonly<Record<string, string>>>({});
  const [marks, setMarks] = useState<Readonly<Record<string, string>>>({});
  const [act, setAct] = useState<readonly string[]>([]);
  const tracks =
    sheet.kind === "correction" || sheet.kind === "everyday"
      ? []
      : sheet.steps.flatMap((s) => s.columns.map((side) => ({ step: s, side, key: `${s.index}|${side}` })));
  const given = sheet.criteria.filter(isGiven);
  const wrong = [
    ...tracks.filter((t) => counts[t.key] && !(Number(counts[t.key]) >= 0)).map((t) => `${t.step.title}: not a number`),
    ...given.filter((c) => marks[c.id] && markOf(c, marks[c.id] ?? "") === null).map((c) => c.text),
  ];
  const onward = (from: HTMLInputElement) => {
    const fields = [...(form.current?.querySelectorAll("input[type=text]") ?? [])] as HTMLInputElement[];
    fields[fields.indexOf(from) + 1]?.focus();
  };
  const [taking, setTaking] = useState(false);
  const enter = async () => {
    setTaking(true);
    if (!g.fold.started) g.give("start");
    if (!g.fold.stopped) g.give("stop");
    for (const { step, side, key } of tracks) {
      const value = counts[key];
      if (value === undefined || value === "") continue;
      const target = step.counting === "seconds" ? "seconds" : null;
      g.give("tally", { step: step.index, side, value: Number(value), target });
    }
    for (const c of given) {
      const mark = markOf(c, marks[c.id] ?? "");
      if (mark === "unseen") g.give("unseen", { target: c.id });
      else if (mark !== null) g.give("mark", { target: c.id, value: mark });
    }
    for (const id of act) g.give("critical", { target: id });
    await g.flush();
    void navigate(`/grading/${view.id}`);
  };
  return (
    <main id="bench" className="mx-auto w-full max-w-4xl px-5 py-4">
      <p className="text-sm">
        <Link to={`/grading/${view.id}`} className="text-now underline">
          back to the sheet
        </Link>
      </p>
      <h1>
        {view.trainee}: {sheet.technique_name}, from paper
      </h1>
      <p className="text-sm text-faded">
        Counts, then one key a criterion: 0 to 3, y or n, ? for what could not be seen. The cursor goes on by itself.
      </p>
      <form
        ref={form}
        className="mt-3"
        onSubmit={(e) => {
          e.preventDefault();
          void enter();
        }}
      >
        {tracks.length > 0 && (
          <fieldset className="mb-3">
            <legend className="font-serif text-lg font-semibold">Counted</legend>
            <div className="grid gap-x-6 gap-y-1 sm:grid-cols-2">
              {tracks.map(({ step, side, key }) => (
                <label key={key} className="flex min-h-11 items-center gap-2">
                  <span className="min-w-0 flex-1 text-[0.95rem]">
                    {sheet.steps.length > 1 && `${step.index + 1}. ${step.part ?? step.title}, `}
                    {SIDE_WORDS[side]}
                    <span className="text-faded">{step.counting === "seconds" ? ", seconds" : ", repetitions"}</span>
                  </span>
                  <input
                    type="text"
                    inputMode="decimal"
                    className="field !w-20 text-right"
                    value={counts[key] ?? ""}
                    onChange={(e) => setCounts({ ...counts, [key]: e.target.value })}
                    onKeyDown={(e) => {
                      if (e.key !== "Enter") return;
                      e.preventDefault();
                      onward(e.currentTarget);
                    }}
                  />
                </label>
              ))}
            </div>
          </fieldset>
        )}
        <fieldset>
          <legend className="font-serif text-lg font-semibold">Marks</legend>
          {given.map((c) => (
            <label key={c.id} className="flex min-h-11 items-center gap-2 border-t border-line">
              <span className="min-w-0 flex-1 text-[0.95rem]">
                {c.safety_critical && <span className="font-semibold text-safety">safety · </span>}
                {c.text}
                {c.measure && <span className="text-faded"> ({band(c)})</span>}
              </span>
              <input
                type="text"
                inputMode="numeric"
                maxLength={1}
                data-paper={c.id}
                className="field !w-14 text-center text-lg"
                value={marks[c.id] ?? ""}
                onChange={(e) => {
                  setMarks({ ...marks, [c.id]: e.target.value });
                  if (markOf(c, e.target.value) !== null) onward(e.currentTarget);
                }}
              />
            </label>
          ))}
        </fieldset>
        <details className="mt-3">
          <summary className="min-h-11 cursor-pointer font-semibold text-safety">A critical act is ticked</summary>
          {sheet.critical_acts.map((a) => (
            <label key={a.id} className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="size-5"
                checked={act.includes(a.id)}
                onChange={(e) => setAct(e.target.checked ? [...act, a.id] : act.filter((x) => x !== a.id))}
              />
              {a.text}
            </label>
          ))}
        </details>
        {wrong.length > 0 && (
          <p role="alert" className="mt-2 text-wrong">
            Cannot be read: {wrong.join("; ")}
          </p>
        )}
        <Button
          type="submit"
          tone="now"
          className="mt-3 min-h-12 text-lg"
          disabled={!g.ready || taking || wrong.length > 0}
        >
          Take it over
        </Button>
      </form>
    </main>
  );
}
