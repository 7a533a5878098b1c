import { describe, expect, it } from "vitest";
import { sample } from "../testing/sample";
import { baseFault } from "./base-fault";

const trousers = sample("trousers", { name: "Navy trousers" });
const others = sample("trousers", { name: "Grey trousers" });
const skirt = sample("skirt", { name: "Slip skirt" });
const gown = sample("dress", { name: "Teal dress" });
const shirt = sample("top", { name: "White shirt" });
const knit = sample("top", { name: "Grey knit" });
const coat = sample("coat", { name: "Long coat" });
const jacket = sample("jacket", { name: "Moss jacket" });
const shoe = sample("shoe", { name: "Boots" });

describe("garments laid out to a base", () => {
  it.each([
    ["trousers and a shirt", [trousers, shirt]],
    ["a shirt under a knit under a coat", [trousers, shirt, knit, coat]],
    ["a dress", [gown]],
    ["a shirt under a dress", [gown, shirt]],
    ["a skirt over a dress", [gown, skirt]],
    ["trousers under a dress", [gown, trousers]],
    ["a coat over a dress", [gown, coat]],
    ["two layers over a top", [skirt, shirt, jacket, coat]],
  ])("are one: %s", (_, garments) => expect(baseFault(garments)).toBeNull());

  it.each([
    ["nothing", [], /at least one garment/],
    ["two trousers", [trousers, others, shirt], /Navy trousers and Grey trousers cannot be worn at once/],
    ["two dresses", [gown, { ...gown, id: "second", name: "Red dress" }], /Teal dress and Red dress cannot/],
    ["a coat alone", [coat], /Long coat alone is no base/],
    ["a jacket and a coat", [jacket, coat], /Moss jacket and Long coat alone is no base/],
    ["an accessory", [trousers, shirt, shoe], /Boots is an accessory/],
  ])("are refused: %s", (_, garments, say) => {
    const fault = baseFault(garments);
    expect(fault?.is).toBe("refused");
    expect(fault?.say).toMatch(say);
  });

  it.each([
    ["a shirt alone", [shirt], /covers the legs/],
    ["trousers and a coat", [trousers, coat], /above the waist/],
    ["trousers under a skirt", [trousers, skirt, shirt], /one over the other/],
  ])("are asked about: %s", (_, garments, say) => {
    const fault = baseFault(garments);
    expect(fault?.is).toBe("asked");
    expect(fault?.say).toMatch(say);
  });
});
