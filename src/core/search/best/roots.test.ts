import { describe, expect, it } from "vitest";
import { sample, sampleLook } from "../../testing/sample";
import type { Option, Place } from "./options";
import { rootsOf } from "./roots";

const base = sampleLook({ garments: [sample("dress", { name: "dress" })] });
const [flat, heel] = [sample("shoe", { name: "flat" }), sample("shoe", { name: "heel" })];
const bag = sample("bag", { name: "bag" });
const [coat, jacket] = [sample("coat", { name: "coat" }), sample("jacket", { name: "jacket" })];
const withLayer: readonly Place[] = [
  { slot: "bag", options: [bag, null] },
  { slot: "layer", options: [coat, jacket, null] },
  { slot: "shoe", options: [flat, heel, null] },
];
const without = withLayer.filter(({ slot }) => slot !== "layer");

/** Every set of some places. */
const setsOf = (places: readonly Place[]) =>
  places.reduce<Option[][]>(
    (begun, { options }) => begun.flatMap((set) => options.map((option) => [...set, option])),
    [[]],
  );

describe("choices that are laid out together", () => {
  it("are all of them where no top layer is chosen", () => {
    const [root, ...more] = rootsOf(base, without);
    expect(more).toEqual([]);
    for (const set of setsOf(without)) {
      const chosen = root?.chosenFrom(set);
      expect(chosen && root?.optionsOf(chosen)).toEqual(set);
    }
  });

  it("are those with one top layer, and those without", () => {
    const roots = rootsOf(base, withLayer);
    expect(roots).toHaveLength(3);
    for (const set of setsOf(withLayer)) {
      const holding = roots.filter(({ chosenFrom }) => chosenFrom(set) !== null);
      expect(holding).toHaveLength(1);
      const [root] = holding;
      expect(root?.optionsOf(root.chosenFrom(set) ?? [])).toEqual(set);
      expect(root?.prospects.places.map(({ slot }) => slot).sort()).toEqual(["bag", "shoe"]);
    }
  });

  it("are laid out over the layer, which hides what lies under it", () => {
    const [under, , open] = rootsOf(base, withLayer);
    const pointsOf = (root: typeof under) => root?.prospects.read([[0, 0]])[0]?.points;
    expect(pointsOf(under)).not.toBe(pointsOf(open));
  });

  it("do not have what was not laid out for a place", () => {
    const [root] = rootsOf(base, without);
    expect(root?.chosenFrom([sample("bag", { name: "another bag" }), flat])).toBeNull();
  });
});
