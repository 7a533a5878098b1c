import { describe, expect, it } from "vitest";
import { dress } from "../../dressing/dress";
import type { Piece } from "../../piece/piece";
import { lookWith } from "../../search/best/options";
import { outlookOf } from "../../testing/outlook-of";
import { sample, sampleClientWith, sampleLook } from "../../testing/sample";
import { accent } from "./accent";
import { echo } from "./echo";
import { foot } from "./foot";
import { nearBlack } from "./near-black";
import { print } from "./print";

const trousers = (hex: string, more: object = {}) =>
  sample("trousers", { name: "trousers", hex, figures: { inseam: 73 }, ...more });
const top = (hex: string, more: object = {}) =>
  sample("top", { name: "top", hex, figures: { tucked: true }, ...more });
const shoe = (hex: string, more: object = {}) => sample("shoe", { name: "shoes", hex, ...more });
const bag = (hex: string, more: object = {}) => sample("bag", { name: "bag", hex, ...more });
const belt = (hex: string, more: object = {}) => sample("belt", { name: "belt", hex, ...more });
const hat = (hex: string, more: object = {}) => sample("hat", { name: "hat", hex, ...more });
const printed = (ground: string, motif: string, patternScale = 5) => ({
  swatches: [
    { hex: ground, share: 0.6, role: "ground" as const },
    { hex: motif, share: 0.4, role: "motif" as const },
  ],
  pattern: "floral" as const,
  patternScale,
  statement: 2 as const,
});
const on = (...garments: Piece[]) => sampleLook({ garments });
const effectsIn = (look: Parameters<typeof lookWith>[0], pieces: readonly Piece[], rule: typeof echo) =>
  rule.read(dress(lookWith(look, pieces))).map(({ effect }) => effect);

describe("an answer that may cease", () => {
  const grey = on(trousers("#5d6066"), top("#9a9ea5"));
  const browns = [shoe("#6d3f26"), hat("#6d3f26")];
  const red = [sample("scarf", { name: "scarf", ...printed("#9a9ea5", "#b3211b") }), bag("#bb2a20")];

  it("of two browns, once a colour is put on, leaves the praise to a print that is picked up", () => {
    expect(effectsIn(grey, browns, echo)).toContain("lifts");
    expect(effectsIn(grey, [...browns, ...red], echo)).toContain("sings");
    expect(echo.hope(outlookOf(grey, browns, red)).praise).toContain("sings");
  });

  it("of two colours does not: a print that is further off is not hoped for", () => {
    const reds = [shoe("#bb2a20"), hat("#bb2a20")];
    const blue = [sample("scarf", { name: "scarf", ...printed("#9a9ea5", "#2450c0") }), bag("#2f5ac8")];
    expect(echo.hope(outlookOf(grey, reds, blue)).praise).not.toContain("sings");
    expect(effectsIn(grey, [...reds, ...blue], echo)).not.toContain("sings");
  });
});

describe("two darks that touch", () => {
  const navyOnBlack = on(trousers("#15151a"), top("#151d3a"));
  const rubs = { faults: ["jars"], praise: [] };

  it("are amiss for good where nothing is left that could tell them apart", () => {
    expect(nearBlack.hope(outlookOf(navyOnBlack, []))).toEqual(rubs);
    expect(nearBlack.hope(outlookOf(navyOnBlack, [], [hat("#8f949b")]))).toEqual(rubs);
  });

  it("may yet be told apart by a belt between them, or met again, each", () => {
    expect(nearBlack.hope(outlookOf(navyOnBlack, [], [belt("#8f949b")])).faults).toEqual([]);
    const again = [bag("#15151a"), hat("#151d3a")];
    expect(nearBlack.hope(outlookOf(navyOnBlack, [], again)).faults).toEqual([]);
    expect(nearBlack.hope(outlookOf(navyOnBlack, [], again.slice(1)))).toEqual(rubs);
  });

  it("are mended by nothing where the book keeps darks apart", () => {
    const apart = { ...navyOnBlack, client: sampleClientWith({}, { darks: "keep apart" }) };
    expect(nearBlack.hope(outlookOf(apart, [], [belt("#8f949b")]))).toEqual(rubs);
  });

  it("at the foot may be parted by hosiery, as long as that is open", () => {
    const grey = on(
      sample("skirt", { name: "skirt", hex: "#15151a", figures: { length: 95 } }),
      top("#9a9ea5"),
    );
    const tights = sample("hosiery", { name: "tights", hex: "#151d3a", figures: { denier: 80 } });
    const faults = (...pieces: Piece[]) => nearBlack.hope(outlookOf(grey, pieces)).faults;
    expect(faults(shoe("#15151a"), tights)).not.toEqual([]);
    expect(nearBlack.hope(outlookOf(grey, [shoe("#15151a")], [tights])).faults).toEqual([]);
  });
});

