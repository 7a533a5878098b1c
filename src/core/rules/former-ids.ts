/** Rules that went by another id before: rule books, overrulings and look files may still name them so. */
export const formerIds: Readonly<Record<string, string>> = {
  "bag.capacity": "comfort.bag-capacity",
  "bag.lands": "proportion.bag-lands",
  "bag.over-arm": "comfort.over-arm",
  "bag.scratch": "care.scratch",
  "bag.transfer": "care.transfer",
  "belt.fit": "comfort.belt-fit",
  "belt.need": "proportion.belt-need",
  "colour.line": "proportion.colour-line",
  "comfort.wrist": "style.wrist",
  "hardware.metal": "finish.metal",
  "head.eyewear": "comfort.eyewear",
  "head.gloves": "proportion.gloves",
  "head.hat": "comfort.hat",
  "hosiery.boot-sock": "comfort.boot-sock",
  "hosiery.ladder": "care.ladder",
  "neck.focal": "style.focal",
  "neck.layers": "proportion.neck-layers",
  "neck.line": "proportion.neck-line",
  "neck.scarf": "style.neck-scarf",
};

/** Figures that rules had before and nothing reads any more, by the rule's id. */
export const formerFigures: Readonly<Record<string, readonly string[]>> = {
  "proportion.gap": ["sweetFrom"],
};
