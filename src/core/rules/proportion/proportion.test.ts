import { describe, expect, it } from "vitest";
import type { Turn } from "../../piece/adjustment";
import type { PieceOf } from "../../piece/piece";
import { effectsOf, findingsOf } from "../../testing/findings";
import { sample, sampleClient, sampleClientWith, sampleLook, sampleOccasion } from "../../testing/sample";
import { solveTurnUp } from "../../reading/turn-ups";
import { drag } from "./drag";
import { gap } from "./gap";
import { lowShoe } from "./low-shoe";
import { shaftUnread } from "./shaft-unread";
import { toe } from "./toe";
import { tuck } from "./tuck";
import { turnDepth } from "./turn-depth";
import { turnReverse } from "./turn-reverse";
import { wideSole } from "./wide-sole";

type Trousers = Partial<PieceOf<"trousers">["figures"]>;
type Shoe = Partial<PieceOf<"shoe">["figures"]>;

// The body's crotch is 83 cm up and the trousers hang 1.5 cm below it: hem = 81.5 - inseam.
const lookOf = (leg: Trousers, shoe: Shoe, turn?: Pick<Turn, "count" | "depth">) =>
  sampleLook({
    garments: [sample("trousers", { name: "trousers", figures: leg })],
    accessories: [sample("shoe", { name: "shoes", figures: shoe })],
    adjustments: turn ? [{ kind: "turn", piece: "trousers", ...turn }] : [],
  });
const boot: Shoe = { form: "boot", shaft: 12, shaftTop: 26, lift: 4, toe: "almond" };

describe("the strip between hem and boot", () => {
  it.each([
    [67.9, "note"],
    [67.5, "sings"],
    [65, "sings"],
    [63.4, "note"],
    [62, "jars"],
  ])("an inseam of %d cm over a 12 cm shaft %s", (inseam, effect) => {
    expect(effectsOf(gap, lookOf({ inseam }, boot))).toEqual([effect]);
  });

  it("is not wanted where the ankle is to be covered", () => {
    const client = sampleClientWith({}, { ankle: "covered" });
    expect(effectsOf(gap, { ...lookOf({ inseam: 66 }, boot), client })).toEqual(["rubs"]);
  });

  it("is not read without the leg's girths, and says what is missing", () => {
    const { calf: _calf, ...measured } = sampleClient.measured;
    const look = { ...lookOf({ inseam: 66 }, boot), client: { ...sampleClient, measured } };
    expect(effectsOf(gap, look)).toEqual([]);
    expect(findingsOf(shaftUnread, look)).toMatchObject([{ effect: "unread", needs: ["calf"] }]);
  });
});

describe("the hem over a low shoe", () => {
  // The ankle bone is 6.8 cm up: 0.039 of 174.
  it.each([
    [74, "lifts", "0.7 cm above the bone, clear"],
    [74.5, "note", "0.2 cm above it, at the bone"],
    [77, "note", "2.3 cm below, no break"],
    [79, "note", "4.3 cm below, a slight break"],
    [80.2, "rubs", "5.5 cm below, one break on a narrow leg"],
    [82.5, "rubs", "7.8 cm below, gathers"],
    [83.5, "jars", "8.8 cm below, too long"],
  ])("an inseam of %d cm %s (%s)", (inseam, effect) => {
    expect(effectsOf(lowShoe, lookOf({ inseam }, { lift: 2 }))).toEqual([effect]);
  });

  it("never leaps at the bone: 2 mm decide nothing", () => {
    for (let inseam = 74; inseam < 78; inseam += 0.2)
      expect(effectsOf(lowShoe, lookOf({ inseam }, { lift: 2 }))).not.toContain("jars");
  });

  it("sits with a full break over a heel, and lifts without one for tailoring", () => {
    expect(effectsOf(lowShoe, lookOf({ inseam: 80.2 }, { lift: 6 }))).toEqual(["note"]);
    const tailored = lookOf({ inseam: 77 }, { lift: 2 });
    const garments = tailored.garments.map((piece) => ({ ...piece, poles: ["tailored" as const] }));
    expect(effectsOf(lowShoe, { ...tailored, garments })).toEqual(["lifts"]);
  });

  it("wants a trainer's hem clear at work", () => {
    const at = (inseam: number, high: number) => ({
      ...lookOf({ inseam }, { form: "trainer", lift: 3 }),
      occasion: { ...sampleOccasion, span: { low: 3, high } },
    });
    expect(effectsOf(lowShoe, at(78, 5))).toEqual(["rubs"]);
    expect(effectsOf(lowShoe, at(79.5, 5))).toEqual(["jars"]);
    expect(effectsOf(lowShoe, at(79.5, 4))).toEqual(["rubs"]);
    expect(effectsOf(lowShoe, at(77, 5))).toEqual(["note"]);
  });

  it("covers the toe of a trainer where it lies on the floor: then nothing peeps out", () => {
    const wide: Trousers = { leg: "wide", opening: 46, above: 46 };
    const over = (inseam: number) => lookOf({ ...wide, inseam }, { form: "trainer", lift: 3 });
    expect(effectsOf(wideSole, over(81))).not.toEqual([]);
    expect(effectsOf(wideSole, over(86))).toEqual([]);
  });

  it("is no matter for shorts: a bare leg is not a gap", () => {
    expect(effectsOf(lowShoe, lookOf({ inseam: 12 }, { lift: 2 }))).toEqual([]);
    expect(effectsOf(gap, lookOf({ inseam: 12 }, boot))).toEqual([]);
    expect(effectsOf(shaftUnread, lookOf({ inseam: 12 }, { ...boot, shaftTop: null }))).toEqual([]);
  });

  it("is judged by its floor when it is wide and full length", () => {
    const wide: Trousers = { leg: "wide", opening: 54, above: 54 };
    expect(effectsOf(lowShoe, lookOf({ ...wide, inseam: 82 }, { lift: 2 }))).toEqual([]);
    expect(effectsOf(drag, lookOf({ ...wide, inseam: 81.6 }, { lift: 2 }))).toEqual(["sings"]);
    expect(effectsOf(drag, lookOf({ ...wide, inseam: 82.2 }, { lift: 2 }))).toEqual(["note"]);
    expect(effectsOf(drag, lookOf({ ...wide, inseam: 83.2 }, { lift: 2 }))).toEqual(["jars"]);
    expect(effectsOf(drag, lookOf({ ...wide, inseam: 81.5 }, { lift: 5 }))).toEqual(["rubs"]);
    expect(effectsOf(drag, lookOf({ ...wide, inseam: 77.5 }, { lift: 2 }))).toEqual(["note"]);
  });

  it("carries a caution where the hem drags", () => {
    const [finding] = findingsOf(
      drag,
      lookOf({ leg: "wide", inseam: 83.2, opening: 54, above: 54 }, { lift: 2 }),
    );
    expect(finding?.caution).toMatch(/stairs/);
  });
});

