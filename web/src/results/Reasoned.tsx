import { useState } from "react";
import { Button } from "../ui/Button";
import { ReasonField } from "./ReasonField";
import { Problem } from "../ui/States";
import { ACT, useAct, type Act } from "./caseQueries";

/** An act that is done only with a reason in words. */
export function Reasoned({
  id,
  kind,
  of = null,
  label,
  hint,
  says,
  done,
}: {
  id: string;
  kind: Act["kind"];
  of?: string | null;
  label: string;
  hint: string;
  says: string;
  done?: () => void;
}) {
  const [reason, setReason] = useState("");
  const act = useAct(id, says);
  return (
    <form
      className="mt-3 max-w-xl space-y-2"
      onSubmit={(e) => {
        e.preventDefault();
        act.mutate({ ...ACT, kind, of, reason }, { onSuccess: () => done?.() });
      }}
    >
      <ReasonField label="Why" hint={hint} value={reason} onChange={setReason} />
      {act.isError && <Problem error={act.error} safe="What you wrote is kept here." />}
      <Button type="submit" tone="now" disabled={reason.trim() === "" || act.isPending}>
        {label}
      </Button>
    </form>
  );
}
