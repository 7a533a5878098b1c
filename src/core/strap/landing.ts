import type { Body } from "../body/body";
import type { Look } from "../piece/look";
import type { PieceOf } from "../piece/piece";
import { carriedAt, shoulderDrop } from "./carry";
import { strapLimitsOf } from "./strap-limits";

export type LandingZone = "ribs" | "waist" | "high hip" | "hip" | "thigh" | "below mid-thigh";

/** Where a bag comes to lie on a body; heights above the footbed in cm. */
export interface Landing {
  /** The bag with its strap as it is worn. */
  readonly bag: PieceOf<"bag">;
  readonly top: number;
  readonly bottom: number;
  readonly zone: LandingZone;
  /** How far the strap falls from the shoulder, and what an arm needs to go through; null off the shoulder. */
  readonly arm: { readonly drop: number; readonly needs: number } | null;
  /** Diagonal of the bag over the body height: small under 0.14, large over 0.26. */
  readonly scale: number;
}

/** Where the look's bag lands, with its strap as it is worn. */
export function landingOf(bag: PieceOf<"bag">, look: Look, body: Body): Landing {
  const { figures } = bag;
  const { armRoom, coatRoom } = strapLimitsOf(look.client.ruleBook);
  const top = carriedAt(body, figures);
  const bottom = top - figures.height;
  const coat =
    look.garments.some((piece) => piece.kind === "coat") ||
    look.accessories.some((piece) => piece.kind === "coat");
  return {
    bag,
    top,
    bottom,
    zone: zoneOf(body, (top + bottom) / 2),
    arm:
      figures.carry === "shoulder"
        ? {
            drop: shoulderDrop(figures.strap, figures.width),
            needs: body.measures.upperArm.cm / Math.PI + armRoom + (coat ? coatRoom : 0),
          }
        : null,
    scale: Math.hypot(figures.width, figures.height) / body.height,
  };
}

/** How far the zones reach past their landmarks, as shares of the body height. */
const reaches = { overWaist: 0.035, underWaist: 0.029, underLandmark: 0.0115 } as const;

/** The zone of a height, by the body's landmarks. */
export function zoneOf(body: Body, at: number): LandingZone {
  const { waistLine, hipLine, crotch } = body.measures;
  const midThigh = 0.405 * body.height;
  if (at > waistLine.cm + reaches.overWaist * body.height) return "ribs";
  if (at > waistLine.cm - reaches.underWaist * body.height) return "waist";
  if (at > (waistLine.cm + hipLine.cm) / 2 - reaches.underLandmark * body.height) return "high hip";
  if (at > crotch.cm - reaches.underLandmark * body.height) return "hip";
  return at > midThigh ? "thigh" : "below mid-thigh";
}
