import { Stage } from "../face/Stage";
import { ROLE_WORDS, useSignedIn } from "../shell/session";
import { OwnPassword } from "./PersonForm";

/** Who is signed in, and their password. */
export function AccountScreen() {
  const person = useSignedIn();
  return (
    <Stage plate={{}} list>
      <h1>Your account</h1>
      <p className="mt-1 text-faded">
        {person.name}, {ROLE_WORDS[person.role] ?? person.role} · user name {person.login}
      </p>
      <h2 className="mt-6 mb-2">Change your password</h2>
      <OwnPassword />
    </Stage>
  );
}
