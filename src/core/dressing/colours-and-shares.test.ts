import { describe, expect, it } from "vitest";
import { shadeOf } from "../colour/shade";
import { totalLength } from "../length/interval";
import { isKind, specOf, type Piece } from "../piece/piece";
import type { Swatch } from "../piece/swatch";
import { sample, sampleClient, sampleLook } from "../testing/sample";
import { sharesOf } from "./areas";
import { colourShares } from "./colour-shares";
import { dress } from "./dress";
import { pairOf } from "./pair";
import { profileOf } from "./profile";

const swatch = (hex: string, share: number, role: Swatch["role"] = "ground"): Swatch => ({
  hex,
  share,
  role,
});
const dressed = (garments: Piece[], accessories: Piece[] = []) =>
  dress(sampleLook({ garments, accessories }));

describe("the colours of a piece", () => {
  const piece = sample("scarf", {
    swatches: [
      swatch("#efe6cf", 0.3, "motif"),
      swatch("#1d2742", 0.62),
      swatch("#a5482a", 0.08, "motif"),
      swatch("#6d3f26", 0.4, "reverse"),
    ],
  });

  it("stand the largest first, the inside of the cloth apart", () => {
    const { tints, ground, reverse } = profileOf(piece);
    expect(tints.map(({ shade }) => shade.hex)).toEqual(["#1d2742", "#efe6cf", "#a5482a"]);
    expect(ground).toBe(tints[0]);
    expect(reverse?.shade.hex).toBe("#6d3f26");
    expect(profileOf(piece)).toBe(profileOf(piece));
  });

  it("that are large are compared, and a small one is none of its character", () => {
    const small = { ...piece, swatches: [swatch("#1d2742", 0.93), swatch("#bf2026", 0.07, "motif")] };
    expect(profileOf(piece).matched?.depths).toEqual(
      ["#1d2742", "#efe6cf", "#a5482a"].map((hex) => shadeOf(hex).L),
    );
    expect(profileOf(piece).matched?.chromatic).toBe(true);
    expect(profileOf(small).matched).toMatchObject({ depths: [shadeOf("#1d2742").L], chromatic: false });
  });

  it("know a neutral, and which way a colour leans", () => {
    const [navy, rust] = ["#1d2742", "#a5482a"].map(
      (hex) => profileOf(sample("bag", { hex })).ground ?? undefined,
    );
    expect(navy).toMatchObject({ family: "navy", neutral: true });
    expect(rust).toMatchObject({ family: "rust", neutral: false });
    expect(rust?.temperature).toBeGreaterThan(0.35);
    expect(navy?.temperature).toBeLessThan(0);
  });

  it("are none of a piece without any", () => {
    const bare = profileOf({ ...piece, swatches: [] });
    expect(bare).toMatchObject({ tints: [], ground: null, reverse: null, character: null, matched: null });
  });
});

describe("the colours of a look", () => {
  const bag = sample("bag", { name: "bag", hex: "#1d2742" });
  const belt = sample("belt", { name: "belt", hex: "#1d2742" });
  const skirt = sample("skirt", { name: "skirt", hex: "#a5482a" });
  const worn = () => dressed([skirt], [bag, belt]);

  it("are patches of what is seen, each in the middle of its piece", () => {
    const { palette, worn: items } = worn();
    for (const { item, tint, area, at } of palette) {
      expect(area).toBe(item.area * tint.share);
      expect(at).toBe((item.extent.from + item.extent.to) / 2);
    }
    expect(palette.map(({ item }) => item)).toEqual(items);
  });

  it("are none of what is covered", () => {
    const coat = sample("coat", { name: "coat", hex: "#8f949b", figures: { closed: true, length: 105 } });
    const { palette, visible, accessories, worn: items } = dressed([skirt, coat], [bag, belt]);
    expect(items.map(({ piece }) => piece.name)).toContain("belt");
    for (const seen of [visible, accessories, palette.map(({ item }) => item)])
      expect(seen.map(({ piece }) => piece.name)).not.toContain("belt");
  });

  it("count once, the largest first, with who wears them", () => {
    const { palette, worn: items } = worn();
    const areaOf = (name: string) => items.find(({ piece }) => piece.name === name)?.area ?? NaN;
    const [most, least] = colourShares(palette);
    expect(most).toMatchObject({ family: "rust", share: areaOf("skirt"), pieces: ["skirt"] });
    expect(least?.share).toBeCloseTo(areaOf("bag") + areaOf("belt"), 12);
    expect(least).toMatchObject({
      family: "navy",
      pieces: expect.arrayContaining(["bag", "belt"]) as unknown,
    });
    expect(least?.shade.hex).toBe("#1d2742");
    expect(least?.temperature).toBe(profileOf(bag).ground?.temperature);
    expect(colourShares(palette)).toHaveLength(2);
    expect(colourShares([...palette].reverse()).map(({ family }) => family)).toEqual(["rust", "navy"]);
  });
});

