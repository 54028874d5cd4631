import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useRef } from "react";
import { api, problemOf, said } from "../shell/api";
import { Button } from "../ui/Button";
import { STANDING_WORDS } from "./techniqueModel";

/** Techniques come in and go out as open files. A bad file gets a report line by line, and nothing of it comes in. */
export function FileDoor() {
  const input = useRef<HTMLInputElement>(null);
  const queries = useQueryClient();
  const bring = useMutation({
    mutationFn: async (file: File) => said(api.POST("/api/techniques/import", { body: { text: await file.text() } })),
    onSuccess: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: ["techniques"] }),
        queries.invalidateQueries({ queryKey: ["thread"] }),
      ]),
  });
  const take = useMutation({
    mutationFn: () => said(api.GET("/api/techniques/export")),
    onSuccess: (list) => {
      const link = document.createElement("a");
      link.href = URL.createObjectURL(new Blob([JSON.stringify(list, null, 2)], { type: "application/json" }));
      link.download = "techniques.json";
      link.click();
      URL.revokeObjectURL(link.href);
    },
  });
  const wrong = bring.isError ? problemOf(bring.error) : null;
  return (
    <div className="text-sm">
      <div className="flex flex-wrap gap-x-4">
        <Button size="line" tone="quiet" disabled={bring.isPending} onClick={() => input.current?.click()}>
          bring in a file
        </Button>
        <Button size="line" tone="quiet" disabled={take.isPending} onClick={() => take.mutate()}>
          take all out as a file
        </Button>
      </div>
      <input
        ref={input}
        type="file"
        accept="application/json,.json"
        aria-label="Technique file"
        className="sr-only"
        tabIndex={-1}
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) bring.mutate(file);
          e.target.value = "";
        }}
      />
      {wrong && (
        <div role="alert" className="my-2 border-l-4 border-safety bg-safety-wash px-3 py-1" data-import-refused>
          <p className="font-semibold">{wrong.title}</p>
          <ul>
            {wrong.lines.map((l) => (
              <li key={l}>{l}</li>
            ))}
          </ul>
        </div>
      )}
      {bring.isSuccess && (
        <div role="status" className="my-2 border-l-4 border-kneaded pl-3">
          <p className="font-semibold">Brought in: {bring.data.techniques.length}.</p>
          <ul>
            {bring.data.techniques.map((t) => (
              <li key={t.id}>
                {t.name}: {STANDING_WORDS[t.standing] ?? t.standing}
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
