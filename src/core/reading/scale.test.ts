import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { measurementNames, type Measured } from "../body/measurements";
import { dress } from "../dressing/dress";
import type { Client } from "../piece/client";
import { kinds } from "../piece/kinds";
import type { Look } from "../piece/look";
import { isLegged, type Piece } from "../piece/piece";
import { paramGroups } from "../rules/all-params";
import { polished } from "../rule-book/rule-book";
import { sample, sampleClient, sampleLook } from "../testing/sample";
import { readDressed } from "./read";

/** Every length of a piece, its figures and its motif, k times as large. */
function scaledPiece(piece: Piece, k: number): Piece {
  const figures = Object.fromEntries(
    Object.entries(piece.figures as Record<string, unknown>).map(([name, value]) => {
      const field = (kinds[piece.kind].figures as Record<string, { type: string; unit?: string }>)[name];
      return [name, field?.unit === "cm" && typeof value === "number" ? value * k : value];
    }),
  );
  // `above` is measured 10 cm over the hem whatever the size: it is the taper that stays.
  const taper = isLegged(piece) ? { above: piece.figures.opening * (k - 1) + piece.figures.above } : {};
  return { ...piece, patternScale: piece.patternScale * k, figures: { ...figures, ...taper } } as Piece;
}

/** The client k times as tall, read by a rule book whose every length is k times the default. */
function scaledClient(client: Client, k: number): Client {
  const measured = Object.fromEntries(
    measurementNames.flatMap((name) => {
      const cm = client.measured[name];
      return cm === undefined ? [] : [[name, cm * k]];
    }),
  ) as unknown as Measured;
  const params = Object.fromEntries(
    paramGroups.map(({ id, params: group }) => [
      id,
      Object.fromEntries(
        Object.entries(group).map(([name, { value, unit }]) => [name, unit === "cm" ? value * k : value]),
      ),
    ]),
  );
  return { ...client, measured, ruleBook: { ...polished, params } };
}

function scaled(look: Look, k: number): Look {
  return {
    ...look,
    client: scaledClient(look.client, k),
    garments: look.garments.map((piece) => scaledPiece(piece, k)),
    accessories: look.accessories.map((piece) => scaledPiece(piece, k)),
    adjustments: look.adjustments.map((adjustment) =>
      adjustment.kind === "turn" ? { ...adjustment, depth: adjustment.depth * k } : adjustment,
    ),
  };
}

function judged(look: Look): string[] {
  return readDressed(dress(look)).findings.map(({ rule, effect }) => `${rule} ${effect}`);
}

const client: Client = {
  ...sampleClient,
  measured: { ...sampleClient.measured, hip: 98, bust: 92, waist: 74, neck: 36, upperArm: 29, wrist: 16 },
};
/** Thousandths of a range, kept off its ends and off round figures, on which a threshold might lie. */
const between = (min: number, max: number) =>
  fc.integer({ min: 0, max: 999 }).map((n) => min + ((max - min) * (n + Math.SQRT1_2)) / 1000);
const k = between(0.88, 1.15);

describe("taller by k with every length scaled by k, the rule book's among them", () => {
  it("reads the same for trousers over shoes and boots", () => {
    const figures = fc.record({
      inseam: between(58, 81.7),
      opening: between(28, 56),
      flare: between(-6, 6),
      lift: between(0.53, 9),
      // From the narrowest ankle up: what the leg gains over the ankle bone is a length of its own.
      shaft: between(11, 45),
      shaftTop: between(24, 40),
      depth: between(1, 8),
    });
    const form = fc.constantFrom("boot" as const, "laced shoe" as const, "trainer" as const);
    const turned = fc.boolean();
    fc.assert(
      fc.property(k, figures, form, turned, (by, drawn, shoeForm, isTurned) => {
        const { inseam, opening, flare, lift, shaft, shaftTop, depth } = drawn;
        const look = sampleLook({
          client,
          garments: [
            sample("trousers", { figures: { inseam, opening, above: opening + flare } }),
            sample("top", { figures: { tucked: true, neckDepth: 7 } }),
          ],
          accessories: [
            sample("shoe", {
              figures: {
                form: shoeForm,
                lift,
                platform: 0,
                toe: "almond",
                shaft: shoeForm === "boot" ? shaft : null,
                shaftTop: shoeForm === "boot" ? shaftTop : null,
              },
            }),
          ],
          adjustments: isTurned && inseam < 70 ? [{ kind: "turn", piece: "trousers", count: 1, depth }] : [],
        });
        expect(judged(scaled(look, by))).toEqual(judged(look));
      }),
      { numRuns: 300 },
    );
  });

  it("reads the same for skirts, hosiery, necklaces, belts and bags", () => {
    const figures = fc.record({
      length: between(35, 100),
      depth: between(5, 22),
      loop: between(38, 110),
      pendant: between(0, 8),
      strap: between(40, 130),
      width: between(12, 40),
      lift: between(0.5, 8),
    });
    const carry = fc.constantFrom("shoulder" as const, "cross-body" as const, "crook" as const);
    const form = fc.constantFrom("pump" as const, "trainer" as const);
    const hosiery = fc.constantFrom("tights" as const, "crew sock" as const, "knee-high" as const);
    fc.assert(
      fc.property(k, figures, carry, form, hosiery, (...[by, drawn, carried, shoeForm, leg]) => {
        const look = sampleLook({
          client,
          garments: [
            sample("skirt", { figures: { length: drawn.length } }),
            sample("top", { figures: { tucked: true, neckline: "v", neckDepth: drawn.depth } }),
          ],
          accessories: [
            sample("shoe", { figures: { form: shoeForm, lift: drawn.lift, platform: 0, toe: "pointed" } }),
            sample("hosiery", { figures: { form: leg } }),
            sample("necklace", { figures: { loop: drawn.loop, pendant: drawn.pendant } }),
            sample("belt", { figures: { width: 3, firstHole: 68, lastHole: 80 } }),
            sample("bag", { figures: { carry: carried, strap: drawn.strap, width: drawn.width } }),
          ],
        });
        expect(judged(scaled(look, by))).toEqual(judged(look));
      }),
      { numRuns: 300 },
    );
  });
});
