import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { kindNames } from "../piece/kinds";
import { asSaid } from "../piece/as-said";
import { slotOf, type Piece } from "../piece/piece";
import { sample, sampleLook, sampleOccasion } from "../testing/sample";
import { FormatError } from "./format-error";
import { parseLook, serialiseLook } from "./look-file";

const look = sampleLook({
  garments: [sample("trousers", { name: "trousers" })],
  accessories: [sample("shoe", { name: "shoes" }), sample("bag", { name: "bag" })],
  adjustments: [{ kind: "turn", piece: "trousers", count: 1, depth: 4 }],
  occasion: sampleOccasion,
});
const text = serialiseLook(look);
/** The file with one place changed. */
const changed = (change: (file: Record<string, never>) => void) => {
  const file = JSON.parse(text) as Record<string, never>;
  change(file);
  return JSON.stringify(file);
};
const refusal = (broken: string) => {
  try {
    parseLook(broken);
  } catch (error) {
    expect(error).toBeInstanceOf(FormatError);
    return (error as Error).message;
  }
  throw new Error("it was read");
};

describe("a look file", () => {
  it("reads back what was written, whatever is worn", () => {
    expect(parseLook(text)).toEqual(look);
    fc.assert(
      fc.property(fc.subarray([...kindNames], { minLength: 1 }), fc.boolean(), (names, withOccasion) => {
        const pieces = names.map((kind) => sample(kind, { name: kind }) as Piece);
        const any = sampleLook({
          garments: pieces.filter((piece) => slotOf(piece) === null),
          accessories: pieces.filter((piece) => slotOf(piece) !== null),
          occasion: withOccasion ? sampleOccasion : null,
        });
        expect(parseLook(serialiseLook(any))).toEqual(any);
      }),
    );
  });

  it("says of a piece what was said, and null for a measure that was not", () => {
    const bag = { ...sample("bag", { name: "bag" }), register: null, unsaid: ["width"] };
    const written = serialiseLook(sampleLook({ accessories: [bag] }));
    expect(JSON.parse(written)).toMatchObject({
      accessories: [{ register: null, figures: { width: null } }],
    });
    expect(parseLook(written).accessories).toEqual([bag]);
  });

  it("is the same text when it is written again", () => {
    expect(serialiseLook(parseLook(text))).toBe(text);
  });
});

describe("what cannot be read is named in one sentence", () => {
  type Any = Record<string, Record<string, never>>;
  it.each<[string, string, RegExp]>([
    ["broken JSON", text.slice(0, -30), /not whole JSON/],
    ["another format", '{"format":"something.else","version":1}', /"format" must be "juxtane.look"/],
    ["no object", "42", /"format" must be/],
    [
      "an unknown version",
      changed((file) => Object.assign(file, { version: 2 })),
      /"version" is 2; this program reads version 1/,
    ],
    ["a missing field", changed((file) => delete (file as Any).client?.measured), /Measurements is missing/],
    [
      "an absurd height",
      changed((file) => Object.assign((file as Any).client?.measured ?? {}, { height: 1700 })),
      /client\.measured\.height: Height must be at most 230; 1700 is not plausible/,
    ],
    [
      "a contradiction",
      changed((file) => Object.assign((file as Any).client?.measured ?? {}, { ankle: 40 })),
      /Ankle girth \(40 cm\) cannot be as large as calf girth/,
    ],
    [
      "an unknown kind",
      changed((file) =>
        Object.assign((file as unknown as { garments: object[] }).garments[0] ?? {}, { kind: "cape" }),
      ),
      /garments\.0\.kind: Kind of piece must be one of/,
    ],
    ["an unknown field", changed((file) => Object.assign(file, { mood: "blue" })), /mood is not a field/i],
    [
      "shares over 100 %",
      changed((file) =>
        Object.assign((file as unknown as { garments: object[] }).garments[0] ?? {}, {
          swatches: [
            { hex: "#ffffff", share: 1, role: "ground" },
            { hex: "#000000", share: 1, role: "motif" },
          ],
        }),
      ),
      /make 200 %, not 100 %/,
    ],
    [
      "an accessory among the garments",
      changed((file) =>
        Object.assign(file, {
          garments: look.accessories.slice(1).map(asSaid),
          accessories: [],
          adjustments: [],
        }),
      ),
      /"bag" is an accessory, not a garment/,
    ],
    [
      "an adjustment of nothing",
      changed((file) =>
        Object.assign(file, { adjustments: [{ kind: "turn", piece: "skirt", count: 1, depth: 4 }] }),
      ),
      /no piece of the look has the id "skirt"/,
    ],
    [
      "two pieces of one id",
      changed((file) =>
        Object.assign(file, { accessories: [...look.accessories, ...look.accessories].map(asSaid) }),
      ),
      /two pieces have the id/,
    ],
  ])("%s", (_, broken, sentence) => {
    const message = refusal(broken);
    expect(message).toMatch(sentence);
    expect(message).not.toContain("\n");
  });
});
