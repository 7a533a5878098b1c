import { describe, expect, it } from "vitest";
import cases from "../../../tests/cases/hems.json";
import { dress } from "../dressing/dress";
import { turnLength } from "./hem";
import type { Turn } from "../piece/adjustment";
import { read } from "../reading/read";
import { sample, sampleClient, sampleLook } from "../testing/sample";

const client = { ...sampleClient, measured: cases.client };

function lookOf(entry: (typeof cases.cases)[number]) {
  const leg = cases.trousers.find(({ name }) => name === entry.trousers);
  const boot = cases.boots.find(({ name }) => name === entry.boot);
  if (!leg || !boot) throw new Error("a case names a piece that is not there");
  const flared = leg.name.startsWith("flared");
  const trousers = sample("trousers", {
    name: leg.name,
    figures: {
      leg: flared ? "flared" : "straight",
      inseam: leg.inseam,
      opening: leg.opening,
      above: leg.above,
      drop: leg.drop,
      madeToTurn: leg.made,
    },
  });
  const shoe = sample("shoe", {
    name: boot.name,
    figures: { form: "boot", lift: boot.lift, shaft: boot.shaft, shaftTop: boot.circ, toe: "almond" },
  });
  const turn = entry.turn;
  const adjustments: Turn[] = turn ? [{ kind: "turn", piece: trousers.id, ...turn }] : [];
  return sampleLook({ client, garments: [trousers], accessories: [shoe], adjustments });
}

describe("the worked hem cases", () => {
  for (const entry of cases.cases) {
    const turned = entry.turn ? `, turned ${entry.turn.count} x ${entry.turn.depth}` : "";
    it(`${entry.trousers} over ${entry.boot}${turned}`, () => {
      const look = lookOf(entry);
      const { leg } = dress(look);
      const { expect: figures } = entry;
      if (!leg?.fit) throw new Error("the boot's fit was not read");
      expect(Math.abs(leg.hem - figures.hemAboveFootbed)).toBeLessThanOrEqual(0.15);
      expect(Math.abs(leg.hemAboveFloor - figures.hemAboveFloor)).toBeLessThanOrEqual(0.15);
      expect(Math.abs(leg.fit.gap - figures.gap)).toBeLessThanOrEqual(0.15);
      expect(Math.abs(leg.fit.ease - figures.ease)).toBeLessThanOrEqual(0.15);
      expect(Math.abs(leg.fit.clearance - figures.clearance)).toBeLessThanOrEqual(0.15);
      const findings = read(look).findings.filter(({ lens }) => lens === "proportion");
      const jars = findings.filter(({ effect }) => effect === "jars").map(({ rule }) => rule);
      expect(jars.length > 0, `jars: ${jars.join(", ")}; wanted: ${entry.why.join(", ")}`).toBe(figures.jars);
    });
  }

  it("holds the figure of a turn-up's length: each turn shortens by its depth", () => {
    expect(turnLength({ count: 2, depth: 4 })).toBe(8);
  });
});
