import { describe, expect, it } from "vitest";
import { dress } from "../../dressing/dress";
import type { Adjustment } from "../../piece/adjustment";
import type { Piece, PieceOf } from "../../piece/piece";
import { read } from "../../reading/read";
import { remediesOf } from "../../reading/remedies";
import { effectiveStrap, waysOf } from "../../strap/configure";
import { effectsOf, findingsOf } from "../../testing/findings";
import { sample, sampleClient, sampleLook, sampleOccasion } from "../../testing/sample";
import { bagCapacity as capacity } from "./bag-capacity";
import { bagLands as lands } from "../proportion/bag-lands";
import { overArm } from "./over-arm";
import { scratch } from "../care/scratch";
import { transfer } from "../care/transfer";

const client = { ...sampleClient, measured: { ...sampleClient.measured, hip: 104, upperArm: 30 } };
const bagOf = (figures: Partial<PieceOf<"bag">["figures"]>, hex = "#4c5562") =>
  sample("bag", { name: "bag", hex, figures });
const look = (bag: Piece, garments: Piece[] = [], adjustments: Adjustment[] = []) =>
  sampleLook({ client, garments, accessories: [bag], adjustments });

describe("a strap and its configurations", () => {
  const bag = bagOf({ strap: 120, strapThick: 1.5, handle: 8, secondStrap: 44, joinable: true }).figures;

  it.each([
    ["as made", 120],
    ["doubled", 60],
    ["knotted", 117],
    ["wound", 104],
    ["tucked", 96],
    ["second strap", 44],
    ["joined", 164],
    ["strap off", 0],
  ] as const)("%s is %d cm long", (way, cm) => {
    expect(effectiveStrap(bag, way)).toBeCloseTo(cm, 6);
  });

  it("cannot be wound without a handle, nor carried across the body when it is short", () => {
    expect(effectiveStrap({ ...bag, handle: null }, "wound")).toBeNull();
    expect(effectiveStrap({ ...bag, joinable: false }, "joined")).toBeNull();
    expect(effectiveStrap({ ...bag, strapFixed: true }, "strap off")).toBeNull();
    expect(effectiveStrap({ ...bag, strapFixed: true }, "joined")).toBeNull();
    expect(effectiveStrap({ ...bag, secondFixed: true }, "strap off")).toBeNull();
    const short = waysOf(bagOf({ strap: 50 }).figures).map(({ carry }) => carry);
    expect(short).toContain("shoulder");
    expect(short).not.toContain("cross-body");
    expect(waysOf(bagOf({ strap: 0 }).figures)).toEqual([{ carry: "clutch", way: "as made", strap: 0 }]);
  });

  it("can be a longer one clipped on beside a fixed handle, of its own make", () => {
    const tote = bagOf({ strap: 42, strapFixed: true, secondStrap: 116, secondMade: "chain" });
    expect(waysOf(tote.figures)).toContainEqual({ carry: "cross-body", way: "second strap", strap: 116 });
    const long = [{ kind: "strap", piece: "bag", carry: "cross-body", way: "second strap" } as const];
    expect(dress(look(tote, [], long)).landing?.bag.figures).toMatchObject({
      strap: 116,
      strapMade: "chain",
    });
  });

  it("moves the landing as the strap is set", () => {
    const long = bagOf({ carry: "cross-body", strap: 130 });
    const landing = (adjustments: Adjustment[]) => dress(look(long, [], adjustments)).landing;
    const doubled = landing([{ kind: "strap", piece: "bag", carry: "shoulder", way: "doubled" }]);
    expect(doubled?.bag.figures.strap).toBe(65);
    expect(doubled?.top).toBeGreaterThan(landing([])?.top ?? 0);
  });
});

