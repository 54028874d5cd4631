import { queryOptions, useMutation, useQuery } from "@tanstack/react-query";
import { Stage } from "../face/Stage";
import { api, problemOf, said, type Schemas } from "../shell/api";
import { Button } from "../ui/Button";
import { moment } from "../shell/days";
import { Empty, Problem, Waiting } from "../ui/States";
import { useAway } from "./PutAway";

const allQuery = queryOptions({ queryKey: ["away"], queryFn: () => said(api.GET("/api/away")) });

const KIND_WORDS: Readonly<Record<string, string>> = {
  technique: "technique",
  programme: "programme",
  examination: "examination",
  station: "station",
  person: "person",
};

/** Everything that was archived or deleted, the newest first, each with its way back. */
export function AwayScreen() {
  const all = useQuery(allQuery);
  return (
    <Stage plate={{}} list>
      <h1>Archive</h1>
      <p className="mt-1 mb-4 max-w-xl font-serif text-lg text-faded">
        Archived things stay for good. Deleted things can be brought back for 30 days.
      </p>
      {all.isPending && <Waiting what="the archive" />}
      {all.isError && <Problem error={all.error} again={() => all.refetch()} />}
      {all.data?.length === 0 && (
        <Empty
          says="Nothing is archived and nothing was deleted."
          next={{ to: "/techniques", says: "Open the library" }}
        />
      )}
      <ul className="mt-4 max-w-3xl">
        {all.data?.map((k) => (
          <One key={k.kind + k.id} kept={k} />
        ))}
      </ul>
    </Stage>
  );
}

function One({ kept }: { kept: Schemas["Kept"] }) {
  const away = useAway();
  const back = useMutation({
    mutationFn: () => away(kept.kind, kept.id, kept.name, kept.state as "archived" | "deleted", null),
  });
  return (
    <li className="flex flex-wrap items-baseline justify-between gap-x-4 border-t border-line py-2" data-away={kept.id}>
      <span>
        <span className="font-medium">{kept.name}</span>{" "}
        <span className="text-faded">
          {KIND_WORDS[kept.kind]}, {kept.state} by {kept.by}
          {kept.at ? ` on ${moment(kept.at)}` : ""}
        </span>
      </span>
      <Button size="line" tone="quiet" disabled={back.isPending} onClick={() => back.mutate()}>
        Bring back
      </Button>
      {back.isError && (
        <span role="alert" className="basis-full text-sm font-medium text-wrong">
          {problemOf(back.error).title}
        </span>
      )}
    </li>
  );
}
