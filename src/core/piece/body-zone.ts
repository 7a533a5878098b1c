import type { Kind } from "./kinds";

/** The parts of the body where the eye may rest. */
export type BodyZone = "face" | "trunk" | "waist" | "hand" | "leg" | "foot";

const zones: Readonly<Record<Kind, BodyZone>> = {
  hat: "face",
  "hair piece": "face",
  eyewear: "face",
  earrings: "face",
  scarf: "face",
  necklace: "face",
  brooch: "face",
  top: "trunk",
  dress: "trunk",
  jumpsuit: "trunk",
  jacket: "trunk",
  coat: "trunk",
  belt: "waist",
  bracelet: "hand",
  watch: "hand",
  ring: "hand",
  gloves: "hand",
  bag: "hand",
  trousers: "leg",
  skirt: "leg",
  hosiery: "leg",
  shoe: "foot",
};

/** Where on the body a kind of piece is looked at. */
export function bodyZoneOf(kind: Kind): BodyZone {
  return zones[kind];
}
