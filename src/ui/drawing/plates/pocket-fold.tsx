import { pocketFolds } from "@/core/piece/kinds/pocket-square";
import type { PieceOf } from "@/core/piece/piece";
import { Shape } from "../cloth/shape";
import type { Paint } from "../paint";

interface PocketFoldProps {
  readonly square: PieceOf<"pocket square">;
  /** Width of the pocket, cm. */
  readonly width: number;
  readonly paint: Paint;
  readonly id: string;
}

/** What stands out of the pocket, in cm: the middle of the pocket's edge at the origin, y down. */
export function PocketFold({ square, width, paint, id }: PocketFoldProps) {
  const { fold } = square.figures;
  const w = width / 2;
  const h = pocketFolds[fold];
  const outlines = {
    flat: `M ${-w} 0 V ${-h} H ${w} V 0 Z`,
    "one point": `M ${-w} 0 L 0 ${-h} L ${w} 0 Z`,
    puff: `M ${-w} 0 C ${-w} ${-h * 0.9} ${-w * 0.4} ${-h} 0 ${-h * 0.94} C ${w * 0.5} ${-h * 1.04} ${w} ${-h * 0.7} ${w} 0 Z`,
    crown: `M ${-w} 0 L ${-w * 0.66} ${-h * 0.8} L ${-w * 0.3} ${-h * 0.42} L 0 ${-h} L ${w * 0.34} ${-h * 0.44} L ${w * 0.7} ${-h * 0.82} L ${w} 0 Z`,
  };
  const creases = {
    flat: `M ${-w} ${-h * 0.55} H ${w}`,
    "one point": `M 0 ${-h} L ${-w * 0.2} 0`,
    puff: `M ${-w * 0.5} ${-0.2} Q ${-w * 0.3} ${-h * 0.6} 0 ${-h * 0.7} M ${w * 0.2} ${-0.2} Q ${w * 0.4} ${-h * 0.5} ${w * 0.3} ${-h * 0.75}`,
    crown: `M ${-w * 0.3} ${-h * 0.42} L ${-w * 0.36} 0 M ${w * 0.34} ${-h * 0.44} L ${w * 0.3} 0`,
  };
  return (
    <Shape
      id={id}
      width={0.14}
      paint={paint}
      parts={[{ d: outlines[fold] }]}
      shades={[`M ${w * 0.45} 0 L ${w * 0.25} ${-h * 1.1} H ${w * 1.2} V 0 Z`]}
      folds={[creases[fold]]}
    />
  );
}
