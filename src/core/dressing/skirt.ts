import type { Body } from "../body/body";
import { isLegged } from "../piece/piece";
import { hemZoneOf, type SkirtHem } from "../proportion/skirt-hem";
import type { Worn } from "./dressed";

/** The look's skirt or dress and where its hem lies; null when the legs are in trousers. */
export function skirtOf(worn: readonly Worn[], body: Body): SkirtHem | null {
  if (worn.some(({ piece }) => isLegged(piece))) return null;
  const under = worn.some(({ piece }) => piece.kind === "skirt");
  for (const { piece, extent } of worn) {
    // A skirt worn over a dress is the hem that is seen.
    if (under && piece.kind === "dress") continue;
    if (piece.kind !== "skirt" && piece.kind !== "dress") continue;
    const { cut } = piece.figures;
    return {
      garment: piece,
      hem: extent.from,
      zone: hemZoneOf(body, extent.from),
      overCalf: extent.from - body.measures.calfLine.cm,
      close: cut === "pencil" || cut === "straight",
    };
  }
  return null;
}
