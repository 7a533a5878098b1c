import { describe, expect, it } from "vitest";
import { optionsAmong, optionsOf, wornSlot, type Adjustment } from "../piece/adjustment";
import type { Look } from "../piece/look";
import type { Piece } from "../piece/piece";
import { footBudget } from "../place/foot-time";
import { apply, wornSo } from "../reading/change";
import { read } from "../reading/read";
import { looseOf } from "../rules/loose";
import { sample, sampleClient, sampleLook, sampleOccasion } from "../testing/sample";
import { dress } from "./dress";

const legs = sample("trousers", { name: "legs" });
const shirt = sample("top", { name: "shirt", figures: { neckline: "shirt collar", sleeve: "long" } });
const knit = sample("top", {
  name: "knit",
  finish: "knit",
  cloth: "fine knit",
  figures: { sleeve: "long", neckline: "crew", bodyGirth: 110 },
});
const gown = sample("dress", { name: "gown", figures: { neckline: "v", sleeve: "none", ownBelt: true } });
const tee = sample("top", { name: "tee", figures: { neckline: "crew", sleeve: "short" } });
const blouse = sample("top", {
  name: "blouse",
  figures: { offShoulder: true, sleeve: "short", neckline: "scoop" },
});
const blazer = sample("jacket", { name: "blazer", figures: { collar: "notched", closed: false } });
const parka = sample("coat", { name: "parka", figures: { collar: "hood", closed: true } });
const belt = sample("belt", { name: "belt", figures: { firstHole: 70, lastHole: 110 } });
const shoe = sample("shoe", { name: "shoe" });

const done = (look: Look, ...ways: Adjustment[]) =>
  dress(ways.reduce((each, way) => apply(each, wornSo(way)), look));
const itemOf = (dressed: ReturnType<typeof dress>, id: string) => {
  const item = dressed.worn.find(({ piece }) => piece.id === id);
  if (!item) throw new Error(`${id} is not worn`);
  return item;
};
const messages = (look: Look) => read(look).findings.map(({ rule, message }) => `${rule} ${message}`);
const client = { ...sampleClient, measured: { ...sampleClient.measured, waist: 76, neck: 36, hip: 100 } };
const look = (garments: Piece[], accessories: Piece[] = [shoe], rest: Partial<Look> = {}) =>
  sampleLook({ client, garments, accessories, ...rest });

describe("a layer's front", () => {
  const outdoors = { occasion: { ...sampleOccasion, ground: "pavement", temperature: 6, wind: 4 } } as const;

  it("hides what is under it when it is closed, and is warmer", () => {
    const open = look([legs, shirt, blazer]);
    const closed = done(open, { kind: "front", piece: "blazer", how: "closed" });
    expect(itemOf(closed, "shirt").area).toBeLessThan(itemOf(dress(open), "shirt").area);
    expect(itemOf(closed, "blazer").insulation).toBeGreaterThan(itemOf(dress(open), "blazer").insulation);
  });

  it("over the shoulders is cooler, hangs free, and is not offered to a cape or a waistcoat", () => {
    const laid = done(look([legs, shirt, blazer]), {
      kind: "front",
      piece: "blazer",
      how: "over the shoulders",
    });
    expect(itemOf(laid, "blazer").insulation).toBeLessThan(
      itemOf(dress(look([legs, shirt, blazer])), "blazer").insulation,
    );
    expect(looseOf(laid)?.id).toBe("blazer");
    for (const form of ["cape", "waistcoat"] as const) {
      const piece = sample("jacket", { figures: { form, sleeve: "none" } });
      expect(optionsOf("front", piece).map(({ how }) => how)).not.toContain("over the shoulders");
    }
  });

  it("is offered as what it is not", () => {
    expect(optionsOf("front", parka).map(({ how }) => how)).toEqual(["open", "over the shoulders"]);
    expect(optionsOf("front", blazer).map(({ how }) => how)).toEqual(["closed", "over the shoulders"]);
  });

  it("a double-breasted one left open is half a step less formal", () => {
    const both = sample("jacket", {
      name: "both",
      register: { low: 3, centre: 6, high: 8 },
      figures: { breasted: "double-breasted", closed: true },
    });
    const closed = look([legs, shirt, both]);
    const open = done(closed, { kind: "front", piece: "both", how: "open" });
    expect(itemOf(open, "both").centre).toBe((itemOf(dress(closed), "both").centre ?? 0) - 0.5);
  });

  it("covers the neck with its collar up, and the head with its hood", () => {
    const cold = look([legs, shirt, blazer], [shoe], outdoors);
    const at = { ...outdoors.occasion, temperature: -8 };
    expect(messages({ ...cold, occasion: at })).toContain("comfort.warmth neck");
    const up: Adjustment = { kind: "collar-up", piece: "blazer" };
    expect(messages({ ...cold, occasion: at, adjustments: [up] })).not.toContain("comfort.warmth neck");
    const hooded = look([legs, shirt, parka], [shoe], { occasion: at });
    expect(messages(hooded)).toContain("comfort.warmth head");
    const hood: Adjustment = { kind: "hood-up", piece: "parka" };
    expect(messages({ ...hooded, adjustments: [hood] })).not.toContain("comfort.warmth head");
  });
});

