import { finishes } from "../finish/finishes";
import { bodyZoneOf, type Piece } from "../piece/piece";

/**
 * Whether one leading piece answers another (docs/model.md, Surfaces): elsewhere on the body and of one pole, or of
 * one kind of surface. A plain surface answers nothing: it is what most things are made of.
 */
export function answers(lead: Piece, other: Piece): boolean {
  const apart = bodyZoneOf(lead) !== bodyZoneOf(other);
  const pole = lead.poles.some((own) => other.poles.includes(own));
  const { kin } = finishes[lead.finish];
  return (apart && pole) || (kin !== "plain" && kin === finishes[other.finish].kin);
}
