import { NavLink } from "react-router";
import { Button } from "../../ui/Button";

/** The head of every page of the library: its name, and the other ways to look at it. */
export function LibraryHead({ write, staff }: { write?: (() => void) | undefined; staff: boolean }) {
  const ways = [
    { to: "/techniques", word: "list" },
    { to: "/techniques/whole", word: "library check" },
    { to: "/techniques/schools", word: "by teaching style" },
    { to: "/techniques/notes", word: "from old notes" },
    { to: "/techniques/claims", word: "check a page" },
  ];
  return (
    <div className="flex flex-wrap items-end justify-between gap-4">
      <div>
        <h1>Techniques</h1>
        {staff && (
          <nav aria-label="Ways to look at the library" className="flex flex-wrap gap-x-4 text-sm whitespace-nowrap">
            {ways.map((w) => (
              <NavLink
                key={w.to}
                to={w.to}
                end
                className={({ isActive }) =>
                  isActive ? "font-semibold text-ink" : "text-now underline underline-offset-4"
                }
              >
                {w.word}
              </NavLink>
            ))}
          </nav>
        )}
      </div>
      {write && (
        <Button tone="now" onClick={write}>
          Write a technique
        </Button>
      )}
    </div>
  );
}
