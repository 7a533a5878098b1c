import { describe, expect, it } from "vitest";
import { generatedWardrobe, numbersFrom } from "../../testing/generated";
import { sample, sampleLook, sampleOccasion } from "../../testing/sample";
import { bestChoices } from "./branch-and-bound";
import { byWorth, worthOf } from "./problem";
import { setProblem, type SetWish } from "./set-problem";

const base = sampleLook({
  garments: [
    sample("trousers", { name: "trousers", hex: "#1d2742", figures: { inseam: 73 } }),
    sample("top", { name: "top", hex: "#e9e2d2", figures: { tucked: true } }),
  ],
  occasion: sampleOccasion,
});
const wish: SetWish = {
  slots: (["shoe", "bag", "belt", "earrings"] as const).map((slot) => ({
    slot,
    optional: slot !== "shoe",
    pinned: null,
  })),
  forRain: false,
  from: null,
  to: null,
};

describe("the best sets of small wardrobes", () => {
  it.each(Array.from({ length: 20 }, (_, i) => i * 10))(
    "are those of an exhaustive search on ten small wardrobes, %i on",
    (from) => {
      const next = numbersFrom(11 + from);
      for (let run = from; run < from + 10; run += 1) {
        const wardrobe = generatedWardrobe(
          ["shoe", "bag", "belt", "earrings"],
          2 + Math.floor(next() * 2),
          run,
        );
        const { problem } = setProblem(base, wardrobe, wish);
        const all = problem.places
          .reduce<number[][]>(
            (begun, place) => begun.flatMap((options) => place.map((option) => [...options, option])),
            [[]],
          )
          .map((options) => ({ options, worth: worthOf(problem, options) }))
          .sort(byWorth);
        expect(bestChoices(problem, 5).best).toEqual(all.slice(0, 5));
      }
    },
  );
});
