import { useRef } from "react";
import { Link } from "react-router";
import { kindWords } from "../examinations/sheetWords";
import type { Schemas } from "../shell/api";
import type { GradingKeys } from "../shell/keys";
import { Button } from "../ui/Button";
import { FileButton } from "../ui/FileButton";
import { clockWords, ORIGIN_WORDS } from "./gradingWords";
import { Key } from "./Key";
import { useRunning } from "./Running";
import { TouchButton } from "./TouchButton";
import type { OpenFilm } from "./useFilm";
import type { Grading } from "./useGrading";
import { SEATS, type Seat } from "./useSeat";

/** Who shows what, how much time is left, where the assessor sits; start and finish. */
export function BenchHeader({
  view,
  g,
  seat,
  keys,
  film,
  performing,
  onStartOrStop,
  onTakeStopBack,
}: {
  view: Schemas["DemonstrationView"];
  g: Grading;
  seat: Seat;
  keys: GradingKeys;
  film: OpenFilm;
  performing: boolean;
  onStartOrStop: () => void;
  onTakeStopBack: () => void;
}) {
  const { sheet } = view;
  const { fold } = g;
  const passing = sheet.kind === "everyday";
  return (
    <header>
      <div className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1">
        <div className="min-w-0 flex-1 basis-72">
          <h1 className="text-xl leading-tight">
            {view.trainee} <span className="font-sans text-base font-normal text-faded">shows</span>{" "}
            {sheet.technique_name}
          </h1>
          <p className="text-sm text-faded">
            {view.origin === "station" ? kindWords(sheet.kind) : ORIGIN_WORDS[view.origin]}
            {sheet.kind === "partner" && ": left and right are the partner’s"}
            {view.second_of !== null
              ? ", second look"
              : view.origin === "station" && view.attempt > 1 && `, attempt ${view.attempt}`}
            {view.film && ` of the film ${view.film.name}`}
            {!passing && (
              <>
                {" · "}
                <TimeLeft g={g} minutes={sheet.minutes_allowed ?? null} performing={performing} />
              </>
            )}
          </p>
        </div>
        <div className="flex flex-wrap items-center gap-1.5">
          {!passing && (
            <>
              <SetUp view={view} film={film} seat={seat} />
              {performing ? (
                <>
                  {!fold.started && (
                    <Link
                      to={`/grading/${view.id}/paper`}
                      className="inline-flex min-h-11 items-center px-1 text-sm text-now underline"
                    >
                      type in from paper
                    </Link>
                  )}
                  <Button
                    className="min-h-11 text-lg"
                    tone={fold.started ? "calm" : "now"}
                    onClick={onStartOrStop}
                    aria-keyshortcuts={keys.start.key}
                  >
                    {fold.started ? "Finished" : "Start"} <Key k={keys.start.shown} />
                  </Button>
                </>
              ) : (
                <TouchButton onClick={onTakeStopBack}>not finished: go on counting</TouchButton>
              )}
            </>
          )}
        </div>
      </div>
      {view.taught_edition !== null && (
        <p className="mt-1 text-sm text-now">
          Their cohort is taught edition {view.taught_edition}; this sheet is of edition {sheet.edition}. Judge what
          they were taught.
        </p>
      )}
      {film.problem && (
        <p role="alert" className="mt-1 text-sm text-wrong">
          {film.problem}
        </p>
      )}
      {!film.source && film.known && (
        <p className="mt-1 text-sm text-faded">
          Graded from the film {film.known.note}. Open it again to see the marks at their seconds.
        </p>
      )}
    </header>
  );
}

/** "2:10 of 6 min", and "time is up" when it is. */
function TimeLeft({ g, minutes, performing }: { g: Grading; minutes: number | null; performing: boolean }) {
  const { fold } = g;
  const running = useRunning(performing ? fold.startMs : null, g.now, 500);
  const shown = performing ? running : ((fold.stop?.at_ms ?? fold.lastMs) - (fold.startMs ?? 0)) / 1000;
  const over = minutes !== null && shown > minutes * 60;
  return (
    <span className={over ? "font-semibold text-now" : ""}>
      {fold.started ? clockWords(shown) : "0:00"}
      {minutes !== null && ` of ${minutes} min`}
      {over && ": time is up"}
    </span>
  );
}

/** Where the assessor sits, which hand presses; a film from this machine, and notes in and out as captions. */
function SetUp({ view, film, seat }: { view: Schemas["DemonstrationView"]; film: OpenFilm; seat: Seat }) {
  const menu = useRef<HTMLDetailsElement>(null);
  const close = () => {
    if (menu.current) menu.current.open = false;
  };
  return (
    <details className="relative" ref={menu}>
      <summary className="flex min-h-11 cursor-pointer items-center rounded-mark border border-line bg-field px-2.5 text-sm">
        {SEATS.find((s) => s.id === seat.seat)?.word}, {seat.hand} hand, film …
      </summary>
      <div className="absolute right-0 z-10 mt-1 w-80 space-y-2 rounded-mark border border-line bg-field p-3 text-sm max-md:right-auto max-md:left-0">
        <Choice
          name="You see them"
          options={SEATS}
          value={seat.seat}
          onChoose={(to) => {
            seat.sit(to);
            close();
          }}
        />
        <Choice
          name="Keys lie under"
          options={HANDS}
          value={seat.hand}
          onChoose={(to) => {
            seat.useHand(to);
            close();
          }}
        />
        <p>A film stays on this machine: marks carry its second, and only its name and its fingerprint are kept.</p>
        <FileButton
          className="min-h-11 w-full"
          word="open a film"
          label="Film"
          accept="video/*"
          busy={false}
          onFile={(chosen) => {
            film.open(chosen);
            close();
          }}
        />
        <FileButton
          className="min-h-11 w-full"
          word="take in notes (WebVTT)"
          label="Notes with times"
          accept=".vtt,text/vtt"
          busy={false}
          onFile={(chosen) => {
            void film.captions(chosen);
            close();
          }}
        />
        <a
          className="inline-flex min-h-11 items-center text-now underline"
          href={`/api/demonstrations/${view.id}/marks.vtt`}
          download={`${view.trainee} ${view.sheet.technique_name}.vtt`}
        >
          marks as captions (WebVTT)
        </a>
      </div>
    </details>
  );
}

const HANDS = [
  { id: "left", word: "left hand" },
  { id: "right", word: "right hand" },
] as const;

function Choice<T extends string>({
  name,
  options,
  value,
  onChoose,
}: {
  name: string;
  options: readonly { id: T; word: string }[];
  value: T;
  onChoose: (to: T) => void;
}) {
  return (
    <div role="group" aria-label={name}>
      <p className="font-semibold">{name}</p>
      <div className="flex flex-wrap gap-1">
        {options.map((o) => (
          <TouchButton
            key={o.id}
            aria-pressed={o.id === value}
            tone={o.id === value ? "on" : "calm"}
            onClick={() => onChoose(o.id)}
          >
            {o.word}
          </TouchButton>
        ))}
      </div>
    </div>
  );
}
