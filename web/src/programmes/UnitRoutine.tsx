import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { toast } from "sonner";
import { emptyRoutine, withPart } from "../routines/routineModel";
import type { RoutineDocument } from "../routines/routineQueries";
import { api, problemOf, said, type Schemas } from "../shell/api";
import { Button } from "../ui/Button";
import type { ProgrammeDocument, ProgrammeUnit } from "./programmeQueries";

/** The techniques of a unit, in their order, as a first routine: each with its newest edition, at standard. */
export function UnitRoutine({
  unit,
  document: programme,
  library,
}: {
  unit: ProgrammeUnit;
  document: ProgrammeDocument;
  library: readonly Schemas["EditionLine"][];
}) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const make = useMutation({
    mutationFn: (id: string) => {
      const taught = (unit.techniques ?? []).flatMap((code) => library.find((t) => t.code === code) ?? []);
      const document = taught.reduce<RoutineDocument>(
        (d, t) => withPart(d, { technique: t.code, edition: t.edition, level: "standard" }),
        { ...emptyRoutine(unit.name), schools: programme.modules?.find((m) => m.id === unit.module)?.schools ?? [] },
      );
      return said(api.POST("/api/routines", { body: { id, document } }));
    },
    onSuccess: async (_, id) => {
      await queries.invalidateQueries({ queryKey: ["routines"] });
      void navigate(`/routines/${id}`);
    },
    onError: (error) => toast.error([problemOf(error).title, ...problemOf(error).lines].join(" ")),
  });
  return (
    <Button size="line" tone="quiet" disabled={make.isPending} onClick={() => make.mutate(crypto.randomUUID())}>
      make a routine of these
    </Button>
  );
}
