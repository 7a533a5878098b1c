import type { Dressed } from "@/core/dressing/dressed";
import { sayLength, type LengthUnit } from "@/core/length/length";
import { slotLabels } from "@/core/piece/slots";
import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";

/** A dressed look in words: the text equivalent of its drawing. */
export function describeLook(dressed: Dressed, unit: LengthUnit): string {
  const { look, hem, lift } = dressed;
  const garments = look.garments.map((piece) => piece.name).join(", ");
  const accessories = dressed.worn
    .filter((worn) => worn.slot !== null)
    .map((worn) => `${slotLabels[worn.slot ?? "shoe"].toLowerCase()}: ${worn.piece.name}`)
    .join("; ");
  const sentences = [
    sayWith(drawingWords.lookInWords, {
      client: look.client.name,
      height: sayLength(dressed.body.height, unit),
      posture: look.client.seated ? "seated" : "standing",
      garments: garments || drawingWords.nothingYet,
    }),
    accessories && sayWith(drawingWords.withAccessories, { accessories }),
    hem !== null && sayWith(drawingWords.hemAboveFloor, { height: sayLength(hem + lift, unit) }),
  ];
  return sentences.filter(Boolean).join(" ");
}
