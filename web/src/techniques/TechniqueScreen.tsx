import { useQuery } from "@tanstack/react-query";
import { useParams, useSearchParams } from "react-router";
import { Stage } from "../face/Stage";
import { useSignedIn } from "../shell/session";
import { Empty, Problem, Waiting } from "../ui/States";
import { TechniqueEditor } from "./editor/TechniqueEditor";
import { TechniqueReader } from "./TechniqueReader";
import { emptyDocument } from "./parts/techniqueModel";
import { techniqueQuery } from "./parts/techniqueQueries";
import { keptDraft } from "../shell/useDraft";
import { draftPlace } from "./parts/techniqueModel";

/** One technique: written by the lead trainer, read by everyone else. */
export function TechniqueScreen() {
  const { id = "" } = useParams();
  const [params] = useSearchParams();
  const person = useSignedIn();
  const technique = useQuery(techniqueQuery(id));
  if (technique.isPending)
    return (
      <Stage plate={{}}>
        <Waiting what="the technique" />
      </Stage>
    );
  if (technique.isError)
    return (
      <Stage plate={{}}>
        <Problem
          error={technique.error}
          safe="What you typed is kept in this browser."
          again={() => technique.refetch()}
        />
      </Stage>
    );
  const stored = technique.data;
  if (stored && !person.leads) return <TechniqueReader technique={stored} />;
  if (stored)
    return (
      <TechniqueEditor
        key={id}
        id={id}
        stored={stored.document}
        edition={stored.edition}
        version={stored.version}
        frozen={stored.frozen}
        school={stored.school}
      />
    );
  if (person.leads && (params.has("empty") || keptDraft(draftPlace(id)) !== null))
    return (
      <TechniqueEditor key={id} id={id} stored={emptyDocument} edition={0} version={0} frozen={false} school={[]} />
    );
  return (
    <Stage plate={{}}>
      <Empty
        says="This technique does not exist, or you may not see it yet."
        next={{ to: "/techniques", says: "Open the library" }}
      />
    </Stage>
  );
}
