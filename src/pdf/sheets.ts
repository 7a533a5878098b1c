import type { SheetName } from "@/core/studio/paper-source";

/** A sheet: its size and margin in points (1/72 inch), and how large its letters are against those of half a sheet. */
interface Sheet {
  readonly width: number;
  readonly height: number;
  readonly margin: number;
  readonly letters: number;
  /** Whether what stands beside a figure stands under it. */
  readonly oneColumn: boolean;
}

export const sheets: Readonly<Record<SheetName, Sheet>> = {
  // ISO 216: 148 x 210 mm.
  a5: { width: 419.53, height: 595.28, margin: 34, letters: 1, oneColumn: false },
  phone: { width: 390, height: 844, margin: 24, letters: 1.4, oneColumn: true },
};
