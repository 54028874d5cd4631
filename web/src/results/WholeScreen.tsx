import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { toast } from "sonner";
import { Stage } from "../face/Stage";
import { api, said, type Schemas } from "../shell/api";
import { useSignedIn } from "../shell/session";
import { Button } from "../ui/Button";
import { Choice, TextField } from "../ui/Field";
import { cn } from "../ui/cn";
import { Empty, Problem, Waiting } from "../ui/States";
import { Shown } from "./StationCell";

type Rule = Schemas["ExaminationRule"];

const wholeQuery = (id: string) =>
  queryOptions({
    queryKey: ["results", "whole", id],
    queryFn: () => said(api.GET("/api/results/examinations/{id}", { params: { path: { id } } })),
  });

const SAYS: Readonly<Record<string, string>> = { pass: "passed", fail: "not passed", open: "open" };

/** What an examination comes to, trainee by trainee, by the rule that the trainer sets; and what is still open. */
export function WholeScreen() {
  const { id = "" } = useParams();
  const person = useSignedIn();
  const whole = useQuery(wholeQuery(id));
  const w = whole.data;
  return (
    <Stage plate={{}} list>
      <p className="text-sm text-faded">
        <Link to="/examination" className="text-now underline">
          Examination
        </Link>
      </p>
      <h1>{w?.name ?? "Examination"}: who has passed</h1>
      {whole.isPending && <Waiting what="the examination" />}
      {whole.isError && <Problem error={whole.error} again={() => whole.refetch()} />}
      {w && <RuleText key={JSON.stringify(w.rule)} id={id} rule={w.rule} canChange={person.leads} />}
      {w && w.rows.length === 0 && (
        <Empty says="Nobody was graded at its stations yet." next={{ to: "/grading", says: "Grade a demonstration" }} />
      )}
      <ul className="mt-4">
        {w?.rows.map((r) => {
          const cells = new Map(r.cells.map((c) => [c.station, c]));
          return (
            <li key={r.trainee_id} className="border-t border-line py-2" data-whole={r.outcome.decision}>
              <div className="flex flex-wrap items-baseline gap-x-4">
                <Link
                  to={`/results/trainee/${r.trainee_id}`}
                  className="font-serif text-lg font-medium hover:underline"
                >
                  {r.trainee}
                </Link>
                <span
                  className={cn(
                    "font-semibold",
                    r.outcome.decision === "pass" ? "text-kneaded" : r.outcome.decision === "fail" && "text-now",
                  )}
                >
                  {SAYS[r.outcome.decision] ?? r.outcome.decision}
                </span>
                {r.outcome.percent !== null && (
                  <span className="text-sm text-faded">
                    {Math.round(r.outcome.percent * 10) / 10} % of what was shown
                  </span>
                )}
              </div>
              <p>{r.outcome.says}</p>
              <div className="mt-1 grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-x-4 gap-y-2">
                {w.stations.map((s, i) => (
                  <span key={s.station_id} className="text-sm leading-snug">
                    <span className="font-semibold text-now">{s.place}</span> {s.shows}
                    <At cell={cells.get(i)} open={r.outcome.open.includes(s.station_id)} />
                  </span>
                ))}
              </div>
            </li>
          );
        })}
      </ul>
    </Stage>
  );
}

/** What a station came to, and whether it is still to be shown. */
function At({ cell, open }: { cell: Schemas["Cell"] | undefined; open: boolean }) {
  if (!cell) return <span className="block min-h-8 py-1 text-faded">{open ? "still to be shown" : "not shown"}</span>;
  return (
    <>
      <Shown cell={cell} />
      {open && cell.decision !== null && cell.decision !== "pass" && (
        <span className="block text-faded">to be shown again</span>
      )}
    </>
  );
}

function RuleText({ id, rule, canChange }: { id: string; rule: Rule; canChange: boolean }) {
  const queries = useQueryClient();
  const [open, setOpen] = useState(false);
  const [kind, setKind] = useState<Rule["kind"]>(rule.kind);
  const [lines, setLines] = useState({
    total: String(rule.total),
    doing: String(rule.doing),
    teaching: String(rule.teaching),
  });
  const save = useMutation({
    mutationFn: () =>
      said(
        api.PUT("/api/results/examinations/{id}/rule", {
          params: { path: { id } },
          body: { kind, total: Number(lines.total), doing: Number(lines.doing), teaching: Number(lines.teaching) },
        }),
      ),
    onSuccess: async () => {
      toast.success("The rule is saved.");
      await queries.invalidateQueries({ queryKey: ["results", "whole"] });
    },
  });
  const says =
    rule.kind === "all-passed"
      ? "Passed when every station is passed."
      : `Passed when the mean of all stations reaches ${rule.total} %${
          rule.doing > 0 ? `, doing ${rule.doing} %` : ""
        }${rule.teaching > 0 ? `, teaching ${rule.teaching} %` : ""}. Safety that was missed is made up by nothing.`;
  const number = (key: keyof typeof lines, label: string) => (
    <TextField
      label={label}
      className="w-44"
      inputMode="decimal"
      value={lines[key]}
      onChange={(e) => setLines({ ...lines, [key]: e.target.value })}
    />
  );
  return (
    <div className="mt-1" data-rule={rule.kind}>
      <p>
        {says}{" "}
        {canChange && (
          <Button size="line" tone="quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
            Change the rule
          </Button>
        )}
      </p>
      {open && (
        <form
          className="mt-2 space-y-3 border-l-2 border-line pl-3"
          onSubmit={(e) => {
            e.preventDefault();
            save.mutate();
          }}
        >
          <Choice
            label="The whole is passed when"
            value={kind}
            onChange={setKind}
            options={[
              { value: "all-passed", word: "every station is passed" },
              { value: "total", word: "the total reaches a line, and each domain its minimum" },
            ]}
          />
          {kind === "total" && (
            <div className="flex flex-wrap gap-3">
              {number("total", "Total, %")}
              {number("doing", "Doing, at least %")}
              {number("teaching", "Teaching, at least %")}
            </div>
          )}
          {save.isError && <Problem error={save.error} safe="The rule is as it was." />}
          <Button type="submit" tone="now" disabled={save.isPending}>
            Save the rule
          </Button>
        </form>
      )}
    </div>
  );
}
