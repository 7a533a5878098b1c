import type { PieceOf } from "@/core/piece/piece";
import { Shape } from "./cloth/shape";
import { tonesOf } from "./cloth/tones";
import { metalColour } from "./metal-colour";
import type { Paint } from "./paint";
import { shoeSide } from "./shoe-side";
import { capColour, heelColour, soleColour } from "./shoe-colours";

interface Props {
  readonly shoe: PieceOf<"shoe">;
  readonly foot: number;
  readonly paint: Paint;
  readonly id: string;
  /** Without a foot in it, so that its inside is seen. */
  readonly empty?: boolean;
}

/** A shoe from the side in cm, heel at the origin, y up: put it into a group that flips the axis. */
export function ShoeDrawing({ shoe, foot, paint, id, empty = false }: Props) {
  const side = shoeSide(shoe.figures, foot);
  const sole = soleColour(shoe);
  const heel = heelColour(shoe);
  const edge = { stroke: tonesOf(sole).outline, strokeWidth: 0.18, fill: sole };
  const cap = capColour(shoe);
  const metal = metalColour(shoe);
  const lace = shoe.swatches.find(({ role }) => role === "lace")?.hex ?? paint.tones.seam;
  return (
    <g strokeLinejoin="round" strokeLinecap="round">
      {side.heel && (
        <>
          <path d={side.heel.outline} fill={heel} stroke={tonesOf(heel).outline} strokeWidth={0.18} />
          <path d={side.heel.shod} fill="#26241f" />
        </>
      )}
      {empty && side.inside && (
        <>
          <path d={side.inside} fill={paint.ground} stroke={paint.tones.outline} strokeWidth={0.18} />
          <path d={side.inside} fill="#000" fillOpacity={0.3} />
        </>
      )}
      <Shape
        id={id}
        paint={paint}
        parts={side.upper.map((d) => ({ d }))}
        shades={[side.shade]}
        seams={side.seams}
        stitches={side.stitches}
        width={0.18}
        within={
          <>
            {cap && <path d={side.caps} fill={cap} stroke={paint.tones.seam} strokeWidth={0.12} />}
            <path d={side.light} fill="#fff" fillOpacity={0.12 + paint.surface.shine * 0.8} />
          </>
        }
      />
      <path d={side.sole} {...edge} />
      {side.laces.length > 0 && (
        <path d={side.laces.join(" ")} fill="none" stroke={lace} strokeWidth={0.42} />
      )}
      {metal && shoe.metalSize > 0 && (
        <rect
          x={side.buckle.x - 0.7}
          y={side.buckle.y - 0.5}
          width={1.4}
          height={1}
          rx={0.2}
          fill={metal}
          stroke="#3a3a3a"
          strokeWidth={0.08}
        />
      )}
    </g>
  );
}
