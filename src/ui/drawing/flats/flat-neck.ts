import type { PieceOf } from "@/core/piece/piece";

/** The neck of a garment laid flat, from one side neck point to the other. */
export interface FlatNeck {
  readonly path: string;
  readonly depth: number;
  readonly lines: readonly string[];
}

/** The neck of a jacket or a coat: its lapels cross below it. */
export const layerNeck: FlatNeck = { path: "L 0 22 L 8 0", depth: 22, lines: [] };

export function flatNeck(neckline: PieceOf<"top">["figures"]["neckline"]): FlatNeck {
  switch (neckline) {
    case "v":
    case "wrap":
      return { path: "L 0 19 L 8 0", depth: 19, lines: [] };
    case "cowl":
    case "scoop":
      return { path: "C -7 16 7 16 8 0", depth: 13, lines: [] };
    case "square":
      return { path: "L -8 11 L 8 11 L 8 0", depth: 11, lines: [] };
    case "strapless":
      return { path: "Q 0 14 8 0", depth: 10, lines: [] };
    case "halter":
    case "boat":
      return { path: "Q 0 4 8 0", depth: 3, lines: [] };
    case "roll":
      return { path: "L -7 -7 Q 0 -6 7 -7 L 8 0", depth: 0, lines: ["M -7.5 -2 Q 0 0 7.5 -2"] };
    case "shirt collar":
      return {
        path: "L -6 -3 L 0 6 L 6 -3 L 8 0",
        depth: 6,
        lines: ["M -6 -3 L -9 6 L 0 6 L 9 6 L 6 -3", "M 0 6 L 0 40"],
      };
    case "crew":
      return { path: "C -6 9 6 9 8 0", depth: 7, lines: [] };
  }
}

/** The collar of a layer. */
export function lapels(collar: PieceOf<"jacket">["figures"]["collar"]): string[] {
  if (collar === "hood") return ["M -9 -1 C -14 -14 14 -14 9 -1"];
  if (collar === "stand" || collar === "round") return ["M -8 0 Q 0 6 8 0"];
  return ["M -8 0 L -13 13 L 0 24", "M 8 0 L 13 13 L 0 24"];
}
