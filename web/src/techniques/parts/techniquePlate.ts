import type { PlateContent } from "../../face/plateContent";
import type { Lit } from "../../face/plateTypes";
import { isTone } from "../../face/tones";
import type { Derivation } from "./techniqueModel";

/** What a technique, or one step of it, puts on the plate: drawn from what was derived, so the picture cannot differ from the sum. */
export function techniquePlate(derivation: Derivation | undefined, step: number | null): PlateContent {
  if (!derivation) return {};
  const map = step === null ? derivation.map : (derivation.steps[step]?.map ?? derivation.map);
  const steps = step === null ? derivation.steps : derivation.steps.filter((s) => s.index === step);
  const lit = map.worked.flatMap((r): Lit[] =>
    isTone(r.mode) && r.mode !== "skin-lymph"
      ? [{ structure: r.structure, side: r.side, tone: r.mode, strength: r.strength }]
      : [],
  );
  const muscleWorked = lit.some((l) => l.strength === "primary" && l.tone !== "inhibited");
  const skinWorked = map.worked.some((r) => r.mode === "skin-lymph" && r.strength === "primary");
  const light = map.worked.some((r) => r.structure === "superficial-lymph" && r.strength === "primary");
  return {
    lit,
    zones: skinWorked && !muscleWorked ? map.zones_touched : [],
    touched: map.zones_touched,
    flow: light ? map.flow.filter((f) => f.verdict !== "against").map((f) => f.zone) : [],
    strokes: steps.flatMap((s) =>
      s.strokes.map((d) => ({
        id: `${s.index}-${d.hand}`,
        points: d.points,
        sidePoints: d.side_points,
        widthIpd: d.width_ipd,
        sides: d.sides,
      })),
    ),
    alarms: steps.flatMap((s) => s.safety.findings.filter((f) => f.verdict === "stop").flatMap((f) => f.places)),
  };
}
