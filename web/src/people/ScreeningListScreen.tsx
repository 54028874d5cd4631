import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate } from "react-router";
import { Stage } from "../face/Stage";
import { useSignedIn } from "../shell/session";
import { Button } from "../ui/Button";
import { Empty, Problem, Waiting } from "../ui/States";
import { day } from "../shell/days";
import { screeningsQuery } from "./screeningQueries";

/** The screenings that these eyes may see. */
export function ScreeningListScreen() {
  const person = useSignedIn();
  const navigate = useNavigate();
  const screenings = useQuery(screeningsQuery);
  const ask = () => void navigate(`/screening/new/${crypto.randomUUID()}`);
  return (
    <Stage plate={{}} list>
      <div className="flex flex-wrap items-end justify-between gap-4">
        <h1>Screening</h1>
        {person.grades && (
          <Button tone="now" onClick={ask}>
            Screen a person
          </Button>
        )}
      </div>
      <p className="mt-1 mb-4 max-w-prose text-faded">
        What a person may do, technique by technique. It is health data: you see what is about you, what you took, and
        what the person allowed you to see.
      </p>
      {screenings.isPending && <Waiting what="the screenings" />}
      {screenings.isError && <Problem error={screenings.error} again={() => screenings.refetch()} />}
      {screenings.data?.length === 0 && (
        <Empty says="No screening you may see yet. Ask the questions before the first session; the answers are good for 90 days.">
          {person.grades && <Button onClick={ask}>Screen the first person</Button>}
        </Empty>
      )}
      <ul className="max-w-2xl">
        {screenings.data?.map((s) => (
          <li key={s.id} className="border-t border-line last:border-b">
            <Link to={`/screening/${s.id}`} className="grid grid-cols-[1fr_auto] gap-4 px-1 py-2 hover:bg-linen">
              <span>
                <span className="font-serif text-[1.05rem] font-medium">{s.about}</span>
                <span className="block text-sm text-faded">
                  asked by {s.taken_by}, {day(s.answered_on)}
                </span>
              </span>
              <span className="text-right text-sm">
                {s.standing === "expired" ? (
                  <span className="font-semibold text-now">expired {day(s.good_until)}, ask again</span>
                ) : (
                  <>good until {day(s.good_until)}</>
                )}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </Stage>
  );
}
