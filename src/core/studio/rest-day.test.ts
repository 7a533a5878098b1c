import { expect, it } from "vitest";
import type { Piece } from "../piece/piece";
import { sample } from "../testing/sample";
import { restsOn } from "./rest-day";

it.each([
  ["shoe", "2026-11-26", "2026-11-27", true],
  ["shoe", "2026-11-30", "2026-12-01", true],
  ["shoe", "2026-11-27", "2026-11-27", true],
  ["shoe", "2026-11-25", "2026-11-27", false],
  ["shoe", "2026-11-28", "2026-11-27", false],
  ["shoe", undefined, "2026-11-27", false],
  ["bag", "2026-11-26", "2026-11-27", false],
] as const)("a %s last worn on %s rests on %s: %s", (kind, lastWorn, day, rests) => {
  expect(restsOn(sample(kind) as Piece, lastWorn, day)).toBe(rests);
});
