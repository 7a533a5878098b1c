import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { clash } from "../finish/clash";
import { finishes } from "../finish/finishes";
import type { Piece } from "../piece/piece";

import { oneLead } from "../rules/style/one-lead";
import { agreementOf, looseOf } from "../sets/agreement";
import { effectsOf } from "../testing/findings";
import { generatedWardrobe } from "../testing/generated";
import { sample, sampleClient, sampleLook } from "../testing/sample";
import { answers } from "./answers";

const leading = (kind: "earrings" | "necklace" | "shoe" | "bag", given: object) =>
  sample(kind, { name: kind, statement: 2, ...given }) as Piece;

describe("a piece that leads is answered", () => {
  it.each([
    [
      "from elsewhere, in its spirit",
      leading("earrings", { poles: ["gala"] }),
      leading("shoe", { poles: ["gala"], finish: "satin" }),
      true,
    ],
    [
      "not from beside it, though in its spirit",
      leading("earrings", { poles: ["gala"] }),
      leading("necklace", { poles: ["gala"], finish: "satin" }),
      false,
    ],
    [
      "from beside it by one kind of surface",
      leading("earrings", { poles: ["gala"], finish: "crystal" }),
      leading("necklace", { poles: ["classic"], finish: "sequin" }),
      true,
    ],
    [
      "not by being as plain as it is",
      leading("bag", { poles: ["sport"] }),
      leading("shoe", { poles: ["gala"] }),
      false,
    ],
    [
      "not by another spirit and another surface",
      leading("bag", { poles: ["sport"], finish: "patent" }),
      leading("shoe", { poles: ["gala"], finish: "velvet" }),
      false,
    ],
  ] as const)("%s", (_, lead, other, answered) => {
    expect(answers(lead, other)).toBe(answered);
    expect(answers(other, lead)).toBe(answered);
  });

  it("for two pieces of a set as for a whole look", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 900 }), (seed) => {
        const [one, other] = generatedWardrobe(["bag", "earrings", "shoe", "necklace"], 1, seed)
          .slice(seed % 3)
          .map((piece) => ({ ...piece, statement: 2 as const }));
        if (!one || !other) return;
        const argue = agreementOf(looseOf(one, sampleClient), looseOf(other, sampleClient)).some(
          ({ rule, effect }) => rule === "style.one-lead" && effect === "rubs",
        );
        const effects = effectsOf(oneLead, sampleLook({ accessories: [one, other] }));
        expect(effects).toEqual([argue ? "rubs" : "note"]);
      }),
      { numRuns: 120 },
    );
  });
});

describe("two bold surfaces clash", () => {
  it.each([
    ["patent", "velvet", true],
    ["metallic", "velvet", true],
    ["metallic", "sequin", false],
    ["metallic", "animal print", true],
    ["patent", "shearling", false],
    ["patent", "sequin", false],
    ["metallic", "metallic", false],
    ["reptile print", "patent", false],
  ] as const)("%s beside %s: %s", (one, other, clashes) => {
    expect(clash([finishes[one], finishes[other]])).toBe(clashes);
    expect(clash([finishes[other], finishes[one]])).toBe(clashes);
  });
});