describe("how much is seen of a piece", () => {
  const trousers = sample("trousers", { id: "trousers" });
  const top = sample("top", { id: "top", figures: { tucked: true } });
  const coat = (closed: boolean) => sample("coat", { id: "coat", figures: { closed, length: 105 } });
  const shares = (garments: Piece[]) =>
    new Map(dressed(garments).worn.map(({ piece, area }) => [piece.id, area]));

  it("is its part of what all take, as they are seen", () => {
    const { worn, body } = dressed([trousers, top]);
    const raw = worn.map(({ piece, seen, extent }) => specOf(piece).area({ parts: seen, extent }, body));
    const total = raw.reduce((sum, area) => sum + area, 0);
    worn.forEach(({ area }, i) => expect(area).toBeCloseTo((raw[i] ?? NaN) / total, 11));
  });

  it("is less under an open coat, and hardly any under a closed one", () => {
    const [without, open, closed] = [
      shares([trousers, top]),
      shares([trousers, top, coat(false)]),
      shares([trousers, top, coat(true)]),
    ];
    for (const id of ["trousers", "top"]) {
      expect(open.get(id)).toBeLessThan(without.get(id) ?? NaN);
      expect(closed.get(id)).toBeLessThan(open.get(id) ?? NaN);
    }
    expect(open.get("coat")).toBeGreaterThan(0);
  });

  it("is covered by an open coat by 55 parts in a hundred where it lies under it, as docs/model.md has it", () => {
    const { worn, body } = dressed([trousers, top, coat(false)]);
    const of = (id: string) => {
      const item = worn.find(({ piece }) => piece.id === id);
      if (!item) throw new Error(`no ${id}`);
      return item;
    };
    const { extent } = of("coat");
    const left = (id: string) => {
      const { extent: own, seen, piece } = of(id);
      const under = Math.max(0, Math.min(own.to, extent.to) - Math.max(own.from, extent.from));
      return (
        specOf(piece).area({ parts: seen, extent: own }, body) * (1 - (0.55 * under) / (own.to - own.from))
      );
    };
    expect(of("top").area / of("trousers").area).toBeCloseTo(left("top") / left("trousers"), 9);
  });

  it("is next to nothing where it is seen only in a V", () => {
    const knit = sample("top", {
      id: "knit",
      finish: "knit",
      figures: { neckline: "v", length: 62, bodyGirth: 98 },
    });
    const shirt = sample("top", {
      id: "shirt",
      figures: { neckline: "shirt collar", length: 62, bodyGirth: 104 },
    });
    const { worn, body } = dressed([trousers, knit, shirt]);
    const under = worn.find(({ piece }) => piece.id === "shirt");
    const over = worn.find(({ piece }) => piece.id === "knit");
    if (!under || !over) throw new Error("not worn");
    expect(totalLength(under.seen)).toBeCloseTo(18, 9);
    const whole = (item: typeof under) =>
      specOf(item.piece).area({ parts: item.seen, extent: item.extent }, body);
    expect(under.area / over.area).toBeCloseTo((whole(under) * 0.16) / whole(over), 9);
  });

  it("is nothing of an empty look", () => {
    expect(sharesOf([])).toEqual([]);
    expect(sharesOf([0, 0])).toEqual([0, 0]);
  });
});

describe("two accessories side by side", () => {
  const alone = (piece: Piece) => dress(sampleLook({ accessories: [piece] }));
  const shoe = alone(sample("shoe", { id: "shoe" }));
  const bag = alone(sample("bag", { id: "bag" }));
  const tights = alone(sample("hosiery", { id: "tights" }));
  const necklace = (id: string, length: number) =>
    alone(sample("necklace", { id, figures: { loop: length } }));
  const scarf = alone(sample("scarf", { id: "scarf" }));

  it("are what each is alone, the one before the other", () => {
    const pair = pairOf(shoe, bag);
    expect(pair.worn).toEqual([...shoe.worn, ...bag.worn]);
    expect(pair.visible).toEqual([...shoe.visible, ...bag.visible]);
    expect(pair.accessories).toEqual([...shoe.accessories, ...bag.accessories]);
    expect(pair.palette).toEqual([...shoe.palette, ...bag.palette]);
    expect(pair.look).toBe(shoe.look);
    expect(pair.body).toBe(shoe.body);
  });

  it("have the shoe, the bag, the hosiery and where the bag lies of whichever has them", () => {
    for (const pair of [pairOf(shoe, bag), pairOf(bag, shoe)]) {
      expect(pair.shoe).toBe(shoe.shoe);
      expect(pair.bag).toBe(bag.bag);
      expect(pair.landing).toBe(bag.landing);
      expect(pair.hosiery).toBeNull();
    }
    for (const pair of [pairOf(shoe, tights), pairOf(tights, shoe)])
      expect(pair.hosiery).toBe(tights.hosiery);
  });

  it("have at the neck what either has, the highest necklace first", () => {
    const [high, low] = [necklace("high", 40), necklace("low", 70)];
    for (const pair of [pairOf(high, low), pairOf(low, high)]) {
      expect(pair.neck.necklaces.map((hung) => hung.necklace.id)).toEqual(["high", "low"]);
      expect(pair.neck.scarf).toBeNull();
    }
    for (const pair of [pairOf(high, scarf), pairOf(scarf, high)]) {
      expect(pair.neck.scarf).toBe(scarf.neck.scarf);
      expect(pair.neck.scarfBelow).toBe(scarf.neck.scarfBelow);
      expect(pair.neck.necklaces).toHaveLength(1);
    }
    expect(pairOf(shoe, high).neck).toBe(high.neck);
    expect(pairOf(high, shoe).neck).toBe(high.neck);
    expect(pairOf(shoe, scarf).neck.scarf).toBe(scarf.neck.scarf);
    expect(scarf.worn.every(({ piece }) => isKind(piece, "scarf"))).toBe(true);
  });

  it("have the tie of the scarf that is tied", () => {
    const square = sample("scarf", { id: "square", figures: { sideA: 90, sideB: 90 } });
    const adjustment = {
      kind: "tie",
      piece: "square",
      tie: "knot in front",
      fold: "bias band",
      corner: "lower left",
      face: "right",
      turned: false,
      band: 6,
    } as const;
    const tied = dress(
      sampleLook({ client: sampleClient, accessories: [square], adjustments: [adjustment] }),
    );
    expect(tied.tied).not.toBeNull();
    expect(pairOf(shoe, tied).tied).toBe(tied.tied);
    expect(pairOf(tied, shoe).tied).toBe(tied.tied);
  });
});
