import { useQuery } from "@tanstack/react-query";
import { useDeferredValue, useMemo, useState } from "react";
import { Link, useLocation, useNavigate, useSearchParams } from "react-router";
import { useReference } from "../../face/atlas";
import { Stage } from "../../face/Stage";
import { useSignedIn } from "../../shell/session";
import { Button } from "../../ui/Button";
import { Pick, TextField } from "../../ui/Field";
import { Empty, Problem, Waiting } from "../../ui/States";
import { useGrowing } from "../../ui/useGrowing";
import { ConcernFilter } from "../parts/Concerns";
import { LibraryHead } from "./LibraryHead";
import { FileDoor } from "./FileDoor";
import { belongs, calledBy, filterOf, FILTERS, narrowed, type FilterName, type Shelved } from "./libraryFilter";
import { contactChoices, seconds, STANDING_TAGS, STANDING_WORDS } from "../parts/techniqueModel";
import { libraryQuery } from "../parts/techniqueQueries";
import { UnsavedHere } from "../parts/UnsavedHere";

const FREE: Readonly<Record<string, string>> = {
  "eyes-closed": "the eyes",
  "mouth-busy": "the mouth",
  "right-hand-busy": "the right hand",
  "left-hand-busy": "the left hand",
  "head-fixed": "the head",
};

/** Every technique of the house, a line each, grouped by region in the order of the face; narrowed by what the address says. */
export function LibraryScreen() {
  const person = useSignedIn();
  const { atlas, nameOf } = useReference();
  const library = useQuery(libraryQuery);
  const navigate = useNavigate();
  const [params, setParams] = useSearchParams();
  const filter = useMemo(() => filterOf(params), [params]);
  const asked = useDeferredValue(filter);
  const alsoCalled = useMemo(() => calledBy(atlas), [atlas]);
  const found = useMemo(
    () => (library.data ?? []).filter((t) => belongs(t, asked, alsoCalled)),
    [library.data, asked, alsoCalled],
  );
  const { shown, end } = useGrowing(found, 80, 300);
  if (library.isPending)
    return (
      <Stage plate={{}} list>
        <Waiting what="the techniques" />
      </Stage>
    );
  if (library.isError)
    return (
      <Stage plate={{}} list>
        <Problem error={library.error} again={() => library.refetch()} />
      </Stage>
    );
  const set = (name: FilterName, value: string | null) => setParams(narrowed(params, name, value), { replace: true });
  const structure = filter.structure ?? null;
  const name = structure ? nameOf(structure).both : null;
  const groups = Map.groupBy(found, (t) => t.region);
  const order = [...atlas.regions.map((r) => r.id), null];
  const drawn = Map.groupBy(order.flatMap((r) => groups.get(r) ?? []).slice(0, shown), (t) => t.region);
  const write = () => void navigate(`/techniques/${crypto.randomUUID()}?empty`);
  const narrow = FILTERS.filter((f) => f !== "find" && f !== "concern" && f !== "structure" && filter[f]).length;
  return (
    <Stage
      plate={{
        selected: structure,
        onSelect: (id) => set("structure", id),
        legend: (
          <p className="text-faded">
            {name ? `Techniques that work the ${name}.` : "Choose a muscle to see which techniques work it."}
          </p>
        ),
      }}
      list={!structure}
    >
      <LibraryHead write={person.leads ? write : undefined} staff={person.grades} />
      {person.leads && <UnsavedHere />}
      <div className="mt-2 mb-2 grid max-w-3xl gap-4 sm:grid-cols-2">
        <FindField
          find={filter.find ?? ""}
          onFind={(text) => setParams(narrowed(params, "find", text), { replace: true, state: TYPED })}
        />
        <ConcernFilter value={filter.concern ?? null} onChange={(v) => set("concern", v)} />
      </div>
      <details className="mb-4" open={narrow > 0} data-narrow>
        <summary className="cursor-pointer text-sm font-medium text-now">
          More filters{narrow > 0 ? ` (${narrow})` : ""}
        </summary>
        <div className="mt-2 grid gap-x-4 gap-y-2 sm:grid-cols-3">
          <Pick
            label="How it works"
            empty="any"
            value={filter.mode ?? null}
            options={atlas.modes.map((m) => ({ value: m.id, word: m.plain }))}
            onChange={(v) => set("mode", v)}
          />
          <Pick
            label="Region"
            empty="any"
            value={filter.region ?? null}
            options={atlas.regions.map((r) => ({ value: r.id, word: r.name }))}
            onChange={(v) => set("region", v)}
          />
          <Pick
            label="Teaching style"
            empty="any"
            value={filter.school ?? null}
            options={atlas.schools.map((s) => ({ value: s.id, word: s.name }))}
            onChange={(v) => set("school", v)}
          />
          <Pick
            label="Family"
            empty="any"
            value={filter.family ?? null}
            options={atlas.families.map((f) => ({ value: f.id, word: f.name }))}
            onChange={(v) => set("family", v)}
          />
          <Pick
            label="At most"
            empty="any length"
            value={filter.minutes ?? null}
            options={[0.5, 1, 2, 3, 5].map((m) => ({ value: String(m), word: m < 1 ? "30 s" : `${m} min` }))}
            onChange={(v) => set("minutes", v)}
          />
          <Pick
            label="With"
            empty="any hand or tool"
            value={filter.contact ?? null}
            options={[{ value: "no-hands", word: "no hands at all" }, ...contactChoices(atlas)]}
            onChange={(v) => set("contact", v)}
          />
          <Pick
            label="Leaves free"
            empty="any"
            value={filter.free ?? null}
            options={atlas.channels.map((c) => ({ value: c.id, word: FREE[c.id] ?? c.words }))}
            onChange={(v) => set("free", v)}
          />
          <Pick
            label="Suitable for"
            empty="anybody"
            value={filter.suits ?? null}
            options={atlas.exclusions.map((e) => ({ value: e.id, word: e.name }))}
            onChange={(v) => set("suits", v)}
          />
          <Pick
            label="Standing"
            empty="in use"
            value={filter.standing ?? null}
            options={Object.entries(STANDING_WORDS).map(([value, word]) => ({ value, word }))}
            onChange={(v) => set("standing", v)}
          />
        </div>
      </details>
      {person.leads && <FileDoor />}
      {library.data.length === 0 && (
        <Empty says="No technique yet. Describe a favourite: what happens, where, how hard, how often. Wexis works out which muscles it reaches.">
          {person.leads && <Button onClick={write}>Write the first technique</Button>}
        </Empty>
      )}
      {library.data.length > 0 && (
        <p className="mb-3 text-sm text-faded" role="status">
          {found.length === 0
            ? `No technique matches. Clear the search${name ? ", or choose nothing on the face" : ""}.`
            : `${found.length} of ${library.data.length}`}
          {params.size > 0 && (
            <Button size="line" tone="quiet" onClick={() => setParams({}, { replace: true })}>
              show all
            </Button>
          )}
        </p>
      )}
      {[...drawn].map(([region, techniques]) => (
        <section key={region} className="mb-5">
          <h2 className="mb-1 text-base text-faded">
            {atlas.regions.find((r) => r.id === region)?.name ?? "No region chosen"}
          </h2>
          <ul>
            {techniques.map((t) => (
              <TechniqueLine
                key={t.technique_id}
                technique={t}
                family={atlas.families.find((f) => f.id === t.family)?.name}
                showClaims={person.grades}
              />
            ))}
          </ul>
        </section>
      ))}
      {shown < found.length && <div ref={end} aria-hidden="true" className="h-8" />}
    </Stage>
  );
}

