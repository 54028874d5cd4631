import { useMemo, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { useReference, type Muscle, type Reference, type Tissue } from "../face/atlas";
import { Stage } from "../face/Stage";
import { TextField } from "../ui/Field";
import { Empty } from "../ui/States";
import { PAGES } from "./AtlasPages";
import { SourceWords } from "./SourceWords";
import { StructureUse } from "./StructureUse";

/** Front plate with its layers; choosing a structure shows all that the atlas says of it. */
export function AnatomyScreen() {
  const reference = useReference();
  const { structure } = useParams();
  const navigate = useNavigate();
  const [search, setSearch] = useState("");
  const chosen = structure ? (reference.byId.get(structure) ?? null) : null;
  const tissue = structure ? (reference.tissueById.get(structure) ?? null) : null;
  const select = (id: string | null) => void navigate(id ? `/anatomy/${id}` : "/anatomy");
  return (
    <Stage
      plate={{
        selected: structure ?? null,
        onSelect: select,
        legend: (
          <p className="text-faded">
            Schematic, good to about 6 mm; not yet reviewed by an anatomist. Dashed outlines lie deep.
          </p>
        ),
      }}
      layers
      printed
    >
      <div className="grid gap-8 xl:grid-cols-[1fr_17rem]">
        <div className="min-w-0">
          {chosen ? (
            <StructurePage muscle={chosen} reference={reference} onSelect={select} />
          ) : tissue ? (
            <TissuePage tissue={tissue} reference={reference} />
          ) : structure ? (
            <Empty
              says="There is no such structure in the atlas. Search for it by its name."
              next={{ to: "/anatomy", says: "Open the atlas from the start" }}
            />
          ) : (
            <Intro reference={reference} />
          )}
        </div>
        <div className="no-print xl:sticky xl:top-[4.6rem] xl:self-start">
          <TextField
            label="Find a structure"
            data-search
            placeholder="common or Latin name, or what it does"
            value={search}
            onChange={(e) => setSearch(e.target.value)}
          />
          <StructureList reference={reference} search={search} chosen={structure ?? null} onSelect={select} />
        </div>
      </div>
    </Stage>
  );
}

function Intro({ reference }: { reference: Reference }) {
  const seen = reference.muscles.front.filter((m) => m.depth <= 4).length;
  return (
    <>
      <h1 className="mb-2">Anatomy</h1>
      <p className="max-w-prose font-serif text-lg">
        Choose a structure on the face, or in the list. {seen} muscles can be seen or felt from the front;{" "}
        {reference.atlas.muscles.length - seen} more lie deeper, behind or at the side.
      </p>
      <h2 className="mt-6 mb-1">Depths, from the skin inwards</h2>
      <dl className="max-w-prose">
        {Object.entries(reference.atlas.depths).map(([id, words]) => (
          <div key={id} className="flex gap-3 border-b border-line py-1">
            <dt className="w-8 shrink-0 font-semibold">{id}</dt>
            <dd>{words}</dd>
          </div>
        ))}
      </dl>
      <h2 className="mt-6 mb-1">More of the atlas</h2>
      <ul className="flex flex-wrap gap-x-6">
        {PAGES.map((p) => (
          <li key={p.id}>
            <Link to={`/anatomy/pages/${p.id}`}>{p.word}</Link>
          </li>
        ))}
      </ul>
    </>
  );
}

function StructureList({
  reference,
  search,
  chosen,
  onSelect,
}: {
  reference: Reference;
  search: string;
  chosen: string | null;
  onSelect: (id: string) => void;
}) {
  const wanted = search.trim().toLowerCase();
  const groups = useMemo(() => {
    const misnomers = new Map(Object.entries(reference.atlas.common_names));
    const found = reference.atlas.muscles.filter((m) => {
      const acts = m.actions.map((a) => reference.atlas.actions[a.verb] ?? a.verb).join(" ");
      return (
        wanted === "" ||
        `${m.common} ${m.name_en} ${m.name_la_ta2} ${m.name_gray_1918 ?? ""} ${acts} ${(m.confused_with ?? []).join(" ")}`
          .toLowerCase()
          .includes(wanted) ||
        misnomers.get(m.id)?.some((name) => name.includes(wanted))
      );
    });
    const tissues = reference.atlas.tissues
      .filter((t) => `${t.common} ${t.name_en} ${t.name_la_ta2} ${t.note ?? ""}`.toLowerCase().includes(wanted))
      .map((t) => ({ id: t.id, common: t.common, group: "fat, glands, joints, sheets" }));
    return Map.groupBy([...found, ...tissues], (m) => m.group);
  }, [reference, wanted]);
  if (groups.size === 0)
    return <p className="mt-3 text-sm text-faded">No structure has that name. Try fewer letters.</p>;
  return (
    <div
      className="fades-below mt-3 max-h-[calc(100vh-10rem)] overflow-auto pr-1 pb-8"
      tabIndex={0}
      role="region"
      aria-label="Structures"
    >
      {[...groups.entries()].map(([group, muscles]) => (
        <section key={group} className="mb-3">
          <h3 className="text-sm text-faded">{group.replaceAll("-", " ")}</h3>
          <ul>
            {muscles.map((m) => (
              <li key={m.id}>
                <button
                  type="button"
                  onClick={() => onSelect(m.id)}
                  aria-current={m.id === chosen ? "true" : undefined}
                  className="w-full rounded-mark px-1.5 py-0.5 text-left text-[0.95rem] hover:bg-linen aria-[current=true]:bg-now-wash aria-[current=true]:font-semibold"
                >
                  {m.common}
                  <span className="block text-[0.82rem] leading-tight font-normal text-faded">
                    {reference.nameOf(m.id).latin}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}

/** What is no muscle: fat, glands, joints, sheets. What works it, what a hand does to it, and who has checked it, as for a muscle. */
function TissuePage({ tissue, reference }: { tissue: Tissue; reference: Reference }) {
  const { atlas } = reference;
  const drawn = Object.keys(tissue.views).length > 0;
  return (
    <article aria-labelledby="structure-name">
      <p className="text-sm text-faded">fat, glands, joints, sheets</p>
      <NameHead of={tissue} />
      <Facts
        rows={[
          ["What it is", tissue.note || "–"],
          ["On the plate", drawn ? "dashed; lines are ligaments, ducts and nerves" : "not drawn: it lies everywhere"],
          ["Source", <Sources key="source" atlas={atlas} source={tissue.source} />],
        ]}
      />
      <StructureUse structure={tissue.id} />
    </article>
  );
}

/** What a client would call it, then its anatomical and its Latin name. */
function NameHead({ of }: { of: Muscle | Tissue }) {
  return (
    <>
      <h1 id="structure-name" className="first-letter:uppercase">
        {of.common}
      </h1>
      <p className="mb-4 font-serif text-lg text-faded">
        {of.name_en} <span aria-hidden="true">·</span>{" "}
        <span className="italic" lang="la">
          {of.name_la_ta2}
        </span>
      </p>
    </>
  );
}

type Fact = readonly [word: string, says: React.ReactNode];

function Facts({ rows }: { rows: readonly Fact[] }) {
  return (
    <dl>
      {rows.map(([word, says]) => (
        <div key={word} className="grid grid-cols-[8.5rem_1fr] gap-3 border-t border-line py-1.5">
          <dt className="font-semibold">{word}</dt>
          <dd className="font-serif text-[0.97rem]">{says}</dd>
        </div>
      ))}
    </dl>
  );
}

function Sources({ atlas, source }: { atlas: Reference["atlas"]; source: Muscle["source"] }) {
  return (
    <ul>
      {source.map((x) => (
        <li key={x.id}>
          <SourceWords atlas={atlas} source={x} />
        </li>
      ))}
    </ul>
  );
}

/** The course of the fibres, with the angle that the computation uses: for the subject's left, counted up from level. */
function fibreWords({ fibre }: Muscle): string {
  if (fibre.axis_deg === null)
    return fibre.kind === "circular" ? "a ring: no one direction" : (fibre.pull_words ?? fibre.kind);
  const steep = Math.min(fibre.axis_deg, 180 - fibre.axis_deg);
  const lean =
    fibre.axis_deg === 90 || steep < 3 ? "" : fibre.axis_deg < 90 ? ", leaning outwards" : ", leaning inwards";
  return `${fibre.pull_words ? `pulls ${fibre.pull_words}; ` : ""}fibres at ${steep}° to level${lean}`;
}

function StructurePage({
  muscle,
  reference,
  onSelect,
}: {
  muscle: Muscle;
  reference: Reference;
  onSelect: (id: string) => void;
}) {
  const { atlas } = reference;
  const feel = atlas.feel_tests.find((f) => f.structure === muscle.id);
  const others = (ids: readonly string[]) =>
    ids.length === 0 ? (
      "–"
    ) : (
      <span className="inline-flex flex-wrap gap-x-2">
        {ids.map((id) => (
          <button
            key={id}
            type="button"
            className="min-h-7 text-left text-now underline-offset-4 hover:underline"
            onClick={() => onSelect(id)}
          >
            {reference.nameOf(id).both}
          </button>
        ))}
      </span>
    );
  const called = [
    ...(muscle.name_gray_1918 && muscle.name_gray_1918 !== muscle.name_en ? [`${muscle.name_gray_1918} (1918)`] : []),
    ...(atlas.common_names[muscle.id] ?? []),
  ];
  const rows: readonly Fact[] = [
    ["Also called", called.join(", ") || "–"],
    ["Arises from", muscle.origin],
    ["Inserts into", muscle.insertion],
    [
      "Does",
      <ul key="does">
        {muscle.actions.map((a) => (
          <li key={a.verb}>
            {atlas.actions[a.verb] ?? a.verb}
            {a.role !== "prime" && <span className="text-faded"> ({a.role})</span>}
          </li>
        ))}
      </ul>,
    ],
    ["Moved by", muscle.nerve ? `${muscle.nerve.nerve}${muscle.nerve.branch ? `, ${muscle.nerve.branch}` : ""}` : "–"],
    ["Opposed by", others(muscle.antagonists)],
    ["Works with", others(muscle.synergists)],
    ["Fibres", fibreWords(muscle)],
    [
      "Depth",
      `${muscle.depth}: ${atlas.depths[muscle.depth] ?? ""}${typeof muscle.mimetic_layer === "number" ? `; layer ${muscle.mimetic_layer} of the muscles of expression` : ""}`,
    ],
    ["Sides", muscle.paired],
    [
      "Reached by hand",
      muscle.min_pressure_to_reach >= 9
        ? `not from outside${muscle.reach_note ? ` (${muscle.reach_note})` : ""}`
        : `from pressure ${muscle.min_pressure_to_reach}, ${atlas.levels[muscle.min_pressure_to_reach - 1]?.feel ?? ""}`,
    ],
    [
      "Seen as",
      muscle.facs_au.length > 0
        ? muscle.facs_au.map((u) => `action unit ${u.au}${u.note ? ` (${u.note})` : ""}`).join(", ")
        : "no action unit of the face",
    ],
    [
      "How to feel it",
      feel ? (
        <>
          {feel.test}: <span className="font-semibold">{feel.sign}</span>
        </>
      ) : (
        "no test that a learner could do"
      ),
    ],
    ["Visible to a camera", muscle.camera_visible],
    ["Creases", muscle.creases || "–"],
    ["Can be moved at will", muscle.voluntary + (muscle.isolable ? `; alone: ${muscle.isolable}` : "")],
    ["Teaching note", muscle.teaching_note || "–"],
    ["Often confused with", (muscle.confused_with ?? []).map((c) => reference.nameOf(c).both).join(", ") || "–"],
    ["How sure", muscle.confidence ?? "not stated"],
    [
      "Drawn",
      `${muscle.polygon_confidence ?? "schematic, from memory"} (a tenth of the pupils’ distance is some 6 mm)`,
    ],
    ["Source", <Sources key="source" atlas={atlas} source={muscle.source} />],
  ];
  return (
    <article aria-labelledby="structure-name">
      <p className="text-sm text-faded">
        {muscle.group.replaceAll("-", " ")} · {muscle.paired.split(/[,(]/)[0]}
      </p>
      <NameHead of={muscle} />
      <Facts rows={rows} />
      <StructureUse structure={muscle.id} />
    </article>
  );
}
