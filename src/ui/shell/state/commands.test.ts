import { describe, expect, it } from "vitest";
import { commands, commandsWith, hrefOf } from "./commands";

describe("commands by a few letters", () => {
  it("are all of them before anything is typed, each with a place of its own", () => {
    expect(commandsWith("")).toEqual(commands);
    expect(new Set(commands.map(({ href }) => href)).size).toBe(commands.length);
  });

  it("have every word typed, in any order and case", () => {
    expect(commandsWith("PIECE add").map(({ href }) => href)).toEqual(["/rail/new", "/rail/many"]);
    expect(commandsWith("base").map(({ href }) => href)).toEqual(["/boards/sets", "/boards/base"]);
    expect(commandsWith("xyz")).toEqual([]);
  });
});

describe("what was found", () => {
  it.each([
    ["client", "/clients/7"],
    ["piece", "/rail/7"],
    ["set", "/bench?client=3&set=7"],
    ["base", "/bench?client=3&base=7"],
    ["occasion", "/bench?client=3&occasion=7"],
  ] as const)("a %s opens at %s", (kind, href) => {
    expect(hrefOf({ kind, id: "7", name: "it", clientId: "3", clientName: "hers" })).toBe(href);
  });
});
