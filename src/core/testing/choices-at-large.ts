import { dress } from "../dressing/dress";
import type { Piece } from "../piece/piece";
import { lookWith } from "../search/best/options";
import { outlooksFor } from "../search/best/outlooks";
import { placed, type BegunChoice } from "./begun-choices";
import { numbersFrom } from "./generated";
import { accessoryKinds, generatedChoice, wornInWays } from "./generated-choice";
import { inShades } from "./in-shades";
import { nudgedPieces } from "./nudged-piece";

/** A made-up choice, half of its pieces with something odd about them, left four times somewhere on the way. */
export function* begunAtLarge(seed: number): Generator<BegunChoice> {
  const next = numbersFrom(7777 + seed);
  const kinds = accessoryKinds.filter((kind) => kind === "shoe" || next() < 0.5);
  const made = inShades(wornInWays(generatedChoice(seed, kinds, 2), seed), seed);
  const odd = (piece: Piece): Piece => {
    const others = [...nudgedPieces(piece)];
    return next() < 0.5 ? (others[Math.floor(next() * others.length)] ?? piece) : piece;
  };
  const { base, places } = placed({
    base: { ...made.base, garments: made.base.garments.map(odd) },
    wardrobe: made.wardrobe.map(odd),
  });
  const outlookOf = outlooksFor(base, places);
  for (let time = 0; time < 4; time += 1) {
    const chosen = places.map(({ options }) => options[Math.floor(next() * options.length)] ?? null);
    const begun = Math.floor(next() * (places.length + 1));
    yield {
      outlook: outlookOf(dress(lookWith(base, chosen.slice(0, begun))), begun),
      whole: dress(lookWith(base, chosen)),
    };
  }
}
