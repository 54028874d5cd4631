import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { toast } from "sonner";
import { api, problemOf, said, type Schemas } from "../shell/api";
import { GIVEN_ROLES, ROLE_WORDS, type GivenRole } from "../shell/session";
import { Button } from "../ui/Button";
import { Pick, TextField } from "../ui/Field";
import { Problem } from "../ui/States";

const MESSAGES = { current: "Current password", password: "New password" } as const;

/** A person's name and role changed, and a new password for whoever forgot theirs. */
export function PersonForm({ person, me, onDone }: { person: Schemas["PersonLine"]; me: boolean; onDone: () => void }) {
  const queries = useQueryClient();
  const [name, setName] = useState(person.name);
  const [role, setRole] = useState<GivenRole>(person.role === "invited" ? "assessor" : person.role);
  const [password, setPassword] = useState("");
  // What was seen when the change was begun: somebody else's change is not saved over unseen.
  const [seen] = useState(person);
  const change = useMutation({
    mutationFn: () =>
      said(
        api.PUT("/api/people/{id}", {
          params: { path: { id: person.id } },
          body: { name, role, seen_name: seen.name, seen_role: seen.role },
        }),
      ),
    onSuccess: async (saved) => {
      await queries.invalidateQueries({ queryKey: me ? [] : ["people"] });
      toast.success(`Saved: ${saved.name}, ${ROLE_WORDS[saved.role]}.`);
      onDone();
    },
  });
  const reset = useMutation({
    mutationFn: () =>
      said(api.PUT("/api/people/{id}/password", { params: { path: { id: person.id } }, body: { password } })),
    onSuccess: () => {
      toast.success(`${person.name} signs in with the new password now, on every device.`);
      onDone();
    },
  });
  const wrong = change.isError ? problemOf(change.error) : null;
  const wrongPassword = reset.isError ? problemOf(reset.error) : null;
  return (
    <div className="mb-3 space-y-3 border-l-4 border-line pl-3" data-person-form>
      <form
        className="grid gap-3 sm:grid-cols-2"
        onSubmit={(e) => {
          e.preventDefault();
          change.mutate();
        }}
      >
        <TextField
          label="Name"
          value={name}
          maxLength={120}
          autoFocus
          error={wrong?.fields["name"]?.[0]}
          onChange={(e) => setName(e.target.value)}
        />
        <Pick
          label="Role"
          options={GIVEN_ROLES.map((value) => ({ value, word: ROLE_WORDS[value] }))}
          value={role}
          onChange={(to) => setRole(to ?? role)}
        />
        {change.isError && (
          <div className="sm:col-span-2">
            <Problem error={change.error} safe="What you typed is kept here." />
          </div>
        )}
        <div className="flex gap-2 sm:col-span-2">
          <Button
            type="submit"
            tone="now"
            disabled={change.isPending || (name === person.name && role === person.role)}
          >
            Save
          </Button>
          <Button onClick={onDone}>Cancel</Button>
        </div>
      </form>
      {!me && (
        <form
          className="flex flex-wrap items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            reset.mutate();
          }}
        >
          <TextField
            label="New password"
            type="password"
            autoComplete="new-password"
            hint="At least 10 characters; tell it in person."
            value={password}
            error={wrongPassword?.fields["password"]?.[0]}
            onChange={(e) => setPassword(e.target.value)}
          />
          <Button type="submit" disabled={reset.isPending || password === ""}>
            Reset the password
          </Button>
        </form>
      )}
    </div>
  );
}

/** One's own password changed: afterwards one signs in again, on every device. */
export function OwnPassword() {
  const [given, setGiven] = useState({ current: "", password: "" });
  const change = useMutation({
    mutationFn: () => said(api.PUT("/api/session/password", { body: given })),
    onSuccess: () => window.location.assign("/"),
  });
  const wrong = change.isError ? problemOf(change.error) : null;
  return (
    <form
      className="grid max-w-xl gap-3 sm:grid-cols-2"
      onSubmit={(e) => {
        e.preventDefault();
        change.mutate();
      }}
    >
      {(["current", "password"] as const).map((field) => (
        <TextField
          key={field}
          label={MESSAGES[field]}
          type="password"
          autoComplete={field === "current" ? "current-password" : "new-password"}
          hint={field === "password" ? "At least 10 characters." : undefined}
          value={given[field]}
          error={wrong?.fields[field]?.[0]}
          onChange={(e) => setGiven({ ...given, [field]: e.target.value })}
        />
      ))}
      {change.isError && !wrong?.fields["current"] && !wrong?.fields["password"] && (
        <div className="sm:col-span-2">
          <Problem error={change.error} safe="Your password is as it was." />
        </div>
      )}
      <div className="sm:col-span-2">
        <Button type="submit" tone="now" disabled={change.isPending || !given.current || !given.password}>
          Change the password
        </Button>
        <p className="mt-1 text-sm text-faded">Then you sign in again, on every device.</p>
      </div>
    </form>
  );
}
