import type { Schemas } from "../../shell/api";
import { Why } from "../../ui/Why";
import { seconds } from "./techniqueModel";

/** Three times for one technique, minimum to full, and what they are made of. */
export function Times({ times }: { times: Schemas["TechniqueTimes"] }) {
  if (times.home.full <= 0) return null;
  const rows = [
    ["at home", times.home, "the dose"],
    [
      "led in class",
      times.led,
      `brief ${seconds(times.brief_seconds)}, show ${seconds(times.show_seconds)}, lead, correct`,
    ],
    ["in an examination", times.examination, `set up, brief ${seconds(times.brief_seconds)}, perform`],
  ] as const;
  return (
    <div className="mt-2 flex items-end gap-4" data-times>
      <dl className="flex flex-wrap gap-x-8 gap-y-1 text-sm">
        {rows.map(([word, levels, made]) => (
          <div key={word} title={made}>
            <dt className="text-faded">{word}</dt>
            <dd>
              <span className="font-semibold">{seconds(levels.standard)}</span>{" "}
              <span className="text-faded">
                ({seconds(levels.minimum)} to {seconds(levels.full)})
              </span>
            </dd>
          </div>
        ))}
      </dl>
      <Why of="What the times are made of" word="why" reasons={times.reasons} />
    </div>
  );
}
