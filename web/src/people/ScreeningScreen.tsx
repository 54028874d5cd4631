import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { AlertDialog } from "radix-ui";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { toast } from "sonner";
import { useReference } from "../face/atlas";
import { Stage } from "../face/Stage";
import { api, said, type Schemas } from "../shell/api";
import { libraryQuery } from "../techniques/parts/techniqueQueries";
import { Button } from "../ui/Button";
import { Empty, Problem, Waiting } from "../ui/States";
import { day } from "../shell/days";
import { downloadJson } from "../ui/download";
import { screeningQuery } from "./screeningQueries";

type Answer = { id: string; word: string; says: string; tone: string };
const ANSWERS: readonly Answer[] = [
  { id: "stop", word: "Stop, and refer today", says: "a warning sign", tone: "bg-safety text-on-safety" },
  { id: "avoided", word: "Left out", says: "not for this person now", tone: "border border-safety text-safety" },
  {
    id: "ask",
    word: "Ask a licensed clinician first",
    says: "left out until then",
    tone: "border border-dashed border-safety text-safety",
  },
  {
    id: "not-asked",
    word: "Ask again",
    says: "something was not asked, or too long ago",
    tone: "border border-now text-now",
  },
  { id: "modified", word: "In a milder form", says: "with the change named", tone: "border border-dashed border-ink" },
  { id: "allowed", word: "Allowed", says: "nothing in the answers speaks against it", tone: "border border-line" },
];

/** One person's screening as it stands today, technique by technique, with the sentence to say. */
export function ScreeningScreen() {
  const { id = "" } = useParams();
  const { atlas } = useReference();
  const screening = useQuery(screeningQuery(id));
  const library = useQuery(libraryQuery);
  const [chosen, setChosen] = useState<string | null>(null);
  if (screening.isPending)
    return (
      <Stage plate={{}}>
        <Waiting what="the screening" />
      </Stage>
    );
  if (screening.isError)
    return (
      <Stage plate={{}}>
        <Problem error={screening.error} again={() => screening.refetch()} />
      </Stage>
    );
  const s = screening.data;
  if (!s)
    return (
      <Stage plate={{}}>
        <Empty
          says="This screening does not exist, or you may not see it."
          next={{ to: "/screening", says: "Open the screenings" }}
        />
      </Stage>
    );
  const zonesOf = new Map((library.data ?? []).map((t) => [t.technique_id, t.brief.zones]));
  const shown = chosen ? s.today.techniques.filter((t) => t.id === chosen) : s.today.techniques;
  const zones = (open: boolean) => [
    ...new Set(shown.filter((t) => OPEN.has(t.answer) === open).flatMap((t) => zonesOf.get(t.id) ?? [])),
  ];
  const exclusions = new Map(atlas.exclusions.map((e) => [e.id, e.client]));
  const zoneNames = new Map(atlas.zones.map((z) => [z.id, z.name]));
  const treatmentWords = (p: Schemas["Procedure"]) =>
    [
      `${exclusions.get(p.kind ?? "") ?? p.kind}${p.date ? `, ${day(p.date)}` : ""}`,
      ...(p.place ? [`in: ${p.place.map((z) => zoneNames.get(z) ?? z).join(", ")}`] : []),
      ...(p.released_on ? [`released ${day(p.released_on)}`] : []),
    ].join(", ");
  const note = s.answers.note;
  const yes = [
    ...(note?.conditions ?? []).map((c) => exclusions.get(c) ?? c),
    ...(note?.procedures ?? []).map((p) => treatmentWords(p)),
    ...(note?.reports ?? []).map((r) => `“${r}”`),
  ];
  return (
    <Stage
      plate={{
        zones: zones(true),
        lostZones: zones(false).map((zone) => ({ zone, weight: 0.5 })),
        legend: (
          <p className="text-faded">
            {chosen
              ? "Where this technique works."
              : "Shaded: zones of techniques that may be done. Hatched: zones of those that may not."}
          </p>
        ),
      }}
    >
      <div className="flex flex-wrap items-start justify-between gap-4">
        <div>
          <h1>{s.about}</h1>
          <p className="text-sm text-faded">
            asked by {s.taken_by}, {day(s.answered_on)} ·{" "}
            {s.today.standing === "expired" ? (
              <span className="font-semibold text-now">expired {day(s.today.good_until)}: ask again</span>
            ) : (
              <>good until {day(s.today.good_until)}</>
            )}
          </p>
          <p className="text-sm text-faded">
            Kept for: {s.consent.purpose} · Seen by the person, {[s.taken_by, ...s.seen_by].join(", ")}
          </p>
        </div>
        <div className="no-print flex items-center gap-2">
          <Button size="line" tone="quiet" onClick={() => downloadJson(fileName(s), s)}>
            as a file
          </Button>
          <EraseButton id={id} about={s.about} />
        </div>
      </div>
      <p className="my-3 border-l-2 border-line pl-3 text-sm">{s.today.clinician_first}</p>
      <p className="mb-4 max-w-prose">
        {yes.length === 0 ? (
          "The person answered no to everything that was asked."
        ) : (
          <>
            What the person told us: <span className="font-semibold">{yes.join("; ")}</span>.
          </>
        )}
      </p>
      {ANSWERS.map((a) => {
        const here = s.today.techniques.filter((t) => t.answer === a.id);
        if (here.length === 0) return null;
        return (
          <section key={a.id} className="mb-5" data-answer={a.id}>
            <h2 className="mb-1 flex items-baseline gap-3 text-lg">
              <span className={`rounded-mark px-2 py-0.5 text-base ${a.tone}`}>{a.word}</span>
              <span className="text-sm font-normal text-faded">
                {here.length} {here.length === 1 ? "technique" : "techniques"}, {a.says}
              </span>
            </h2>
            <ul>
              {[...Map.groupBy(here, (t) => t.says).entries()].map(([says, same]) => (
                <li key={says} className="border-t border-line py-1.5">
                  <p className="font-serif">“{says}”</p>
                  <p className="text-sm">
                    {same.map((t, i) => (
                      <span key={t.id}>
                        {i > 0 && " · "}
                        <button
                          type="button"
                          aria-pressed={chosen === t.id}
                          onClick={() => setChosen(chosen === t.id ? null : t.id)}
                          className="font-medium text-now underline underline-offset-4 aria-pressed:bg-now-wash"
                        >
                          {t.name}
                        </button>
                      </span>
                    ))}
                  </p>
                  {reasonsOf(same).map((r) => (
                    <p key={r} className="text-sm text-faded">
                      {r}
                    </p>
                  ))}
                </li>
              ))}
            </ul>
          </section>
        );
      })}
      <p className="no-print mt-6 text-sm">
        <Link to="/screening">All screenings</Link>
      </p>
    </Stage>
  );
}

