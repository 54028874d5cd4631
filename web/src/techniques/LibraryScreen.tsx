import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { useReference } from "../face/atlas";
import { Stage } from "../face/Stage";
import { useSignedIn } from "../shell/session";
import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import { Empty, Problem, Waiting } from "../ui/States";
import { ConcernFilter } from "./Concerns";
import { FileDoor } from "./FileDoor";
import { seconds } from "./techniqueModel";
import { libraryQuery } from "./techniqueQueries";

const STANDING: Readonly<Record<string, string>> = { complete: "", draft: "draft", parked: "parked" };

/** Every technique of the house, a line each, grouped by region in the order of the face. */
export function LibraryScreen() {
  const person = useSignedIn();
  const { atlas } = useReference();
  const library = useQuery(libraryQuery);
  const navigate = useNavigate();
  const [search, setSearch] = useState("");
  const [structure, setStructure] = useState<string | null>(null);
  const [concern, setConcern] = useState<string | null>(null);
  if (library.isPending)
    return (
      <Stage plate={{}}>
        <Waiting what="the techniques" />
      </Stage>
    );
  if (library.isError)
    return (
      <Stage plate={{}}>
        <Problem error={library.error} again={() => library.refetch()} />
      </Stage>
    );
  const name = structure ? (atlas.plain_names[structure] ?? structure) : null;
  const wanted = search.trim().toLowerCase();
  const found = library.data.filter(
    (t) =>
      `${t.name} ${t.brief.primary} ${t.family ?? ""}`.toLowerCase().includes(wanted) &&
      (!name || t.brief.primary.includes(name)) &&
      (!concern || t.brief.concerns.includes(concern)),
  );
  const regions = [...atlas.regions.map((r) => r.id), null];
  const write = () => void navigate(`/techniques/${crypto.randomUUID()}?empty`);
  return (
    <Stage
      plate={{
        selected: structure,
        onSelect: setStructure,
        legend: (
          <p className="text-faded">
            {name
              ? `Techniques that mainly work the ${name}.`
              : "Choose a muscle to see which techniques mainly work it."}
          </p>
        ),
      }}
    >
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h1>Techniques</h1>
        {person.leads && (
          <Button tone="now" onClick={write}>
            Write a technique
          </Button>
        )}
      </div>
      <div className="mt-2 mb-4 grid max-w-3xl gap-4 sm:grid-cols-2">
        <TextField
          label="Find by name, structure or family"
          data-search
          value={search}
          onChange={(e) => setSearch(e.target.value)}
        />
        <ConcernFilter value={concern} onChange={setConcern} />
      </div>
      {person.leads && <FileDoor />}
      {library.data.length === 0 && (
        <Empty says="No technique yet. Describe a favourite: what happens, where, how hard, how often. Wexis says what it works.">
          {person.leads && <Button onClick={write}>Write the first technique</Button>}
        </Empty>
      )}
      {library.data.length > 0 && found.length === 0 && (
        <p className="text-faded">
          No technique is like that. Clear the search{name ? ", or choose nothing on the face" : ""}.
        </p>
      )}
      {regions.map((region) => {
        const here = found.filter((t) => t.region === region);
        if (here.length === 0) return null;
        return (
          <section key={region} className="mb-5">
            <h2 className="mb-1 text-base text-faded">
              {atlas.regions.find((r) => r.id === region)?.name ?? "No region told"}
            </h2>
            <ul>
              {here.map((t) => (
                <li key={t.technique_id} className="border-t border-line last:border-b">
                  <Link
                    to={`/techniques/${t.technique_id}`}
                    className="grid grid-cols-[1fr_auto] items-baseline gap-x-4 px-1 py-2 hover:bg-linen"
                  >
                    <span>
                      <span className="font-serif text-[1.05rem] font-medium">{t.name}</span>
                      {STANDING[t.standing] && (
                        <span
                          className={
                            t.standing === "parked"
                              ? "ml-2 rounded-mark bg-safety px-1.5 text-sm text-on-safety"
                              : "ml-2 rounded-mark border border-dashed border-faded px-1.5 text-sm text-faded"
                          }
                        >
                          {STANDING[t.standing]}
                          {t.brief.questions > 0 && t.standing === "draft" ? `, ${t.brief.questions} open` : ""}
                        </span>
                      )}
                      <span className="block text-sm text-faded">
                        {t.brief.primary || "skin and surface fluid"}
                        {t.brief.contradicted > 0 && person.grades && (
                          <span className="text-now">
                            {" "}
                            · {t.brief.contradicted} {t.brief.contradicted === 1 ? "claim" : "claims"} to answer
                          </span>
                        )}
                      </span>
                    </span>
                    <span className="text-right text-sm">
                      <span className="block">{atlas.families.find((f) => f.id === t.family)?.name}</span>
                      <span className="block text-faded">{seconds(t.brief.seconds.standard)}</span>
                    </span>
                  </Link>
                </li>
              ))}
            </ul>
          </section>
        );
      })}
    </Stage>
  );
}
