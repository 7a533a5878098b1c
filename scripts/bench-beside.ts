import { swap } from "../src/core/piece/look";
import { read } from "../src/core/reading/read";
import { readLook, readMany } from "../src/core/reading/read-many";
import { lookWith } from "../src/core/search/best/options";
import { generatedWardrobe } from "../src/core/testing/generated";
import { generatedChoice } from "../src/core/testing/generated-choice";

const kinds = ["shoe", "bag", "belt", "scarf", "earrings", "necklace", "hosiery"] as const;
const swapped = ["shoe", "bag", "earrings"] as const;
const looks = 8;
const pieces = 200;

/** What a look that differs in one piece costs beside one that was read, and by itself; ms each. */
export interface BesideFigures {
  readonly slot: (typeof swapped)[number];
  readonly alone: number;
  readonly beside: number;
}

/** Swaps one piece in made-up looks of seven accessories, read by themselves and beside the look they come from. */
export function compareReadings(): BesideFigures[] {
  const worn = Array.from({ length: looks }, (_, i) => {
    const { base, wardrobe } = generatedChoice(i + 1, kinds, 1);
    return lookWith(base, wardrobe);
  });
  return swapped.map((slot) => {
    const offered = generatedWardrobe([slot], pieces, 5);
    const alone = () => {
      for (const look of worn) for (const piece of offered) read(swap(look, slot, piece));
    };
    const beside = () => {
      for (const look of worn) {
        const before = readLook(look);
        const swapped = readMany(
          offered,
          (piece) => swap(look, slot, piece),
          () => before,
        );
        Array.from(swapped, ({ reading }) => reading.points);
      }
    };
    // Run in turn, so that a slow minute of the machine slows both.
    const times = Array.from({ length: 7 }, () => [timeOf(alone), timeOf(beside)] as const).slice(2);
    const each = (taken: readonly number[]) => middleOf(taken) / (looks * pieces);
    return {
      slot,
      alone: each(times.map(([first]) => first)),
      beside: each(times.map(([, second]) => second)),
    };
  });
}

function timeOf(work: () => void): number {
  const began = performance.now();
  work();
  return performance.now() - began;
}

function middleOf(taken: readonly number[]): number {
  return [...taken].sort((one, other) => one - other)[Math.floor(taken.length / 2)] ?? NaN;
}
