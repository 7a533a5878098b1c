import type { PieceOf } from "@/core/piece/piece";
import { metalColour } from "../metal-colour";
import { paintOf } from "../paint";

interface Props {
  readonly bag: PieceOf<"bag">;
  readonly scope: string;
  readonly size: number;
}

/** A bag from the front, its strap or handle falling as it would from a hook. */
export function BagPlate({ bag, scope, size }: Props) {
  const { width, height, strap } = bag.figures;
  const reach = bagReach(strap);
  const top = size / 2 + (reach - height) / 2;
  return (
    <g transform={`translate(${size / 2}, ${top})`}>
      {reach > 0 && <Strap bag={bag} reach={reach} width={width} />}
      <BagBody bag={bag} scope={scope} />
    </g>
  );
}

/** How far a strap stands up over its bag when laid down, cm. */
export function bagReach(strap: number): number {
  return strap > 4 ? Math.min(strap / 2, 30) : 0;
}

function Strap({
  bag,
  reach,
  width,
}: {
  readonly bag: PieceOf<"bag">;
  readonly reach: number;
  readonly width: number;
}) {
  const chain = bag.figures.strapMade === "chain";
  const metal = metalColour(bag) ?? "#888888";
  const half = width * 0.36;
  return (
    <path
      d={`M -${half} 1 C -${half * 0.9} -${reach * 1.25} ${half * 0.9} -${reach * 1.25} ${half} 1`}
      fill="none"
      stroke={chain ? metal : (bag.swatches[0]?.hex ?? "#777777")}
      strokeWidth={chain ? 0.7 : 1.2}
      strokeDasharray={chain ? "0.9 0.5" : undefined}
    />
  );
}

/** The body of a bag in cm, its top edge's middle at the origin, y down. */
export function BagBody({ bag, scope }: { readonly bag: PieceOf<"bag">; readonly scope: string }) {
  const { width, height, shape } = bag.figures;
  const paint = paintOf(bag, scope);
  const w = width / 2;
  const metal = metalColour(bag);
  const outlines = {
    satchel: `M -${w * 0.92} 0 L ${w * 0.92} 0 L ${w} ${height - 1.5} Q ${w} ${height} ${w - 1.5} ${height} L -${w - 1.5} ${height} Q -${w} ${height} -${w} ${height - 1.5} Z`,
    tote: `M -${w} 0 L ${w} 0 L ${w * 0.84} ${height} L -${w * 0.84} ${height} Z`,
    bucket: `M -${w} 0 Q 0 ${height * 0.08} ${w} 0 L ${w * 0.86} ${height - 2} Q 0 ${height + 2} -${w * 0.86} ${height - 2} Z`,
    crescent: `M -${w} 0 Q 0 ${height * 0.34} ${w} 0 C ${w * 1.06} ${height * 0.7} ${w * 0.6} ${height} 0 ${height} C -${w * 0.6} ${height} -${w * 1.06} ${height * 0.7} -${w} 0 Z`,
    pouch: `M -${w * 0.5} 0 Q 0 ${height * 0.1} ${w * 0.5} 0 C ${w * 0.5} ${height * 0.25} ${w} ${height * 0.4} ${w} ${height * 0.7} Q ${w} ${height} 0 ${height} Q -${w} ${height} -${w} ${height * 0.7} C -${w} ${height * 0.4} -${w * 0.5} ${height * 0.25} -${w * 0.5} 0 Z`,
    fold: `M -${w} 0 L ${w} 0 L ${w} ${height} L -${w} ${height} Z`,
    box: `M -${w} 0 L ${w} 0 L ${w} ${height} L -${w} ${height} Z`,
  };
  const flap = {
    satchel: `M -${w * 0.92} 0 Q -${w * 0.94} ${height * 0.52} -${w * 0.7} ${height * 0.55} L ${w * 0.7} ${height * 0.55} Q ${w * 0.94} ${height * 0.52} ${w * 0.92} 0`,
    fold: `M -${w} 0 L 0 ${height * 0.62} L ${w} 0`,
    box: `M -${w} ${height * 0.34} L ${w} ${height * 0.34}`,
    bucket: `M -${w * 0.96} ${height * 0.14} Q 0 ${height * 0.24} ${w * 0.96} ${height * 0.14}`,
    crescent: `M -${w * 0.9} ${height * 0.14} Q 0 ${height * 0.44} ${w * 0.9} ${height * 0.14}`,
    tote: `M -${w * 0.97} ${height * 0.1} L ${w * 0.97} ${height * 0.1}`,
    pouch: `M -${w * 0.52} ${height * 0.16} Q 0 ${height * 0.24} ${w * 0.52} ${height * 0.16}`,
  };
  const clasp = { satchel: 0.55, fold: 0.6, box: 0.34, bucket: 0.2, crescent: 0.29, tote: 0.1, pouch: 0.2 };
  return (
    <g strokeLinejoin="round">
      {paint.defs && <defs>{paint.defs}</defs>}
      <path d={outlines[shape]} fill={paint.fill} stroke={paint.line} strokeWidth={0.35} />
      <path d={flap[shape]} fill="none" stroke={paint.line} strokeWidth={0.3} strokeOpacity={0.8} />
      {metal && bag.metalSize > 0 && (
        <rect
          x={-0.7 - bag.metalSize * 0.3}
          y={height * clasp[shape] - 0.9}
          width={1.4 + bag.metalSize * 0.6}
          height={1.8}
          rx={0.3}
          fill={metal}
          stroke="#444"
          strokeWidth={0.15}
        />
      )}
    </g>
  );
}
