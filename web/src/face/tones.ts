/** How a structure is drawn. The word stands in the legend; the mark also reads in black and white. */
export type Mark =
  "tight" | "held" | "loosening" | "apart" | "stipple" | "loops" | "pinned" | "arrows" | "hatch" | "plain";
export type Tone = { readonly word: string; readonly hue: string; readonly mark: Mark };

export const tones = {
  concentric: { word: "tightens", hue: "var(--color-tightens)", mark: "tight" },
  isometric: { word: "holds (isometric)", hue: "var(--color-holds)", mark: "held" },
  eccentric: { word: "releases slowly (eccentric)", hue: "var(--color-lets-out)", mark: "loosening" },
  stretched: { word: "stretched", hue: "var(--color-stretched)", mark: "apart" },
  compressed: { word: "pressed", hue: "var(--color-pressed)", mark: "stipple" },
  kneaded: { word: "kneaded", hue: "var(--color-kneaded)", mark: "loops" },
  inhibited: { word: "stays relaxed", hue: "var(--color-quiet)", mark: "pinned" },
  "skin-lymph": { word: "moves skin and surface fluid", hue: "var(--color-skin-only)", mark: "arrows" },
  "breath-posture": { word: "posture", hue: "var(--color-posture)", mark: "plain" },
  chosen: { word: "chosen", hue: "var(--color-now)", mark: "tight" },
  "covered-actively": { word: "covered actively", hue: "var(--color-tightens)", mark: "tight" },
  "covered-otherwise": { word: "covered, not trained", hue: "var(--color-pressed)", mark: "stipple" },
  gap: { word: "promised, not covered", hue: "var(--color-now)", mark: "hatch" },
  worked: { word: "worked in this step", hue: "var(--color-now)", mark: "plain" },
  "two-ways": { word: "trained here, relaxed there", hue: "var(--color-now)", mark: "hatch" },
  "two-ways-kept": { word: "trained and relaxed, with a reason", hue: "var(--color-pressed)", mark: "stipple" },
  named: { word: "named in the notes", hue: "var(--color-pressed)", mark: "stipple" },
  "perhaps-meant": { word: "perhaps meant", hue: "var(--color-now)", mark: "hatch" },
  lost: { word: "marks lost here", hue: "var(--color-now)", mark: "hatch" },
} as const satisfies Record<string, Tone>;

export type ToneId = keyof typeof tones;
export const isTone = (id: string): id is ToneId => id in tones;

/** Strength by weight of line. */
export const weightOf = (strength: string) => (strength === "primary" ? 1 : strength === "secondary" ? 0.6 : 0.35);
