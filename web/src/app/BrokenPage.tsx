import type { FallbackProps } from "react-error-boundary";
import { useLocation } from "react-router";
import { Button } from "../ui/Button";
import { problemOf } from "../shell/api";
import { draftsAt, setAside } from "../shell/useDraft";

/** A page that could not be drawn: the stops stay, what was typed is kept, and a draft in the way can be set aside. */
export function BrokenPage({ error, resetErrorBoundary }: FallbackProps) {
  const { pathname } = useLocation();
  const drafts = draftsAt(pathname);
  return (
    <main id="bench" className="max-w-prose p-8">
      <h1 role="alert">This page could not be shown</h1>
      <p className="mt-2 font-serif text-lg">
        What is saved is safe, and the other stops work. {drafts.length > 0 && "What you typed here is still kept."}
      </p>
      <p className="mt-1 text-sm text-faded">Details for support: {problemOf(error).title}</p>
      <div className="mt-4 flex flex-wrap gap-3">
        <Button tone="now" onClick={() => resetErrorBoundary()}>
          Show it again
        </Button>
        {drafts.length > 0 && (
          <Button
            onClick={() => {
              drafts.forEach(setAside);
              resetErrorBoundary();
            }}
          >
            Set aside what I typed, and show what is saved
          </Button>
        )}
      </div>
    </main>
  );
}
