import type { Dressed } from "@/core/dressing/dressed";
import { sayLength, type LengthUnit } from "@/core/length/length";
import { slotLabels } from "@/core/piece/slots";

/** A dressed look in words: the text equivalent of its drawing. */
export function describeLook(dressed: Dressed, unit: LengthUnit): string {
  const { look, hem, lift } = dressed;
  const garments = look.garments.map((piece) => piece.name).join(", ");
  const accessories = dressed.worn
    .filter((worn) => worn.slot !== null)
    .map((worn) => `${slotLabels[worn.slot ?? "shoe"].toLowerCase()}: ${worn.piece.name}`)
    .join("; ");
  const ends = hem === null ? "" : ` Hem ${sayLength(hem + lift, unit)} above the floor.`;
  return `${look.client.name}, ${sayLength(dressed.body.height, unit)}, ${look.client.seated ? "seated, " : ""}in ${garments || "nothing yet"}.${accessories ? ` With ${accessories}.` : ""}${ends}`;
}
