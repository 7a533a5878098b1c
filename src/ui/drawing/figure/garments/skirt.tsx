import type { PieceOf } from "@/core/piece/piece";
import type { Frame } from "../frame";
import { mirrored, type Point } from "../path";
import type { GarmentStyle } from "./style";

type Cut = PieceOf<"skirt">["figures"]["cut"];

/** The right edge of a skirt from its top to its hem, by how much cloth its hem has. */
export function skirtEdge(frame: Frame, top: number, hem: number, hemWidth: number): Point[] {
  const m = frame.body.measures;
  const hipHalf = frame.trunk(m.hipLine.cm) + 0.9;
  const close = Math.min(hemWidth, 150) * 0.17;
  const hemHalf = Math.max(hipHalf * 0.86, close + Math.max(0, hemWidth - 150) * 0.05);
  const below = m.hipLine.cm - hem;
  return [
    { x: frame.trunk(top) + 0.5, h: top },
    { x: frame.trunk((top + m.hipLine.cm) / 2) + 0.9, h: (top + m.hipLine.cm) / 2 },
    { x: hipHalf, h: m.hipLine.cm },
    { x: hipHalf + (hemHalf - hipHalf) * 0.5, h: m.hipLine.cm - below * 0.5 },
    { x: hemHalf, h: hem },
  ];
}

interface SkirtProps {
  readonly skirt: PieceOf<"skirt">;
  readonly top: number;
  readonly hem: number;
  readonly frame: Frame;
  readonly style: GarmentStyle;
}

/** A skirt from the front, with the folds of its fullness. */
export function Skirt({ skirt, top, hem, frame, style }: SkirtProps) {
  const edge = skirtEdge(frame, top, hem, skirt.figures.hemWidth);
  const band = top - 3.2;
  return (
    <g>
      <path
        d={mirrored(edge)}
        fill={style.fill}
        stroke={style.line}
        strokeWidth={0.35}
        strokeLinejoin="round"
      />
      <path
        d={`M ${-frame.trunk(band) - 0.6} ${-band} Q 0 ${-band + 0.9} ${frame.trunk(band) + 0.6} ${-band}`}
        {...style.fold}
      />
      <Folds cut={skirt.figures.cut} top={band} bottom={hem} edge={edge} style={style} />
    </g>
  );
}

const counts: Record<Cut, number> = { straight: 0, pencil: 0, "a-line": 4, pleated: 11, gathered: 8 };

interface FoldsProps {
  readonly cut: Cut;
  readonly top: number;
  readonly bottom: number;
  readonly edge: readonly Point[];
  readonly style: GarmentStyle;
}

/** Folds run from the waist to the hem; a pleat all the way and straight, a gather short and soft. */
export function Folds({ cut, top, bottom, edge, style }: FoldsProps) {
  const wide = edge[edge.length - 1]?.x ?? 0;
  const narrow = edge[0]?.x ?? 0;
  const hip = edge[2]?.x ?? wide;
  const count = counts[cut];
  return (
    <g>
      {Array.from({ length: count }, (_, i) => {
        const share = (2 * (i + 0.5)) / count - 1;
        const start = cut === "a-line" ? top - (top - bottom) * (0.42 + 0.1 * (i % 2)) : top;
        const end = cut === "gathered" && i % 2 === 0 ? bottom + (top - bottom) * 0.25 : bottom + 0.4;
        const startX = cut === "a-line" ? share * hip * 0.8 : share * narrow * 0.92;
        return (
          <path
            key={i}
            d={`M ${startX} ${-start} Q ${share * hip} ${-(top + bottom) / 2} ${share * wide * 0.93} ${-end}`}
            {...style.fold}
          />
        );
      })}
    </g>
  );
}
