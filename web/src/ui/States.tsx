import type { ReactNode } from "react";
import { Link } from "react-router";
import { problemOf, Refusal } from "../shell/api";
import { Button } from "./Button";

export function Waiting({ what }: { what: string }) {
  return (
    <p role="status" className="py-8 text-faded">
      Loading {what} …
    </p>
  );
}

/** What happened, what is safe, what to do. */
export function Problem({ error, safe, again }: { error: unknown; safe?: string; again?: () => unknown }) {
  const problem = problemOf(error);
  // To try again brings nothing where nothing is.
  if (error instanceof Refusal && error.status === 404)
    return <Empty says={problem.title} next={{ to: "/", says: "Go to the start" }} />;
  return (
    <div role="alert" className="my-3 border-l-4 border-wrong bg-wrong-wash px-4 py-2">
      <p className="font-semibold">{problem.title}</p>
      {problem.lines.map((line) => (
        <p key={line} className="text-sm">
          {line}
        </p>
      ))}
      {safe && <p className="text-sm">{safe}</p>}
      {again && (
        <Button size="line" tone="quiet" onClick={() => again()}>
          Try again
        </Button>
      )}
    </div>
  );
}

export function Empty({
  says,
  next,
  children,
}: {
  says: string;
  /** Where one goes from here, and its words. */
  next?: { to: string; says: string };
  children?: ReactNode;
}) {
  return (
    <div className="border-t border-line py-8">
      <p className="mb-3 max-w-prose font-serif text-lg text-faded">{says}</p>
      {next && (
        <Link to={next.to} className="inline-flex min-h-9 items-center text-now underline underline-offset-4">
          {next.says}
        </Link>
      )}
      {children}
    </div>
  );
}
