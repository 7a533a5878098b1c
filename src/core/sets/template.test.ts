import { describe, expect, it } from "vitest";
import { sample } from "../testing/sample";
import { fitsTemplate, firstStock } from "./template";

const [first] = firstStock;
if (!first) throw new Error("there is no template");
const template = { ...first, from: 4, to: 6 };
const at = (centre: number) => sample("shoe", { register: { low: 1, centre, high: 9 } });

describe("what fits a template", () => {
  it.each([
    [3.4, false],
    [3.5, true],
    [4, true],
    [6.5, true],
    [6.6, false],
  ])("of the levels 4 to 6: a piece centred at %d fits: %s", (centre, fits) => {
    expect(fitsTemplate(at(centre), template)).toBe(fits);
  });
});
