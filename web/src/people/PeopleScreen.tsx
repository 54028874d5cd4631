import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { toast } from "sonner";
import { Stage } from "../face/Stage";
import { api, problemOf, said } from "../shell/api";
import { peopleQuery } from "../shell/queries";
import { PutAway } from "../keeping/PutAway";
import { GIVEN_ROLES, ROLE_WORDS, useSignedIn, type GivenRole } from "../shell/session";
import { Button } from "../ui/Button";
import { Pick, TextField } from "../ui/Field";
import { Problem, Waiting } from "../ui/States";
import { Invited } from "./Invited";
import { PersonForm } from "./PersonForm";
import { StudioNetwork } from "./StudioNetwork";

const BLANK: { name: string; login: string; password: string; role: GivenRole } = {
  name: "",
  login: "",
  password: "",
  role: "trainee",
};

/** Who belongs to the house. A house of one trainer is complete; more people are possible. */
export function PeopleScreen() {
  const people = useQuery(peopleQuery);
  const { leads, id: me } = useSignedIn();
  const queries = useQueryClient();
  const [draft, setDraft] = useState(BLANK);
  const [edited, setEdited] = useState<string | null>(null);
  const add = useMutation({
    mutationFn: () => said(api.POST("/api/people", { body: draft })),
    onSuccess: async (person) => {
      setDraft(BLANK);
      await queries.invalidateQueries({ queryKey: ["people"] });
      toast.success(`${person.name} can sign in now.`);
    },
  });
  const wrong = add.isError ? problemOf(add.error).fields : {};
  const field = (name: "name" | "login" | "password") => ({
    value: draft[name],
    error: wrong[name]?.[0],
    onChange: (e: { target: { value: string } }) => setDraft({ ...draft, [name]: e.target.value }),
  });
  return (
    <Stage plate={{}} list>
      <div className="flex items-baseline justify-between gap-4">
        <h1>People</h1>
        <span className="flex flex-wrap gap-x-5">
          <Link to="/screening">Screening: who may do what</Link>
          <Link to="/house">Studio settings</Link>
          {leads && <Link to="/archive">Archive</Link>}
        </span>
      </div>
      {people.isPending && <Waiting what="the people" />}
      {people.isError && <Problem error={people.error} again={() => people.refetch()} />}
      <ul className="mt-3 max-w-xl">
        {people.data?.map((p) => (
          <li key={p.id} className="border-t border-line py-1.5">
            <p className="flex justify-between">
              <span className="font-medium">{p.name}</span>
              <span className="flex flex-wrap items-baseline justify-end gap-x-3 text-faded">
                {ROLE_WORDS[p.role] ?? p.role} · user name {p.login}
                {leads && (
                  <Button
                    size="line"
                    tone="quiet"
                    aria-label={`edit ${p.name}`}
                    aria-expanded={edited === p.id}
                    onClick={() => setEdited(edited === p.id ? null : p.id)}
                  >
                    edit
                  </Button>
                )}
                {leads && p.id !== me && <PutAway kind="person" id={p.id} name={p.name} />}
              </span>
            </p>
            {edited === p.id && <PersonForm person={p} me={p.id === me} onDone={() => setEdited(null)} />}
          </li>
        ))}
      </ul>
      <form
        className="mt-8 grid max-w-xl gap-3 sm:grid-cols-2"
        onSubmit={(e) => {
          e.preventDefault();
          add.mutate();
        }}
      >
        <h2 className="sm:col-span-2">Add somebody</h2>
        <TextField label="Name" {...field("name")} />
        <Pick
          label="Role"
          options={GIVEN_ROLES.map((value) => ({ value, word: ROLE_WORDS[value] }))}
          value={draft.role}
          onChange={(role) => setDraft({ ...draft, role: role ?? "trainee" })}
        />
        <TextField label="User name" autoComplete="off" {...field("login")} />
        <TextField
          label="First password"
          type="password"
          autoComplete="new-password"
          hint="At least 10 characters; tell it in person."
          {...field("password")}
        />
        <div>
          <Button type="submit" tone="now" disabled={add.isPending}>
            Add this person
          </Button>
        </div>
      </form>
      {leads && <Invited />}
      <StudioNetwork />
    </Stage>
  );
}
