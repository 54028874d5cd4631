import { useReference } from "../face/atlas";
import { tones } from "../face/tones";
import { Button } from "../ui/Button";
import { Pick } from "../ui/Field";
import type { RoutineDocument } from "./routineQueries";

const MODES = ["concentric", "isometric", "eccentric", "stretched", "kneaded", "compressed", "skin-lymph"] as const;

/** Structures that the routine promises to work, each in one way or any. */
export function PromisedWork({
  document,
  canChange,
  onChange,
}: {
  document: RoutineDocument;
  canChange: boolean;
  onChange: (to: Partial<RoutineDocument>, field: string) => void;
}) {
  const { atlas, nameOf } = useReference();
  const promised = document.purpose?.structures ?? [];
  const set = (structures: typeof promised) =>
    onChange({ purpose: { structures, regions: document.purpose?.regions ?? [] } }, "promised");
  if (!canChange && promised.length === 0) return null;
  return (
    <div>
      <p className="text-sm font-semibold">Structures it promises to work</p>
      <ul>
        {promised.map((p, i) => (
          <li key={p.structure} className="flex items-end gap-2 border-t border-line py-1">
            <span className="min-w-0 flex-1 pb-2 text-[0.95rem]">{nameOf(p.structure ?? "").common}</span>
            {canChange ? (
              <>
                <Pick
                  label={`How ${nameOf(p.structure ?? "").common} is worked`}
                  empty="in any way"
                  options={MODES.map((m) => ({ value: m, word: tones[m].word }))}
                  value={p.mode ?? null}
                  onChange={(mode) => set(promised.map((x, j) => (i === j ? { ...x, mode } : x)))}
                />
                <Button
                  size="line"
                  tone="quiet"
                  aria-label={`No longer promise ${nameOf(p.structure ?? "").common}`}
                  onClick={() => set(promised.filter((_, j) => i !== j))}
                >
                  ✕
                </Button>
              </>
            ) : (
              <span className="text-sm text-faded">{MODES.find((m) => m === p.mode) ? p.mode : "in any way"}</span>
            )}
          </li>
        ))}
      </ul>
      {canChange && (
        <Pick
          label="Promise a structure"
          options={[...atlas.muscles, ...atlas.tissues]
            .filter((s) => promised.every((p) => p.structure !== s.id))
            .map((s) => ({ value: s.id, word: nameOf(s.id).both }))
            .sort((a, b) => a.word.localeCompare(b.word))}
          value={null}
          onChange={(structure) => structure && set([...promised, { structure, mode: null }])}
        />
      )}
    </div>
  );
}
