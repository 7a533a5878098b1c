import { describe, expect, it } from "vitest";
import type { Adjustment } from "../../piece/adjustment";
import type { Piece, PieceOf } from "../../piece/piece";
import { defaultSchools } from "../../rule-book/schools";
import { effectsOf, findingsOf } from "../../testing/findings";
import { sample, sampleClient, sampleLook } from "../../testing/sample";
import { focal } from "../style/focal";
import { neckLayers } from "./neck-layers";
import { neckLine } from "./neck-line";
import { neckScarf } from "../style/neck-scarf";

// A neck of 36.5 cm: worked drops are 8.4 for a loop of 40, 11.7 for 46, 14.9 for 52, 22.2 for 66, 30.4 for 82.
const client = { ...sampleClient, measured: { ...sampleClient.measured, neck: 36.5 } };
const chain = (loop: number, name = `chain ${loop}`) =>
  sample("necklace", { name, metal: "silver", metalSize: 3, finish: "polished", figures: { loop } });
const top = (neckline: PieceOf<"top">["figures"]["neckline"], neckDepth: number | null = null) =>
  sample("top", { name: "top", figures: { neckline, neckDepth } });
const look = (garment: Piece, accessories: Piece[], adjustments: Adjustment[] = []) =>
  sampleLook({ client, garments: [garment], accessories, adjustments });

describe("a necklace and the neckline", () => {
  it.each([
    ["v", 18, 66, "sings"],
    ["v", 18, 52, "sings"],
    ["v", 12, 46, "jars"],
    ["crew", 7, 40, "jars"],
    ["crew", 7, 52, "sings"],
    ["scoop", 14, 46, "sings"],
  ] as const)("on a %s edge %d cm down, a loop of %d cm %s", (neckline, depth, loop, effect) => {
    expect(effectsOf(neckLine, look(top(neckline, depth), [chain(loop)]))).toEqual([effect]);
  });

  it("wants a long drop over a high neck, or none", () => {
    expect(effectsOf(neckLine, look(top("roll"), [chain(82)]))).toEqual(["lifts"]);
    expect(effectsOf(neckLine, look(top("roll"), [chain(46)]))).toEqual(["jars"]);
    expect(effectsOf(neckLine, look(top("roll"), []))).toEqual([]);
  });

  it("says when the neckline's depth is only what its kind usually has", () => {
    expect(findingsOf(neckLine, look(top("v"), [chain(66)]))[0]?.estimated).toBe(true);
    expect(findingsOf(neckLine, look(top("v", 18), [chain(66)]))[0]?.estimated).toBe(false);
  });

  it("hangs a doubled chain at half its length", () => {
    const [finding] = findingsOf(
      neckLine,
      look(top("v", 30), [chain(104)], [{ kind: "double", piece: "chain 104" }]),
    );
    expect(finding?.figures.drop?.value).toBeCloseTo(14.92, 1);
  });
});

describe("chains in layers", () => {
  it("tangle within four centimetres of one another", () => {
    expect(effectsOf(neckLayers, look(top("v"), [chain(46), chain(52)]))).toEqual(["jars"]);
    expect(effectsOf(neckLayers, look(top("v"), [chain(46), chain(66)]))).toEqual(["lifts"]);
  });

  it("are three at most, six where layering is the school", () => {
    const four = [chain(40), chain(52), chain(66), chain(82)];
    expect(effectsOf(neckLayers, look(top("v"), four))).toEqual(["rubs"]);
    const layered = {
      ...client,
      ruleBook: { ...client.ruleBook, schools: { ...defaultSchools, ornament: "layered" as const } },
    };
    expect(effectsOf(neckLayers, { ...look(top("v"), four), client: layered })).toEqual(["lifts"]);
  });
});

describe("what shares the neck", () => {
  it("is a scarf tied high or a short chain, not both", () => {
    const scarf = (worn: "tied at the front" | "draped") =>
      sample("scarf", { name: "scarf", figures: { worn } });
    expect(effectsOf(neckScarf, look(top("v"), [scarf("tied at the front"), chain(40, "choker")]))).toEqual(
      [],
    );
    expect(effectsOf(neckScarf, look(top("v"), [scarf("tied at the front"), chain(36, "collar")]))).toEqual([
      "jars",
    ]);
    expect(effectsOf(neckScarf, look(top("v"), [scarf("draped"), chain(40, "choker")]))).toEqual([]);
  });

  it("has one lead, unless earrings and brooch answer each other", () => {
    const lead = (kind: "earrings" | "brooch" | "necklace", finish: Piece["finish"]) =>
      sample(kind, { name: kind, statement: 2, finish }) as Piece;
    expect(
      effectsOf(focal, look(top("v"), [lead("earrings", "crystal"), lead("necklace", "polished")])),
    ).toEqual(["rubs"]);
    expect(effectsOf(focal, look(top("v"), [lead("earrings", "pearl"), lead("brooch", "pearl")]))).toEqual(
      [],
    );
    expect(effectsOf(focal, look(top("v"), [lead("earrings", "pearl")]))).toEqual([]);
  });
});
