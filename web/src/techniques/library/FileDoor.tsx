import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useRef } from "react";
import { toast } from "sonner";
import { api, said } from "../../shell/api";
import { Button } from "../../ui/Button";
import { downloadJson } from "../../ui/download";
import { STANDING_WORDS } from "../parts/techniqueModel";
import { Refused } from "../../ui/Refused";

/** Techniques come in and go out as open files. A bad file gets a report line by line, and nothing of it comes in. */
export function FileDoor() {
  const input = useRef<HTMLInputElement>(null);
  const queries = useQueryClient();
  const bring = useMutation({
    mutationFn: async (file: File) => said(api.POST("/api/techniques/import", { body: { text: await file.text() } })),
    onSuccess: () => fresh(),
  });
  const take = useMutation({
    mutationFn: () => said(api.GET("/api/techniques/export")),
    onSuccess: (list) => downloadJson("techniques.json", list),
  });
  const fresh = () =>
    Promise.all([
      queries.invalidateQueries({ queryKey: ["techniques"] }),
      queries.invalidateQueries({ queryKey: ["thread"] }),
    ]);
  const shipped = useMutation({
    mutationFn: () => said(api.POST("/api/techniques/shipped")),
    onSuccess: async (r) => {
      await fresh();
      toast.success(
        r.brought === 0
          ? "All the techniques that ship with Wexis are here already."
          : `${r.brought} techniques imported${r.taken.length > 0 ? `, ${r.taken.length} were here already` : ""}.`,
      );
    },
  });
  const table = useMutation({
    mutationFn: async (file: File) => said(api.POST("/api/techniques/table", { body: { text: await file.text() } })),
    onSuccess: async (r) => {
      await fresh();
      toast.success(`CSV imported: ${r.changed} changed, ${r.added} new drafts.`);
    },
  });
  const back = useMutation({
    mutationFn: (id: string) =>
      said(api.POST("/api/techniques/imports/{import}/take-back", { params: { path: { import: id } } })),
    onSuccess: async (r) => {
      bring.reset();
      table.reset();
      shipped.reset();
      await fresh();
      toast.success(
        [r.deleted > 0 && `${r.deleted} removed again`, r.changed > 0 && `${r.changed} as before`]
          .filter(Boolean)
          .join(", ") + ". The archive can bring back what was removed.",
      );
    },
  });
  const brought = bring.data ?? table.data ?? (shipped.data && shipped.data.brought > 0 ? shipped.data : undefined);
  const failed = bring.error ?? table.error ?? back.error;
  return (
    <div className="text-sm">
      <div className="flex flex-wrap gap-x-4">
        <Button size="line" tone="quiet" disabled={bring.isPending} onClick={() => input.current?.click()}>
          import a file
        </Button>
        <Button size="line" tone="quiet" disabled={take.isPending} onClick={() => take.mutate()}>
          export all
        </Button>
        <a
          href="/api/techniques/table"
          download="techniques.csv"
          className="inline-flex min-h-7 items-center px-1.5 font-medium text-now underline-offset-4 hover:underline"
        >
          export as CSV
        </a>
        <Button size="line" tone="quiet" disabled={shipped.isPending} onClick={() => shipped.mutate()}>
          add the techniques that ship with Wexis
        </Button>
      </div>
      <input
        ref={input}
        type="file"
        accept="application/json,.json,text/csv,.csv"
        aria-label="Technique file"
        className="sr-only"
        tabIndex={-1}
        onChange={(e) => {
          const file = e.target.files?.[0];
          bring.reset();
          table.reset();
          shipped.reset();
          back.reset();
          if (file?.name.toLowerCase().endsWith(".csv")) table.mutate(file);
          else if (file) bring.mutate(file);
          e.target.value = "";
        }}
      />
      {failed && <Refused error={failed} />}
      {brought && (
        <p className="my-2">
          <Button size="line" tone="quiet" disabled={back.isPending} onClick={() => back.mutate(brought.import)}>
            Undo this import
          </Button>
        </p>
      )}
      {bring.isSuccess && (
        <div role="status" className="my-2 border-l-4 border-kneaded pl-3">
          <p className="font-semibold">Imported: {bring.data.techniques.length}.</p>
          <ul>
            {bring.data.techniques.map((t) => (
              <li key={t.id}>
                {t.name}: {STANDING_WORDS[t.standing]}
                {t.contradicted > 0 && `, ${t.contradicted} ${t.contradicted === 1 ? "claim" : "claims"} to answer`}
              </li>
            ))}
          </ul>
          {bring.data.person_notes > 0 && (
            <p>
              {bring.data.person_notes} notes about a person stood in the file. They are health data and were not kept.
            </p>
          )}
        </div>
      )}
    </div>
  );
}
