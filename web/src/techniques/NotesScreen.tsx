import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { Stage } from "../face/Stage";
import { api, said, type Schemas } from "../shell/api";
import { useSignedIn } from "../shell/session";
import { keepDraft } from "../shell/useDraft";
import { Button } from "../ui/Button";
import { Problem } from "../ui/States";
import { LibraryHead } from "./LibraryScreen";
import { draftPlace } from "./techniqueModel";

const KINDS: Readonly<Record<string, string>> = {
  step: "step",
  repeat: "said before",
  still: "keeps still",
  claim: "a claim",
  advice: "advice",
  caution: "a caution",
  material: "to have ready",
  unread: "not read",
};

/** Old notes, pasted: draft steps with everything that is unknown in them. Nothing is taken over without somebody looking. */
export function NotesScreen() {
  const person = useSignedIn();
  const navigate = useNavigate();
  const [text, setText] = useState("");
  const [confirmed, setConfirmed] = useState<ReadonlySet<number>>(new Set());
  const read = useMutation({
    mutationFn: () => said(api.POST("/api/techniques/notes", { body: { text } })),
    onSuccess: () => setConfirmed(new Set()),
  });
  const reading = read.data;
  const toConfirm = (reading?.lines ?? []).map((l, i) => (l.polarity ? i : -1)).filter((i) => i >= 0);
  const open = toConfirm.filter((i) => !confirmed.has(i)).length;
  const begin = (r: Schemas["NoteReading"]) => {
    const id = crypto.randomUUID();
    keepDraft(draftPlace(id), "0.0", r.draft);
    void navigate(`/techniques/${id}?empty`);
  };
  const structures = [...new Set((reading?.lines ?? []).flatMap((l) => l.garbled.map((g) => g.means)))];
  return (
    <Stage
      plate={{
        lit: structures.map((structure) => ({ structure, side: "both", tone: "chosen", strength: "primary" })),
        ...(structures.length > 0 && {
          legend: <p className="text-faded">Lit: what garbled words may mean.</p>,
        }),
      }}
    >
      <LibraryHead staff={person.grades} />
      <label htmlFor="notes" className="mt-4 mb-1 block text-sm font-semibold">
        Old notes, as they are
      </label>
      <textarea
        id="notes"
        className="field min-h-40 w-full font-serif"
        value={text}
        onChange={(e) => setText(e.target.value)}
        placeholder="With two fingers press beside the nostrils for 10 seconds, three times. Keep the lips relaxed. Never press on the eyeball."
      />
      <div className="mt-2 flex items-center gap-4">
        <Button tone="now" disabled={read.isPending || text.trim() === ""} onClick={() => read.mutate()}>
          Read the notes
        </Button>
        <span className="text-sm text-faded">
          Nothing is stored. What stands there twice is asked about, never added.
        </span>
      </div>
      {read.isError && <Problem error={read.error} safe="Your text is still here." />}
      {reading && (
        <>
          <ol className="mt-4" data-notes>
            {reading.lines.map((l, i) => (
              <li key={i} className="grid grid-cols-[6.5rem_1fr] gap-3 border-t border-line py-2">
                <span className="text-sm font-semibold">
                  {KINDS[l.kind] ?? l.kind}
                  {l.step !== null && l.kind !== "repeat" && ` ${l.step + 1}`}
                </span>
                <div>
                  <p className="font-serif">{l.text}</p>
                  {l.unknown.map((u) => (
                    <p key={u} className="text-sm text-now">
                      {u}
                    </p>
                  ))}
                  {l.garbled.map((g) => (
                    <p key={g.said} className="text-sm">
                      “{g.said}”: meant is perhaps <span className="font-semibold">{g.name}</span>{" "}
                      <span className="text-faded">({Math.round(g.likeness * 100)} % alike)</span>
                    </p>
                  ))}
                  {l.polarity && (
                    <label className="mt-1 flex items-start gap-2 border-l-4 border-safety pl-2 text-sm">
                      <input
                        type="checkbox"
                        className="size-6 shrink-0 accent-[var(--color-now)]"
                        checked={confirmed.has(i)}
                        onChange={(e) => {
                          const next = new Set(confirmed);
                          if (e.target.checked) next.add(i);
                          else next.delete(i);
                          setConfirmed(next);
                        }}
                      />
                      <span>
                        {l.polarity} <span className="font-semibold">It is meant as it stands.</span>
                      </span>
                    </label>
                  )}
                </div>
              </li>
            ))}
          </ol>
          <div className="mt-3 flex items-center gap-4 border-t border-line pt-3">
            <Button
              tone="now"
              disabled={!person.leads || open > 0 || (reading.draft.steps ?? []).length === 0}
              onClick={() => begin(reading)}
            >
              Begin a technique from {reading.draft.steps?.length ?? 0} steps
            </Button>
            {open > 0 && (
              <span className="text-sm text-now">
                {open} {open === 1 ? "sentence has" : "sentences have"} to be confirmed first.
              </span>
            )}
          </div>
        </>
      )}
    </Stage>
  );
}
