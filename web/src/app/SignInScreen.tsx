import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState, type FormEvent } from "react";
import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import { api, problemOf, said, type Schemas } from "../shell/api";
import { sessionQuery } from "../shell/queries";
import { ROLE_WORDS } from "../shell/session";

/** Signing in; on a house that nobody leads yet, its first lead trainer. */
export function SignInScreen({ session }: { session: Schemas["Session"] }) {
  return (
    <main className="mx-auto grid min-h-screen max-w-5xl items-center gap-10 px-6 md:grid-cols-[1fr_24rem]">
      <div>
        <EngravedBrow />
        <h1 className="mt-4 text-4xl">Wexis</h1>
        <p className="mt-3 max-w-md font-serif text-lg text-faded">
          For face yoga trainers who certify others: what each technique works, what the programme covers, and why a
          demonstration passed.
        </p>
      </div>
      {session.needs_first_lead ? <FirstLead asksCode={session.asks_code} /> : <SignIn demo={session.demo_accounts} />}
    </main>
  );
}

function SignIn({ demo }: { demo: readonly Schemas["DemoAccount"][] }) {
  const [login, setLogin] = useState("");
  const [password, setPassword] = useState("");
  const queries = useQueryClient();
  const enter = useMutation({
    mutationFn: (given: { login: string; password: string }) => said(api.POST("/api/session", { body: given })),
    onSuccess: () => queries.invalidateQueries({ queryKey: sessionQuery.queryKey }),
  });
  const submit = (e: FormEvent) => {
    e.preventDefault();
    enter.mutate({ login, password });
  };
  return (
    <section aria-labelledby="sign-in">
      <h2 id="sign-in" className="mb-3">
        Sign in
      </h2>
      <form onSubmit={submit} className="space-y-3">
        <TextField
          label="User name"
          value={login}
          onChange={(e) => setLogin(e.target.value)}
          autoComplete="username"
          required
        />
        <TextField
          label="Password"
          type="password"
          value={password}
          onChange={(e) => setPassword(e.target.value)}
          autoComplete="current-password"
          required
          error={enter.isError ? (problemOf(enter.error).lines[0] ?? problemOf(enter.error).title) : undefined}
        />
        <Button type="submit" tone="now" disabled={enter.isPending}>
          Sign in
        </Button>
      </form>
      {demo.length > 0 && (
        <div className="mt-8">
          <h3 className="mb-2 border-b border-line pb-1">Demo: the Wrenmoor atelier in Callowmere</h3>
          <p className="mb-2 text-sm text-faded">Invented people with invented marks. One touch signs in.</p>
          <ul className="max-h-72 space-y-1 overflow-auto">
            {demo.map((a) => (
              <li key={a.login}>
                <button
                  type="button"
                  className="flex w-full items-baseline justify-between gap-3 rounded-mark px-2 py-1 text-left hover:bg-linen"
                  onClick={() => enter.mutate({ login: a.login, password: a.password })}
                  disabled={enter.isPending}
                >
                  <span className="font-medium">{a.name}</span>
                  <span className="text-sm text-faded">{ROLE_WORDS[a.role]}</span>
                </button>
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

function FirstLead({ asksCode }: { asksCode: boolean }) {
  const [draft, setDraft] = useState({ name: "", login: "", password: "", code: "" });
  const queries = useQueryClient();
  const add = useMutation({
    mutationFn: () => said(api.POST("/api/first-lead", { body: draft })),
    onSuccess: () => queries.invalidateQueries({ queryKey: sessionQuery.queryKey }),
  });
  const fields = add.isError ? problemOf(add.error).fields : {};
  const field = (name: keyof typeof draft) => ({
    value: draft[name],
    onChange: (e: { target: { value: string } }) => setDraft({ ...draft, [name]: e.target.value }),
    error: fields[name]?.[0],
  });
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        add.mutate();
      }}
      className="space-y-3"
    >
      <h2>This studio has no lead trainer yet</h2>
      <p className="text-sm text-faded">
        The person added here is the lead trainer, who writes techniques, sets examinations, releases results and adds
        people.
      </p>
      <TextField label="Your name" autoComplete="name" {...field("name")} />
      <TextField label="User name" autoComplete="username" {...field("login")} />
      <TextField
        label="Password"
        type="password"
        autoComplete="new-password"
        hint="At least 10 characters. There is no default."
        {...field("password")}
      />
      {asksCode && (
        <TextField
          label="Code"
          inputMode="numeric"
          autoComplete="off"
          hint="Shown in the window where Wexis was started."
          {...field("code")}
        />
      )}
      {add.isError && Object.keys(fields).length === 0 && (
        <p role="alert" className="text-wrong">
          {problemOf(add.error).title}
        </p>
      )}
      <Button type="submit" tone="now" disabled={add.isPending}>
        Create the lead trainer
      </Button>
    </form>
  );
}

/** A brow with its fibres, in the plate's own manner. */
function EngravedBrow() {
  return (
    <svg
      viewBox="0 0 320 150"
      className="w-full max-w-sm"
      aria-hidden="true"
      fill="none"
      stroke="var(--color-contour)"
      strokeLinecap="round"
    >
      {Array.from({ length: 26 }, (_, i) => {
        const x = 22 + i * 11;
        const arch = 62 - 34 * Math.sin((i / 25) * Math.PI * 0.86 + 0.3);
        return (
          <path
            key={i}
            d={`M${x} ${arch + 44}C${x + 1} ${arch + 24} ${x + 4} ${arch - 8} ${x + 9} ${arch - 30}`}
            strokeWidth={0.9 + 0.7 * Math.sin((i / 25) * Math.PI)}
            stroke={i > 5 && i < 17 ? "var(--color-tightens)" : "var(--color-fibre)"}
          />
        );
      })}
      <path d="M60 118c40-34 150-40 214 4" strokeWidth={2} />
      <path d="M60 118c46 26 158 28 214 4" strokeWidth={1.4} />
      <circle cx={166} cy={114} r={20} strokeWidth={1.2} />
      <circle cx={166} cy={114} r={7} fill="var(--color-contour)" />
    </svg>
  );
}
