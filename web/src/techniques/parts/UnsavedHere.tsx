import { useState } from "react";
import { Link } from "react-router";
import { draftsOf, setAside } from "../../shell/useDraft";
import { Button } from "../../ui/Button";

/** What was written on this device and not saved yet: it comes back from here, after a reload, a crash, or days. */
export function UnsavedHere() {
  const [drafts, setDrafts] = useState(() => draftsOf("technique"));
  if (drafts.length === 0) return null;
  return (
    <section aria-labelledby="unsaved" className="mt-3 border-l-4 border-now bg-now-wash px-4 py-2" data-unsaved>
      <h2 id="unsaved" className="text-base">
        Not saved yet, kept on this device
      </h2>
      <ul className="text-sm">
        {drafts.map((d) => (
          <li key={d.id} className="flex flex-wrap items-baseline gap-x-3">
            <Link to={`/techniques/${d.id}`} className="font-semibold text-now underline underline-offset-4">
              {d.name}
            </Link>
            <span className="text-faded">{d.isNew ? "new" : "changes to what is saved"}</span>
            <Button
              size="line"
              tone="quiet"
              aria-label={`set aside: ${d.name}`}
              onClick={() => {
                setAside(d.place);
                setDrafts(draftsOf("technique"));
              }}
            >
              set aside
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