describe("the toe under a wide hem", () => {
  const flared: Trousers = { leg: "flared", inseam: 80, opening: 54, above: 50 };

  it("rubs when it is short and round, and is praised when enough of it shows", () => {
    expect(effectsOf(toe, lookOf(flared, { lift: 5, toe: "round" }))).toEqual(["rubs"]);
    expect(effectsOf(toe, lookOf(flared, { lift: 5, toe: "pointed" }))).toEqual(["lifts"]);
  });
});

describe("trousers tucked into a boot", () => {
  const tucked = (leg: Trousers, shoe: Shoe) => ({
    ...lookOf(leg, shoe),
    adjustments: [{ kind: "tuck-into-boot" as const, piece: "trousers" }],
  });

  it("go in when they are slim and the shaft is tall enough", () => {
    expect(effectsOf(tuck, tucked({ opening: 27, above: 31 }, boot))).toEqual(["lifts"]);
    expect(effectsOf(tuck, tucked({ opening: 36, above: 37 }, boot))).toEqual(["jars"]);
    expect(effectsOf(tuck, tucked({ opening: 26, above: 30 }, { ...boot, shaft: 8 }))).toEqual(["jars"]);
  });

  it("never go in where the school says so", () => {
    const client = sampleClientWith({}, { tuck: "never" });
    expect(effectsOf(tuck, { ...tucked({ opening: 27, above: 31 }, boot), client })).toEqual(["jars"]);
  });
});

describe("the turn-up itself", () => {
  it.each([
    [1, 7.5, []],
    [1, 8, ["jars"]],
    [2, 5.5, ["jars"]],
    [2, 1.5, ["rubs"]],
  ] as const)("%d x %d cm: %j", (count, depth, effects) => {
    expect(effectsOf(turnDepth, lookOf({}, boot, { count, depth }))).toEqual(effects);
  });

  it("notes a paler inside", () => {
    const look = lookOf({}, boot, { count: 1, depth: 4 });
    const [plain] = look.garments;
    const denim = {
      ...sample("trousers", { name: "trousers" }),
      swatches: [
        { hex: "#2c3a57", share: 1, role: "ground" as const },
        { hex: "#b8c6dc", share: 1, role: "reverse" as const },
      ],
    };
    expect(plain && effectsOf(turnReverse, look)).toEqual([]);
    expect(effectsOf(turnReverse, { ...look, garments: [denim] })).toEqual(["note"]);
  });
});

describe("a jumpsuit", () => {
  it("has its legs judged as trousers are, and its turn-ups solved", () => {
    const jumpsuit = (inseam: number) =>
      sample("jumpsuit", { name: "jumpsuit", figures: { inseam, opening: 35, above: 36.5 } });
    const look = (inseam: number) =>
      sampleLook({
        garments: [jumpsuit(inseam)],
        accessories: [sample("shoe", { name: "boots", figures: boot })],
      });
    expect(effectsOf(gap, look(66))).toEqual(["sings"]);
    expect(effectsOf(gap, look(62))).toEqual(["jars"]);
    expect(solveTurnUp(look(72))?.best).not.toBeNull();
  });
});
