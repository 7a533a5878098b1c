import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { packed, unpacked } from "./packed";

describe("what a room is laid out from, packed", () => {
  it("comes out as it went in, whatever quotes are in it", () => {
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        expect(unpacked(packed(value))).toEqual(JSON.parse(JSON.stringify(value)));
      }),
      { numRuns: 500, seed: 7 },
    );
    const names = { name: 'Maren\'s "good" coat', note: "\\'\"'\" Åsa 🧣 \ud800" };
    expect(unpacked(packed(names))).toEqual(names);
  });

  it("takes fewer bytes within double quotes than plain JSON", () => {
    const pieces = Array.from({ length: 50 }, (_, i) => ({
      id: `${i}`,
      name: "Slate tote",
      metal: "silver",
    }));
    const sent = (text: string) => JSON.stringify(text).length;
    expect(sent(packed(pieces))).toBeLessThan(0.85 * sent(JSON.stringify(pieces)));
  });
});
