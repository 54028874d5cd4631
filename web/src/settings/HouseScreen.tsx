import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState, type FormEvent } from "react";
import { toast } from "sonner";
import { Stage } from "../face/Stage";
import { api, problemOf, said, type Schemas } from "../shell/api";
import { sessionQuery } from "../shell/queries";
import { useSignedIn } from "../shell/session";
import { Button } from "../ui/Button";
import { Labelled, TextField } from "../ui/Field";
import { day, moment } from "../shell/days";
import { Problem, Waiting } from "../ui/States";

type House = Schemas["HouseView"];
type Setting = Schemas["SettingView"];

const houseQuery = queryOptions({ queryKey: ["house"], queryFn: () => said(api.GET("/api/house")) });

const number = (n: number) => String(Math.round(n * 1000) / 1000);

/** What this house does its own way: each convention with its value, its default, its range and where it comes from. */
export function HouseScreen() {
  const house = useQuery(houseQuery);
  const { leads } = useSignedIn();
  return (
    <Stage plate={{}} list>
      <h1>Studio settings</h1>
      <p className="mt-1 max-w-xl font-serif text-lg text-faded">
        Conventions that are chosen, not measured. A change counts from now on: maps, doses and times are worked out
        anew; results that were given stay as they were.
      </p>
      {house.isPending && <Waiting what="the settings" />}
      {house.isError && <Problem error={house.error} again={() => house.refetch()} />}
      {house.data && (
        <>
          <Place key={house.data.time_zone_version} house={house.data} leads={leads} />
          {groupsOf(house.data.settings).map(([group, settings], i) => (
            <details key={group} className="mt-4 max-w-3xl border-t border-line pt-2" open={i < 1}>
              <summary className="cursor-pointer">
                <h2 className="inline">{group}</h2>{" "}
                <span className="text-sm text-faded">{otherwise(settings.filter((s) => s.told_by).length)}</span>
              </summary>
              <ul>
                {settings.map((s) => (
                  <One key={`${s.name} ${s.version}`} setting={s} leads={leads} />
                ))}
              </ul>
            </details>
          ))}
        </>
      )}
    </Stage>
  );
}

const otherwise = (n: number) => (n === 0 ? "all at their defaults" : n === 1 ? "one changed" : `${n} changed`);

function groupsOf(settings: readonly Setting[]): [string, Setting[]][] {
  const groups = new Map<string, Setting[]>();
  for (const s of settings) groups.set(s.group, [...(groups.get(s.group) ?? []), s]);
  return [...groups];
}

/** Where the house stands decides what day it is. */
function Place({ house, leads }: { house: House; leads: boolean }) {
  const [zone, setZone] = useState(house.time_zone);
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: () =>
      said(api.PUT("/api/house/time-zone", { body: { seen: house.time_zone_version, time_zone: zone } })),
    onSuccess: async (now) => {
      queries.setQueryData(houseQuery.queryKey, now);
      await queries.invalidateQueries({ queryKey: sessionQuery.queryKey });
      toast.success(`Today is ${day(now.today)} here.`);
    },
  });
  return (
    <form
      className="mt-4 flex max-w-xl flex-wrap items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        change.mutate();
      }}
    >
      <Labelled
        label="Studio time zone"
        hint={`Today is ${day(house.today)} there.`}
        error={change.isError ? wrongOf(change.error, "time_zone") : undefined}
        className="grow"
      >
        {(wiring) => (
          <select
            className="field"
            {...wiring}
            value={zone}
            disabled={!leads}
            onChange={(e) => setZone(e.target.value)}
          >
            {house.zones.map((z) => (
              <option key={z}>{z}</option>
            ))}
          </select>
        )}
      </Labelled>
      {zone !== house.time_zone && (
        <Button type="submit" tone="now" disabled={change.isPending}>
          Save it
        </Button>
      )}
    </form>
  );
}

const wrongOf = (error: Error, field: string) => {
  const problem = problemOf(error);
  return problem.fields[field]?.[0] ?? problem.title;
};

function One({ setting: s, leads }: { setting: Setting; leads: boolean }) {
  const [value, setValue] = useState(number(s.value));
  const [reason, setReason] = useState(s.reason);
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: (to: number | null) =>
      said(
        api.PUT("/api/house/settings/{name}", {
          params: { path: { name: s.name } },
          body: { seen: s.version, value: to, reason },
        }),
      ),
    onSuccess: async (now, to) => {
      queries.setQueryData(houseQuery.queryKey, now);
      // Everything that was worked out under the value before is asked for again.
      await queries.invalidateQueries({ predicate: (q) => q.queryKey[0] !== "house" && q.queryKey[0] !== "session" });
      toast.success(to === null ? `${s.title}is back at its default.` : `${s.title}: ${number(to)} ${s.unit}.`);
    },
  });
  const changed = value.trim() !== number(s.value) || reason !== s.reason;
  const submit = (e: FormEvent) => {
    e.preventDefault();
    change.mutate(Number(value.replace(",", ".")));
  };
  return (
    <li className="border-t border-line py-2 first:border-t-0" data-setting={s.name}>
      <form onSubmit={submit} className="grid items-start gap-x-4 gap-y-1 sm:grid-cols-[1fr_11rem_auto]">
        <div>
          <span className="font-medium" id={`t-${s.name}`}>
            {s.title}
          </span>
          <p className="text-sm text-faded">
            {s.told_by ? `Default ${number(s.default)} ${s.unit}. ` : ""}
            {number(s.least)} to {number(s.most)} {s.unit}. Source: {s.source}.
          </p>
          {s.told_by && s.told_at && (
            <p className="text-sm text-faded">
              Changed by {s.told_by}, {moment(s.told_at)}
              {s.reason ? `: ${s.reason}` : ""}
            </p>
          )}
        </div>
        <label className="flex items-baseline gap-1.5">
          <input
            className="field w-16 text-right"
            inputMode="decimal"
            aria-labelledby={`t-${s.name}`}
            aria-invalid={change.isError || undefined}
            value={value}
            disabled={!leads}
            onChange={(e) => setValue(e.target.value)}
          />
          <span className="text-sm">{s.unit}</span>
        </label>
        {leads && s.told_by && !changed && (
          <Button onClick={() => change.mutate(null)} disabled={change.isPending}>
            Back to the default
          </Button>
        )}
        {changed && (
          <div className="flex flex-wrap items-end gap-2 sm:col-span-3">
            <TextField
              label="Reason (optional)"
              value={reason}
              onChange={(e) => setReason(e.target.value)}
              className="grow"
            />
            <Button type="submit" tone="now" disabled={change.isPending}>
              {change.isPending ? "Working everything out anew …" : "Save it"}
            </Button>
            <Button
              onClick={() => {
                setValue(number(s.value));
                setReason(s.reason);
                change.reset();
              }}
            >
              Cancel
            </Button>
          </div>
        )}
        {change.isError && (
          <p role="alert" className="text-sm font-medium text-wrong sm:col-span-3">
            {wrongOf(change.error, "value")}
          </p>
        )}
      </form>
    </li>
  );
}
