import type { ReactNode } from "react";
import { band, DOMAIN_WORDS } from "../examinations/sheetWords";
import type { Schemas } from "../shell/api";
import type { GradingKeys } from "../shell/keys";
import { cn } from "../ui/cn";
import { FAULT_KEYS } from "./FaultPad";
import { clockWords } from "./gradingWords";
import { Key } from "./Key";
import type { SheetFold } from "./sheetFold";
import { TouchButton } from "./TouchButton";
import type { Grading } from "./useGrading";
import type { Judgement } from "./useJudgement";

type Criterion = Schemas["Criterion"];

/** After the performance: one criterion at a time, what each mark looks like in view, what was stamped beside it. */
export function Judging({
  sheet,
  g,
  judgement,
  keys,
  film,
  onSeek,
}: {
  sheet: Schemas["MarkSheet"];
  g: Grading;
  judgement: Judgement;
  keys: GradingKeys;
  film: ReactNode;
  /** Goes to the second of the film where something was stamped; null without a film. */
  onSeek: ((ms: number) => void) | null;
}) {
  const c = judgement.current;
  return (
    <div className="grid flex-1 content-start gap-4 lg:grid-cols-[minmax(0,1fr)_18rem] xl:grid-cols-[minmax(0,1fr)_24rem]">
      {c && (
        <section aria-label="Criterion" data-judging={c.id}>
          <Card criterion={c} g={g} judgement={judgement} keys={keys} />
        </section>
      )}
      <section aria-label="All criteria" className="flex flex-col gap-3">
        {film}
        {c && <Evidence criterion={c} sheet={sheet} fold={g.fold} onSeek={onSeek} />}
        <ol className="grid grid-cols-2 gap-1">
          {sheet.criteria.map((k) => (
            <li key={k.id}>
              <Chip criterion={k} g={g} current={k.id === c?.id} onChoose={() => judgement.choose(k.id)} />
            </li>
          ))}
        </ol>
      </section>
    </div>
  );
}

function Card({
  criterion: c,
  g,
  judgement,
  keys,
}: {
  criterion: Criterion;
  g: Grading;
  judgement: Judgement;
  keys: GradingKeys;
}) {
  const { fold } = g;
  const mark = fold.marks.get(c.id) ?? null;
  const scored = g.score.criteria.find((s) => s.criterion.id === c.id);
  const levels = c.kind === "done" ? [3, 0] : [3, 2, 1, 0];
  const why = fold.whys.get(c.id);
  return (
    <>
      <p className="text-sm text-faded">
        {DOMAIN_WORDS[c.domain]}
        {c.safety_critical && <span className="font-semibold text-safety"> · safety: needs 2 or more</span>}
        {c.kind === "measured" && ` · measured: ${valueWords(scored)} (${band(c)})`}
        {scored?.why && mark !== null && <span className="text-now"> · {scored.why}</span>}
      </p>
      <h2 className="mt-0.5 text-xl leading-snug">{c.text}</h2>
      <div className="mt-2 flex flex-col gap-1.5" role="group" aria-label={`Mark: ${c.text}`}>
        {levels.map((v) => (
          <TouchButton
            key={v}
            data-level={v}
            tone={mark === v ? "on" : "calm"}
            aria-pressed={mark === v}
            className="min-h-13"
            onClick={() => judgement.mark(v)}
          >
            <span className="w-14 shrink-0">
              <Key k={keys[`mark${v}` as keyof GradingKeys].shown} />
            </span>
            <span className="w-14 shrink-0 text-lg font-semibold">{levelWord(c, v)}</span>
            <span className="min-w-0 flex-1">{c.kind === "done" ? "" : c.anchors[v]}</span>
          </TouchButton>
        ))}
      </div>
      <div className="mt-1.5 flex flex-wrap gap-1.5 text-sm">
        <TouchButton
          k={keys.unseen.shown}
          data-level="unseen"
          tone={fold.unseen.includes(c.id) ? "on" : "calm"}
          aria-pressed={fold.unseen.includes(c.id)}
          onClick={judgement.unseen}
        >
          could not be seen
        </TouchButton>
        <TouchButton k={keys.lastCriterion.shown} onClick={() => judgement.step(-1)}>
          before
        </TouchButton>
        <TouchButton k={keys.nextCriterion.shown} onClick={() => judgement.step(1)}>
          next
        </TouchButton>
        <TouchButton k={keys.undo.shown} onClick={g.undo}>
          take back
        </TouchButton>
      </div>
      {judgement.asksWhy && (
        <div className="mt-2" role="group" aria-label="Why not full">
          <p className="text-sm font-semibold">Why? One touch; {keys.nextCriterion.shown} leaves it out.</p>
          <div className="mt-1 flex flex-wrap gap-1.5">
            {judgement.reasons.map((words, i) => (
              <TouchButton
                key={words}
                k={keys[FAULT_KEYS[i] ?? "fault1"].shown}
                data-reason={i + 1}
                tone={why === words ? "on" : "calm"}
                onClick={() => judgement.because(words)}
              >
                {words}
              </TouchButton>
            ))}
          </div>
        </div>
      )}
    </>
  );
}

