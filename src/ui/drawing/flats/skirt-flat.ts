import type { PieceOf } from "@/core/piece/piece";
import type { Flat } from "./flat";

/** A skirt laid flat, cut to its recorded figures. */
export function skirtFlat(figures: PieceOf<"skirt">["figures"]): Flat {
  const { length, hemWidth, cut } = figures;
  const hem = Math.min(hemWidth / 4, 44);
  const pleats = cut === "pleated" || cut === "gathered" ? [-0.7, -0.35, 0, 0.35, 0.7] : [];
  return {
    outline: `M -18 0 C -24 10 -24 16 -${Math.max(hem * 0.9, 22)} ${length * 0.4} L -${hem} ${length} Q 0 ${length + 3} ${hem} ${length} L ${Math.max(hem * 0.9, 22)} ${length * 0.4} C 24 16 24 10 18 0 Z`,
    lines: [
      "M -18.6 3 L 18.6 3",
      ...pleats.map((x) => `M ${x * 17} 3 L ${x * hem} ${length + 2 - Math.abs(x)}`),
    ],
    width: Math.max(48, 2 * hem),
    height: length + 2,
  };
}
