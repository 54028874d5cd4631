import { afterEach, expect, test, vi } from "vitest";
import { day, moment, setHouseZone, today } from "./days";

afterEach(() => {
  vi.useRealTimers();
  vi.restoreAllMocks();
});

// IANA time zone database: Kiritimati is UTC+14, Pago Pago UTC−11.
test("today is the house's day, not the device's", () => {
  vi.useFakeTimers({ now: new Date("2026-11-28T10:30:00Z") });
  setHouseZone("Pacific/Kiritimati");
  expect(today()).toBe("2026-11-29");
  setHouseZone("Pacific/Pago_Pago");
  expect(today()).toBe("2026-11-27");
});

test("a moment is said by the day it had in the house", () => {
  setHouseZone("Pacific/Kiritimati");
  expect(moment("2026-12-31T23:00:00Z")).toBe("1 January 2027");
  setHouseZone("Pacific/Pago_Pago");
  expect(moment("2027-01-01T05:00:00Z")).toBe("31 December 2026");
  expect(day("2027-01-01")).toBe("1 January 2027");
});

test("a zone that is not known leaves the one before and says so", () => {
  const said = vi.spyOn(console, "warn").mockImplementation(() => undefined);
  setHouseZone("Pacific/Pago_Pago");
  setHouseZone("Nowhere/Callowmere");
  expect(said).toHaveBeenCalledOnce();
  expect(moment("2027-01-01T05:00:00Z")).toBe("31 December 2026");
});
