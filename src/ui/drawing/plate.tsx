import { memo, useId } from "react";
import { metalHex } from "@/core/finish/metals";
import type { Piece } from "@/core/piece/piece";
import { garmentFlat } from "./garment-flat";
import { paintOf } from "./paint";
import { BagPlate } from "./plates/bag-plate";
import { BeltPlate } from "./plates/belt-plate";
import { HeadPlate } from "./plates/head-plate";
import { HosieryPlate } from "./plates/hosiery-plate";
import { JewelPlate } from "./plates/jewel-plate";
import { ScarfPlate } from "./plates/scarf-plate";
import { plateBox, shoeHeight, type PlateBox } from "./plate-box";
import { ShoeDrawing } from "./shoe-drawing";

interface PlateProps {
  readonly piece: Piece;
  /** What the drawing must hold, cm: one box for all plates that stand to one scale. Default: the piece's own. */
  readonly box?: PlateBox;
  readonly className?: string;
}

/** A piece drawn from its recorded figures; drawn again only when the piece or its box is another. */
export const Plate = memo(function Plate({ piece, box, className }: PlateProps) {
  const scope = useId();
  const size = 160;
  const { width, height } = box ?? plateBox(piece);
  return (
    <svg
      viewBox={`${(size - width) / 2} ${(size - height) / 2} ${width} ${height}`}
      className={className}
      aria-hidden="true"
      focusable="false"
    >
      <Drawn piece={piece} scope={scope} size={size} />
    </svg>
  );
});

interface DrawnProps {
  readonly piece: Piece;
  readonly scope: string;
  readonly size: number;
}

function Drawn({ piece, scope, size }: DrawnProps) {
  switch (piece.kind) {
    case "shoe":
      return (
        <g transform={`translate(${(size - 25) / 2}, ${size / 2 + shoeHeight(piece) / 2}) scale(1,-1)`}>
          <ShoeDrawing shoe={piece} foot={25} scope={scope} />
        </g>
      );
    case "bag":
      return <BagPlate bag={piece} scope={scope} size={size} />;
    case "belt":
      return <BeltPlate belt={piece} size={size} />;
    case "scarf":
      return <ScarfPlate scarf={piece} scope={scope} size={size} />;
    case "hosiery":
      return <HosieryPlate hosiery={piece} size={size} />;
    case "earrings":
    case "necklace":
    case "brooch":
    case "bracelet":
    case "watch":
    case "ring":
      return <JewelPlate piece={piece} size={size} />;
    case "hat":
    case "hair piece":
    case "eyewear":
    case "gloves":
      return <HeadPlate piece={piece} size={size} />;
    case "trousers":
    case "skirt":
    case "dress":
    case "jumpsuit":
    case "top":
    case "jacket":
    case "coat":
      return <GarmentPlate piece={piece} scope={scope} size={size} />;
  }
}

function GarmentPlate({ piece, scope, size }: DrawnProps) {
  const flat = garmentFlat(piece);
  if (!flat) return null;
  const paint = paintOf(piece, scope);
  const fit = Math.min(1, (size * 0.94) / Math.max(flat.width, flat.height));
  const metal = piece.metal === "none" || piece.metal === "unknown" ? null : metalHex[piece.metal];
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
        piece.metalSize > 1 &&
        [30, 42, 54].map((y) => (
          <circle key={y} cx={2.6} cy={y} r={1.3} fill={metal} stroke="#333" strokeWidth={0.3} />
        ))}
    </g>
  );
}