const OPEN = new Set(["allowed", "modified"]);

function reasonsOf(techniques: readonly Schemas["ScreenedTechnique"][]): string[] {
  const hits = techniques.flatMap((t) => t.hits).filter((h) => h.response !== "allow");
  return [...new Set(hits.map((h) => `${h.name}${h.free_from ? `, usual window over on ${day(h.free_from)}` : ""}`))];
}

const fileName = (s: Schemas["ScreeningView"]) =>
  `screening-${s.about.replaceAll(/\W+/g, "-").toLowerCase()}-${s.answered_on}.json`;

/** Erasing cannot be undone, so it asks once. */
function EraseButton({ id, about }: { id: string; about: string }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const erase = useMutation({
    mutationFn: () => said(api.DELETE("/api/screenings/{id}", { params: { path: { id } } })),
    onSuccess: async () => {
      queries.removeQueries({ queryKey: ["screenings", id] });
      await queries.invalidateQueries({ queryKey: ["screenings"] });
      toast.success("Erased. Nothing remains.");
      void navigate("/screening", { replace: true });
    },
    onError: (error) => toast.error(error.message),
  });
  return (
    <AlertDialog.Root>
      <AlertDialog.Trigger asChild>
        <Button size="line" tone="quiet">
          erase
        </Button>
      </AlertDialog.Trigger>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <AlertDialog.Content className="fixed top-1/3 left-1/2 z-50 w-[26rem] max-w-[92vw] -translate-x-1/2 rounded-mark bg-paper p-6 shadow-2xl">
          <AlertDialog.Title className="font-serif text-xl">Erase the answers of {about}?</AlertDialog.Title>
          <AlertDialog.Description className="mt-2">
            They are gone for good, for everyone who could see them. Marks and results are not touched.
          </AlertDialog.Description>
          <div className="mt-4 flex justify-end gap-3">
            <AlertDialog.Cancel asChild>
              <Button>Keep them</Button>
            </AlertDialog.Cancel>
            <AlertDialog.Action asChild>
              <Button tone="safety" onClick={() => erase.mutate()}>
                Erase them
              </Button>
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