describe("a top", () => {
  it("half tucked shows the waist, knotted it ends there", () => {
    const out = look([legs, { ...shirt, figures: { ...shirt.figures, tucked: false, length: 74 } }]);
    const waist = dress(out).body.measures.waistLine.cm;
    expect(itemOf(dress(out), "shirt").extent.from).toBeLessThan(waist - 5);
    expect(itemOf(done(out, { kind: "half-tuck", piece: "shirt" }), "shirt").extent.from).toBe(waist);
    expect(itemOf(done(out, { kind: "knot-front", piece: "shirt" }), "shirt").extent.from).toBeCloseTo(
      waist - 1,
    );
    expect(optionsOf("knot-front", knit)).toEqual([]);
    expect(optionsAmong("half-tuck", tee, [tee, gown])).toEqual([]);
  });

  it("under the dress is seen at its neck alone; over it, it hides the bodice", () => {
    const over = look([gown, tee]);
    const under = done(over, { kind: "under-dress", piece: "tee" });
    expect(itemOf(under, "tee").order).toBeLessThan(itemOf(under, "gown").order);
    expect(itemOf(under, "tee").area).toBeLessThan(itemOf(dress(over), "tee").area);
    expect(itemOf(under, "tee").area).toBeGreaterThan(0);
    expect(optionsAmong("under-dress", tee, [legs, tee])).toEqual([]);
  });

  it("of knit, round the shoulders, is a layer: the shirt under it is the top, with its collar", () => {
    const both = look([legs, shirt, knit]);
    const tied = done(both, { kind: "round-shoulders", piece: "knit", how: "round the shoulders" });
    expect(tied.tops.map(({ piece }) => piece.id)).toEqual(["shirt"]);
    expect(itemOf(tied, "knit").place).toBe("layer");
    expect(tied.neck.edge?.piece.id).toBe("shirt");
    expect(itemOf(tied, "knit").insulation).toBeLessThan(itemOf(dress(both), "knit").insulation);
    expect(looseOf(tied)?.id).toBe("knit");
  });

  it("with its collar laid over the knit is what is at the neck", () => {
    const both = look([legs, shirt, knit]);
    expect(dress(both).neck.edge?.piece.id).toBe("knit");
    const over = done(both, { kind: "collar-over", piece: "shirt" });
    expect(over.neck.edge?.piece.id).toBe("shirt");
    expect(optionsAmong("collar-over", shirt, [legs, shirt])).toEqual([]);
  });

  it("pulled off the shoulders bares them, and its neck lies deeper", () => {
    const off = done(look([legs, blouse]), { kind: "off-shoulder", piece: "blouse" });
    expect(itemOf(off, "blouse").asWorn.figures).toMatchObject({ neckline: "off the shoulder" });
    const asked = { ...sampleOccasion, flags: ["covered shoulders"] as const };
    const bar = "register.occasion covered shoulders";
    expect(messages(look([legs, blouse], [shoe], { occasion: asked }))).not.toContain(bar);
    expect(messages({ ...off.look, occasion: asked })).toContain(bar);
    expect(optionsOf("off-shoulder", tee)).toEqual([]);
  });
});

