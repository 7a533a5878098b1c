import type { FoldName } from "../folds";
import type { NeckOfGarment } from "./necks";
import type { Knot } from "../reach";

/** Where a scarf may be tied. */
export const tiePlaces = ["neck", "head", "hair", "wrist", "bag", "belt loops", "waist", "top"] as const;
export type TiePlace = (typeof tiePlaces)[number];

/** What a tie may go round: girths of the body, and of what it is tied to. */
export const girthNames = [
  "neck",
  "head",
  "hair",
  "hat",
  "wrist",
  "handle",
  "loop",
  "waist",
  "hip",
  "bust",
] as const;
export type GirthName = (typeof girthNames)[number];

/** What a tie needs beside the scarf, as it is called within a sentence. */
export const tieNeeds = {
  ring: "a scarf ring",
  pin: "a pin",
  belt: "a belt",
  "layer beneath": "a layer beneath",
  "layer over": "a jacket or coat over it",
  hat: "a hat",
  "coat belt": "a belted coat",
  handle: "a bag with a handle or a strap",
  loops: "trousers or a skirt with belt loops",
} as const;
export type TieNeed = keyof typeof tieNeeds;

/** What is to be said of a tie to whoever wears it. */
export const tieCautions = ["tightens", "loose ends", "slips"] as const;
export type TieCaution = (typeof tieCautions)[number];

/** What of a tied scarf is seen from the front, and where it lies. */
export const partPlaces = [
  "across",
  "round left",
  "round right",
  "upper round",
  "knot",
  "ring",
  "tail left",
  "tail right",
  "loop left",
  "loop right",
  "hang left",
  "hang right",
  "point",
  "point aside",
  "shawl",
  "crossed left",
  "crossed right",
  "hung loop",
  "wound round",
  "over the head",
  "round the bust",
  "front of a halter",
  "over one shoulder",
  "short jacket",
] as const;
export type PartPlace = (typeof partPlaces)[number];

/** A stretch of the folded scarf that is seen, cm from its left end, and how openly it lies (1 flat, less gathered). */
export interface TiePart {
  readonly place: PartPlace;
  readonly from: number;
  readonly to: number;
  readonly open: number;
}

/** A folded scarf's length as a tie takes it up, cm: its ends, what goes round, what the knot takes. */
export interface LengthTaken {
  readonly length: number;
  /** Once round with its ease. */
  readonly round: number;
  readonly tail: number;
  /** What the knot takes of the length. */
  readonly knot: number;
}

/** One way of tying, in full; each stands in a file of its own. */
export interface TieSpec {
  /** What it is called on a screen, within a sentence. */
  readonly name: string;
  readonly place: TiePlace;
  /** The folds it takes, the usual one first. */
  readonly folds: readonly [FoldName, ...FoldName[]];
  readonly round: GirthName;
  readonly wraps: number;
  readonly knot: Knot;
  /** How much looser than its girth it lies, cm. */
  readonly ease: number;
  /** The part of the folded length that there is to tie with; less than 1 where the scarf is taken double. */
  readonly lengthShare: number;
  /** Where nothing goes round: the least length it needs, cm. */
  readonly leastLength: number;
  readonly needs: readonly TieNeed[];
  /** Only an endless loop can be worn so. */
  readonly loopOnly?: true;
  /** The stiffness (0-1) of cloth that does it well. */
  readonly stiffness: readonly [number, number];
  /** What is seen of it from the front. */
  readonly shows: (taken: LengthTaken) => readonly TiePart[];
  /** Lower edge of what lies high at the neck, cm below the side neck points; null where nothing does. */
  readonly edge: number | null;
  /** How much of a look it takes (docs/model.md, What is seen). */
  readonly area: number;
  /** Insulation it gives where it lies, clo. */
  readonly warmth: number;
  /** How far it takes the scarf from its own level, steps. */
  readonly level: number;
  readonly cautions: readonly TieCaution[];
  /** The necklines it goes with, and whether lapels; none where it is not tied at the neck. */
  readonly necks: readonly NeckOfGarment[];
  /** What it goes with, in words; null: with anything. */
  readonly goesWith: string | null;
  /** What is done, step by step, after the scarf is folded. */
  readonly steps: readonly string[];
}

export function defineTie(
  spec: Omit<TieSpec, "lengthShare" | "leastLength" | "needs" | "necks" | "stiffness"> &
    Partial<Pick<TieSpec, "lengthShare" | "leastLength" | "needs" | "necks" | "stiffness">>,
): TieSpec {
  return { lengthShare: 1, leastLength: 0, needs: [], necks: [], stiffness: [0, 1], ...spec };
}
