import { called, type Meaning, type Words } from "./entry";

const kinds = ["skirt", "dress", "coat", "jacket", "top", "trousers", "necklace", "gloves"] as const;

/** The kinds whose length is said by where they end. */
type Lengthened = (typeof kinds)[number];

interface End {
  readonly names: readonly string[];
  readonly lengths: Readonly<Partial<Record<Lengthened, number>>>;
}

/**
 * Where a piece ends as people say it, with the length it then has, cm, on a body of 168 cm (docs/model.md, The body): of a
 * skirt from the waist, of other garments from the side neck point, of trousers inside the leg; of a necklace its loop.
 */
const ends: readonly End[] = [
  {
    names: ["short", "shorter"],
    lengths: { skirt: 45, dress: 88, coat: 82, jacket: 56, top: 54, necklace: 40, gloves: 3 },
  },
  {
    names: ["long", "longer"],
    lengths: { skirt: 94, dress: 136, coat: 125, jacket: 80, top: 74, necklace: 80, gloves: 32 },
  },
  { names: ["mini", "thigh length", "to the thigh"], lengths: { skirt: 42, dress: 85, coat: 82 } },
  {
    names: ["cropped", "crop", "waist length", "to the waist"],
    lengths: { jacket: 50, top: 46, trousers: 62 },
  },
  {
    names: ["hip length", "to the hip"],
    lengths: { coat: 72, jacket: 66, top: 62 },
  },
  { names: ["above the knee", "above knee"], lengths: { skirt: 50, dress: 90, coat: 90 } },
  { names: ["knee length", "to the knee", "on the knee"], lengths: { skirt: 57, dress: 96, coat: 98 } },
  {
    names: ["below the knee", "below knee", "under the knee"],
    lengths: { skirt: 63, dress: 103, coat: 104 },
  },
  {
    names: ["midi", "midi length", "calf length", "tea length", "mid calf", "mid calf length", "to the calf"],
    lengths: { skirt: 72, dress: 115, coat: 115 },
  },
  {
    names: ["ankle length", "to the ankle", "ankle grazing", "seven eighths", "7/8"],
    lengths: { skirt: 94, dress: 134, coat: 134, trousers: 66 },
  },
  {
    names: ["maxi", "maxi length", "floor length", "full length", "to the floor"],
    lengths: { skirt: 100, dress: 140, coat: 138, trousers: 80 },
  },
  { names: ["princess length"], lengths: { necklace: 45 } },
  { names: ["matinee length"], lengths: { necklace: 55 } },
  { names: ["opera length", "opera"], lengths: { necklace: 80, gloves: 40 } },
  { names: ["elbow length", "to the elbow"], lengths: { gloves: 30 } },
  { names: ["wrist length", "to the wrist"], lengths: { gloves: 3 } },
];

/** A table for each kind: one phrase ends each somewhere else. */
export const lengths: readonly Words[] = kinds.map((kind) => {
  const name = kind === "trousers" ? "inseam" : kind === "necklace" ? "loop" : "length";
  const words: Record<string, Meaning> = {};
  for (const { names, lengths: of } of ends) {
    const length = of[kind];
    if (length !== undefined)
      Object.assign(words, called({ figures: { [name]: length }, only: [kind] }, ...names));
  }
  return words;
});
