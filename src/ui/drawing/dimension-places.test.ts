import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { dress } from "@/core/dressing/dress";
import type { Piece } from "@/core/piece/piece";
import { sample, sampleClient, sampleLook } from "@/core/testing/sample";
import { labelTall, lineHeight, placeDimensions, rightOf } from "./ankle/dimensions-of";
import { legSideOf, view } from "./ankle/view";
import { neckLabelTall, neckView, placeDrops } from "./neck/drops";

interface Box {
  readonly name: string;
  readonly left: number;
  readonly right: number;
  readonly low: number;
  readonly high: number;
}

/** The widest a label's text is set: its longest line at the size of the window's letters. */
function wide(label: string, letter: number): number {
  return Math.max(label.length, 8) * letter;
}

function meet(one: Box, other: Box): boolean {
  return one.left < other.right && other.left < one.right && one.low < other.high && other.low < one.high;
}

function colliding(boxes: readonly Box[]): string[] {
  return boxes.flatMap((box, i) =>
    boxes
      .slice(i + 1)
      .filter((other) => meet(box, other))
      .map((other) => `${box.name} on ${other.name}`),
  );
}

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const client = {
  ...sampleClient,
  measured: { ...sampleClient.measured, neck: 36, hip: 98, bust: 92, waist: 74 },
};

describe("dimension lines never collide", () => {
  it("at the ankle of any trousers or skirt over any shoe or boot", () => {
    const figures = fc.record({
      height: between(145, 200),
      inseam: between(20, 90),
      opening: between(22, 90),
      lift: between(0, 14),
      shaft: between(4, 50),
      skirt: fc.boolean(),
      boot: fc.boolean(),
    });
    fc.assert(
      fc.property(figures, ({ height, inseam, opening, lift, shaft, skirt, boot }) => {
        const dressed = dress(
          sampleLook({
            client: { ...client, measured: { ...client.measured, height } },
            garments: [
              skirt
                ? sample("skirt", { figures: { length: inseam } })
                : sample("trousers", { figures: { inseam, opening, above: opening } }),
            ],
            accessories: [
              sample("shoe", {
                figures: {
                  form: boot ? "boot" : "pump",
                  lift,
                  platform: 0,
                  shaft: boot ? shaft : null,
                  shaftTop: boot ? 34 : null,
                },
              }),
            ],
          }),
        );
        const side = legSideOf(dressed);
        const placed = placeDimensions(dressed, side);
        const labels = placed.map(({ label, labelX, labelAt, anchor }): Box => {
          const width = wide(label, 0.86);
          const left = anchor === "start" ? labelX : labelX - width;
          return {
            name: label,
            left,
            right: left + width,
            low: labelAt - lineHeight,
            high: labelAt + lineHeight,
          };
        });
        expect(colliding(labels)).toEqual([]);
        const lines = placed.map(({ label, x, from, to }): Box => ({
          name: `line of ${label}`,
          left: x - 0.1,
          right: x + 0.1,
          low: from + 0.01,
          high: to - 0.01,
        }));
        expect(colliding(lines)).toEqual([]);
        for (const box of labels) {
          expect(box.left).toBeGreaterThanOrEqual(view.left - 1);
          expect(box.right).toBeLessThanOrEqual(rightOf(dressed, side));
          expect(box.high).toBeLessThanOrEqual(view.reach + 0.01);
          expect(lines.filter((line) => meet(line, box)).map(({ name }) => name)).toEqual([]);
        }
        expect(labelTall).toBeGreaterThan(2 * lineHeight);
      }),
      { numRuns: 300 },
    );
  });

  it("at the neck, for any neckline, scarf and up to six chains", () => {
    const loops = fc.array(between(34, 120), { maxLength: 6 });
    const worn = fc.constantFrom("tied at the front" as const, "wrapped" as const, "draped" as const, null);
    fc.assert(
      fc.property(loops, between(0, 40), worn, (lengths, neckDepth, scarf) => {
        const accessories: Piece[] = lengths.map((loop, i) =>
          sample("necklace", { name: `chain ${i}`, figures: { loop, pendant: 0 } }),
        );
        if (scarf) accessories.push(sample("scarf", { figures: { worn: scarf } }));
        const dressed = dress(
          sampleLook({ client, garments: [sample("top", { figures: { neckDepth } })], accessories }),
        );
        const placed = placeDrops(dressed);
        const labels = placed.map(({ label, labelX, labelAt, anchor }): Box => {
          const width = wide(label, 1);
          const left = anchor === "start" ? labelX : labelX - width;
          return {
            name: label,
            left,
            right: left + width,
            low: labelAt - neckLabelTall / 2 + 0.01,
            high: labelAt + neckLabelTall / 2 - 0.01,
          };
        });
        expect(colliding(labels)).toEqual([]);
        expect(new Set(placed.map(({ x }) => x)).size).toBe(placed.length);
        for (const { low, high } of labels) {
          expect(low).toBeGreaterThan(-8);
          expect(high).toBeLessThan(neckView.down + 2);
        }
      }),
      { numRuns: 200 },
    );
  });
});