const levelWord = (c: Criterion, v: number) => (c.kind === "done" ? (v > 0 ? "yes" : "no") : String(v));

const valueWords = (scored: Schemas["ScoredCriterion"] | undefined) =>
  scored?.value == null ? "not counted" : `${Math.round(scored.value * 100) / 100}`;

/** One criterion in the list: what it is about, and its mark. */
function Chip({
  criterion: c,
  g,
  current,
  onChoose,
}: {
  criterion: Criterion;
  g: Grading;
  current: boolean;
  onChoose: () => void;
}) {
  const scored = g.score.criteria.find((s) => s.criterion.id === c.id);
  const unseen = g.fold.unseen.includes(c.id);
  const mark = g.fold.marks.get(c.id) ?? (c.kind === "measured" ? (scored?.mark ?? null) : null);
  const shown = unseen
    ? "?"
    : mark === null
      ? "–"
      : c.kind === "measured" && !g.fold.marks.has(c.id)
        ? valueWords(scored)
        : c.kind === "done"
          ? mark > 0
            ? "yes"
            : "no"
          : String(mark);
  return (
    <button
      type="button"
      data-criterion={c.id}
      data-marked={unseen || mark !== null}
      data-shown={shown}
      aria-current={current ? "step" : undefined}
      onClick={onChoose}
      className={cn(
        "flex min-h-11 w-full items-center gap-1.5 rounded-mark border px-2 text-left text-xs leading-tight",
        current ? "border-now bg-now-wash" : "border-line bg-field hover:bg-linen",
      )}
    >
      <span className="line-clamp-2 min-w-0 flex-1">
        {c.safety_critical && <span className="font-semibold text-safety">S </span>}
        {c.text}
      </span>
      <span
        className={cn("text-sm font-semibold", mark !== null && mark < 3 && "text-now", mark === null && "text-faded")}
      >
        {shown}
      </span>
    </button>
  );
}

/** What was stamped, measured, said and noted, as far as it belongs to the criterion. */
function Evidence({
  criterion: c,
  sheet,
  fold,
  onSeek,
}: {
  criterion: Criterion;
  sheet: Schemas["MarkSheet"];
  fold: SheetFold;
  onSeek: ((ms: number) => void) | null;
}) {
  const faults = new Map(sheet.faults.map((f) => [f.id, f] as const));
  const mine = fold.stamps.filter((s) => {
    const topic = faults.get(s.fault)?.topic ?? null;
    return (topic === null || topic === c.topic) && (c.step === null || s.step === null || s.step === c.step);
  });
  const lines = [
    ...mine.map((s) => ({
      atMs: s.atMs,
      text:
        (faults.get(s.fault)?.text ?? s.fault) +
        (s.mendedAfterMs === null ? "" : `, mended after ${(s.mendedAfterMs / 1000).toFixed(1)} s`),
    })),
    ...fold.notes,
  ].sort((a, b) => a.atMs - b.atMs);
  // In passing nothing is stamped.
  if (lines.length === 0 && sheet.kind === "everyday") return null;
  if (lines.length === 0) return <p className="text-sm text-faded">Nothing was stamped that belongs here.</p>;
  return (
    <div>
      <p className="text-sm font-semibold">Stamped meanwhile</p>
      <ul className="max-h-40 overflow-auto text-sm">
        {lines.map((l, i) => (
          <li key={i} className="flex min-h-6 items-center gap-2">
            {onSeek ? (
              <button type="button" className="min-h-11 text-now underline" onClick={() => onSeek(l.atMs)}>
                {clockWords((l.atMs - (fold.startMs ?? 0)) / 1000)}
              </button>
            ) : (
              <span className="text-faded">{clockWords((l.atMs - (fold.startMs ?? 0)) / 1000)}</span>
            )}
            {l.text}
          </li>
        ))}
      </ul>
    </div>
  );
}
