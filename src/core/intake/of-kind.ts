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

/** Kinds on which gold or silver said behind the colour is their hardware: "black bag, gold". */
export function hasHardware(kind: Kind): boolean {
  return kind === "bag" || kind === "belt" || kind === "coat" || kind === "jacket";
}

/** Forms whose sole stays in one piece however high it is. */
const oneSoled: ReadonlySet<unknown> = new Set(["trainer", "running shoe"]);

/** From so much lift on, cm, a shoe stands on a heel, and from so much on a slim one, where nobody has said which. */
const heeled = { from: 3.5, slimFrom: 6 } as const;

/** The figures of a shoe whose heel was measured while nobody has said what it is like: no flat one is so high. */
export function stoodOn<F extends Readonly<Record<string, unknown>>>(
  kind: Kind,
  figures: F,
  isMeasured: boolean,
): F {
  const { form, lift, tip } = figures;
  const isFlat = kind === "shoe" && tip === "flat" && isMeasured && !oneSoled.has(form);
  if (!isFlat || typeof lift !== "number" || lift < heeled.from) return figures;
  return { ...figures, tip: lift < heeled.slimFrom ? "block" : "slim" };
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
