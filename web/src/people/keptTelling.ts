import { z } from "../shell/schema";
import { forgetTabDraft, keepTabDraft, tabDraft } from "../shell/tabDrafts";
import { noAnswers, type Answers } from "./answers";

/** All that is told on the question screen before it is kept. */
export type Telling = {
  readonly person: string | null;
  readonly name: string;
  readonly given: boolean;
  readonly purpose: string;
  readonly seenBy: readonly string[];
  readonly report: string;
  readonly answers: Answers;
};

export const nothingTold: Telling = {
  person: null,
  name: "",
  given: false,
  purpose: "To choose which techniques suit me, and which to leave out or change.",
  seenBy: [],
  report: "",
  answers: noAnswers,
};

const Kept = z.object({
  schema: z.literal(1),
  person: z.nullable(z.string()),
  name: z.string(),
  given: z.boolean(),
  purpose: z.string(),
  seenBy: z.array(z.string()),
  report: z.string(),
  yes: z.array(
    z.tuple([z.string(), z.object({ date: z.string(), regions: z.array(z.string()), released: z.string() })]),
  ),
  none: z.array(z.string()),
});

const place = (id: string) => `screening.${id}`;

export const keepTelling = (id: string, { answers, ...told }: Telling) =>
  keepTabDraft(place(id), { schema: 1, ...told, yes: [...answers.yes], none: [...answers.none] });

export const forgetTelling = (id: string) => forgetTabDraft(place(id));

/** What was told before a reload of this tab. */
export function keptTelling(id: string): Telling {
  const kept = tabDraft(place(id), Kept);
  if (kept === null) return nothingTold;
  const { person, name, given, purpose, seenBy, report, yes, none } = kept;
  return { person, name, given, purpose, seenBy, report, answers: { yes: new Map(yes), none: new Set(none) } };
}
