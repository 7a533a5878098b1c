import type { PieceOf } from "@/core/piece/piece";
import { mixed, tonesOf } from "../cloth/tones";
import { ring, Stone, Wire } from "../metalwork";

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
  const { outline: line, shade } = tonesOf(colour);
  if (form === "chain")
    return <Wire d={ring(middle, middle, 3.6, 2.6)} colour={colour} width={w} links="0.7 0.5" />;
  if (form === "beads") return <Beads middle={middle} across={w} colour={colour} />;
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
      <path
        d={`M${middle + across * 0.45} ${top + deep * 0.9}A${arc} 0 ${right} ${top}V${bottom}A${arc} 1 ${middle + across * 0.45} ${bottom + deep * 0.9}Z`}
        fill="#000"
        opacity={shade}
        stroke="none"
      />
      <path
        d={`M${left + across * 0.35} ${middle + deep * 0.75}A${arc} 0 ${middle - across * 0.1} ${middle + deep}`}
        fill="none"
        stroke={mixed(colour, "#ffffff", 0.55)}
        strokeWidth={Math.min(0.5, w * 0.22)}
        strokeLinecap="round"
      />
    </g>
  );
}

/** How many beads of a width go round a wrist, at least. */
const fewest = 12;

/** Beads on a string laid down: those at the back first, so that the nearer ones lie over them. */
function Beads({ middle, across: bead, colour }: { middle: number; across: number; colour: string }) {
  const count = Math.max(fewest, Math.round(19 / bead));
  const beads = Array.from({ length: count }, (_, i) => {
    const turn = (2 * Math.PI * i) / count;
    return { x: middle + 3.6 * Math.cos(turn), y: middle + 2.6 * Math.sin(turn) };
  }).sort((one, other) => one.y - other.y);
  return (
    <g>
      {beads.map(({ x, y }) => (
        <Stone key={`${x} ${y}`} cx={x} cy={y} rx={bead / 2} colour={colour} />
      ))}
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
