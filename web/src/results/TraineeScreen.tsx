import { queryOptions, useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { Stage } from "../face/Stage";
import { api, said } from "../shell/api";
import { moment } from "../shell/days";
import { useSignedIn } from "../shell/session";
import { Empty, Problem, Waiting } from "../ui/States";

const storyQuery = (id: string) =>
  queryOptions({
    queryKey: ["results", "story", id],
    queryFn: () => said(api.GET("/api/results/trainees/{id}/story", { params: { path: { id } } })),
  });

/** The story of one trainee: every decision, by whom, when, on what; and everything about them in one file. */
export function TraineeScreen() {
  const { id = "" } = useParams();
  const person = useSignedIn();
  const story = useQuery(storyQuery(id));
  const s = story.data;
  if (story.isError)
    return (
      <Stage plate={{}} list>
        <Problem error={story.error} again={() => story.refetch()} />
      </Stage>
    );
  return (
    <Stage plate={{}} list>
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h1>{s ? `The story of ${s.trainee}` : "The story"}</h1>
        {(person.leads || person.id === id) && (
          <a
            className="inline-flex min-h-9 items-center text-now underline"
            href={`/api/results/trainees/${id}/export`}
            download={`${(s?.trainee ?? "trainee").toLowerCase().replaceAll(" ", "-")}.json`}
          >
            Export everything about {person.id === id ? "me" : (s?.trainee.split(" ")[0] ?? "them")}
          </a>
        )}
      </div>
      <p className="text-faded">Every decision in order. Nothing is ever taken out of it.</p>
      {story.isPending && <Waiting what="the story" />}
      {s?.lines.length === 0 && (
        <Empty
          says="Nothing was decided yet. What is decided about a demonstration stands here from then on."
          next={
            person.grades
              ? { to: "/grading", says: "Grade a demonstration" }
              : { to: "/results", says: "Open the results" }
          }
        />
      )}
      <ol className="mt-3" data-trainee-story>
        {s?.lines.map((l) => (
          <li
            key={`${l.line.at}${l.line.text}${l.result}`}
            className="grid grid-cols-[10rem_1fr] gap-x-3 border-t border-line py-1.5 max-sm:grid-cols-1"
          >
            <time className="text-sm text-faded" dateTime={l.line.at}>
              {moment(l.line.at)}
            </time>
            <span>
              {l.line.text}
              {l.line.reason && <span className="block font-serif">“{l.line.reason}”</span>}
              <span className="block text-sm text-faded">
                <Link to={`/results/${l.result}`} className="underline hover:text-now">
                  {l.shown}
                </Link>
                {l.edition !== null && `, edition ${l.edition}`}, attempt {l.attempt}
              </span>
            </span>
          </li>
        ))}
      </ol>
    </Stage>
  );
}