describe("prints", () => {
  const plain = on(trousers("#8f949b"), top("#efe6cf"));
  const large = sample("scarf", {
    name: "scarf",
    ...printed("#f7f9fb", "#15151a", 12),
    figures: { sideA: 140, sideB: 140 },
  });
  const small = sample("bag", {
    name: "bag",
    ...printed("#f7f9fb", "#15151a", 5),
    figures: { width: 40, height: 34 },
  });

  it("may make a pair where two loud ones share colours and differ in scale", () => {
    const pair = [large, small];
    const hoped = print.hope(outlookOf(plain, [], pair));
    const said = print.read(dress(lookWith(plain, pair))).map(({ message }) => message);
    expect(said).toEqual(["pair"]);
    expect(hoped.praise).toEqual(["sings"]);
    const other = { ...small, ...printed("#2450c0", "#c4922f", 5) };
    expect(print.hope(outlookOf(plain, [], [large, other])).praise).toEqual([]);
    const alike = { ...small, ...printed("#f7f9fb", "#15151a", 11) };
    expect(print.hope(outlookOf(plain, [], [large, alike])).praise).toEqual([]);
  });

  it("may stand on a shoe of their ground or their darkest, on or open", () => {
    expect(print.hope(outlookOf(plain, [shoe("#15151a")], [large])).praise).toEqual(["lifts"]);
    expect(print.hope(outlookOf(plain, [], [shoe("#15151a"), large])).praise).toEqual(["lifts"]);
    expect(print.hope(outlookOf(plain, [shoe("#c4922f")], [large])).praise).toEqual([]);
    expect(print.hope(outlookOf(plain, [], [large])).praise).toEqual([]);
  });
});

describe("the one deep accent", () => {
  const quiet = on(trousers("#8f949b"), top("#c6c9cc"));
  const wine = "#5a1626";

  it("may yet come, or stands already, among what is quiet", () => {
    expect(accent.hope(outlookOf(quiet, [], [bag(wine)])).praise).toEqual(["lifts"]);
    expect(accent.hope(outlookOf(quiet, [bag(wine)], [shoe("#15151a")])).praise).toEqual(["lifts"]);
    expect(accent.hope(outlookOf(quiet, [], [shoe("#15151a")])).praise).toEqual([]);
  });

  it("is none beside another colour that is sure to stand alone, or over a loud garment", () => {
    const green = hat("#1f8a3b");
    expect(accent.hope(outlookOf(quiet, [green], [bag(wine)])).praise).toEqual([]);
    expect(accent.hope(outlookOf(quiet, [bag(wine), green])).praise).toEqual([]);
    expect(accent.hope(outlookOf(on(trousers("#d6271f"), top("#c6c9cc")), [], [bag(wine)])).praise).toEqual(
      [],
    );
  });

  it("wants a base", () => {
    expect(accent.hope(outlookOf(on(), [], [bag(wine)])).praise).toEqual([]);
  });
});

describe("the shoe under a look", () => {
  it("that is light under pale clothes may carry them as long as it is open", () => {
    const pale = on(trousers("#e4d9c0"), top("#f7f9fb"));
    expect(foot.hope(outlookOf(pale, [], [shoe("#d9b08c")])).praise).toEqual(["lifts"]);
    expect(foot.hope(outlookOf(pale, [shoe("#d9b08c")])).praise).toEqual(["lifts"]);
    expect(foot.hope(outlookOf(pale, [shoe("#15151a")])).praise).toEqual([]);
  });

  it("that is heavy under pale clothes is amiss for good, unless its brown is still to be answered", () => {
    const pale = on(trousers("#e4d9c0"), top("#f7f9fb"));
    const dark = shoe("#3a2216");
    expect(foot.hope(outlookOf(pale, [dark])).faults).toEqual(["rubs"]);
    expect(foot.hope(outlookOf(pale, [dark], [bag("#3a2216")])).faults).toEqual([]);
  });

  it("that alone is light under the dark is amiss, unless something light may still come", () => {
    const dark = on(trousers("#15151a"), top("#1b1d24"));
    expect(foot.hope(outlookOf(dark, [shoe("#f7f9fb")])).faults).toEqual(["rubs"]);
    expect(foot.hope(outlookOf(dark, [shoe("#f7f9fb")], [bag("#f7f9fb")])).faults).toEqual([]);
  });
});
