import { metalHex } from "@/core/finish/metals";
import type { Piece } from "@/core/piece/piece";
import { lineOn } from "../paint";
import { BraceletPlate } from "./bracelet-plate";
import { Brooch } from "./brooch";

type Jewel = Extract<Piece, { kind: "earrings" | "necklace" | "brooch" | "bracelet" | "watch" | "ring" }>;

/** Jewellery and watches from the front. */
export function JewelPlate({ piece, size }: { readonly piece: Jewel; readonly size: number }) {
  const metal = piece.metal === "none" || piece.metal === "unknown" ? "#8a8a8a" : metalHex[piece.metal];
  const stone = piece.swatches[0]?.hex ?? metal;
  const middle = size / 2;
  const line = lineOn(stone);
  switch (piece.kind) {
    case "earrings":
      return (
        <g>
          {[middle - 1.8, middle + 1.8].map((x) => (
            <Earring
              key={x}
              piece={piece}
              x={x}
              top={middle - piece.figures.drop / 2 - 0.4}
              metal={metal}
              stone={stone}
            />
          ))}
        </g>
      );
    case "necklace": {
      const drop = Math.min(26, piece.figures.loop / 3);
      const top = middle - (drop + piece.figures.pendant) / 2;
      const thick = { fine: 0.4, middling: 0.8, bold: 1.5 }[piece.figures.weight];
      const beads = piece.finish === "pearl";
      const path = `M ${middle - 8} ${top} C ${middle - 9} ${top + drop * 0.9} ${middle - 3} ${top + drop} ${middle} ${top + drop} C ${middle + 3} ${top + drop} ${middle + 9} ${top + drop * 0.9} ${middle + 8} ${top}`;
      return (
        <g fill="none" strokeLinecap="round">
          <path
            d={path}
            stroke={line}
            strokeOpacity={0.6}
            strokeWidth={thick + 0.25}
            strokeDasharray={beads ? "0.01 1.5" : undefined}
          />
          <path
            d={path}
            stroke={stone}
            strokeWidth={beads ? 1.3 : thick}
            strokeDasharray={beads ? "0.01 1.5" : thick > 1 ? "1.2 0.2" : undefined}
          />
          {piece.figures.pendant > 0 && (
            <ellipse
              cx={middle}
              cy={top + drop + piece.figures.pendant / 2}
              rx={1.5}
              ry={piece.figures.pendant / 2}
              fill={stone}
              stroke={line}
              strokeWidth={0.25}
            />
          )}
        </g>
      );
    }
    case "brooch":
      return (
        <Brooch
          form={piece.figures.form}
          across={piece.figures.width}
          middle={middle}
          fill={stone}
          line={line}
        />
      );
    case "bracelet":
      return <BraceletPlate piece={piece} middle={middle} colour={stone} />;
    case "watch": {
      const r = piece.figures.face / 2;
      const strap = piece.figures.strapMade === "metal" ? metal : stone;
      return (
        <g>
          <rect
            x={middle - r * 0.6}
            y={middle - 5}
            width={r * 1.2}
            height={10}
            rx={0.4}
            fill={strap}
            stroke={lineOn(strap)}
            strokeWidth={0.1}
          />
          <circle cx={middle} cy={middle} r={r} fill="#f4f4f2" stroke={metal} strokeWidth={0.45} />
          <path
            d={`M ${middle} ${middle} L ${middle} ${middle - r * 0.62} M ${middle} ${middle} L ${middle + r * 0.42} ${middle + r * 0.2}`}
            stroke="#222"
            strokeWidth={0.16}
          />
        </g>
      );
    }
    case "ring":
      return (
        <g fill="none">
          <circle cx={middle} cy={middle + 0.4} r={1.1} stroke={metal} strokeWidth={0.35} />
          <circle
            cx={middle}
            cy={middle - 0.8}
            r={Math.max(0.3, piece.figures.width / 2.4)}
            fill={stone}
            stroke={line}
            strokeWidth={0.08}
          />
        </g>
      );
  }
}

interface EarringProps {
  readonly piece: Extract<Piece, { kind: "earrings" }>;
  readonly x: number;
  readonly top: number;
  readonly metal: string;
  readonly stone: string;
}

function Earring({ piece, x, top, metal, stone }: EarringProps) {
  const { form, drop, width } = piece.figures;
  const r = width / 2;
  if (form === "hoop")
    return <circle cx={x} cy={top + drop / 2} r={r} fill="none" stroke={metal} strokeWidth={0.28} />;
  if (form === "drop")
    return (
      <g>
        <circle cx={x} cy={top} r={0.28} fill={metal} />
        <path d={`M ${x} ${top} L ${x} ${top + drop * 0.4}`} stroke={metal} strokeWidth={0.14} />
        <ellipse
          cx={x}
          cy={top + drop * 0.7}
          rx={r}
          ry={drop * 0.3}
          fill={stone}
          stroke={lineOn(stone)}
          strokeWidth={0.08}
        />
      </g>
    );
  if (form === "cluster")
    return (
      <g fill={stone} stroke={lineOn(stone)} strokeWidth={0.07}>
        <circle cx={x - r * 0.45} cy={top + r * 0.5} r={r * 0.5} />
        <circle cx={x + r * 0.45} cy={top + r * 0.5} r={r * 0.5} />
        <circle cx={x} cy={top + r * 1.3} r={r * 0.5} />
      </g>
    );
  return <circle cx={x} cy={top + r} r={r} fill={stone} stroke={lineOn(stone)} strokeWidth={0.08} />;
}
