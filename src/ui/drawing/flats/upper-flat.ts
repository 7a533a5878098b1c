import type { PieceOf } from "@/core/piece/piece";
import type { Flat } from "./flat";
import { flatNeck, lapels, layerNeck, type FlatNeck } from "./flat-neck";

type Sleeve = PieceOf<"top">["figures"]["sleeve"];

const sleeveLength: Readonly<Record<Sleeve, number>> = {
  long: 58,
  "three-quarter": 44,
  elbow: 32,
  short: 20,
  none: 0,
};

/** A dress laid flat. */
export function dressFlat(figures: PieceOf<"dress">["figures"]): Flat {
  const neck = flatNeck(figures.neckline);
  const hem = Math.min(figures.hemWidth / 4, 44);
  return upperFlat({ ...figures, chest: 24, hem, neck, waisted: true, lines: neck.lines });
}

/** A top, a shirt or a knit laid flat. */
export function topFlat(figures: PieceOf<"top">["figures"]): Flat {
  const neck = flatNeck(figures.neckline);
  const chest = figures.bodyGirth / 4;
  return upperFlat({ ...figures, chest, hem: chest, neck, waisted: false, lines: neck.lines });
}

/** A jacket or a coat laid flat, its fronts meeting in the middle. */
export function layerFlat(figures: PieceOf<"jacket">["figures"]): Flat {
  const front = `M 0 ${layerNeck.depth} L 0 ${figures.length}`;
  const lines = [front, ...lapels(figures.collar)];
  return upperFlat({ ...figures, chest: 28, hem: 31, neck: layerNeck, waisted: false, lines });
}

interface Upper {
  readonly length: number;
  readonly sleeve: Sleeve;
  /** Half the chest and half the hem as they lie, cm. */
  readonly chest: number;
  readonly hem: number;
  readonly neck: FlatNeck;
  /** Drawn in at the waist. */
  readonly waisted: boolean;
  readonly lines: readonly string[];
}

/** What hangs from the shoulders, laid flat with its sleeves out. */
function upperFlat({ length, sleeve, chest, hem, neck, waisted, lines }: Upper): Flat {
  const shoulder = chest * 0.82;
  const arm = sleeveLength[sleeve];
  const out = shoulder + arm * 0.5;
  const down = 5 + arm * 0.86;
  const cuff = 6.5;
  const waist = waisted ? `C ${chest - 3} 38 ${chest - 4} 42 ${chest - 3} 46` : "";
  const waistBack = waisted
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
  return {
    outline: `M 8 0 L ${shoulder} 5 ${right} ${waist} L ${hem} ${length} Q 0 ${length + 2} -${hem} ${length} ${waistBack} ${left} L -8 0 ${neck.path} Z`,
    lines,
    width: 2 * Math.max(out, hem, chest) + 2,
    height: Math.max(length + 2, down + cuff),
  };
}
