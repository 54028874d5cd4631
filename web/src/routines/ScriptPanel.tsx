import type { ReactNode } from "react";
import { usePlateView } from "../face/plateView";
import type { Schemas } from "../shell/api";
import { clock } from "./routineModel";

const MOMENTS: Readonly<Record<Schemas["ScriptLine"]["moment"], string>> = {
  before: "before",
  while: "meanwhile",
  "other-side": "at the change of side",
  release: "at release",
  bridge: "on the way",
};

/** What is said, part by part, with its seconds; left and right as whoever is addressed sees them. */
export function ScriptPanel({
  scripts,
  children,
}: {
  scripts: readonly Schemas["RoutineScript"][];
  /** Said beside the rate. */
  children?: ReactNode;
}) {
  const { viewer } = usePlateView();
  const script = scripts.find((s) => s.viewer === viewer) ?? scripts[0];
  if (!script) return null;
  return (
    <section aria-labelledby="script">
      <h2 id="script" className="mb-1">
        The script
      </h2>
      <p className="text-sm text-faded">
        At {Math.round(script.words_per_minute)} words a minute: {clock(script.talk_before_seconds)} of talk between the
        parts{script.over_seconds > 0 && `, and ${clock(script.over_seconds)} that would eat the work`}.
      </p>
      {children}
      <ol className="mt-1">
        {script.parts.map((p) => (
          <li key={p.part} className="break-inside-avoid border-t border-line py-1.5">
            <p className="font-serif font-medium">
              {p.name} <span className="font-sans text-sm text-faded">{clock(p.work_seconds)}</span>
              {p.over_seconds > 0 && (
                <span className="font-sans text-sm text-now">
                  {" "}
                  · {clock(p.over_seconds)} too much talk beside the work
                </span>
              )}
            </p>
            <ul className="text-[0.95rem]">
              {p.lines.map((l, i) => (
                <li key={i} className="grid grid-cols-[8rem_1fr_3rem] gap-2">
                  <span className="text-sm text-faded">{MOMENTS[l.moment]}</span>
                  <span>
                    {l.text}
                    {l.moved && <span className="text-sm text-now"> (said before: {l.moved})</span>}
                  </span>
                  <span className="text-right text-sm text-faded">{Math.round(l.seconds)} s</span>
                </li>
              ))}
            </ul>
          </li>
        ))}
      </ol>
    </section>
  );
}
