import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Stage } from "../../face/Stage";
import { api, said, type Schemas } from "../../shell/api";
import { useSignedIn } from "../../shell/session";
import { Button } from "../../ui/Button";
import { cn } from "../../ui/cn";
import { Pick } from "../../ui/Field";
import { FileButton } from "../../ui/FileButton";
import { Empty, Problem } from "../../ui/States";
import { ClaimSaid, isOpen, stands } from "../parts/ClaimSaid";
import { libraryQuery } from "../parts/techniqueQueries";
import { LibraryHead } from "./LibraryHead";

type Page = Schemas["ClaimPage"];

/** A handbook or a sales page, pasted: what it claims, sentence by sentence, and what may be said instead. Nothing is stored. */
export function ClaimsScreen() {
  const person = useSignedIn();
  const library = useQuery(libraryQuery);
  const [text, setText] = useState("");
  const [technique, setTechnique] = useState<string | null>(null);
  const [open, setOpen] = useState(false);
  const read = useMutation({
    mutationFn: (asked: { text: string; technique: string | null }) =>
      said(api.POST("/api/techniques/claims", { body: asked })),
  });
  const page = read.data;
  return (
    <Stage plate={{}} list>
      <LibraryHead staff={person.grades} />
      <p className="my-2 max-w-prose text-faded">
        Paste a page of a handbook or of your website. Each claim is checked against what the page tells you to do, or
        against the technique you choose. Nothing is stored.
      </p>
      <div className="grid gap-x-8 gap-y-3 lg:grid-cols-2">
        <div>
          <label htmlFor="page" className="mb-1 block text-sm font-semibold">
            The page
          </label>
          <textarea
            id="page"
            className="field min-h-72 w-full font-serif"
            value={text}
            onChange={(e) => setText(e.target.value)}
            placeholder="Smile with your lips closed, ten times. This trains the cheek muscle and lifts hooded lids."
          />
          <Pick
            className="mt-2"
            label="Technique that the page is about"
            options={(library.data ?? []).map((t) => ({ value: t.technique_id, word: t.name }))}
            value={technique}
            empty="as the page tells it"
            onChange={setTechnique}
          />
          <div className="mt-3 flex flex-wrap items-center gap-3">
            <Button
              tone="now"
              disabled={read.isPending || text.trim() === ""}
              onClick={() => read.mutate({ text, technique })}
            >
              Check the claims
            </Button>
            <FileButton
              word="Open a text file"
              label="A page as a text file"
              accept=".txt,.md,text/plain"
              busy={read.isPending}
              onFile={(f) => void f.text().then(setText)}
            />
          </div>
          {read.isError && <Problem error={read.error} safe="Your text is still here." />}
        </div>
        {page && <Found page={page} open={open} setOpen={setOpen} stale={read.variables.text !== text} />}
      </div>
    </Stage>
  );
}

/** "2 do not stand, 1 needs more to be told." */
function summary(wrong: number, asked: number) {
  const parts = [
    wrong > 0 && `${wrong} ${wrong === 1 ? "does" : "do"} not stand`,
    asked > 0 && `${asked} ${asked === 1 ? "needs" : "need"} more to be told`,
  ].filter(Boolean);
  return parts.length === 0 ? "All of it stands." : `${parts.join(", ")}.`;
}

function Found({
  page,
  open,
  setOpen,
  stale,
}: {
  page: Page;
  open: boolean;
  setOpen: (open: boolean) => void;
  stale: boolean;
}) {
  const wrong = page.claims.filter((c) => !stands(c.verdict) && !isOpen(c.verdict)).length;
  const asked = page.claims.filter((c) => isOpen(c.verdict)).length;
  const shown = open ? page.claims.filter((c) => !stands(c.verdict)) : page.claims;
  return (
    <section aria-label="What the page claims">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2>
          {page.claims.length} {page.claims.length === 1 ? "claim" : "claims"} in {page.sentences}{" "}
          {page.sentences === 1 ? "sentence" : "sentences"}
        </h2>
        {wrong + asked > 0 && (
          <label className="flex min-h-8 items-center gap-2 text-sm">
            <input type="checkbox" className="size-5" checked={open} onChange={(e) => setOpen(e.target.checked)} />
            only what does not stand
          </label>
        )}
      </div>
      <p className={cn("text-sm", stale ? "text-now" : "text-faded")}>
        {stale ? "The page was changed since. Check it again." : page.claims.length > 0 && summary(wrong, asked)}
      </p>
      {page.claims.length === 0 && <Empty says="No sentence of this page says what a technique works or brings." />}
      <ol className="mt-2">
        {shown.map((c) => (
          <li key={c.at} className="border-t border-line py-2" data-page-claim={c.verdict.verdicts[0]}>
            <p className="font-serif font-medium">{c.text}</p>
            <div
              className={cn(
                "mt-0.5 border-l-3 pl-3 text-[0.95rem]",
                stands(c.verdict) ? "border-kneaded" : isOpen(c.verdict) ? "border-line" : "border-now",
              )}
            >
              <ClaimSaid verdict={c.verdict} />
              {c.against && <p className="text-sm text-faded">Checked against: {c.against}.</p>}
            </div>
          </li>
        ))}
      </ol>
    </section>
  );
}
