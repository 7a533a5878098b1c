import type { Piece } from "@/core/piece/piece";
import type { Flat } from "../flats/flat";
import { metalColour } from "../metal-colour";
import { paintOf } from "../paint";

interface GarmentPlateProps {
  readonly piece: Piece;
  readonly flat: Flat;
  readonly scope: string;
  readonly size: number;
}

/** How much metal a garment shows from which its buttons are drawn. */
const seen = 2;

/** A garment laid flat, shrunk where it would not fit. */
export function GarmentPlate({ piece, flat, scope, size }: GarmentPlateProps) {
  const paint = paintOf(piece, scope);
  const fit = Math.min(1, (size * 0.94) / Math.max(flat.width, flat.height));
  const metal = metalColour(piece);
  return (
    <g
      transform={`translate(${size / 2}, ${(size - flat.height * fit) / 2 + 3}) scale(${fit})`}
      strokeLinejoin="round"
    >
      {paint.defs && <defs>{paint.defs}</defs>}
      <path d={flat.outline} fill={paint.fill} stroke={paint.line} strokeWidth={0.7} />
      {flat.lines.map((line) => (
        <path key={line} d={line} fill="none" stroke={paint.line} strokeWidth={0.5} strokeOpacity={0.7} />
      ))}
      {metal &&
        piece.metalSize >= seen &&
        [30, 42, 54].map((y) => (
          <circle key={y} cx={2.6} cy={y} r={1.3} fill={metal} stroke="#333" strokeWidth={0.3} />
        ))}
    </g>
  );
}
