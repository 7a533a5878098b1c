interface SlotSpec {
  readonly label: string;
  /** Takes several pieces at once. */
  readonly stacks?: true;
  /** Taken only where this is worn too: a pocket square has its tailored layer, a second pair of earrings a first. */
  readonly needs?: "tailored layer" | "earrings";
}

/** The places of a look, from the head down. A slot takes one piece unless it stacks. */
const slotSpecs = {
  hat: { label: "Hat" },
  hair: { label: "Hair" },
  eyewear: { label: "Eyewear" },
  earrings: { label: "Earrings" },
  ear: { label: "Second earrings", needs: "earrings" },
  neck: { label: "Neck" },
  necklace: { label: "Necklace", stacks: true },
  brooch: { label: "Brooch", stacks: true },
  pocket: { label: "Breast pocket", needs: "tailored layer" },
  layer: { label: "Top layer" },
  wrist: { label: "Wrist", stacks: true },
  ring: { label: "Ring", stacks: true },
  gloves: { label: "Gloves" },
  belt: { label: "Belt" },
  bag: { label: "Bag" },
  umbrella: { label: "Umbrella" },
  hosiery: { label: "Hosiery" },
  shoe: { label: "Shoe" },
} as const satisfies Record<string, SlotSpec>;

export type Slot = keyof typeof slotSpecs;

export const slots = Object.keys(slotSpecs) as Slot[];

export const slotLabels = Object.fromEntries(slots.map((slot) => [slot, slotSpecs[slot].label])) as Readonly<
  Record<Slot, string>
>;

/** Whether a slot takes several pieces at once (necklaces, bracelets, rings, brooches). */
export function stacks(slot: Slot): boolean {
  const spec: SlotSpec = slotSpecs[slot];
  return spec.stacks === true;
}

/** What must be worn for a slot to be there; null for one that always is. */
export function slotNeeds(slot: Slot): NonNullable<SlotSpec["needs"]> | null {
  const spec: SlotSpec = slotSpecs[slot];
  return spec.needs ?? null;
}
