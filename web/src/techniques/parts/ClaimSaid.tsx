import type { Schemas } from "../../shell/api";
import { cn } from "../../ui/cn";
import { Why } from "../../ui/Why";

export type Verdict = Schemas["ClaimVerdict"];

const VERDICT_WORDS: Readonly<Record<Verdict["verdicts"][number], string>> = {
  supported: "stands",
  "partly-right": "partly right",
  "wrong-structure": "another structure is worked",
  "wrong-mode": "another kind of work",
  "wrong-direction": "goes another way",
  "wrong-location": "lies elsewhere",
  "wrong-extent": "not reached",
  "wrong-cause": "another cause",
  "antagonist-confused": "does the opposite",
  "overstated-effect": "goes further than is known",
  "unsupported-effect": "no evidence",
  "misquoted-evidence": "not what the study showed",
  "out-of-scope": "a medical matter",
  asked: "to be told",
  waits: "waits",
};

/** Whether a verdict asks for something, stands, or contradicts. */
export const stands = (v: Verdict) => v.verdicts[0] === "supported";
export const isOpen = (v: Verdict) => v.verdicts[0] === "asked" || v.verdicts[0] === "waits";

/** What the mechanics say of a claim, and what may be said instead; where it says several things, of each. */
export function ClaimSaid({ verdict: v }: { verdict: Verdict }) {
  const tone = stands(v) ? "text-kneaded" : isOpen(v) ? "text-faded" : "text-now";
  return (
    <>
      <p>
        <span className={cn("font-semibold", tone)}>{v.verdicts.map((x) => VERDICT_WORDS[x]).join(", ")}.</span>{" "}
        {v.parts.length === 0 && v.because} {v.correction && <span className="font-serif">{v.correction}</span>}{" "}
        <Why of="Why" word="why" reasons={[v.why]} />
      </p>
      {v.parts.length > 0 && (
        <ul className="text-sm" data-parts>
          {v.parts.map((p) => (
            <li key={p.text + String(p.denied)}>
              <span className="font-serif">
                “{p.denied && "not: "}
                {p.text}”
              </span>{" "}
              <span className={p.verdicts[0] === "supported" ? "text-kneaded" : "text-now"}>
                {p.verdicts.map((x) => VERDICT_WORDS[x]).join(", ")}.
              </span>{" "}
              {p.because}
            </li>
          ))}
        </ul>
      )}
      {v.grade && (
        <p className="text-sm text-faded">
          Evidence {v.grade}: {v.grade_words}.
        </p>
      )}
    </>
  );
}
