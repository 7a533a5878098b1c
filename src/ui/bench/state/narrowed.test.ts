import { describe, expect, it } from "vitest";
import { sample } from "@/core/testing/sample";
import type { RankedPiece } from "@/workers/answers";
import type { trayFilters } from "./desk/bench-store";
import { passes, type Narrowed } from "./narrowed";

const red = sample("shoe", {
  name: "red",
  hex: "#b3202a",
  metal: "gold",
  register: { low: 5, centre: 7, high: 8 },
});
const plain = sample("shoe", { name: "plain", hex: "#16161a", metal: "none", register: null });
const pieces = [red, plain];
const ranked = (pieceId: string, rest: Partial<RankedPiece> = {}) =>
  ({ pieceId, mends: [], brings: [], ...rest }) as unknown as RankedPiece;
const narrowed = (rest: Partial<Narrowed>): Narrowed => ({
  filter: "all",
  whose: null,
  kit: ["plain"],
  family: null,
  metal: null,
  rest: null,
  lastWorn: {},
  today: "2026-11-27",
  named: (id) => pieces.find((piece) => piece.id === id),
  level: 5,
  ...rest,
});

describe("the tray narrowed down", () => {
  it("shows all of it, and nothing that is not in the wardrobe", () => {
    expect(passes(ranked("red"), narrowed({}))).toBe(true);
    expect(passes(ranked("gone"), narrowed({}))).toBe(false);
  });

  it("by whose it is", () => {
    expect(passes(ranked("red"), narrowed({ whose: "the client's own" }))).toBe(true);
    expect(passes(ranked("red"), narrowed({ whose: "the studio's kit" }))).toBe(false);
    expect(passes(ranked("plain"), narrowed({ whose: "the studio's kit" }))).toBe(true);
    expect(passes(ranked("plain"), narrowed({ whose: "the client's own" }))).toBe(false);
  });

  it("by colour and by metal", () => {
    expect(passes(ranked("red"), narrowed({ family: "black" }))).toBe(false);
    expect(passes(ranked("plain"), narrowed({ family: "black" }))).toBe(true);
    expect(passes(ranked("red"), narrowed({ metal: "gold" }))).toBe(true);
    expect(passes(ranked("plain"), narrowed({ metal: "gold" }))).toBe(false);
  });

  it("by how long it was not worn", () => {
    const lastWorn = { red: "2026-10-20" };
    const shown = (rest: Narrowed["rest"], id: string) => passes(ranked(id), narrowed({ rest, lastWorn }));
    expect((["for a month", "for three months", "yet"] as const).map((rest) => shown(rest, "red"))).toEqual([
      true,
      false,
      false,
    ]);
    expect(shown("yet", "plain")).toBe(true);
    expect(passes(ranked("red"), narrowed({ rest: "for a month", lastWorn: { red: "2026-10-29" } }))).toBe(
      false,
    );
  });

  it("by what a piece would make of the look", () => {
    const shown = (filter: (typeof trayFilters)[number], candidate: RankedPiece) =>
      passes(candidate, narrowed({ filter }));
    expect(shown("fixes something", ranked("red", { mends: ["colour.join"] }))).toBe(true);
    expect(shown("fixes something", ranked("red"))).toBe(false);
    expect(shown("adds no problem", ranked("red", { brings: ["colour.join"] }))).toBe(false);
    expect(shown("dressier", ranked("red"))).toBe(true);
    expect(shown("quieter", ranked("red"))).toBe(false);
    // Of what nobody has recorded how dressed it is, neither can be said.
    expect([shown("dressier", ranked("plain")), shown("quieter", ranked("plain"))]).toEqual([false, false]);
  });
});
