import type { Unit } from "../rule-book/params";
import type { MeasurementName } from "../body/measurements";
import type { AdjustmentKind } from "../piece/adjustments";
import type { Slot } from "../piece/slots";
import type { Piece } from "../piece/piece";
import type { Named } from "./spoken";

export const lenses = [
  "colour",
  "finish",
  "style",
  "register",
  "proportion",
  "hosiery",
  "comfort",
  "care",
] as const;
export type Lens = (typeof lenses)[number];

export const lensLabels: Record<Lens, string> = {
  colour: "Colour",
  finish: "Finish",
  style: "Style",
  register: "Formality",
  proportion: "Proportion",
  hosiery: "Hosiery",
  comfort: "Comfort & place",
  care: "Care",
};

/** What a finding does to the reading; "unread" is a rule that could not measure. */
export type Effect = "bar" | "jars" | "rubs" | "note" | "lifts" | "sings" | "unread";

/** A measured figure with the limit it is held against. */
export interface Figure {
  readonly label: string;
  readonly value: number;
  readonly unit: Unit;
  /** The least and the most that would be right; null where there is no such end. */
  readonly limit: { readonly least: number | null; readonly most: number | null } | null;
}

/** A change that might mend a finding; the reading tries it before it promises anything. */
export type Proposal =
  | { readonly kind: "wear"; readonly slot: Slot }
  | { readonly kind: "take-off"; readonly piece: string }
  | { readonly kind: "adjust"; readonly way: AdjustmentKind; readonly piece: string };

/** What a rule says of a look, in the words of one of its messages. */
export interface Finding {
  readonly rule: string;
  readonly lens: Lens;
  readonly weight: number;
  readonly effect: Effect;
  /** Which of the rule's messages it is. */
  readonly message: string;
  /** The pieces the message names, by their name in it: `namesOf` and `pieceIdsOf` tell them. */
  readonly of: Named;
  /** The pieces it is about, where these are not just those it names. */
  readonly about: readonly Piece[] | null;
  /** Further words of the message, said as they stand: people, occasions, families. */
  readonly words: Readonly<Record<string, string>>;
  readonly figures: Readonly<Record<string, Figure>>;
  readonly proposals: readonly Proposal[];
  /** A caution to show with it, deferring to site rules and licensed practice. */
  readonly caution: string | null;
  /** Whether a figure it rests on was estimated. */
  readonly estimated: boolean;
  /** Within what tape and eye can tell of something that jars: a look that has it does not sing. */
  readonly onEdge: boolean;
  /** Measurements that are missing when the effect is "unread". */
  readonly needs: readonly MeasurementName[];
}
