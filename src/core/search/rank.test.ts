import { describe, expect, it } from "vitest";
import { swap } from "../piece/look";
import { isFault } from "../reading/severity";
import { read } from "../reading/read";
import { isGrave } from "../reading/verdict";
import { accessoryKinds, generatedChoice } from "../testing/generated-choice";
import { sample, sampleLook } from "../testing/sample";
import { lookWith } from "./best/options";
import { rank } from "./rank";

const faults = (findings: ReturnType<typeof read>["findings"]) =>
  new Set(findings.filter(isFault).map(({ rule }) => rule));

describe("a candidate", () => {
  it.each([0, 10, 20, 30])(
    "mends the faults that are there now and not with it, and brings the others, %i on",
    (from) => {
      let mended = 0;
      let brought = 0;
      for (let seed = from; seed < from + 10; seed += 1) {
        const { base, wardrobe } = generatedChoice(seed, accessoryKinds, 3);
        const look = lookWith(
          base,
          wardrobe.filter((_, i) => i % 3 === 0),
        );
        const now = faults(read(look).findings);
        for (const { piece, mends, brings, also, worn } of rank(look, "bag", wardrobe)) {
          if (worn || also) continue;
          const then = faults(read(swap(look, "bag", piece)).findings);
          expect(new Set(mends)).toEqual(new Set([...now].filter((rule) => !then.has(rule))));
          expect(new Set(brings)).toEqual(new Set([...then].filter((rule) => !now.has(rule))));
          mended += mends.length;
          brought += brings.length;
        }
      }
      expect(Math.min(mended, brought)).toBeGreaterThan(1);
    },
  );

  it.each([10, 18, 27, 42, 49, 60, 75, 76, 77, 86])(
    "names the gravest of what it brings first, %i",
    (seed) => {
      const { base, wardrobe } = generatedChoice(seed, accessoryKinds, 3);
      const look = lookWith(
        base,
        wardrobe.filter((_, i) => i % 3 === 0),
      );
      let graver = 0;
      for (const { piece, brings, also } of rank(look, "bag", wardrobe)) {
        if (also || brings.length < 2) continue;
        const { findings } = read(swap(look, "bag", piece));
        const isBad = (rule?: string) =>
          findings.some((finding) => finding.rule === rule && isGrave(finding));
        if (isBad(brings[1])) expect(isBad(brings[0])).toBe(true);
        if (isBad(brings[0]) && !isBad(brings[1])) graver += 1;
      }
      expect(graver).toBeGreaterThan(0);
    },
  );

  it("that is on is told by its id, and is worth nothing more", () => {
    const bag = sample("bag", { name: "bag" });
    const look = sampleLook({ accessories: [bag] });
    const [same] = rank(look, "bag", [{ ...bag }]);
    expect(same).toMatchObject({ worn: true, also: null, worth: { gain: 0 }, mends: [], brings: [] });
  });

  it("stands by its worth, and beside its equals by its name", () => {
    const bags = ["c", "a", "d", "b"].map((name) => sample("bag", { name }));
    const look = sampleLook({ garments: [sample("dress", { name: "dress" })] });
    expect(rank(look, "bag", bags).map(({ piece }) => piece.name)).toEqual(["a", "b", "c", "d"]);
    const jarring = sample("bag", {
      name: "0",
      hex: "#2450c0",
      finish: "patent",
      statement: 3,
      register: { low: 1, centre: 1, high: 1 },
    });
    const ranked = rank(look, "bag", [jarring, ...bags]);
    expect(ranked.map(({ piece }) => piece.name)).toEqual(["a", "b", "c", "d", "0"]);
  });
});
