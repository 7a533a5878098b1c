/** The places of a look, from the head down. A slot takes one piece unless it stacks. */
export const slots = [
  "hat",
  "hair",
  "eyewear",
  "earrings",
  "neck",
  "necklace",
  "brooch",
  "layer",
  "wrist",
  "ring",
  "gloves",
  "belt",
  "bag",
  "hosiery",
  "shoe",
] as const;

export type Slot = (typeof slots)[number];

export const slotLabels: Record<Slot, string> = {
  hat: "Hat",
  hair: "Hair",
  eyewear: "Eyewear",
  earrings: "Earrings",
  neck: "Neck",
  necklace: "Necklace",
  brooch: "Brooch",
  layer: "Top layer",
  wrist: "Wrist",
  ring: "Ring",
  gloves: "Gloves",
  belt: "Belt",
  bag: "Bag",
  hosiery: "Hosiery",
  shoe: "Shoe",
};

const stacking: ReadonlySet<Slot> = new Set(["necklace", "wrist", "ring", "brooch"]);

/** Whether a slot takes several pieces at once (necklaces, bracelets, rings, brooches). */
export function stacks(slot: Slot): boolean {
  return stacking.has(slot);
}