describe("waists and hems", () => {
  it("the belt a dress came with marks the waist, is one too many under another, and comes off", () => {
    const wished = { ...client, goals: { ...client.goals, moreWaist: true } };
    const own = look([gown], [shoe], { client: wished });
    expect(messages(own)).not.toContain("proportion.belt-need unmarked");
    const off: Adjustment = { kind: "own-belt-off", piece: "gown" };
    expect(messages({ ...own, adjustments: [off] })).toContain("proportion.belt-need unmarked");
    const belted = look([gown], [shoe, belt]);
    expect(messages(belted)).toContain("comfort.belt-fit two");
    expect(messages({ ...belted, adjustments: [off] })).not.toContain("comfort.belt-fit two");
  });

  it("a belt over the closed coat is seen, and goes round it", () => {
    const under = look([legs, shirt, parka], [shoe, belt]);
    expect(dress(under).belt?.seen).toEqual([]);
    const over = done(under, { kind: "belted-over", piece: "belt" });
    expect(over.belt?.seen.length).toBeGreaterThan(0);
    expect(optionsAmong("belted-over", belt, [legs, shirt, belt])).toEqual([]);
  });

  it("hems that stretch can be pulled up the calf, and are not turned up", () => {
    const joggers = sample("trousers", { name: "joggers", figures: { hem: "stretch", inseam: 78 } });
    const worn = look([joggers, tee]);
    const up = done(worn, { kind: "hems-up", piece: "joggers" });
    expect(up.hem ?? 0).toBeGreaterThan((dress(worn).hem ?? 0) + 10);
    expect(up.leg?.hem).toBe(up.hem);
    expect(up.hem ?? 0).toBeLessThan(up.body.measures.kneeLine.cm);
    expect(optionsOf("turn", joggers)).toEqual([]);
    expect(optionsOf("hems-up", legs)).toEqual([]);
  });
});

describe("small things", () => {
  const hoops = sample("earrings", { name: "hoops", figures: { drop: 4 } });
  const studs = sample("earrings", { name: "studs", figures: { drop: 0.6 } });
  const second: Adjustment = { kind: "second-hole", piece: "studs" };

  it("a second pair leaves the first its place, and gives it back", () => {
    let worn = apply(look([legs, shirt], []), { kind: "wear", piece: studs });
    worn = apply(worn, wornSo(second));
    worn = apply(worn, { kind: "wear", piece: hoops });
    expect(worn.accessories.map((piece) => wornSlot(piece, worn.adjustments))).toEqual(["ear", "earrings"]);
    expect(itemOf(dress(worn), "studs").slot).toBe("ear");
    const back = apply(worn, { kind: "undo", way: "second-hole", piece: "studs" });
    expect(back.accessories.map(({ id }) => id)).toEqual(["studs"]);
    expect(optionsOf("second-hole", hoops)).toEqual([]);
  });

  it("a brooch goes where something holds it", () => {
    const pin = sample("brooch", { name: "pin" });
    const places = (worn: Piece[]) => optionsAmong("pinned", pin, [...worn, pin]).map(({ at }) => at);
    expect(places([legs, tee])).toEqual(["shoulder"]);
    expect(places([legs, shirt, blazer, sample("hat")])).toEqual(["lapel", "collar", "shoulder", "hat"]);
    const worn = look([legs, shirt, blazer], [shoe, pin]);
    const low = done(look([gown], [pin]), { kind: "pinned", piece: "pin", at: "waist" });
    expect(itemOf(low, "pin").extent.to).toBeLessThan(itemOf(dress(worn), "pin").extent.from);
    expect(itemOf(low, "pin").zone).toBe("waist");
  });

  it("a watch on its other strap has that strap's colour and its level, and back again", () => {
    const watch = sample("watch", {
      name: "watch",
      register: { low: 3, centre: 5, high: 7 },
      swatches: [
        { hex: "#5a3a24", share: 1, role: "ground" },
        { hex: "#3f6f8a", share: 1, role: "reverse" },
      ],
      figures: { strapMade: "leather", otherStrap: "cloth" },
    });
    const item = itemOf(done(look([legs, tee], [watch]), { kind: "other-strap", piece: "watch" }), "watch");
    expect(item.asWorn.swatches[0]?.hex).toBe("#3f6f8a");
    expect(item.asWorn.figures).toMatchObject({ strapMade: "cloth", otherStrap: "leather" });
    expect(item.centre).toBe(4.5);
  });

  it("a slingback is good for three quarters of the time of a pump", () => {
    const of = (form: "pump" | "slingback") =>
      footBudget(sample("shoe", { figures: { form, lift: 6, platform: 0.5 } }), false);
    expect(of("slingback") / of("pump")).toBeCloseTo(0.75);
  });
});
