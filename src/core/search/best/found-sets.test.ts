import { describe, expect, it } from "vitest";
import { sample } from "../../testing/sample";
import { FoundSets, type ReadSet } from "./found-sets";

const piece = (name: string) => sample("bag", { name });
const pieces = Object.fromEntries(["a", "b", "c", "d", "e"].map((name) => [name, piece(name)]));
/** A set by the names of what its places hold, "-" for an empty one. */
const set = (names: string, points: number): ReadSet => ({
  options: Array.from(names, (name) => pieces[name] ?? null),
  points,
});
const namesOf = ({ options }: ReadSet) => options.map((each) => each?.name ?? "-").join("");

describe("sets that were found", () => {
  it("stand the best first, those with fewer pieces before others as good, each once", () => {
    const found = new FoundSets({ most: 3, apart: 1 });
    for (const each of [set("ab", 1), set("cd", 3), set("c-", 3), set("cd", 3), set("e-", 2)])
      found.add(each);
    const { best, proved, read, finished } = found.now();
    expect(best.map(namesOf)).toEqual(["c-", "cd", "e-"]);
    expect({ proved, read, finished }).toEqual({ proved: 0, read: 4, finished: false });
  });

  it("leave open what nothing is known of, then what the bound leaves", () => {
    const found = new FoundSets({ most: 2, apart: 1 });
    found.add(set("ab", 4));
    expect(found.now().margin).toBe(Infinity);
    found.limit(6.5);
    expect(found.now().margin).toBe(2.5);
    found.limit(9);
    expect(found.now().margin).toBe(2.5);
    found.limit(3);
    expect(found.now().margin).toBe(0);
  });

  it("are proved one after another, far enough from those before, and then all is", () => {
    const found = new FoundSets({ most: 2, apart: 2 });
    found.add(set("de", 5));
    found.prove([set("ab", 9)]);
    expect(found.now()).toMatchObject({ proved: 1, margin: 0, finished: false });
    found.prove([set("ac", 8)]);
    expect(found.now().proved).toBe(1);
    expect(found.now().best.map(namesOf)).toEqual(["ab", "de"]);
    found.prove([set("cd", 7)]);
    const { best, proved, finished } = found.now();
    expect(best.map(namesOf)).toEqual(["ab", "cd"]);
    expect({ proved, finished }).toEqual({ proved: 2, finished: true });
  });

  it("take of sets as good the one that is liked best, where it is far enough", () => {
    const found = new FoundSets({ most: 3, apart: 2 });
    found.prove([set("a-", 9), set("ab", 9)]);
    found.prove([set("c-", 8), set("cd", 8)]);
    expect(found.now().best.map(namesOf)).toEqual(["a-", "cd"]);
  });

  it("are both proved of two as good, where both are far enough", () => {
    const found = new FoundSets({ most: 3, apart: 1 });
    found.prove([set("a-", 9), set("ab", 9)]);
    found.prove([set("a-", 9), set("a-", 9)]);
    expect(found.now().best.map(namesOf)).toEqual(["a-", "ab"]);
    expect(found.now().proved).toBe(2);
  });

  it("are all proved when nothing is left", () => {
    const found = new FoundSets({ most: 5, apart: 1 });
    found.prove([set("ab", 2)]);
    found.limit(-Infinity);
    expect(found.now()).toMatchObject({ proved: 1, margin: 0, finished: true });
  });

  it("begin again from the best that were met, proved or not", () => {
    const found = new FoundSets({ most: 1, apart: 1 });
    for (const each of [set("ab", 1), set("cd", 3), set("de", 2), set("c-", 3)]) found.add(each);
    expect(found.starts(3).map(namesOf)).toEqual(["c-", "cd", "de"]);
    expect(found.starts(9)).toHaveLength(4);
  });

  it("are no more proved than were asked for", () => {
    const found = new FoundSets({ most: 1, apart: 1 });
    found.prove([set("ab", 9), set("cd", 9)]);
    expect(found.now()).toMatchObject({ proved: 1, finished: true });
    expect(found.now().best.map(namesOf)).toEqual(["ab"]);
  });

  it("are kept by the hundred, the best of all that were met", () => {
    const found = new FoundSets({ most: 3, apart: 1 });
    for (let i = 0; i < 900; i += 1)
      found.add({ options: [piece(`bag ${i}`), null], points: i % 2 ? i : -i });
    expect(found.starts(2000).length).toBe(400 + 99);
    expect(found.starts(2).map(({ points }) => points)).toEqual([899, 897]);
    expect(found.now().read).toBe(900);
  });
});
