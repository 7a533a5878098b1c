/** What a garment or a scarf is made of, as far as the eye and the skin can tell; its finish is what is done to it. */
export const cloths = [
  "wool",
  "cotton",
  "denim",
  "silk",
  "leather",
  "linen",
  "fine knit",
  "heavy knit",
] as const;

export type Cloth = (typeof cloths)[number];
