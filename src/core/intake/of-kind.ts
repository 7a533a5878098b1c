import type { Kind } from "../piece/kinds";
import { isJewellery } from "../piece/piece";

/** What of a kind each bare number measures. */
export const bareMeasure: Readonly<Partial<Record<Kind, readonly string[]>>> = {
  shoe: ["lift"],
  belt: ["width"],
  hosiery: ["denier"],
  scarf: ["sideA", "sideB"],
  "pocket square": ["side"],
  earrings: ["drop"],
  necklace: ["loop"],
  trousers: ["inseam"],
  skirt: ["length"],
  dress: ["length"],
  top: ["length"],
  jacket: ["length"],
  coat: ["length"],
  hat: ["brim"],
  watch: ["face"],
  bag: ["width", "height", "depth"],
  brooch: ["width"],
  bracelet: ["width"],
  gloves: ["length"],
  umbrella: ["length"],
};

/** Metals that are colours too: of what kind they are said as a metal. */
export function isMetalwork(kind: Kind): boolean {
  return isJewellery({ kind }) || kind === "eyewear" || kind === "hair piece";
}

/** Kinds that are of leather, which in gold or silver is a finish of its own. */
export function isLeather(kind: Kind): boolean {
  return kind === "shoe" || kind === "bag" || kind === "belt";
}

/** Kinds whose cloth is recorded. */
export function isWoven(kind: Kind): boolean {
  return [
    "trousers",
    "skirt",
    "dress",
    "jumpsuit",
    "top",
    "jacket",
    "coat",
    "scarf",
    "hat",
    "gloves",
  ].includes(kind);
}
