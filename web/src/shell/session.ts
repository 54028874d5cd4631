import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "./api";
import { sessionQuery } from "./queries";

/** Who is signed in. Screens inside the house may count on somebody. */
export function useSignedIn() {
  const { data } = useQuery(sessionQuery);
  const person = data?.person;
  if (!person) throw new Error("Nobody is signed in.");
  return { ...person, leads: person.role === "lead", grades: person.role === "lead" || person.role === "assessor" };
}

export type PersonRole = Schemas["PersonRole"];

export const ROLE_WORDS: Readonly<Record<PersonRole, string>> = {
  lead: "lead trainer",
  assessor: "assessor",
  trainee: "trainee",
  invited: "invited colleague",
};
