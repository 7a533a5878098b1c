import type { Dressed } from "../dressing/dressed";
import type { PieceOf } from "../piece/piece";
import { hangsLoose } from "../piece/tied-scarf";

/** The scarf of a look that can be caught by a machine, a wheel or a small hand; null without one. */
export function looseOf({ look, tied }: Dressed): PieceOf<"scarf"> | null {
  const scarf = look.accessories.find((piece) => piece.kind === "scarf") ?? null;
  return scarf && hangsLoose(tied) ? scarf : null;
}