/** Marks a change of the address that came from the field's own keys. */
const TYPED = { typed: true } as const;

/** The address follows the keys, a little behind: what is typed stands in the field at once and is never overtaken by its own echo. */
function FindField({ find, onFind }: { find: string; onFind: (text: string) => void }) {
  const { key, state } = useLocation() as { key: string; state: Partial<typeof TYPED> | null };
  const [field, setField] = useState({ typed: find, seen: key });
  // The address changed from elsewhere: a link, "show all", the way back.
  if (key !== field.seen) setField({ typed: state?.typed ? field.typed : find, seen: key });
  return (
    <TextField
      label="Find by name, place, muscle, movement or concern"
      data-search
      value={field.typed}
      onChange={(e) => {
        setField({ ...field, typed: e.target.value });
        onFind(e.target.value);
      }}
    />
  );
}

/** One line of the library. */
function TechniqueLine({
  technique: t,
  family,
  showClaims,
}: {
  technique: Shelved;
  family: string | undefined;
  showClaims: boolean;
}) {
  const tag = STANDING_TAGS[t.standing];
  const { contradicted, answered } = t.brief;
  return (
    <li className="border-t border-line last:border-b">
      <Link
        to={`/techniques/${t.technique_id}`}
        className="grid grid-cols-[1fr_auto] items-baseline gap-x-4 px-1 py-2 hover:bg-linen"
      >
        <span>
          <span className="font-serif text-[1.05rem] font-medium">{t.name}</span>
          {tag && (
            <span className={`ml-2 rounded-mark px-1.5 text-sm ${tag}`}>
              {STANDING_WORDS[t.standing]}
              {t.brief.questions > 0 && t.standing === "draft" ? `, ${t.brief.questions} open` : ""}
            </span>
          )}
          <span className="block text-sm text-faded">
            {t.brief.primary || "skin and surface fluid"}
            {showClaims && contradicted > 0 && (
              <span className="text-now">
                {" "}
                · {contradicted} {contradicted === 1 ? "claim" : "claims"} to answer
              </span>
            )}
            {showClaims && answered > 0 && <span> · {answered} contradicted, answered</span>}
          </span>
        </span>
        <span className="text-right text-sm">
          <span className="block">{family}</span>
          <span className="block text-faded">{seconds(t.brief.seconds.standard)}</span>
        </span>
      </Link>
    </li>
  );
}
