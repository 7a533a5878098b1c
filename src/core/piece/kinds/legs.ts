import type { Body } from "../../body/body";
import { hemHeight } from "../../proportion/hem";
import { added, choice, flag, length, maybeLength, type FiguresOf } from "../field";

/** The figures of a pair of legs, of trousers or of a jumpsuit. */
export const legFigures = {
  leg: choice("Leg", [
    "straight",
    "narrow",
    "tapered",
    "wide",
    "flared",
    "balloon",
    "barrel",
    "culotte",
    "shorts",
  ]),
  inseam: length("Inseam", [5, 110], 74, "from the crotch seam to the hem"),
  opening: length("Hem opening, around", [20, 120], 36),
  above: length("Around, 10 cm above the hem", [20, 130], 37),
  drop: length("Crotch hangs below the body by", [0, 15], 1.5),
  hem: added(choice("Hem", ["sewn", "raw", "stretch"])),
  loops: added(maybeLength("Belt loops take up to", [0.5, 12])),
  madeToTurn: flag("Made to be rolled"),
  measuredHem: maybeLength("Hem above the footbed, as tried on", [-5, 100], "overrides the computed hem"),
} as const;

export type LegFigures = FiguresOf<typeof legFigures>;

/** What a raw hem or one that stretches takes off the level of a pair of legs, steps. */
const ofHem: Readonly<Record<LegFigures["hem"], number>> = { sewn: 0, raw: -0.5, stretch: -0.5 };

/** How far the hem takes a pair of legs from its level. */
export function legsLean(hem: LegFigures["hem"]): number {
  return ofHem[hem];
}

/** The plain hem of a pair of legs on a body, cm above the footbed. */
export function plainHem(figures: LegFigures, { measures }: Body): number {
  return hemHeight(measures.crotch.cm, figures, null);
}
