import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { routinesQuery } from "../routines/routineQueries";
import { api, said, type Schemas } from "../shell/api";
import { libraryQuery } from "../techniques/parts/techniqueQueries";
import { Button } from "../ui/Button";
import { Choice, Pick } from "../ui/Field";
import { Problem } from "../ui/States";
import { KINDS, type StationKind } from "./sheetWords";

type Given = { technique_id?: string; technique_ids?: string[]; routine_id?: string };

/** A station: on whom something is shown, and what; its mark sheet is drafted from it. */
export function AddStation({ examination }: { examination: Schemas["ExaminationView"] }) {
  const library = useQuery(libraryQuery);
  const routines = useQuery(routinesQuery);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [kind, setKind] = useState<StationKind>("oneself");
  const [several, setSeveral] = useState<readonly string[]>([]);
  const add = useMutation({
    mutationFn: (given: Given) =>
      said(
        api.POST("/api/examinations/{id}/stations", {
          params: { path: { id: examination.id } },
          body: { id: crypto.randomUUID(), kind, ...given },
        }),
      ),
    onSuccess: async (station) => {
      await Promise.all([
        queries.invalidateQueries({ queryKey: ["examinations"] }),
        queries.invalidateQueries({ queryKey: ["thread"] }),
      ]);
      void navigate(`/examination/${station.id}`);
    },
  });
  const techniques = (library.data ?? [])
    .filter((t) => ["complete", "reviewed", "approved"].includes(t.standing))
    .map((t) => ({ value: t.technique_id, word: t.name }));
  const nameOf = (id: string) => techniques.find((t) => t.value === id)?.word ?? id;
  return (
    <div className="mt-2 max-w-xl space-y-2 border-t border-line pt-2">
      <Choice label="How it is shown" options={KINDS} value={kind} onChange={setKind} />
      <div className="grid gap-2 sm:grid-cols-2">
        <Pick
          label={kind === "several" ? "Add one of the techniques" : "Add a station for"}
          options={techniques.filter((t) => !several.includes(t.value))}
          value={null}
          empty="a technique …"
          onChange={(t) => {
            if (!t) return;
            if (kind === "several") setSeveral([...several, t]);
            else add.mutate({ technique_id: t });
          }}
        />
        {(kind === "group" || kind === "several") && (
          <Pick
            label="or for a whole routine"
            options={(routines.data ?? []).map((r) => ({ value: r.id, word: r.name }))}
            value={null}
            empty="a routine …"
            onChange={(r) => r && add.mutate({ routine_id: r })}
          />
        )}
      </div>
      {kind === "several" && several.length > 0 && (
        <div>
          <ol className="text-[0.95rem]">
            {several.map((id, i) => (
              <li key={id} className="flex min-h-8 items-center gap-2">
                <span className="font-semibold text-now">{i + 1}</span> {nameOf(id)}
                <Button
                  size="line"
                  tone="quiet"
                  aria-label={`remove ${nameOf(id)}`}
                  onClick={() => setSeveral(several.filter((s) => s !== id))}
                >
                  remove
                </Button>
              </li>
            ))}
          </ol>
          <Button
            disabled={several.length < 2 || add.isPending}
            onClick={() => add.mutate({ technique_ids: [...several] })}
          >
            Add the station of {several.length} techniques
          </Button>
        </div>
      )}
      {add.isError && <Problem error={add.error} />}
    </div>
  );
}
