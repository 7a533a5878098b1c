import type { Piece } from "@/core/piece/piece";
import { lineOn } from "../paint";

type HeadPiece = Extract<Piece, { kind: "hat" | "hair piece" | "eyewear" | "gloves" }>;

/** Hats, hair pieces, eyewear and gloves from the front. */
export function HeadPlate({ piece, size }: { readonly piece: HeadPiece; readonly size: number }) {
  const hex = piece.swatches[0]?.hex ?? "#777777";
  const line = lineOn(hex);
  const m = size / 2;
  switch (piece.kind) {
    case "hat":
      return (
        <g transform={`translate(${m}, ${m + 3})`}>
          <HatShape hat={piece} />
        </g>
      );
    case "hair piece":
      return (
        <path
          d={`M ${m - piece.figures.width / 2} ${m} q ${piece.figures.width / 2} -4 ${piece.figures.width} 0`}
          fill="none"
          stroke={hex}
          strokeWidth={1.4}
        />
      );
    case "eyewear":
      return (
        <g transform={`translate(${m}, ${m})`}>
          <Glasses eyewear={piece} />
        </g>
      );
    case "gloves": {
      const cuff = piece.figures.length;
      return (
        <g fill={hex} stroke={line} strokeWidth={0.3} strokeLinejoin="round">
          {[-6.5, 5].map((x) => (
            <path
              key={x}
              d={`M ${m + x - 3} ${m + 6 + cuff * 0.4} L ${m + x - 3.6} ${m - 2} L ${m + x - 3.2} ${m - 10} q 0.8 -1.4 1.6 0 L ${m + x - 1.4} ${m - 4} L ${m + x - 1} ${m - 11.5} q 0.8 -1.4 1.6 0 L ${m + x + 0.8} ${m - 4} L ${m + x + 1.4} ${m - 10.5} q 0.8 -1.3 1.6 0 L ${m + x + 3} ${m - 3} L ${m + x + 4.6} ${m - 5} q 1.6 -0.4 1.2 1.2 L ${m + x + 3} ${m + 2} L ${m + x + 3.4} ${m + 6 + cuff * 0.4} Z`}
            />
          ))}
        </g>
      );
    }
  }
}

/** A hat in cm, the middle of its lower edge at the origin, y down. */
export function HatShape({ hat }: { readonly hat: Extract<Piece, { kind: "hat" }> }) {
  const hex = hat.swatches[0]?.hex ?? "#777777";
  const band = hat.swatches.find(({ role }) => role === "trim")?.hex ?? null;
  const { form, brim } = hat.figures;
  const shared = { fill: hex, stroke: lineOn(hex), strokeWidth: 0.3 };
  if (form === "beret")
    return (
      <g {...shared}>
        <path d="M -9 0 C -17 -3 -14 -11 0 -11.5 C 13 -11.5 16 -6 9 0 Z" />
        <path d="M 0 -11.5 l 0.6 -1.8" />
      </g>
    );
  if (form === "knit cap") return <path d="M -9 0 C -10 -14 10 -14 9 0 Z" {...shared} />;
  const reach = 9 + brim;
  return (
    <g {...shared}>
      <ellipse cx={0} cy={0} rx={reach} ry={2 + brim * 0.16} />
      <path d="M -8.6 -0.6 C -9 -10 -6 -11.5 0 -11 C 6 -11.5 9 -10 8.6 -0.6 Z" />
      {band && <path d="M -8.7 -3.4 Q 0 -1.6 8.7 -3.4 L 8.6 -0.6 Q 0 1 -8.6 -0.6 Z" fill={band} />}
    </g>
  );
}

/** Glasses in cm, the bridge at the origin. */
export function Glasses({ eyewear }: { readonly eyewear: Extract<Piece, { kind: "eyewear" }> }) {
  const hex = eyewear.swatches[0]?.hex ?? "#555555";
  const { width, form, filter } = eyewear.figures;
  const lens = width / 2 - 1;
  const rx = lens / 2;
  const dark = Math.min(0.85, filter * 0.22);
  const shape = (x: number) =>
    form === "square" ? (
      <rect key={x} x={x - rx} y={-rx * 0.7} width={lens} height={rx * 1.5} rx={0.8} />
    ) : (
      <ellipse key={x} cx={x} cy={0} rx={rx} ry={form === "round" ? rx : rx * 0.76} />
    );
  return (
    <g fill="#333333" fillOpacity={dark} stroke={hex} strokeWidth={0.6}>
      {[-rx - 0.9, rx + 0.9].map(shape)}
      <path d="M -0.9 -0.4 Q 0 -1.2 0.9 -0.4" fill="none" />
    </g>
  );
}
