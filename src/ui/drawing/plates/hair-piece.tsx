import type { PieceOf } from "@/core/piece/piece";
import { Shape } from "../cloth/shape";
import type { Paint } from "../paint";

type Figures = PieceOf<"hair piece">["figures"];

interface HairPieceProps {
  readonly figures: Figures;
  /** Colour of its metal; null where it has none. */
  readonly metal: string | null;
  readonly paint: Paint;
  readonly id: string;
}

/** A hair piece from the front, its middle at the origin, cm. */
export function HairPiece({ figures: { form, width }, metal, paint, id }: HairPieceProps) {
  const w = width / 2;
  const { d, folds } = drawn[form](w);
  return (
    <g>
      <Shape
        id={id}
        width={0.14}
        paint={paint}
        parts={[{ d }]}
        shades={[`M ${w * 0.35} -9 Q ${w * 0.6} 0 ${w * 0.35} 9 H ${w * 2} V -9 Z`]}
        folds={folds}
      />
      {form === "slide" && metal && (
        <path d={`M ${-w * 0.86} 0.9 H ${w * 0.86}`} stroke={metal} strokeWidth={0.2} strokeLinecap="round" />
      )}
    </g>
  );
}

/** The outline of each form for half its width, and its folds. */
const drawn: Record<Figures["form"], (w: number) => { readonly d: string; readonly folds: string[] }> = {
  slide: (w) => ({
    d: `M ${-w} -0.6 Q 0 -1.2 ${w} -0.6 Q ${w + 0.4} 0 ${w} 0.5 Q 0 0 ${-w} 0.5 Q ${-w - 0.4} 0 ${-w} -0.6 Z`,
    folds: [],
  }),
  band: (w) => ({
    d: `M ${-w} 0.8 Q 0 -4.4 ${w} 0.8 L ${w - 0.6} 1.7 Q 0 -2.6 ${-w + 0.6} 1.7 Z`,
    folds: [`M ${-w * 0.3} -1.4 q 0.3 0.5 0.2 1`, `M ${w * 0.3} -1.4 q -0.1 0.5 -0.2 1`],
  }),
  comb: (w) => ({
    d: `M ${-w} -1.4 Q 0 -2.6 ${w} -1.4 V 2.2 ${Array.from({ length: 9 }, (_, i) => {
      const x = w - (2 * w * (i + 1)) / 10;
      return `H ${(x + w * 0.06).toFixed(2)} V -0.2 H ${(x - w * 0.06).toFixed(2)} V 2.2`;
    }).join(" ")} H ${-w} Z`,
    folds: [],
  }),
  bow: (w) => ({
    d: `M -0.7 -0.7 C ${-w * 0.4} -2.6 ${-w} -2.4 ${-w} -1.2 C ${-w * 0.94} 0 ${-w * 0.94} 0.4 ${-w} 1.3 C ${-w} 2.5 ${-w * 0.4} 2.4 -0.7 0.7 Q 0 1 0.7 0.7 C ${w * 0.4} 2.4 ${w} 2.5 ${w} 1.3 C ${w * 0.94} 0.4 ${w * 0.94} 0 ${w} -1.2 C ${w} -2.4 ${w * 0.4} -2.6 0.7 -0.7 Q 0 -1 -0.7 -0.7 Z`,
    folds: [
      "M -0.7 -0.7 Q -0.5 0 -0.7 0.7 M 0.7 -0.7 Q 0.5 0 0.7 0.7",
      `M -0.7 0 Q ${-w * 0.4} -0.3 ${-w * 0.7} -0.7 M 0.7 0 Q ${w * 0.4} -0.3 ${w * 0.7} -0.7`,
    ],
  }),
};
