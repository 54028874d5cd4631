import { useState } from "react";
import { cn } from "../ui/cn";
import { TouchButton } from "./TouchButton";
import type { OpenFilm } from "./useFilm";

/** Seconds of one picture at 25 a second. */
const PICTURE = 1 / 25;
const SPEEDS = [1, 0.5, 0.25] as const;

/** The film beside the sheet: played, slowed, stepped, mirrored; jumped from mark to mark. */
export function FilmPlayer({ film, marks }: { film: OpenFilm; marks: readonly number[] }) {
  const [speed, setSpeed] = useState(0);
  const [mirrored, setMirrored] = useState(false);
  if (!film.source) return null;
  return (
    <div className="w-full max-w-xl min-w-0">
      <video
        src={film.source.url}
        className={cn(
          "h-38 w-full rounded-mark bg-ink object-contain",
          mirrored && "-scale-x-100",
          film.hashing && "invisible",
        )}
        playsInline
        muted
        controls
        aria-label={`The film ${film.source.file.name}`}
        onLoadedMetadata={(e) => void film.loaded(e.currentTarget)}
        onError={film.refused}
      />
      <div className="mt-1 flex flex-wrap gap-1 text-sm" role="group" aria-label="The film">
        <TouchButton aria-label="play or pause" onClick={film.playOrPause}>
          play
        </TouchButton>
        <TouchButton
          onClick={() => {
            const next = (speed + 1) % SPEEDS.length;
            setSpeed(next);
            film.slow(SPEEDS[next] ?? 1);
          }}
        >
          ×{SPEEDS[speed]}
        </TouchButton>
        <TouchButton aria-label="one picture back" onClick={() => film.by(-PICTURE)}>
          −1
        </TouchButton>
        <TouchButton aria-label="one picture on" onClick={() => film.by(PICTURE)}>
          +1
        </TouchButton>
        <TouchButton aria-pressed={mirrored} tone={mirrored ? "on" : "calm"} onClick={() => setMirrored(!mirrored)}>
          mirror
        </TouchButton>
        <TouchButton aria-label="‹ mark before" onClick={() => film.jump(marks, false)}>
          ‹ mark
        </TouchButton>
        <TouchButton aria-label="next mark ›" onClick={() => film.jump(marks, true)}>
          mark ›
        </TouchButton>
        <TouchButton aria-label="close the film" onClick={film.close}>
          close
        </TouchButton>
      </div>
      {film.hashing && <p className="text-xs text-faded">Reading the film once, so that it is known again …</p>}
    </div>
  );
}
