import type { PieceOf } from "@/core/piece/piece";
import { metalColour } from "./metal-colour";
import { lineOn, paintOf } from "./paint";
import { shoeSide } from "./shoe-side";

interface Props {
  readonly shoe: PieceOf<"shoe">;
  readonly foot: number;
  readonly scope: string;
}

/** A shoe from the side in cm, heel at the origin, y up: put it into a group that flips the axis. */
export function ShoeDrawing({ shoe, foot, scope }: Props) {
  const side = shoeSide(shoe.figures, foot);
  const paint = paintOf(shoe, scope);
  const sole = shoe.swatches.find(({ role }) => role === "sole")?.hex ?? soleOf(paint.ground);
  const strap = shoe.figures.form === "sandal" || shoe.figures.form === "thong";
  const shine = shoe.finish === "patent" || shoe.finish === "metallic" || shoe.finish === "lacquer";
  const metal = metalColour(shoe);
  return (
    <g strokeLinejoin="round" strokeLinecap="round">
      {paint.defs && <defs>{paint.defs}</defs>}
      {side.heel && <path d={side.heel} fill={sole} stroke={lineOn(sole)} strokeWidth={0.16} />}
      <path d={side.upper} fill={paint.fill} stroke={paint.line} strokeWidth={0.18} />
      <path d={side.sole} fill={sole} stroke={lineOn(sole)} strokeWidth={0.16} />
      {shine && (
        <path
          d={`M ${foot * 0.74} ${shoe.figures.platform + 2.6} Q ${foot * 0.86} ${shoe.figures.platform + 2.2} ${foot * 0.93} ${shoe.figures.platform + 1.3}`}
          fill="none"
          stroke="#ffffff"
          strokeOpacity={0.75}
          strokeWidth={0.4}
        />
      )}
      {side.lines.map((line) => (
        <path
          key={line}
          d={line}
          fill="none"
          stroke={strap ? paint.ground : paint.line}
          strokeWidth={strap ? 0.9 : 0.18}
        />
      ))}
      {metal && shoe.metalSize > 0 && (
        <rect
          x={foot * 0.3}
          y={shoe.figures.lift + 3}
          width={1.1}
          height={0.8}
          rx={0.2}
          fill={metal}
          stroke="#444"
          strokeWidth={0.08}
        />
      )}
    </g>
  );
}

function soleOf(ground: string): string {
  return lineOn(ground) === "#2a2a2a" ? "#3a3330" : "#26272a";
}
