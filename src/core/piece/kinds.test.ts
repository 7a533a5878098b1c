import { describe, expect, it } from "vitest";
import { dress } from "../dressing/dress";
import { spoiledByRain } from "../place/rain";
import { effectsOf } from "../testing/findings";
import { sample, sampleClient, sampleLook } from "../testing/sample";
import { pocket } from "../rules/colour/pocket";
import { kindNames, kinds } from "./kinds";
import { pocketFolds } from "./kinds/pocket-square";
import { slotNeeds, slots } from "./slots";
import { hosieryClo } from "./kinds/hosiery";
import { bodyZoneOf, slotOf, type Piece, type PieceOf } from "./piece";

describe("every kind", () => {
  it("is either a garment with its place or an accessory with its slot, and lies somewhere on the body", () => {
    for (const kind of kindNames) {
      const { place, slot } = kinds[kind];
      expect(place !== null || slot !== null, kind).toBe(true);
      const piece = sample(kind) as Piece;
      const [worn] = dress(sampleLook(place ? { garments: [piece] } : { accessories: [piece] })).worn;
      expect(worn?.extent.to, kind).toBeGreaterThan(worn?.extent.from ?? NaN);
      expect(bodyZoneOf(sample(kind)), kind).toBeTruthy();
    }
  });

  it("of accessory has a station", () => {
    for (const kind of kindNames) {
      const slot = slotOf(sample(kind) as Piece);
      if (slot) expect(slots).toContain(slot);
    }
  });
});

describe("an umbrella", () => {
  const umbrella = sample("umbrella", { name: "umbrella", figures: { length: 86 } });
  const hat = sample("hat", { name: "velvet hat", finish: "velvet" });
  const bag = sample("bag", { name: "suede bag", finish: "suede" });
  const pumps = sample("shoe", { name: "suede pumps", finish: "suede" });

  it("keeps rain off what suffers in it, though not off what walks through it", () => {
    expect(spoiledByRain([hat, bag, pumps]).map(({ name }) => name)).toEqual([
      "velvet hat",
      "suede bag",
      "suede pumps",
    ]);
    expect(spoiledByRain([hat, bag, pumps, umbrella]).map(({ name }) => name)).toEqual(["suede pumps"]);
  });

  it("hangs from the hand, as long as it is, and never under the floor", () => {
    const held = (length: number) =>
      dress(sampleLook({ accessories: [sample("umbrella", { figures: { length } })] })).worn[0]?.extent;
    const { from = NaN, to = NaN } = held(50) ?? {};
    expect(to - from).toBeCloseTo(50, 9);
    expect(held(99)?.from).toBe(0);
    expect(held(99)?.to).toBe(to);
  });

  it("is carried: its weight is told, its colour and its metal count with the others", () => {
    expect(kinds.umbrella.weight({ ...umbrella.figures, weight: 612 })).toBe(612);
    const metal = sample("umbrella", { name: "umbrella", metal: "gold", metalSize: 2, hex: "#2450c0" });
    const look = sampleLook({
      accessories: [metal, sample("bag", { name: "bag", metal: "steel", metalSize: 2 })],
    });
    const dressed = dress(look);
    expect(dressed.palette.some(({ item }) => item.piece.kind === "umbrella")).toBe(true);
  });
});

describe("a pocket square", () => {
  const jacket = sample("jacket", { name: "jacket", hex: "#1d2742", poles: ["tailored"] });
  const shirt = sample("top", { name: "shirt", hex: "#cfe0ee" });
  const tie = sample("scarf", { name: "tie", hex: "#6b1f2f", figures: { worn: "tied at the front" } });
  const square = (hex: string) => sample("pocket square", { name: "square", hex });
  const said = (garments: readonly Piece[], accessories: readonly Piece[]) =>
    effectsOf(pocket, sampleLook({ garments, accessories }));

  it("has its station where a tailored layer is worn", () => {
    expect(slotNeeds("pocket")).toBe("tailored layer");
    expect(slots.filter((slot) => slotNeeds(slot) === "tailored layer")).toEqual(["pocket"]);
  });

  it("answers the shirt or the tie, copies a tie of its own cloth, and has no home without a jacket", () => {
    expect(said([jacket, shirt], [square("#cddfed")])).toEqual(["lifts"]);
    expect(said([jacket, shirt], [square("#7a2436"), tie])).toEqual(["lifts"]);
    expect(said([jacket, shirt], [square("#6b1f2f"), tie])).toEqual(["note"]);
    expect(said([jacket, shirt], [square("#c4922f"), tie])).toEqual([]);
    expect(said([shirt], [square("#cddfed")])).toEqual(["rubs"]);
    expect(said([jacket, shirt], [tie])).toEqual([]);
  });

  it("stands over the pocket's edge by its fold, one of four", () => {
    expect(Object.keys(pocketFolds)).toHaveLength(4);
    for (const [fold, height] of Object.entries(pocketFolds)) {
      const figures = { fold: fold as keyof typeof pocketFolds };
      const look = sampleLook({ garments: [jacket], accessories: [sample("pocket square", { figures })] });
      const worn = dress(look).worn.find(({ piece }) => piece.kind === "pocket square");
      expect((worn?.extent.to ?? 0) - (worn?.extent.from ?? 0), fold).toBeCloseTo(height, 9);
    }
  });
});

describe("hosiery", () => {
  const client = { ...sampleClient, measured: { height: 170 } };
  const topOf = (form: PieceOf<"hosiery">["figures"]["form"]) => {
    const accessories = [sample("hosiery", { figures: { form } })];
    return dress(sampleLook({ client, accessories })).worn[0]?.extent.to ?? NaN;
  };

  it.each([
    ["liner", 4.25],
    ["ankle sock", 11.05],
    ["crew sock", 21.25],
    ["boot sock", 27.2],
    ["knee-high", 45.9],
    ["hold-up", 73.1],
    ["tights", 105.4],
  ] as const)("as %s ends %d cm up a body of 170 cm", (form, cm) => {
    expect(topOf(form)).toBeCloseTo(cm, 9);
  });

  it.each([
    ["tights", 15, 0.02],
    ["tights", 40, 0.05],
    ["tights", 101, 0.1],
    ["knee-high", 101, 0.06],
    ["crew sock", 101, 0.03],
    ["liner", 15, 0.006],
  ] as const)("as %s of %d den warms by %d clo", (form, denier, clo) => {
    expect(hosieryClo(denier, form)).toBeCloseTo(clo, 9);
  });
});
