import { catenaryParameter } from "@/core/chain/drop";
import type { PieceOf } from "@/core/piece/piece";
import { Stone, Wire } from "../../metalwork";
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
    <g>
      <Wire d={d} colour={colour} width={beads ? 1 : stroke} links={beads ?? links[weight]} />
      {pendant > 0 && (
        <Stone cx={0} cy={-(neck - drop - pendant / 2)} rx={1.1} ry={pendant / 2} colour={colour} />
      )}
    </g>
  );
}

/** A link and the gap to the next, cm; a fine chain is seen as a line. */
const links = { fine: undefined, middling: "0.9 0.75", bold: "1.5 1.15" } as const;

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
