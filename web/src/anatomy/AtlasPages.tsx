import { Fragment, useState, type ReactNode } from "react";
import { Link, NavLink, useParams } from "react-router";
import { useReference, type Atlas } from "../face/atlas";
import { Stage } from "../face/Stage";
import { Empty } from "../ui/States";
import { SourceWords, type Cited } from "./SourceWords";

/** Pages of the atlas beside its structures. */
export const PAGES = [
  { id: "hazards", word: "Where pressure can hurt" },
  { id: "exclusions", word: "Health conditions that need care" },
  { id: "lymph", word: "Lymph" },
  { id: "points", word: "Points" },
  { id: "tissues", word: "Skin, fat, joints, nerves" },
] as const;

export function AtlasPageScreen() {
  const { page = "" } = useParams();
  const { atlas } = useReference();
  const [chosen, setChosen] = useState<string | null>(null);
  const shown: Readonly<Record<string, ReactNode>> = {
    hazards: <Hazards atlas={atlas} chosen={chosen} onChoose={setChosen} />,
    exclusions: <Exclusions atlas={atlas} />,
    lymph: <Lymph atlas={atlas} />,
    points: <Points atlas={atlas} />,
    tissues: <Tissues atlas={atlas} />,
  };
  return (
    <Stage plate={page === "hazards" && chosen ? { alarms: [chosen] } : {}} layers printed>
      <nav aria-label="Pages of the atlas" className="mb-3 flex flex-wrap gap-x-5 text-sm">
        <Link to="/anatomy">Structures</Link>
        {PAGES.map((p) => (
          <NavLink
            key={p.id}
            to={`/anatomy/pages/${p.id}`}
            className={({ isActive }) =>
              isActive ? "font-semibold text-ink" : "text-now underline underline-offset-4"
            }
          >
            {p.word}
          </NavLink>
        ))}
      </nav>
      {shown[page] ?? (
        <Empty says="There is no such page in the atlas." next={{ to: "/anatomy", says: "Open the structures" }} />
      )}
    </Stage>
  );
}

const Source = ({ atlas, source }: { atlas: Atlas; source: readonly Cited[] }) => (
  <span className="block text-xs text-faded">
    {source.map((s, i) => (
      <Fragment key={s.id}>
        {i > 0 && "; "}
        <SourceWords atlas={atlas} source={s} />
      </Fragment>
    ))}
  </span>
);

function Hazards({
  atlas,
  chosen,
  onChoose,
}: {
  atlas: Atlas;
  chosen: string | null;
  onChoose: (id: string | null) => void;
}) {
  return (
    <>
      <h1>Where pressure can hurt</h1>
      <p className="mb-3 max-w-prose text-faded">
        Every step of every technique is checked against these places, imported ones too. No author and no teaching
        style can switch them off.
      </p>
      <ul>
        {atlas.hazards.map((h) => (
          <li key={h.id} className="border-t border-line py-2">
            <button
              type="button"
              aria-pressed={chosen === h.id}
              onClick={() => onChoose(chosen === h.id ? null : h.id)}
              className="text-left font-semibold underline-offset-4 hover:underline aria-pressed:bg-safety-wash"
            >
              {h.name}
            </button>
            <p className="font-serif">{h.usual_caution}.</p>
            <p className="text-sm">
              <span className="text-faded">Risk:</span> {h.risk}. <span className="text-faded">Rule:</span> {h.rule}.
            </p>
            <Source atlas={atlas} source={h.source} />
          </li>
        ))}
      </ul>
    </>
  );
}

const HANDLING: readonly { id: string; word: string; tone: string }[] = [
  { id: "avoid", word: "Leave out", tone: "font-semibold text-safety" },
  { id: "ask", word: "Ask first", tone: "font-semibold" },
  { id: "modify", word: "Milder", tone: "" },
];

/** Kinds of work as a trainer says them. */
const CLASSES: Readonly<Record<string, string>> = {
  manual: "hands",
  tool: "tools",
  suction: "suction",
  lymph: "drainage",
  eye: "eye work",
  "face-active": "face moves",
  jaw: "jaw moves",
  neck: "neck work",
  intraoral: "inside the mouth",
  "heat-cold": "heat and cold",
  "breath-hold": "held breath",
  points: "points",
  "long-hold": "long holds",
  "head-back": "head back",
  "head-down": "head down",
};

