import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { toast } from "sonner";
import { Stage } from "../face/Stage";
import { api, problemOf, said } from "../shell/api";
import { useSignedIn } from "../shell/session";
import { Button } from "../ui/Button";
import { FileButton } from "../ui/FileButton";
import { Pick, TextField } from "../ui/Field";
import { Empty, Problem, Waiting } from "../ui/States";
import { clock, emptyRoutine, withPart } from "./routineModel";
import { routinesQuery } from "./routineQueries";
import { Refused } from "../ui/Refused";

/** The routines of the studio, with what each takes and what is to be said of its order. */
export function RoutineListScreen() {
  const person = useSignedIn();
  const routines = useQuery(routinesQuery);
  return (
    <Stage plate={{}} list>
      <h1>Routines</h1>
      <p className="mt-1 max-w-prose text-faded">
        Techniques one after another, fitted to the minutes there are: with what has to be changed between them, what is
        said, and whom it does not suit.
      </p>
      {person.leads && (
        <div className="mt-3 flex flex-wrap items-end gap-x-6 gap-y-2">
          <NewRoutine />
          <ImportRoutines />
        </div>
      )}
      {routines.isPending && <Waiting what="the routines" />}
      {routines.isError && <Problem error={routines.error} again={() => routines.refetch()} />}
      {routines.data?.length === 0 && (
        <Empty says="No routine yet. Give it a name, then put techniques one after another; Wexis adds up the minutes." />
      )}
      <ul className="mt-4">
        {routines.data?.map((r) => (
          <li key={r.id} className="border-t border-line last:border-b">
            <Link
              to={`/routines/${r.id}`}
              className="grid grid-cols-[1fr_auto] items-baseline gap-x-4 px-1 py-2 hover:bg-linen"
            >
              <span className="font-serif text-[1.05rem] font-medium">{r.name}</span>
              <span className="text-sm">{clock(r.seconds)}</span>
              <span className="text-sm text-faded">
                {r.remarks === 0
                  ? "in order"
                  : r.remarks === 1
                    ? "1 remark on its order"
                    : `${r.remarks} remarks on its order`}
              </span>
              <span className="text-right text-sm text-faded">edition {r.edition}</span>
            </Link>
          </li>
        ))}
      </ul>
      {(routines.data?.length ?? 0) > 1 && <SideBySide />}
    </Stage>
  );
}

function NewRoutine() {
  const [name, setName] = useState("");
  const queries = useQueryClient();
  const navigate = useNavigate();
  const add = useMutation({
    mutationFn: (id: string) =>
      said(
        api.POST("/api/routines", {
          body: { id, document: withPart(emptyRoutine(name), { free: "settle", seconds: 15, role: "prepare" }) },
        }),
      ),
    onSuccess: async (_, id) => {
      await queries.invalidateQueries({ queryKey: ["routines"] });
      void navigate(`/routines/${id}`);
    },
  });
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        add.mutate(crypto.randomUUID());
      }}
    >
      <TextField
        label="A new routine"
        placeholder="what you call it"
        maxLength={120}
        value={name}
        onChange={(e) => setName(e.target.value)}
        error={add.isError ? (problemOf(add.error).fields["name"]?.[0] ?? problemOf(add.error).title) : undefined}
      />
      <Button type="submit" tone="now" disabled={add.isPending || name.trim() === ""}>
        Begin the routine
      </Button>
    </form>
  );
}

/** A file comes in whole, or it is said what is wrong with it and where. */
function ImportRoutines() {
  const queries = useQueryClient();
  const bring = useMutation({
    mutationFn: async (file: File) =>
      said(api.POST("/api/routines/import", { body: { id: crypto.randomUUID(), text: await file.text() } })),
    onSuccess: (lines) => {
      toast.success(lines.length === 1 ? `Imported: ${lines[0]?.name}.` : `Imported: ${lines.length} routines.`);
      return Promise.all([
        queries.invalidateQueries({ queryKey: ["routines"] }),
        queries.invalidateQueries({ queryKey: ["thread"] }),
      ]);
    },
  });
  return (
    <div>
      <FileButton
        word="import a file"
        label="Routine file"
        accept="application/json,.json"
        busy={bring.isPending}
        onFile={(file) => bring.mutate(file)}
      />
      {bring.isError && <Refused error={bring.error} />}
    </div>
  );
}

function SideBySide() {
  const routines = useQuery(routinesQuery);
  const navigate = useNavigate();
  const [pair, setPair] = useState<{ first: string | null; second: string | null }>({ first: null, second: null });
  const options = (routines.data ?? []).map((r) => ({ value: r.id, word: r.name }));
  return (
    <section className="mt-8" aria-labelledby="beside">
      <h2 id="beside" className="mb-2">
        Two side by side
      </h2>
      <div className="flex max-w-3xl flex-wrap items-end gap-3">
        {(["first", "second"] as const).map((which) => (
          <Pick
            key={which}
            label={which === "first" ? "The first" : "The second"}
            className="min-w-56 flex-1"
            options={options}
            value={pair[which]}
            onChange={(id) => setPair({ ...pair, [which]: id })}
          />
        ))}
        <Button
          disabled={!pair.first || !pair.second || pair.first === pair.second}
          onClick={() => void navigate(`/routines/${pair.first}/beside/${pair.second}`)}
        >
          Compare
        </Button>
      </div>
    </section>
  );
}
