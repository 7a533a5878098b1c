import type { ReactElement } from "react";
import type { Piece } from "@/core/piece/piece";

/** One repeat of a print on its ground, a square of `size` cm; `colour` gives the colour of each of its motifs in turn. */
type Print = (size: number, colour: (motif: number) => string) => ReactElement;

const prints: Readonly<Record<Exclude<Piece["pattern"], "plain">, Print>> = {
  stripe: (size, colour) => (
    <>
      <rect x={0.3 * size} width={0.34 * size} height={size} fill={colour(0)} />
      {colour(1) !== colour(0) && <rect x={0.78 * size} width={0.08 * size} height={size} fill={colour(1)} />}
    </>
  ),
  check: (size, colour) => (
    <>
      <rect x={0.3 * size} width={0.4 * size} height={size} fill={colour(0)} fillOpacity={0.5} />
      <rect y={0.3 * size} width={size} height={0.4 * size} fill={colour(0)} fillOpacity={0.5} />
      <path
        d={`M ${0.1 * size} 0 V ${size} M 0 ${0.1 * size} H ${size}`}
        stroke={colour(1)}
        strokeWidth={0.05 * size}
      />
    </>
  ),
  dot: (size, colour) => (
    <g fill={colour(0)}>
      <circle cx={0.25 * size} cy={0.25 * size} r={0.13 * size} />
      <circle cx={0.75 * size} cy={0.75 * size} r={0.13 * size} fill={colour(1)} />
    </g>
  ),
  animal: (size, colour) => (
    <g transform={`scale(${size})`}>
      <path
        d="M 0.12 0.2 a 0.13 0.1 0 0 1 0.22 -0.05 M 0.36 0.24 a 0.13 0.11 0 0 1 -0.22 0.08 M 0.6 0.62 a 0.13 0.11 0 0 1 0.22 -0.07 M 0.84 0.66 a 0.13 0.11 0 0 1 -0.2 0.1"
        fill="none"
        stroke={colour(0)}
        strokeWidth={0.08}
        strokeLinecap="round"
      />
      <g fill={colour(1)}>
        <ellipse cx={0.25} cy={0.22} rx={0.06} ry={0.05} />
        <ellipse cx={0.73} cy={0.67} rx={0.06} ry={0.05} />
        <ellipse cx={0.72} cy={0.18} rx={0.08} ry={0.05} fill={colour(0)} />
        <ellipse cx={0.22} cy={0.74} rx={0.08} ry={0.06} fill={colour(0)} />
      </g>
    </g>
  ),
  floral: (size, colour) => <Spray size={size} colour={colour} />,
  placed: (size, colour) => <Spray size={size} colour={colour} />,
};

/** A bending stem with leaves, an open bloom of five petals and a bud. */
function Spray({ size, colour }: { readonly size: number; readonly colour: (motif: number) => string }) {
  return (
    <g transform={`scale(${size})`}>
      <path
        d="M 0.08 0.95 C 0.2 0.7 0.5 0.72 0.62 0.4 M 0.42 0.68 C 0.3 0.58 0.26 0.42 0.28 0.26"
        fill="none"
        stroke={colour(0)}
        strokeWidth={0.022}
      />
      <g fill={colour(0)}>
        <path d="M 0.2 0.77 C 0.1 0.72 0.06 0.62 0.08 0.54 C 0.17 0.57 0.23 0.67 0.2 0.77 Z" />
        <path d="M 0.46 0.66 C 0.58 0.68 0.66 0.76 0.68 0.84 C 0.58 0.84 0.48 0.77 0.46 0.66 Z" />
        <path d="M 0.29 0.5 C 0.22 0.45 0.15 0.42 0.12 0.34 C 0.22 0.33 0.29 0.4 0.29 0.5 Z" />
      </g>
      <g fill={colour(1)}>
        {[0, 72, 144, 216, 288].map((turn) => (
          <ellipse key={turn} cx={0.68} cy={0.2} rx={0.066} ry={0.1} transform={`rotate(${turn} 0.68 0.3)`} />
        ))}
        <path d="M 0.28 0.28 C 0.2 0.22 0.22 0.12 0.28 0.08 C 0.34 0.12 0.36 0.22 0.28 0.28 Z" />
      </g>
      <circle cx={0.68} cy={0.3} r={0.05} fill={colour(2)} />
    </g>
  );
}

/** Whether stripes go round the body: of what is knitted, and of a tee; what is woven is striped up and down. */
function runsAcross(piece: Piece): boolean {
  if (piece.finish === "knit" || piece.kind === "hosiery") return true;
  return piece.kind === "top" && (piece.figures.neckline === "crew" || piece.figures.neckline === "boat");
}

/** The print of a piece in the colours of its motifs; null for a plain one. */
export function printOf(
  piece: Piece,
  motifs: readonly string[],
): { readonly size: number; readonly marks: ReactElement } | null {
  const { pattern, patternScale } = piece;
  if (pattern === "plain" || motifs.length === 0) return null;
  const size = Math.max(1.6, patternScale * (pattern === "floral" || pattern === "placed" ? 1.6 : 1));
  const marks = prints[pattern](size, (motif) => motifs[motif % motifs.length] ?? "#000000");
  if (pattern !== "stripe" || !runsAcross(piece)) return { size, marks };
  return { size, marks: <g transform={`rotate(90 ${size / 2} ${size / 2})`}>{marks}</g> };
}
