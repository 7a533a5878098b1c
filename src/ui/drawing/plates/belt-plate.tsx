import type { PieceOf } from "@/core/piece/piece";
import { Shape } from "../cloth/shape";
import { mixed } from "../cloth/tones";
import { metalColour } from "../metal-colour";
import { ring, Wire } from "../metalwork";
import type { Paint } from "../paint";

interface BeltPlateProps {
  readonly belt: PieceOf<"belt">;
  readonly paint: Paint;
  readonly id: string;
  readonly size: number;
}

/** Half the width and half the depth of the loop in which a belt stands, cm. */
const half = 11.5;
const depth = 3.4;

/** A belt is drawn no narrower than this, cm. */
const narrowest = 1;

/** What a belt takes on a plate, cm. */
export function beltBox({ figures: { width } }: PieceOf<"belt">) {
  return { width: 2 * half + 4, height: Math.max(narrowest, width) + 2 * depth + 5 };
}

/** A belt that stands in a loop, its buckle to the front; one of links lies in a ring. */
export function BeltPlate({ belt, paint, id, size }: BeltPlateProps) {
  const middle = size / 2;
  const w = Math.max(narrowest, belt.figures.width);
  const metal = metalColour(belt);
  if (belt.finish === "chain") {
    const links = { colour: metal ?? paint.ground, width: Math.min(1, w * 0.4), links: "0.9 1.5" };
    return (
      <g>
        <Wire d={ring(middle, middle, half, half * 0.5)} {...links} />
        <Wire d={`M${middle + 2} ${middle + half * 0.49}q1.6 1.6 1.2 4.4`} {...links} />
      </g>
    );
  }
  return (
    <g transform={`translate(${middle}, ${middle - w / 2})`} strokeLinejoin="round">
      <path
        d={`M${-half} 0A${half} ${depth} 0 0 1 ${half} 0V${w}A${half} ${depth} 0 0 0 ${-half} ${w}Z`}
        fill={mixed(paint.ground, "#000000", 0.42)}
        stroke={paint.tones.outline}
        strokeWidth={0.2}
      />
      <Shape
        id={id}
        paint={paint}
        width={0.2}
        parts={[{ d: front(-half, half, 0, w) }]}
        shades={[front(half * 0.62, half, 0, w)]}
        stitches={w < 1.6 ? [] : [along(-half, half, 0.45), along(-half, half, w - 0.45)]}
      />
      <Shape
        id={`${id}-end`}
        paint={paint}
        width={0.2}
        parts={[{ d: `${front(-1.4, 6.6, -0.1, w + 0.1)}${tip(6.6, w)}` }]}
        within={[2, 3.4, 4.8].map((x) => (
          <circle
            key={x}
            cx={x}
            cy={lowered(x) + w / 2}
            r={Math.min(0.22, w * 0.12)}
            fill={paint.tones.outline}
          />
        ))}
      />
      <Buckle at={-2} w={w} colour={metal ?? mixed(paint.ground, "#000000", 0.3)} />
    </g>
  );
}

/** How far lower than at its ends the loop stands at a place across it, cm. */
function lowered(x: number): number {
  return depth * Math.sqrt(Math.max(0, 1 - (x / half) ** 2));
}

/** The line along the front of the loop, so far under its upper edge. */
function along(from: number, to: number, under: number): string {
  return `M${from} ${lowered(from) + under}A${half} ${depth} 0 0 0 ${to} ${lowered(to) + under}`;
}

/** A stretch of the front of the loop, from one place across it to another, between two heights. */
function front(from: number, to: number, upper: number, lower: number): string {
  return `${along(from, to, upper)}L${to} ${lowered(to) + lower}A${half} ${depth} 0 0 1 ${from} ${lowered(from) + lower}Z`;
}

/** The point in which a belt ends. */
function tip(x: number, w: number): string {
  const y = lowered(x);
  return `M${x} ${y - 0.1}L${x + 1.1} ${y - 0.3 + w / 2}L${x} ${y + w + 0.1}Z`;
}

function Buckle({ at, w, colour }: { readonly at: number; readonly w: number; readonly colour: string }) {
  const middle = lowered(at) + w / 2;
  const tall = w + 1.1;
  const wide = Math.min(3.2, tall * 0.95);
  return (
    <g fill="none" strokeLinecap="round">
      {[
        { stroke: mixed(colour, "#000000", 0.45), strokeWidth: 0.74 },
        { stroke: colour, strokeWidth: 0.5 },
      ].map((line) => (
        <g key={line.strokeWidth} {...line}>
          <rect x={at - wide / 2} y={middle - tall / 2} width={wide} height={tall} rx={0.45} />
          <path d={`M${at - wide / 2} ${middle}H${at + wide / 2 - 0.1}`} />
        </g>
      ))}
    </g>
  );
}
