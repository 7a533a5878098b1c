import type { ReactNode } from "react";
import type { Dressed, WornOf } from "@/core/dressing/dressed";
import type { Kind } from "@/core/piece/kinds";
import type { Piece } from "@/core/piece/piece";
import type { Frame } from "../figure/frame";
import type { Paint } from "../paint";
import type { PlateBox } from "../plate-box";

/** A piece of one kind; of several kinds, any of them. */
type Of<K extends Kind> = Extract<Piece, { kind: K }>;

export interface PlateDrawing<K extends Kind> {
  readonly piece: Of<K>;
  /** Side of the square it is drawn in, cm: the middle of the drawing is the middle of the square. */
  readonly size: number;
  readonly paint: Paint;
  /** Unique on the page, for what it defines. */
  readonly id: string;
}

export interface WornDrawing<K extends Kind> {
  readonly worn: WornOf<K>;
  readonly dressed: Dressed;
  readonly frame: Frame;
  readonly paint: Paint;
  /** Unique in the drawing, for what it defines. */
  readonly id: string;
}

/** Everything the interface needs to know of one kind of piece. */
export interface KindDrawing<K extends Kind> {
  /** The piece laid down, in cm, y down. */
  plate(drawing: PlateDrawing<K>): ReactNode;
  /** What its plate takes, with a margin. */
  box(piece: Of<K>): PlateBox;
  /** The piece on the body, at the place the core computed. */
  asWorn(drawing: WornDrawing<K>): ReactNode;
  /** Worn on the arms, which hang on beside the seat of who sits, or carried, over whatever is worn. */
  readonly hangs?: "on the arms" | "from the hand";
  /** The figures of it that matter at a glance; an empty text is left out. */
  caption(figures: Of<K>["figures"], say: (cm: number) => string): readonly string[];
}