function Exclusions({ atlas }: { atlas: Atlas }) {
  const states = [...atlas.exclusions].sort((a, b) => Number(b.red_flag) - Number(a.red_flag));
  return (
    <>
      <h1>Health conditions that need care</h1>
      <p className="mb-3 max-w-prose text-faded">
        General cautions, not yet reviewed by a clinician. The advice of the licensed clinician who treats the person,
        and local codes, come first.
      </p>
      <ul className="text-sm">
        {states.map((e) => (
          <li key={e.id} className="grid gap-x-6 border-t border-line py-2 md:grid-cols-2">
            <div>
              <p className="font-semibold">{e.name}</p>
              {e.window && <p className="font-serif text-faded">{e.window}</p>}
            </div>
            {e.red_flag ? (
              <p>
                <span className="rounded-mark bg-safety px-1 text-on-safety">stop for today</span> {e.call}
              </p>
            ) : (
              <div>
                {HANDLING.map((h) => {
                  const kinds = Object.keys(e.by_class).filter((c) => e.by_class[c] === h.id);
                  return (
                    kinds.length > 0 && (
                      <p key={h.id}>
                        <span className={h.tone}>{h.word}:</span> {kinds.map((c) => CLASSES[c] ?? c).join(", ")}
                      </p>
                    )
                  );
                })}
                <p className="text-faded">Cleared by {e.whom}</p>
              </div>
            )}
          </li>
        ))}
      </ul>
    </>
  );
}

function Lymph({ atlas }: { atlas: Atlas }) {
  const name = new Map(atlas.lymph.map((g) => [g.id, g.name_en]));
  return (
    <>
      <h1>Lymph</h1>
      <p className="mb-3 max-w-prose text-faded">
        From the skin to the node groups, and from group to group down to the angle of the veins behind the collarbone.
        Turn on “lymph” under the face to see the chains. The face never drains to the armpit.
      </p>
      <ul>
        {atlas.lymph.map((g) => (
          <li key={g.id} className="border-t border-line py-1.5">
            <span className="font-semibold">{g.name_en}</span>{" "}
            <span className="font-serif text-faded italic" lang="la">
              {g.name_la_ta2}
            </span>
            {g.drains && <p className="font-serif">Collects from {g.drains}.</p>}
            {(g.efferent_to ?? []).length > 0 && (
              <p className="text-sm">On to {(g.efferent_to ?? []).map((id) => name.get(id) ?? id).join("; ")}.</p>
            )}
            <Source atlas={atlas} source={g.source} />
          </li>
        ))}
      </ul>
    </>
  );
}

function Points({ atlas }: { atlas: Atlas }) {
  return (
    <>
      <h1>Points</h1>
      <p className="mb-3 max-w-prose text-faded">
        Names and codes of a tradition, with where they lie. What a tradition says they do is shown as tradition; they
        do not treat any organ. Turn on “points” under the face to see them.
      </p>
      <p className="mb-3 max-w-prose text-sm">
        Other lists write the same meridians otherwise:{" "}
        {Object.entries(atlas.point_aliases)
          .map(([prefix, others]) => `${prefix} = ${others.filter((o) => o !== prefix).join(", ")}`)
          .join("; ")}
        . {atlas.point_traps.join(" ")}
      </p>
      <table className="w-full text-sm">
        <tbody>
          {atlas.points.map((p) => (
            <tr key={p.code} className="border-t border-line align-baseline">
              <th scope="row" className="w-16 py-1 text-left font-semibold">
                {p.code}
              </th>
              <td className="w-32 py-1 font-serif italic" lang="zh-Latn">
                {p.pinyin}
              </td>
              <td className="py-1">
                {p.location_paraphrase}
                {p.max_pressure !== null && <span className="text-faded"> · at most pressure {p.max_pressure}</span>}
                {p.caution && <span className="block text-safety">{p.caution}</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

function Tissues({ atlas }: { atlas: Atlas }) {
  return (
    <>
      <h1>Skin, fat, joints, nerves</h1>
      <ul>
        {atlas.tissues.map((t) => (
          <li key={t.id} className="border-t border-line py-1.5">
            <Link to={`/anatomy/${t.id}`} className="font-semibold">
              {t.common}
            </Link>{" "}
            <span className="font-serif text-faded italic" lang="la">
              {t.name_la_ta2}
            </span>
            {t.note && <p className="font-serif">{t.note}</p>}
            <Source atlas={atlas} source={t.source} />
          </li>
        ))}
      </ul>
    </>
  );
}
