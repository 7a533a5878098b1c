import { describe, expect, it } from "vitest";
import { read } from "@/core/reading/read";
import { verdicts, type Verdict } from "@/core/reading/verdict";
import type { Effect, Finding } from "@/core/rules/finding";
import { generatedLook } from "@/core/testing/generated-look";
import { decidingWords } from "./deciding-words";

const [some] = read(generatedLook(7)).findings;
const said = (...effects: readonly (Effect | "edge")[]): Finding[] =>
  effects.map((effect) => {
    if (!some) throw new Error("the look says nothing");
    return effect === "edge" ? { ...some, effect: "note", onEdge: true } : { ...some, effect, onEdge: false };
  });

describe("what decides a verdict", () => {
  it.each<[Verdict, (Effect | "edge")[], string]>([
    ["jars", ["jars", "sings", "lifts"], "one thing is wrong"],
    ["jars", ["bar", "jars", "rubs"], "two things are wrong"],
    ["sits", ["rubs", "lifts"], "one thing rubs"],
    ["sits", ["rubs", "rubs", "edge"], "two things rub"],
    ["sits", ["edge", "sings"], "one thing is on the edge"],
    ["sits", ["lifts", "note"], "nothing is wrong, little lifts it"],
    ["sings", ["sings", "lifts"], "nothing is wrong"],
    ["sings", ["sings", "rubs"], "one thing rubs, the rest carries it"],
    ["sits", [], "nothing to say yet"],
  ])("%s with %j: %s", (verdict, effects, words) => {
    expect(decidingWords(verdict, said(...effects))).toBe(words);
  });

  it("says that something is wrong of the looks that jar, and of no other", () => {
    const readings = Array.from({ length: 60 }, (_, seed) => read(generatedLook(seed)));
    expect(new Set(readings.map(({ verdict }) => verdict)).size).toBe(verdicts.length);
    for (const { verdict, findings } of readings)
      expect(/ things? (is|are) wrong/.test(` ${decidingWords(verdict, findings)}`)).toBe(verdict === "jars");
  });
});
