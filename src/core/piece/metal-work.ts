import { difference } from "../colour/difference";
import { shadeOf } from "../colour/shade";
import type { Piece } from "./piece";
import { isJewellery } from "./piece";
import { metalGroup, metalHex } from "../finish/metals";

/** How near a jewel's colour must come to its metal's to be nothing but metal, dE. */
const likeMetal = 16;

/** Jewellery that is nothing but its metal: polished, brushed, of chain, or in the colour of what it is made of. */
export function isMetalWork(piece: Piece): boolean {
  return isJewellery(piece) && (isMadeOfMetal(piece) || isOfMetalColour(piece));
}

function isMadeOfMetal({ finish, metalSize }: Piece): boolean {
  return (
    metalSize > 0 &&
    (finish === "polished" || finish === "brushed" || finish === "chain" || finish === "metallic")
  );
}

function isOfMetalColour({ metal, metalSize, swatches: [ground] }: Piece): boolean {
  if (metalSize === 0 || !ground || metalGroup(metal) === null) return false;
  const hex = metalHex[metal as keyof typeof metalHex];
  return difference(shadeOf(ground.hex), shadeOf(hex)) <= likeMetal;
}
