import { describe, expect, it } from "vitest";
import { dress } from "../dressing/dress";
import { pairOf } from "../dressing/pair";
import type { Piece } from "../piece/piece";
import { generatedWardrobe } from "../testing/generated";
import { accessoryKinds } from "../testing/generated-choice";
import { sampleClient, sampleLook } from "../testing/sample";
import { registry } from "./registry";

const rules = registry.flatMap(({ id, pairs }) => (pairs ? [[id, pairs] as const] : []));
const book = sampleClient.ruleBook;

/** Each of some pieces with nothing else on. */
const wornAlone = (pieces: readonly Piece[]) =>
  pieces.map((piece) => dress(sampleLook({ accessories: [piece] })));

/** Of how many of 68 made-up pieces each rule of pairs has something to say beside another. */
const concerned: Readonly<Record<string, number>> = {
  "colour.echo": 68,
  "colour.value-match": 68,
  "finish.metal": 48,
  "finish.one-bold": 41,
  "hosiery.open-toe": 8,
  "proportion.neck-layers": 4,
  "style.focal": 2,
  "style.neck-scarf": 8,
  "style.one-lead": 11,
  "style.scale": 8,
  "style.story": 64,
};

describe.each(rules)("of a pair %s", (id, pairs) => {
  it("says nothing where one of the two has no part in it", () => {
    const pieces = wornAlone(generatedWardrobe(accessoryKinds, 2, 31));
    for (const one of pieces)
      for (const other of pieces) {
        const bothMay = [one, other].every(
          ({ worn: [item] }) => item !== undefined && pairs.concerns(item, book),
        );
        if (one === other || bothMay) continue;
        expect(pairs.read(pairOf(one, other)).map(({ message }) => message)).toEqual([]);
      }
  });

  it("is asked about no more pieces than it need be", () => {
    const pieces = wornAlone(generatedWardrobe(accessoryKinds, 4, 31));
    const may = pieces.filter(({ worn: [item] }) => item !== undefined && pairs.concerns(item, book));
    expect(may.length).toBe(concerned[id] ?? 0);
  });
});
