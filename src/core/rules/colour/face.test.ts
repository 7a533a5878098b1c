import { describe, expect, it } from "vitest";
import type { Client } from "../../piece/client";
import type { Piece } from "../../piece/piece";
import { effectsOf, findingsOf } from "../../testing/findings";
import { sample, sampleClient, sampleClientWith, sampleLook } from "../../testing/sample";
import { face } from "./face";

const top = (hex: string) => sample("top", { name: "top", hex, figures: { tucked: true } });
const look = (garments: Piece[], accessories: Piece[] = []) => sampleLook({ garments, accessories });

describe("what lies at the face", () => {
  const scarf = (hex: string) => sample("scarf", { name: "scarf", hex });
  const cool = sampleClientWith({ colouring: { ...sampleClient.colouring, undertone: "cool" } });

  it.each([
    ["#a5482a", ["rubs"]],
    ["#2a4fbd", ["lifts"]],
    ["#808080", []],
  ])("%s at a cool face", (hex, effects) => {
    expect(effectsOf(face, { ...look([top("#9a9ea4")], [scarf(hex)]), client: cool })).toEqual(effects);
  });

  it("is nobody's business where undertone is ignored, and for a neutral face", () => {
    const ignored = sampleClientWith({ colouring: cool.colouring }, { undertone: "ignore" });
    expect(effectsOf(face, { ...look([], [scarf("#a5482a")]), client: ignored })).toEqual([]);
    expect(effectsOf(face, look([], [scarf("#a5482a")]))).toEqual([]);
  });

  it("is not read where nobody has said the undertone, and only what leans asks for it", () => {
    const unsaid = sampleClientWith({ colouring: { ...sampleClient.colouring, undertone: null } });
    const at = (hex: string) => findingsOf(face, { ...look([top("#9a9ea4")], [scarf(hex)]), client: unsaid });
    expect(at("#a5482a")).toMatchObject([{ effect: "unread", words: { leaning: "warm" } }]);
    expect(at("#2a4fbd")).toMatchObject([{ effect: "unread", words: { leaning: "cool" } }]);
    expect(at("#808080")).toEqual([]);
    const ignored = sampleClientWith({ colouring: unsaid.colouring }, { undertone: "ignore" });
    expect(effectsOf(face, { ...look([], [scarf("#a5482a")]), client: ignored })).toEqual([]);
  });

  it("outshines a face whose contrast is known, and no other", () => {
    const stripes = sample("scarf", {
      name: "scarf",
      swatches: [
        { hex: "#101012", share: 0.5, role: "ground" },
        { hex: "#f4f5f6", share: 0.5, role: "motif" },
      ],
      pattern: "stripe",
    });
    const soft = { ...sampleClient.colouring, skin: "#d8b093", hair: "#b89a7c", eyes: "#a08a70" };
    const at = (colouring: Client["colouring"]) =>
      findingsOf(face, { ...look([top("#9a9ea4")], [stripes]), client: sampleClientWith({ colouring }) });
    expect(at(soft)).toMatchObject([{ effect: "note", message: "outshines" }]);
    for (const part of ["skin", "hair", "eyes"] as const)
      expect(at({ ...soft, [part]: null }), part).toEqual([]);
  });
});
