import { describe, expect, it } from "vitest";
import { byDay, type JournalEntry } from "./journal";

const worn = (set: string): JournalEntry => ({ id: set, what: "worn", set });

describe("a journal", () => {
  it("goes back day by day and keeps the order within a day", () => {
    const days = byDay([
      { day: "2026-11-02", entry: worn("a") },
      { day: "2026-11-14", entry: worn("b") },
      { day: "2026-11-02", entry: worn("c") },
    ]);
    expect(days.map(({ day, entries }) => [day, entries.map(({ id }) => id)])).toEqual([
      ["2026-11-14", ["b"]],
      ["2026-11-02", ["a", "c"]],
    ]);
  });

  it("has no day on which nothing happened", () => {
    expect(byDay([])).toEqual([]);
  });
});
