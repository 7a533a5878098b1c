import type { Piece } from "@/core/piece/piece";

/** A garment laid flat, in cm: x from its middle, y down from its top edge. */
export interface Flat {
  readonly outline: string;
  readonly lines: readonly string[];
  readonly width: number;
  readonly height: number;
}

/** The flat shape of a garment, cut to its recorded figures; null for an accessory. */
export function garmentFlat(piece: Piece): Flat | null {
  switch (piece.kind) {
    case "trousers": {
      const { inseam, opening, leg } = piece.figures;
      const rise = 27;
      const hem = opening / 2;
      const hip = 24;
      const height = inseam + rise;
      const spread = leg === "shorts" || leg === "culotte" ? 4 : 3;
      const side = `L -${hip} ${rise * 0.7} L -${hem + spread} ${height} L -${spread} ${height} L 0 ${rise} L ${spread} ${height} L ${hem + spread} ${height} L ${hip} ${rise * 0.7}`;
      return {
        outline: `M -18 0 ${side} L 18 0 Z`,
        lines: [
          `M -18.5 3.5 L 18.5 3.5`,
          `M 0 3.5 L 0 ${rise}`,
          `M -${hem / 2 + spread} ${height} L -11 ${rise * 0.7}`,
          `M ${hem / 2 + spread} ${height} L 11 ${rise * 0.7}`,
        ],
        width: Math.max(48, 2 * (hem + spread)),
        height,
      };
    }
    case "jumpsuit":
      return jumpsuitFlat(piece);
    case "skirt": {
      const { length, hemWidth, cut } = piece.figures;
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
    case "dress":
    case "top":
    case "jacket":
    case "coat":
      return upperFlat(piece);
    default:
      return null;
  }
}

const sleeveLength = { long: 58, "three-quarter": 44, elbow: 32, short: 20, none: 0 } as const;

function upperFlat(piece: Extract<Piece, { kind: "dress" | "top" | "jacket" | "coat" }>): Flat {
  const { length, sleeve } = piece.figures;
  const layer = piece.kind === "jacket" || piece.kind === "coat";
  const chest = piece.kind === "top" ? piece.figures.bodyGirth / 4 : layer ? 28 : 24;
  const hem = piece.kind === "dress" ? Math.min(piece.figures.hemWidth / 4, 44) : layer ? chest + 3 : chest;
  const shoulder = chest * 0.82;
  const arm = sleeveLength[sleeve];
  const out = shoulder + arm * 0.5;
  const down = 5 + arm * 0.86;
  const cuff = 6.5;
  const neck = neckOf(piece);
  const waist = piece.kind === "dress" ? `C ${chest - 3} 38 ${chest - 4} 42 ${chest - 3} 46` : "";
  const waistBack =
    piece.kind === "dress"
      ? `L -${chest - 3} 46 C -${chest - 4} 42 -${chest - 3} 38 -${chest} 24`
      : `L -${chest} 24`;
  const right =
    arm > 0
      ? `L ${out} ${down} L ${out - cuff * 1.6} ${down + cuff * 0.5} L ${chest} 22`
      : `Q ${chest - 2} 14 ${chest} 22`;
  const left =
    arm > 0
      ? `L -${out - cuff * 1.6} ${down + cuff * 0.5} L -${out} ${down} L -${shoulder} 5`
      : `Q -${chest - 2} 14 -${shoulder} 5`;
  const lines = layer ? [`M 0 ${neck.depth} L 0 ${length}`, ...lapels(piece)] : neck.lines;
  return {
    outline: `M 8 0 L ${shoulder} 5 ${right} ${waist} L ${hem} ${length} Q 0 ${length + 2} -${hem} ${length} ${waistBack} ${left} L -8 0 ${neck.path} Z`,
    lines,
    width: 2 * Math.max(out, hem, chest) + 2,
    height: Math.max(length + 2, down + cuff),
  };
}

interface Neck {
  readonly path: string;
  readonly depth: number;
  readonly lines: readonly string[];
}

function neckOf(piece: Extract<Piece, { kind: "dress" | "top" | "jacket" | "coat" }>): Neck {
  if (piece.kind === "jacket" || piece.kind === "coat") return { path: "L 0 22 L 8 0", depth: 22, lines: [] };
  switch (piece.figures.neckline) {
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

function lapels(piece: Extract<Piece, { kind: "jacket" | "coat" }>): string[] {
  if (piece.figures.collar === "hood") return ["M -9 -1 C -14 -14 14 -14 9 -1"];
  if (piece.figures.collar === "stand" || piece.figures.collar === "round") return ["M -8 0 Q 0 6 8 0"];
  return ["M -8 0 L -13 13 L 0 24", "M 8 0 L 13 13 L 0 24"];
}

/** A jumpsuit laid flat: a short bodice over a pair of legs. */
function jumpsuitFlat(piece: Extract<Piece, { kind: "jumpsuit" }>): Flat {
  const { inseam, opening } = piece.figures;
  const waist = 42;
  const crotch = waist + 27;
  const height = crotch + inseam;
  const hem = opening / 2;
  const half = 20;
  return {
    outline: `M 8 0 L ${half} 5 L ${half + 1} 20 L ${half - 2} ${waist} L ${half + 3} ${waist + 18} L ${hem + 3} ${height} L 3 ${height} L 0 ${crotch} L -3 ${height} L -${hem + 3} ${height} L -${half + 3} ${waist + 18} L -${half - 2} ${waist} L -${half + 1} 20 L -${half} 5 L -8 0 Q 0 16 8 0 Z`,
    lines: [`M -${half - 2} ${waist} L ${half - 2} ${waist}`, `M 0 ${waist} L 0 ${crotch}`],
    width: 2 * Math.max(hem + 3, half + 3),
    height,
  };
}
