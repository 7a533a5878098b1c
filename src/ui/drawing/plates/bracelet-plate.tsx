import type { PieceOf } from "@/core/piece/piece";
import { lineOn } from "../paint";

interface BraceletPlateProps {
  readonly piece: PieceOf<"bracelet">;
  readonly middle: number;
  readonly colour: string;
}

/** Half the width and half the depth of a wrist's opening as it is seen from a little above, cm. */
const across = 3.4;
const deep = 1.2;
/** Half the gap at the back of a cuff, cm. */
const gap = 1;

/** A bracelet: chains and beads as a ring laid down, cuffs and bangles standing, as high as they are wide. */
export function BraceletPlate({ piece, middle, colour }: BraceletPlateProps) {
  const { form, width } = piece.figures;
  const w = Math.max(0.5, width);
  const line = lineOn(colour);
  if (form === "chain" || form === "beads")
    return (
      <g fill="none">
        <ellipse cx={middle} cy={middle} rx={3.6} ry={2.6} stroke={line} strokeWidth={w + 0.16} />
        <ellipse
          cx={middle}
          cy={middle}
          rx={3.6}
          ry={2.6}
          stroke={colour}
          strokeWidth={w}
          strokeDasharray="0.6 0.2"
        />
      </g>
    );
  const [left, right] = [middle - across, middle + across];
  const [top, bottom] = [middle - w / 2, middle + w / 2];
  const arc = `${across} ${deep} 0 0`;
  const front = `M${left} ${top}A${arc} 0 ${right} ${top}V${bottom}A${arc} 1 ${left} ${bottom}Z`;
  const inside =
    form === "cuff"
      ? [innerWall(middle, top, -1), innerWall(middle, top, 1)]
      : [`M${left} ${top}A${arc} 0 ${right} ${top}A${arc} 0 ${left} ${top}Z`];
  return (
    <g stroke={line} strokeWidth={0.09} strokeLinejoin="round">
      {inside.map((wall) => (
        <g key={wall}>
          <path d={wall} fill={colour} />
          {/* The inside lies in the shade of the front. */}
          <path d={wall} fill="#000" opacity={0.28} stroke="none" />
        </g>
      ))}
      <path d={front} fill={colour} />
    </g>
  );
}

/** One half of the inside of a cuff, from the side to the gap at the back. */
function innerWall(middle: number, top: number, side: number): string {
  const rise = deep * Math.sqrt(1 - (gap / across) ** 2);
  const [end, at] = [middle + side * across, middle + side * gap];
  const back = side < 0 ? 1 : 0;
  return `M${end} ${top}A${across} ${deep} 0 0 ${back} ${at} ${top - rise}V${top + rise}A${across} ${deep} 0 0 ${back} ${end} ${top}Z`;
}
