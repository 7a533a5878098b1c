import { catenaryParameter } from "@/core/chain/drop";
import type { PieceOf } from "@/core/piece/piece";
import { lineOn } from "../../paint";
import type { Frame } from "../frame";

interface ChainProps {
  readonly necklace: PieceOf<"necklace">;
  readonly loop: number;
  readonly pendant: number;
  readonly frame: Frame;
}

/** A plain chain as its catenary, a pendant chain as its V, between the side neck points. */
export function Chain({ necklace, loop, pendant, frame }: ChainProps) {
  const { weight } = necklace.figures;
  const girth = frame.body.measures.neck.cm;
  const neck = frame.body.measures.neckPoint.cm;
  const width = girth / Math.PI;
  const front = loop - girth / 2;
  if (front <= width) return null;
  const colour = necklace.swatches[0]?.hex ?? "#999999";
  const drop = Math.sqrt((front / 2) ** 2 - (width / 2) ** 2);
  const stroke = { fine: 0.35, middling: 0.7, bold: 1.2 }[weight];
  const beads = necklace.finish === "pearl" ? "0.01 1.1" : undefined;
  const d =
    pendant > 0
      ? `M ${-width / 2} ${-neck} L 0 ${-(neck - drop)} L ${width / 2} ${-neck}`
      : catenaryPath(front, width, neck);
  return (
    <g fill="none" strokeLinecap="round" strokeLinejoin="round">
      <path
        d={d}
        stroke={lineOn(colour)}
        strokeOpacity={0.55}
        strokeWidth={(beads ? 1 : stroke) + 0.2}
        strokeDasharray={beads}
      />
      <path d={d} stroke={colour} strokeWidth={beads ? 1 : stroke} strokeDasharray={beads} />
      {pendant > 0 && (
        <ellipse
          cx={0}
          cy={-(neck - drop - pendant / 2)}
          rx={1.1}
          ry={pendant / 2}
          fill={colour}
          stroke={lineOn(colour)}
          strokeWidth={0.2}
        />
      )}
    </g>
  );
}

function catenaryPath(front: number, width: number, neck: number): string {
  const a = catenaryParameter(front, width);
  const lowest = a * (Math.cosh(width / (2 * a)) - 1);
  const points = Array.from({ length: 25 }, (_, i) => {
    const x = -width / 2 + (width * i) / 24;
    const up = a * (Math.cosh(x / a) - 1);
    return `${x.toFixed(2)} ${(-(neck - lowest + up)).toFixed(2)}`;
  });
  return `M ${points.join(" L ")}`;
}
