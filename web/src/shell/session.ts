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
/** Roles that somebody is given; an invited colleague is made by an invitation. */
export type GivenRole = Exclude<PersonRole, "invited">;
export const GIVEN_ROLES: readonly GivenRole[] = ["lead", "assessor", "trainee"];

export const ROLE_WORDS: Readonly<Record<PersonRole, string>> = {
  lead: "lead trainer",
  assessor: "assessor",
  trainee: "trainee",
  invited: "invited colleague",
};
