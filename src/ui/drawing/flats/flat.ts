import type { PlateBox } from "../plate-box";

/** A garment laid flat, in cm: x from its middle, y down from its top edge. */
export interface Flat {
  readonly outline: string;
  readonly lines: readonly string[];
  readonly width: number;
  readonly height: number;
}

/** What a garment laid flat takes, with a margin. */
export function flatBox({ width, height }: Flat): PlateBox {
  return { width: width + 6, height: height + 8 };
}
