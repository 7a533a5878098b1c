import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Piece } from "../piece/piece";
import { sample, sampleClient } from "../testing/sample";
import { coherenceOf, pairsOf } from "./coherence";
import { leastSwap } from "./least-swap";

const shoe = sample("shoe", {
  name: "shoe",
  hex: "#6d3f26",
  metal: "gold",
  metalSize: 1,
  register: { low: 4, centre: 5.5, high: 7 },
});
const bag = sample("bag", {
  name: "bag",
  hex: "#8f5733",
  metal: "brass",
  metalSize: 2,
  register: { low: 3, centre: 5, high: 6.5 },
});
const watch = sample("watch", {
  name: "watch",
  metal: "steel",
  metalSize: 2,
  register: { low: 3, centre: 6, high: 8 },
});
const raffia = sample("hat", { name: "straw hat", finish: "raffia" });
const velvet = sample("scarf", { name: "velvet scarf", finish: "velvet" });

describe("a set by itself", () => {
  it("has a score, a metal story, a span where all are at home, and a season", () => {
    const one = coherenceOf([shoe, bag], sampleClient);
    expect(one.verdict).not.toBe("jars");
    expect(one.metals).toEqual(["warm"]);
    expect(one.span).toEqual({ low: 4, high: 6.5 });
    expect(one).toMatchObject({ season: "all year", forRain: true });
  });

  it("jars where its metals do, and names the finding", () => {
    const torn = coherenceOf([shoe, bag, watch], sampleClient);
    expect(torn.verdict).toBe("jars");
    expect(torn.metals).toEqual(["warm", "cool"]);
    expect(torn.findings.map(({ rule }) => rule)).toContain("finish.metal");
    expect(torn.score).toBeLessThan(coherenceOf([shoe, bag], sampleClient).score);
  });

  it("belongs to the months of its surfaces, or is torn between them", () => {
    expect(coherenceOf([shoe, raffia], sampleClient)).toMatchObject({
      season: "warm months",
      forRain: false,
    });
    expect(coherenceOf([shoe, velvet], sampleClient).season).toBe("cold months");
    expect(coherenceOf([raffia, velvet], sampleClient).season).toBe("torn");
  });

  it("has no span where no level suits all, and none without pieces", () => {
    const ball = sample("bag", { name: "ball bag", register: { low: 8, centre: 9, high: 9 } });
    expect(coherenceOf([shoe, ball], sampleClient).span).toBe("apart");
    expect(coherenceOf([{ ...shoe, register: null }, ball], sampleClient).span).toEqual(
      ball.register && { low: ball.register.low, high: ball.register.high },
    );
    expect(coherenceOf([], sampleClient).span).toBeNull();
  });

  it("shows no metal where there is none to see, and is at home on one level alone where its pieces meet", () => {
    const bare = { ...watch, metalSize: 0 } satisfies Piece;
    const higher = sample("bag", { name: "evening bag", register: { low: 7, centre: 8, high: 9 } });
    const met = coherenceOf([shoe, bare, higher], sampleClient);
    expect(met.metals).toEqual(["warm"]);
    expect(met.span).toEqual({ low: 7, high: 7 });
  });

  it("can be asked of every pair why it agrees or not, the worst first", () => {
    const pairs = pairsOf([shoe, bag, watch], sampleClient);
    expect(pairs).toHaveLength(3);
    expect(pairs[0]?.because.some(({ rule, effect }) => rule === "finish.metal" && effect === "jars")).toBe(
      true,
    );
    expect(pairs.map(({ points }) => points)).toEqual(
      [...pairs.map(({ points }) => points)].sort((a, b) => a - b),
    );
  });
});

describe("the least swap between two looks", () => {
  const earrings = sample("earrings", { name: "drops" });
  const studs = sample("earrings", { name: "studs" });
  const pumps = sample("shoe", { name: "pumps" });

  it("says what changes and what is carried", () => {
    const swap = leastSwap([shoe, bag, studs], [pumps, bag, earrings]);
    expect(swap.changed).toEqual(["earrings", "shoe"]);
    expect(swap.carried.map(({ name }) => name)).toEqual(["pumps", "drops"]);
    expect(swap.weight).toBe(712);
  });

  it("is nothing from a look to itself, and symmetric in what changes", () => {
    const all: Piece[] = [shoe, bag, watch, raffia, velvet, earrings];
    fc.assert(
      fc.property(fc.shuffledSubarray(all), fc.shuffledSubarray(all), (from, to) => {
        expect(leastSwap(from, from)).toEqual({ changed: [], carried: [], weight: 0 });
        expect(leastSwap(from, to).changed).toEqual(leastSwap(to, from).changed);
        expect(leastSwap(from, to).carried.every((piece) => !from.includes(piece))).toBe(true);
      }),
    );
  });
});
