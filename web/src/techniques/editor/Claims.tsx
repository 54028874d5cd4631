import { useReference } from "../../face/atlas";
import type { Schemas } from "../../shell/api";
import { Button } from "../../ui/Button";
import { cn } from "../../ui/cn";
import { Pick, TextField } from "../../ui/Field";
import { ClaimSaid, isOpen, stands, type Verdict } from "../parts/ClaimSaid";
import { choicesOf, type TechniqueDocument } from "../parts/techniqueModel";

/** What the author says of the technique, each sentence against what the mechanics can work. */
export function Claims({
  document,
  verdicts,
  onChange,
}: {
  document: TechniqueDocument;
  verdicts: readonly Verdict[];
  onChange: (to: TechniqueDocument, field: string | null) => void;
}) {
  const { atlas } = useReference();
  const kinds = choicesOf(atlas, "claim_kind");
  const kindWord = (kind: string) => kinds.find((k) => k.value === kind)?.word ?? kind;
  const claims = document.claims ?? [];
  const change = (i: number, to: Partial<Schemas["Claim"]>, field: string) =>
    onChange({ ...document, claims: claims.map((c, j) => (j === i ? { ...c, ...to } : c)) }, `claims[${i}].${field}`);
  return (
    <section aria-labelledby="claims" className="mt-6">
      <h2 id="claims">What you say about it</h2>
      <p className="mb-1 max-w-prose text-sm text-faded">
        Each sentence is checked against the map above. It never changes the map. Say it as you would to a class: “works
        the cheek muscle”, “drains the face”, “a study shows …”.
      </p>
      <ol>
        {claims.map((c, i) => {
          const verdict = verdicts.find((v) => v.claim === i);
          return (
            <li key={i} className="border-t border-line py-2" data-claim={i} data-verdict={verdict?.verdicts[0]}>
              <div className="grid items-end gap-2 sm:grid-cols-[1fr_8rem_auto]">
                <TextField
                  label={`Claim ${i + 1}`}
                  value={c.text ?? ""}
                  onChange={(e) => change(i, { text: e.target.value }, "text")}
                />
                <Pick
                  label="Kind"
                  options={kinds}
                  value={c.kind}
                  empty={verdict ? `${kindWord(verdict.kind)} (detected)` : "as the sentence reads"}
                  onChange={(kind) => change(i, { kind }, "kind")}
                />
                <Button
                  size="line"
                  tone="quiet"
                  aria-label={`remove claim ${i + 1}`}
                  onClick={() => onChange({ ...document, claims: claims.filter((_, j) => j !== i) }, null)}
                >
                  remove
                </Button>
              </div>
              {verdict && (
                <Judged
                  verdict={verdict}
                  answer={c.answer ?? ""}
                  onAnswer={(answer) => change(i, { answer: answer || null }, "answer")}
                />
              )}
            </li>
          );
        })}
      </ol>
      {verdicts
        .filter((v) => v.claim === null)
        .map((v) => (
          <div key={v.text} className="border-t border-line py-2" data-claimed-by={v.text}>
            <p>
              <span className="font-serif font-medium">“{v.text}”</span>{" "}
              <span className="text-sm text-faded">claims it too, by its words</span>
            </p>
            <div className="border-l-3 border-now pl-3 text-[0.95rem]">
              <ClaimSaid verdict={v} />
            </div>
          </div>
        ))}
      <Button
        size="line"
        tone="quiet"
        onClick={() =>
          onChange(
            { ...document, claims: [...claims, { text: "", kind: null, structure: null, verb: null, answer: null }] },
            null,
          )
        }
      >
        add a claim
      </Button>
    </section>
  );
}

function Judged({
  verdict: v,
  answer,
  onAnswer,
}: {
  verdict: Verdict;
  answer: string;
  onAnswer: (text: string) => void;
}) {
  return (
    <div
      className={cn(
        "mt-1 border-l-3 pl-3 text-[0.95rem]",
        stands(v) ? "border-kneaded" : isOpen(v) ? "border-line" : "border-now",
      )}
    >
      <ClaimSaid verdict={v} />
      {!stands(v) && !isOpen(v) && (
        <TextField
          label="Your answer"
          className="mt-1 max-w-xl"
          placeholder="why it stays, or what you will say instead"
          value={answer}
          onChange={(e) => onAnswer(e.target.value)}
        />
      )}
    </div>
  );
}
