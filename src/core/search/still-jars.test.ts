import { describe, expect, it } from "vitest";
import { swap } from "../piece/look";
import { sample, sampleClient, sampleLook } from "../testing/sample";
import { jarringOf, stillJars } from "./jarring";

const noLeather = { ...sampleClient, limits: { ...sampleClient.limits, noLeather: true } };
const shoe = (name: string, leather: boolean) =>
  sample("shoe", { name, figures: { leather }, finish: leather ? "matte smooth" : "canvas" });
const look = sampleLook({
  client: noLeather,
  garments: [sample("skirt", { figures: { length: 60 } }), sample("top", { figures: { tucked: true } })],
  accessories: [shoe("leather", true)],
});

describe("a look that is barred", () => {
  it("names the rules it jars by, and no other", () => {
    const jarring = jarringOf(look);
    expect(jarring.by.map(({ id }) => id)).toEqual(["comfort.limits"]);
    expect(jarring.read.dressed.look).toBe(look);
    expect(jarringOf({ ...look, client: sampleClient }).by).toEqual([]);
  });

  it("jars still with what is barred as well, and no more without it", () => {
    const jarring = jarringOf(look);
    expect(stillJars(jarring, swap(look, "shoe", shoe("another", true)))).toBe(true);
    expect(stillJars(jarring, swap(look, "shoe", shoe("cloth", false)))).toBe(false);
    expect(stillJars(jarring, swap(look, "bag", sample("bag", { figures: { leather: false } })))).toBe(true);
  });

  it("jars by one of its rules alone as well as by all", () => {
    const beach = sample("bag", { name: "beach bag", register: { low: 1, centre: 1, high: 1 } });
    const both = jarringOf({ ...look, accessories: [...look.accessories, beach] });
    expect(both.by.length).toBeGreaterThan(1);
    expect(stillJars(both, swap(both.read.dressed.look, "shoe", shoe("cloth", false)))).toBe(true);
  });
});
