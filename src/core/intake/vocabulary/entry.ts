import type { Cloth } from "../../finish/cloths";
import type { Finish } from "../../finish/finishes";
import type { Metal } from "../../finish/metals";
import type { Kind } from "../../piece/kinds";
import type { PieceCommon } from "../../piece/piece-common";
import type { RegisterSpan } from "../../register/ladder";
import type { Pole } from "../../style/poles";

/** What a word or a phrase says of a piece; it may say several things at once. */
export interface Meaning {
  /** What it is; the figures that go with the word. */
  readonly kind?: Kind;
  readonly figures?: Readonly<Record<string, unknown>>;
  readonly finish?: Finish;
  readonly cloth?: Cloth;
  readonly metal?: Metal;
  readonly pattern?: PieceCommon["pattern"];
  readonly poles?: readonly Pole[];
  readonly statement?: NonNullable<PieceCommon["statement"]>;
  readonly register?: RegisterSpan;
  /** A colour, #rrggbb. */
  readonly colour?: string;
  /** The colour of such a piece where none is said, #rrggbb: pearl, straw and tortoiseshell have one of their own. */
  readonly ownColour?: string | undefined;
  /** How a colour that follows is shifted: which share of the way to white, or to black if negative, and its clarity (chroma) by a factor. */
  readonly shade?: { readonly depth: number; readonly clarity: number };
  /** Of which part of the piece the colour or the metal beside it is said. */
  readonly part?: "sole" | "lace" | "trim" | "reverse" | "metal" | "strap";
  /** The figure that a number beside the word measures. */
  readonly measures?: string;
  /** The kinds it is said of; left out: any that has its figures. */
  readonly only?: readonly Kind[];
  /** Names a kind so loosely that any other name says better what the piece is: "shoe", "top", "heel". */
  readonly loose?: true;
  /** Says nothing by itself: "with", "and", "a pair of". */
  readonly filler?: true;
}

/** Words and phrases, each with what it means. */
export type Words = Readonly<Record<string, Meaning>>;

/** One meaning under several names. */
export function called(meaning: Meaning, ...names: readonly string[]): Words {
  return Object.fromEntries(names.map((name) => [name, meaning]));
}
