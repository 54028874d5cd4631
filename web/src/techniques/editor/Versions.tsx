import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { api, said, type Schemas } from "../../shell/api";
import { Button } from "../../ui/Button";
import { optionsOf, Pick } from "../../ui/Field";
import { DifferenceList } from "../parts/DifferenceList";
import type { TechniqueDocument } from "../parts/techniqueModel";
import { libraryQuery, techniqueQuery } from "../parts/techniqueQueries";
import { useSettled } from "../parts/useSettled";

export const VERSION_WORDS: Readonly<Record<Schemas["RelatedLine"]["as"], string>> = {
  easier: "easier version",
  harder: "harder version",
  "same-except": "same as, except",
};

/** "Same as … except": a new technique begins as another one; what differs from it is said in words. */
export function SameExcept({
  own,
  document,
  onTake,
}: {
  own: string;
  document: TechniqueDocument;
  onTake: (from: TechniqueDocument) => void;
}) {
  const library = useQuery(libraryQuery);
  const take = async (id: string) => {
    const { document: from } = await said(api.GET("/api/techniques/{id}", { params: { path: { id } } }));
    onTake({
      ...from,
      id: document.id,
      name: document.name,
      related: [{ id: from.id, as: "same-except" }],
    });
  };
  const others = (library.data ?? []).filter((t) => t.technique_id !== own);
  if (others.length === 0) return null;
  return (
    <Pick
      label="or: same as another technique, except …"
      className="mt-3 max-w-sm"
      options={others.map((t) => ({ value: t.technique_id, word: t.name }))}
      value={null}
      onChange={(id) => id && void take(id)}
    />
  );
}

/** Easier and harder versions, linked; and how this one differs from the one it was made from. */
export function Versions({
  document,
  own,
  onChange,
}: {
  document: TechniqueDocument;
  own: string;
  onChange: (to: TechniqueDocument, field: string | null) => void;
}) {
  const library = useQuery(libraryQuery);
  const related = document.related ?? [];
  const set = (next: Schemas["RelatedTechnique"][]) => onChange({ ...document, related: next }, null);
  const byCode = new Map((library.data ?? []).map((t) => [t.code, t]));
  const base = related.find((r) => r.as === "same-except");
  const baseId = base?.id ? byCode.get(base.id)?.technique_id : undefined;
  return (
    <fieldset className="mt-4" data-versions>
      <legend className="mb-1 font-semibold">Easier and harder versions</legend>
      {related.map((r, i) => (
        <div key={i} className="mb-2 grid grid-cols-[1fr_2fr_auto] items-end gap-2">
          <Pick
            label="It is the"
            options={optionsOf(VERSION_WORDS)}
            value={r.as}
            onChange={(as) => set(related.map((x, j) => (j === i ? { ...x, as } : x)))}
          />
          <Pick
            label="Technique"
            options={(library.data ?? [])
              .filter((t) => t.technique_id !== own)
              .map((t) => ({ value: t.code, word: t.name }))}
            value={r.id}
            onChange={(id) => set(related.map((x, j) => (j === i ? { ...x, id } : x)))}
          />
          <Button
            size="line"
            tone="quiet"
            aria-label={`remove version ${i + 1}`}
            onClick={() => set(related.filter((_, j) => j !== i))}
          >
            remove
          </Button>
        </div>
      ))}
      <Pick
        label="Link a version"
        className="max-w-sm"
        options={(library.data ?? [])
          .filter((t) => t.technique_id !== own && !related.some((r) => r.id === t.code))
          .map((t) => ({ value: t.code, word: t.name }))}
        value={null}
        onChange={(id) => id && set([...related, { id, as: "easier" }])}
      />
      {baseId && <DifferenceFrom id={baseId} document={document} />}
    </fieldset>
  );
}

/** How this document differs from a stored technique, now. */
function DifferenceFrom({ id, document }: { id: string; document: TechniqueDocument }) {
  const base = useQuery(techniqueQuery(id));
  const settled = useSettled(document, 300);
  const told = useQuery({
    queryKey: ["difference", id, base.data?.version, settled],
    enabled: base.data !== undefined && base.data !== null,
    queryFn: () =>
      said(
        api.POST("/api/techniques/difference", {
          body: { before: (base.data as Schemas["TechniqueView"]).document, after: settled },
        }),
      ),
    placeholderData: (before) => before,
  });
  if (!base.data || !told.data) return null;
  return (
    <div className="mt-3">
      <p className="font-semibold">
        Same as <Link to={`/techniques/${id}`}>{base.data.document.name}</Link>, except
      </p>
      <DifferenceList differences={told.data.filter((d) => d.what !== "name")} same="nothing yet." />
    </div>
  );
}
