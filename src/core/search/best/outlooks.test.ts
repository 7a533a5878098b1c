import { describe, expect, it } from "vitest";
import { dress } from "../../dressing/dress";
import type { Look } from "../../piece/look";
import type { Piece } from "../../piece/piece";
import type { Slot } from "../../piece/slots";
import { comfortableIn, warmth } from "../../rules/comfort/warmth";
import { sample, sampleLook, sampleOccasion } from "../../testing/sample";
import { lookWith, type Place } from "./options";
import { outlooksFor } from "./outlooks";

const shoe = sample("shoe", { name: "shoes" });
const bag = sample("bag", { name: "bag" });
const tights = sample("hosiery", { name: "tights", figures: { form: "tights", denier: 80 } });
const base: Look = sampleLook({
  garments: [
    sample("trousers", { name: "trousers", figures: { inseam: 84 } }),
    sample("top", { name: "top", figures: { tucked: true } }),
  ],
});
const place = (slot: Slot, ...pieces: readonly Piece[]): Place => ({ slot, options: [...pieces, null] });
const places = [place("shoe", shoe), place("bag", bag), place("hosiery", tights)];
const namesIn = (open: ReadonlyMap<Slot, readonly { readonly piece: Piece }[]>) =>
  [...open].map(([slot, items]) => [slot, items.map(({ piece }) => piece.name)]);

/** What is left to put on once so many places are chosen, each with its piece. */
function outlookAfter(chosen: number, look: Look = base) {
  const on = places.slice(0, chosen).map(({ options }) => options[0] ?? null);
  return outlooksFor(look, places)(dress(lookWith(look, on)), chosen);
}

describe("what may yet be put on", () => {
  it("is what would be seen of the slots that are open, and apart from it what the base hides", () => {
    const { open, hidden, may } = outlookAfter(1);
    expect(namesIn(open)).toEqual([
      ["bag", ["bag"]],
      ["hosiery", []],
    ]);
    expect(namesIn(hidden)).toEqual([
      ["bag", []],
      ["hosiery", ["tights"]],
    ]);
    expect(may.map(({ piece }) => piece.name)).toEqual(["bag"]);
  });

  it("comes after what is on already", () => {
    // The trousers reach the floor, and hide the shoes.
    expect(outlookAfter(1).all.map(({ piece }) => piece.name)).toEqual(["trousers", "top", "bag"]);
  });

  it("is nothing once every place is chosen, and the look grows no more", () => {
    const { open, hidden, may, grows } = outlookAfter(3);
    expect([open.size, hidden.size, may.length, grows]).toEqual([0, 0, 0, 1]);
  });

  it("makes the look larger by what may come, and any number of times without a garment", () => {
    expect(outlookAfter(0).grows).toBeGreaterThan(outlookAfter(1).grows);
    expect(outlookAfter(1).grows).toBeGreaterThan(1);
    expect(outlookAfter(0, { ...base, garments: [] }).grows).toBeGreaterThan(1e6);
  });
});

describe("tights that nobody sees", () => {
  it("keep warm: as long as they may be put on, an outfit need not stay too cold", () => {
    const withShoes = lookWith(base, [shoe]);
    const occasion = { ...sampleOccasion, temperature: 0, wind: 0 };
    const [without, withTights] = [withShoes, lookWith(withShoes, [tights])].map(
      (look) => comfortableIn(dress({ ...look, occasion })).from,
    );
    const between = { ...occasion, temperature: ((without ?? 0) + (withTights ?? 0)) / 2 };
    const said = (look: Look) =>
      warmth.read(dress({ ...look, occasion: between })).map(({ message }) => message);
    expect(said(withShoes)).toContain("cold");
    expect(said(lookWith(withShoes, [tights]))).not.toContain("cold");
    const inTheCold = { ...base, occasion: between };
    expect(warmth.hope(outlookAfter(2, inTheCold)).faults).not.toContain("rubs");
  });
});
