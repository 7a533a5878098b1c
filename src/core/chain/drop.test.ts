import fc from "fast-check";
import { describe, expect, it } from "vitest";
import cases from "../../../tests/cases/lengths.json";
import { bodyOf } from "../body/body";
import { crossBodyTop, shoulderDrop } from "../strap/carry";
import { chainDrop, pendantDrop } from "./drop";

describe("the worked lengths", () => {
  it.each(cases.necklaces)("a loop of $loop on a neck of $neckGirth", (entry) => {
    expect(Math.abs(pendantDrop(entry.loop, entry.neckGirth) - entry.pendantDrop)).toBeLessThanOrEqual(0.15);
    expect(Math.abs(chainDrop(entry.loop, entry.neckGirth) - entry.chainDrop)).toBeLessThanOrEqual(0.15);
  });

  it.each(cases.crossBody)("a cross-body strap of $strap at $height cm", (entry) => {
    const body = bodyOf({ height: entry.height, hip: entry.hipGirth });
    expect(Math.abs(crossBodyTop(body, entry.strap) - entry.bagTopAboveFloor)).toBeLessThanOrEqual(0.15);
  });

  it.each(cases.shoulder)("a shoulder strap of $strap at $height cm", (entry) => {
    const drop = shoulderDrop(entry.strap, entry.bagWidth);
    const shoulder = bodyOf({ height: entry.height }).measures.shoulder.cm;
    expect(Math.abs(drop - entry.drop)).toBeLessThanOrEqual(0.15);
    expect(Math.abs(shoulder - drop - entry.bagTopAboveFloor)).toBeLessThanOrEqual(0.15);
  });
});

describe("a chain", () => {
  it("never hangs higher for being longer", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 30, max: 45, noNaN: true }),
        fc.double({ min: 30, max: 150, noNaN: true }),
        fc.double({ min: 0.1, max: 40, noNaN: true }),
        (neck, loop, more) =>
          chainDrop(loop + more, neck) >= chainDrop(loop, neck) - 1e-9 &&
          pendantDrop(loop + more, neck) >= pendantDrop(loop, neck),
      ),
    );
  });

  it("does not hang when it cannot go round the neck", () => {
    expect(chainDrop(20, 40)).toBe(0);
    expect(pendantDrop(20, 40)).toBe(0);
  });
});
