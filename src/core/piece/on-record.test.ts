import { expect, it } from "vitest";
import type { Piece } from "./piece";
import { sample } from "../testing/sample";
import { daysBetween, isAwayOn, restsOn } from "./on-record";

it.each([
  ["shoe", "2026-11-26", "2026-11-27", true],
  ["shoe", "2026-11-30", "2026-12-01", true],
  ["shoe", "2026-11-27", "2026-11-27", true],
  ["shoe", "2026-11-25", "2026-11-27", false],
  ["shoe", "2026-11-28", "2026-11-27", false],
  ["shoe", null, "2026-11-27", false],
  ["bag", "2026-11-26", "2026-11-27", false],
] as const)("a %s last worn on %s rests on %s: %s", (kind, lastWorn, day, rests) => {
  expect(restsOn(sample(kind) as Piece, lastWorn, day)).toBe(rests);
});

it.each([
  [null, null, "2026-11-27", false],
  ["in care", null, "2026-11-27", true],
  ["in care", "2026-11-28", "2026-11-27", true],
  ["on loan", "2026-11-27", "2026-11-27", false],
] as const)("a piece that is away %s, due on %s, is away on %s: %s", (away, back, day, is) => {
  expect(isAwayOn({ away, back }, day)).toBe(is);
});

it("counts days over the end of a month and a year", () => {
  expect(daysBetween("2026-12-31", "2027-01-01")).toBe(1);
  expect(daysBetween("2026-03-02", "2026-02-27")).toBe(-3);
});
