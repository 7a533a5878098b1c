import type { Ground } from "../piece/occasion";
import { isTrainer, type PieceOf } from "../piece/piece";

type Shoe = PieceOf<"shoe">;
type Tip = Shoe["figures"]["tip"];

/** What becomes of a heel on a ground: nothing, it wants care, or it fails. */
type HeelFooting = "fine" | "mind" | "sinks" | "catches" | "slips";
/** The same of a whole shoe: its sole may slip, and snow come in over its edge. */
export type Footing = HeelFooting | "smooth" | "snow";

/** Lift up to which a heel is as good as none, cm. */
export const lowHeel = 2;

/**
 * Heel by ground (docs/model.md, Comfort), by how wide the tip is: a stiletto under 1.5 cm, slim under 3, a block
 * wider. What is narrow sinks into soft ground and catches in gaps; what is high and narrow slips.
 */
export const heelOnGround: Readonly<Record<Ground, Readonly<Record<Tip, HeelFooting>>>> = {
  indoors: { stiletto: "fine", slim: "fine", block: "fine", wedge: "fine", flat: "fine" },
  pavement: { stiletto: "fine", slim: "fine", block: "fine", wedge: "fine", flat: "fine" },
  cobbles: { stiletto: "catches", slim: "mind", block: "fine", wedge: "fine", flat: "fine" },
  gravel: { stiletto: "sinks", slim: "mind", block: "fine", wedge: "fine", flat: "fine" },
  lawn: { stiletto: "sinks", slim: "sinks", block: "fine", wedge: "fine", flat: "fine" },
  sand: { stiletto: "sinks", slim: "sinks", block: "mind", wedge: "fine", flat: "fine" },
  deck: { stiletto: "catches", slim: "mind", block: "fine", wedge: "fine", flat: "fine" },
  grating: { stiletto: "catches", slim: "catches", block: "fine", wedge: "fine", flat: "fine" },
  "snow and ice": { stiletto: "slips", slim: "slips", block: "mind", wedge: "mind", flat: "fine" },
  "wet stone": { stiletto: "slips", slim: "mind", block: "fine", wedge: "fine", flat: "fine" },
  carpet: { stiletto: "mind", slim: "fine", block: "fine", wedge: "fine", flat: "fine" },
  stage: { stiletto: "mind", slim: "fine", block: "fine", wedge: "fine", flat: "fine" },
  stairs: { stiletto: "mind", slim: "mind", block: "fine", wedge: "mind", flat: "fine" },
  boat: { stiletto: "catches", slim: "mind", block: "mind", wedge: "mind", flat: "fine" },
};

/** Grounds on which a smooth sole finds no hold, however low the heel (docs/model.md, Comfort). */
const slippery: ReadonlySet<Ground> = new Set(["wet stone", "deck", "snow and ice"]);

/** Whether a shoe's sole slips on a ground by itself: the fine sole of a leather shoe, on what is wet or frozen. */
export function isSmoothOn(shoe: Shoe, ground: Ground): boolean {
  const { soleBulk, leather, quiet } = shoe.figures;
  return slippery.has(ground) && leather && soleBulk === "fine" && !quiet && !isTrainer(shoe);
}

/** Whether a shoe can be walked in on a ground at all. */
export function holdsOn(shoe: Shoe, ground: Ground): boolean {
  const footing = footingOf(shoe, ground, lowHeel);
  return footing === "fine" || footing === "mind";
}

/** How a shoe fares on a ground. @param low lift up to which a heel is as good as none, cm */
export function footingOf(shoe: Shoe, ground: Ground, low: number): Footing {
  const { lift, tip } = shoe.figures;
  if (letsSnowIn(shoe, ground)) return "snow";
  if (isSmoothOn(shoe, ground)) return "smooth";
  return heelOnGround[ground][lift <= low ? "flat" : tip];
}

const lowCut: ReadonlySet<Shoe["figures"]["form"]> = new Set([
  "pump",
  "flat",
  "slingback",
  "mule",
  "sandal",
  "thong",
]);

/** Whether snow comes in over the edge of a shoe: one cut low on the foot. */
export function letsSnowIn({ figures: { form } }: Shoe, ground: Ground): boolean {
  return ground === "snow and ice" && lowCut.has(form);
}
