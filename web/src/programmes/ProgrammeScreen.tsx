import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { NavLink, useNavigate, useParams } from "react-router";
import { Stage } from "../face/Stage";
import { api, said } from "../shell/api";
import { useSignedIn } from "../shell/session";
import { Button } from "../ui/Button";
import { cn } from "../ui/cn";
import { TextField } from "../ui/Field";
import { FileButton } from "../ui/FileButton";
import { Refused } from "../ui/Refused";
import { Empty, Problem, Waiting } from "../ui/States";
import { ProgrammeBench } from "./ProgrammeBench";
import { emptyProgramme } from "./programmeModel";
import { programmeQuery, programmesQuery } from "./programmeQueries";

/** The programmes of the house, and the one that is open. */
export function ProgrammeScreen() {
  const { id } = useParams();
  const programmes = useQuery(programmesQuery);
  const person = useSignedIn();
  if (programmes.isPending)
    return (
      <Stage plate={{}}>
        <Waiting what="the programmes" />
      </Stage>
    );
  if (programmes.isError)
    return (
      <Stage plate={{}}>
        <Problem error={programmes.error} again={() => programmes.refetch()} />
      </Stage>
    );
  const open = id ?? [...programmes.data].sort((a, b) => a.gaps - b.gaps)[0]?.id;
  const head = (
    <nav aria-label="Programmes" className="mb-3 flex flex-wrap items-center gap-x-5 gap-y-1 text-[0.95rem]">
      {programmes.data.map((p) => (
        <NavLink
          key={p.id}
          to={`/programme/${p.id}`}
          className={cn(
            "border-b-2 py-0.5",
            p.id === open ? "border-now font-semibold text-now" : "border-transparent hover:text-now",
          )}
        >
          {p.name}
          {p.gaps > 0 && <span className="text-sm font-normal text-faded"> · {gaps(p.gaps)}</span>}
        </NavLink>
      ))}
      {person.leads && programmes.data.length > 0 && <NewProgramme />}
      {person.leads && <ImportProgramme />}
    </nav>
  );
  if (!open)
    return (
      <Stage plate={{}}>
        <h1>Programme</h1>
        <Empty says="No programme yet. Give it the name that will stand on the certificate; then say what a graduate can do, and put what is taught into units.">
          {person.leads && <NewProgramme first />}
        </Empty>
      </Stage>
    );
  return <OpenProgramme key={open} id={open} head={head} canChange={person.leads} />;
}

const gaps = (n: number) => (n === 1 ? "1 gap" : `${n} gaps`);

function OpenProgramme({ id, head, canChange }: { id: string; head: React.ReactNode; canChange: boolean }) {
  const programme = useQuery(programmeQuery(id));
  if (programme.isPending)
    return (
      <Stage plate={{}}>
        {head}
        <Waiting what="the programme" />
      </Stage>
    );
  if (programme.isError)
    return (
      <Stage plate={{}}>
        {head}
        <Problem error={programme.error} again={() => programme.refetch()} />
      </Stage>
    );
  return <ProgrammeBench key={id} stored={programme.data} head={head} canChange={canChange} />;
}

/** A file comes in whole, or it is said what is wrong with it and where. */
function ImportProgramme() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const bring = useMutation({
    mutationFn: async (file: File) =>
      said(api.POST("/api/programmes/import", { body: { id: crypto.randomUUID(), text: await file.text() } })),
    onSuccess: async (view) => {
      await queries.invalidateQueries({ queryKey: ["programmes"] });
      void navigate(`/programme/${view.id}`);
    },
  });
  return (
    <div>
      <FileButton
        word="import a file"
        label="Programme file"
        accept="application/json,.json"
        busy={bring.isPending}
        onFile={(file) => bring.mutate(file)}
      />
      {bring.isError && <Refused error={bring.error} />}
    </div>
  );
}

function NewProgramme({ first = false }: { first?: boolean }) {
  const [name, setName] = useState("");
  const [open, setOpen] = useState(first);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const add = useMutation({
    mutationFn: (id: string) =>
      said(
        api.POST("/api/programmes", {
          body: { id, document: emptyProgramme(name) },
        }),
      ),
    onSuccess: async (_, id) => {
      await queries.invalidateQueries({ queryKey: ["programmes"] });
      setOpen(false);
      void navigate(`/programme/${id}`);
    },
  });
  if (!open)
    return (
      <Button size="line" tone="quiet" onClick={() => setOpen(true)}>
        new programme
      </Button>
    );
  return (
    <form
      className="flex items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        add.mutate(crypto.randomUUID());
      }}
    >
      <TextField
        label="Name on the certificate"
        value={name}
        onChange={(e) => setName(e.target.value)}
        error={add.isError ? "Give it a name of up to 120 letters." : undefined}
      />
      <Button type="submit" tone="now" disabled={add.isPending}>
        Begin the programme
      </Button>
    </form>
  );
}
