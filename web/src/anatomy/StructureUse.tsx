import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { toast } from "sonner";
import { useReference } from "../face/atlas";
import { Swatch } from "../face/Stage";
import { isTone } from "../face/tones";
import { day, today } from "../shell/days";
import { api, problemOf, said, type Schemas } from "../shell/api";
import { useSignedIn } from "../shell/session";
import { Button } from "../ui/Button";
import { optionsOf, Pick, TextField } from "../ui/Field";
import { Problem } from "../ui/States";

const useQueryOf = (structure: string) => ({
  queryKey: ["anatomy", "use", structure],
  queryFn: () => said(api.GET("/api/anatomy/structures/{structure}", { params: { path: { structure } } })),
});

/** What the house makes of a structure: techniques, modules, wrong claims, and who qualified has checked it. */
export function StructureUse({ structure }: { structure: string }) {
  const { atlas } = useReference();
  const person = useSignedIn();
  const use = useQuery(useQueryOf(structure));
  if (use.isError) return <Problem error={use.error} again={() => use.refetch()} />;
  if (!use.data) return null;
  const { techniques, modules, wrong_claims, zones, checks } = use.data;
  const byMode = Map.groupBy(techniques, (t) => t.mode);
  return (
    <div data-structure-use>
      <h2 className="mt-6 mb-1">Techniques that work it</h2>
      {techniques.length === 0 && <p className="text-faded">None in your studio yet.</p>}
      <dl>
        {[...byMode.entries()].map(([mode, inMode]) => (
          <div key={mode} className="grid grid-cols-[8.5rem_1fr] gap-3 border-t border-line py-1.5">
            <dt className="flex items-center gap-1.5 text-sm">
              {isTone(mode) && <Swatch tone={mode} />}
              {atlas.modes.find((m) => m.id === mode)?.plain ?? mode}
            </dt>
            <dd>
              {inMode.map((t, i) => (
                <span key={t.id}>
                  {i > 0 && ", "}
                  <Link to={`/techniques/${t.id}`}>{t.name}</Link>
                  {t.strength !== "primary" && <span className="text-sm text-faded"> (helps)</span>}
                </span>
              ))}
            </dd>
          </div>
        ))}
      </dl>
      {zones.length > 0 && <p className="mt-2 text-sm text-faded">A hand finds it under: {zones.join(", ")}.</p>}
      {modules.length > 0 && (
        <>
          <h2 className="mt-6 mb-1">Taught in</h2>
          <ul>
            {modules.map((m) => (
              <li key={m.programme + m.module}>
                <Link to={`/programme/${m.programme}`}>{m.programme_name}</Link>: {m.module}{" "}
                <span className="text-sm text-faded">({m.techniques.join(", ")})</span>
              </li>
            ))}
          </ul>
        </>
      )}
      {wrong_claims.length > 0 && (
        <>
          <h2 className="mt-6 mb-1">Claims about it that are not right</h2>
          <ul>
            {wrong_claims.map((c) => (
              <li key={c.technique + c.text} className="border-t border-line py-1">
                <span className="font-serif">“{c.text}”</span>{" "}
                <span className="text-sm text-faded">
                  {c.verdict.replaceAll("-", " ")}, in <Link to={`/techniques/${c.technique}`}>{c.technique_name}</Link>
                </span>
                {c.correction && <span className="block text-sm">{c.correction}</span>}
              </li>
            ))}
          </ul>
        </>
      )}
      <h2 className="mt-6 mb-1">Checked by somebody qualified</h2>
      {checks.length === 0 && (
        <p className="max-w-prose text-faded">
          Not checked yet. Until an anatomist has looked at it, treat it as schematic.
        </p>
      )}
      <ul>
        {checks.map((c, i) => (
          <li key={i} className="border-t border-line py-1 text-sm">
            <span className="font-semibold">{CHECK_WORDS[c.verdict]}</span>, {c.checked_by} ({c.qualified_as}),{" "}
            {day(c.checked_on)}
            {!c.current && <span className="text-now"> · the atlas was changed since</span>}
            {c.remark && <span className="block font-serif">{c.remark}</span>}
          </li>
        ))}
      </ul>
      {person.leads && <CheckForm structure={structure} />}
    </div>
  );
}

const CHECK_WORDS: Readonly<Record<Schemas["StructureCheck"]["verdict"], string>> = {
  right: "right",
  "right-with-remarks": "right, with remarks",
  wrong: "not right",
};
const BLANK: Schemas["StructureCheckDraft"] = {
  checked_by: "",
  qualified_as: "",
  checked_on: null,
  verdict: null,
  remark: "",
};

function CheckForm({ structure }: { structure: string }) {
  const [open, setOpen] = useState(false);
  const [draft, setDraft] = useState(BLANK);
  const queries = useQueryClient();
  const keep = useMutation({
    mutationFn: () =>
      said(api.POST("/api/anatomy/structures/{structure}/checks", { params: { path: { structure } }, body: draft })),
    onSuccess: async () => {
      setOpen(false);
      setDraft(BLANK);
      await queries.invalidateQueries({ queryKey: ["anatomy", "use", structure] });
      toast.success("Check saved.");
    },
  });
  const wrong = keep.isError ? problemOf(keep.error).fields : {};
  if (!open)
    return (
      <Button size="line" tone="quiet" onClick={() => setOpen(true)}>
        record a check
      </Button>
    );
  return (
    <form
      className="mt-2 grid max-w-2xl gap-3 sm:grid-cols-2"
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate();
      }}
    >
      <TextField
        label="Who looked at it"
        value={draft.checked_by ?? ""}
        error={wrong["checked_by"]?.[0]}
        onChange={(e) => setDraft({ ...draft, checked_by: e.target.value })}
      />
      <TextField
        label="Qualified as"
        value={draft.qualified_as ?? ""}
        error={wrong["qualified_as"]?.[0]}
        onChange={(e) => setDraft({ ...draft, qualified_as: e.target.value })}
      />
      <TextField
        label="On"
        type="date"
        max={today()}
        value={draft.checked_on ?? ""}
        error={wrong["checked_on"]?.[0]}
        onChange={(e) => setDraft({ ...draft, checked_on: e.target.value || null })}
      />
      <Pick
        label="It is"
        options={optionsOf(CHECK_WORDS)}
        value={draft.verdict}
        onChange={(verdict) => setDraft({ ...draft, verdict })}
        {...(wrong["verdict"]?.[0] ? { error: wrong["verdict"][0] } : {})}
      />
      <TextField
        label="Remark"
        className="sm:col-span-2"
        value={draft.remark ?? ""}
        error={wrong["remark"]?.[0]}
        onChange={(e) => setDraft({ ...draft, remark: e.target.value })}
      />
      <div className="flex gap-3">
        <Button type="submit" tone="now" disabled={keep.isPending}>
          Save the check
        </Button>
        <Button size="line" tone="quiet" onClick={() => setOpen(false)}>
          cancel
        </Button>
      </div>
    </form>
  );
}
