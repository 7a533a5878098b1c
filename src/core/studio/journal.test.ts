import { describe, expect, it } from "vitest";
import { byDay, journalGoesBack, sumOf, type JournalEntry } from "./journal";

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

describe("what a journal adds up to", () => {
  const overruled = (id: string, rule: string, isWithdrawn = false): JournalEntry => ({
    id,
    what: "overruled",
    rule,
    reason: "meant so",
    lookId: null,
    isWithdrawn,
  });
  const look = (id: string, verdict: "sings" | "sits" | null): JournalEntry => ({
    id,
    what: "look",
    base: "Grey",
    occasion: null,
    name: "",
    note: "",
    verdict,
  });
  const sum = (...entries: JournalEntry[]) =>
    sumOf(byDay(entries.map((entry) => ({ day: "2026-11-02", entry }))));

  it("counts sets worn, rules overruled and verdicts, the most frequent first", () => {
    const {
      worn: sets,
      overruled: rules,
      verdicts,
    } = sum(
      worn("a"),
      worn("b"),
      worn("b"),
      overruled("1", "colour.echo"),
      overruled("2", "finish.texture"),
      overruled("3", "finish.texture"),
      look("l", "sits"),
      look("m", "sings"),
      look("n", "sings"),
    );
    expect(sets).toEqual([
      { name: "b", times: 2 },
      { name: "a", times: 1 },
    ]);
    expect(rules).toEqual([
      { name: "finish.texture", times: 2 },
      { name: "colour.echo", times: 1 },
    ]);
    expect(verdicts).toEqual([
      { verdict: "sings", times: 2 },
      { verdict: "sits", times: 1 },
    ]);
  });

  it("leaves out what was taken back and looks nobody read", () => {
    expect(sum(overruled("1", "colour.echo", true), look("l", null))).toMatchObject({
      overruled: [],
      verdicts: [],
    });
  });

  it("says when it may go back further than it tells", () => {
    const many = (count: number) => Array.from({ length: count }, (_, i) => worn(`${i}`));
    expect(sum(...many(journalGoesBack)).isCutOff).toBe(true);
    expect(sum(...many(journalGoesBack - 1)).isCutOff).toBe(false);
  });
});