describe("where the bag lands", () => {
  it.each([
    [60, "note"],
    [90, "note"],
    [180, "jars"],
  ])("on a shoulder strap of %d cm: %s", (strap, effect) => {
    expect(effectsOf(lands, look(bagOf({ carry: "shoulder", strap, height: 24 })))[0]).toBe(effect);
  });

  it("is praised only where it was wished for", () => {
    const liked = { ...client, goals: { ...client.goals, bagLands: "hip" as const } };
    const worn = look(bagOf({ carry: "shoulder", strap: 90, height: 24 }));
    const zone = dress(worn).landing?.zone;
    const wish = { ...liked, goals: { ...liked.goals, bagLands: zone as "hip" } };
    expect(effectsOf(lands, { ...worn, client: wish })).toEqual(["lifts"]);
  });

  it("is dressed down by a leather strap across the body of something dressy", () => {
    const gown = sample("dress", { name: "gown", register: { low: 6, centre: 7, high: 9 } });
    const carried = (strapMade: "leather" | "chain") =>
      look(bagOf({ carry: "cross-body", strap: 120, strapMade }), [gown]);
    expect(effectsOf(lands, carried("leather"))).toContain("rubs");
    expect(effectsOf(lands, carried("chain"))).not.toContain("rubs");
  });

  it("notes a bag that is large on this body", () => {
    expect(effectsOf(lands, look(bagOf({ carry: "shoulder", strap: 70, width: 44, height: 36 })))).toContain(
      "note",
    );
  });

  it("is mended by setting the strap, to the score that was promised", () => {
    const worn = look(bagOf({ carry: "shoulder", strap: 150, height: 30 }));
    const reading = read(worn);
    const found = remediesOf(worn, reading, []).mended.find(
      ({ finding }) => reading.findings[finding]?.rule === "proportion.bag-lands",
    );
    expect(found?.remedies[0]?.change).toMatchObject({ kind: "adjust", adjustment: { kind: "strap" } });
  });
});

describe("a strap over an arm", () => {
  it("clears a bare arm and not a coat", () => {
    const bag = bagOf({ carry: "shoulder", strap: 49, width: 30 });
    expect(effectsOf(overArm, look(bag))).toEqual([]);
    const [finding] = findingsOf(overArm, look(bag, [sample("coat", { name: "coat" })]));
    expect(finding).toMatchObject({ effect: "rubs" });
    expect(finding?.figures.needs?.value).toBeCloseTo(30 / Math.PI + 11, 6);
  });
});

describe("what a bag gives and takes", () => {
  const jeans = (hex: string) => sample("trousers", { name: "jeans", hex, finish: "denim" });

  it("warns of dark denim under a pale bag", () => {
    const pale = bagOf({ carry: "shoulder", strap: 90, height: 24 }, "#e9e2d2");
    const [finding] = findingsOf(transfer, look(pale, [jeans("#2c3a57")]));
    expect(finding).toMatchObject({ effect: "rubs" });
    expect(finding?.caution).toBeTruthy();
    expect(effectsOf(transfer, look(pale, [jeans("#93a5c0")]))).toEqual([]);
    expect(effectsOf(transfer, look(bagOf({ carry: "shoulder", strap: 90 }), [jeans("#2c3a57")]))).toEqual(
      [],
    );
  });

  it("notes a chain over a front clasp", () => {
    const box = {
      ...bagOf({ strapMade: "chain", shape: "box" }),
      metal: "gold" as const,
      metalSize: 2 as const,
    };
    expect(effectsOf(scratch, look(box))).toEqual(["note"]);
    expect(effectsOf(scratch, look(bagOf({ strapMade: "leather", shape: "box" })))).toEqual([]);
  });
});

describe("what a bag holds", () => {
  const held = (bag: Piece, ...mustCarry: (typeof sampleOccasion.mustCarry)[number][]) =>
    effectsOf(capacity, { ...look(bag), occasion: { ...sampleOccasion, mustCarry } });

  it("is measured by room and by the longest thing", () => {
    const tote = bagOf({ width: 36, height: 30, depth: 13 });
    const fold = bagOf({ width: 24, height: 13, depth: 3 });
    expect(held(tote, "phone", "laptop", "umbrella")).toEqual(["note"]);
    expect(held(fold, "phone", "umbrella")).toEqual(["jars"]);
    expect(held(fold, "phone", "purse", "glasses")).toEqual(["rubs"]);
    expect(held(fold)).toEqual([]);
  });
});
