import type { ReactElement } from "react";
import type { Piece } from "@/core/piece/piece";
import type { Swatch } from "@/core/piece/swatch";

/** How a piece's surface is drawn: what to fill with, and what to put into the drawing's definitions. */
export interface Paint {
  readonly fill: string;
  readonly ground: string;
  /** A line that is seen on the ground. */
  readonly line: string;
  readonly defs: ReactElement | null;
}

/** The paint of a piece; `scope` keeps the ids of two drawings of one piece apart. */
export function paintOf(piece: Piece, scope: string): Paint {
  const seen = piece.swatches.filter(({ role }) => role !== "reverse" && role !== "sole" && role !== "lace");
  const ground = seen[0]?.hex ?? "#999999";
  const line = lineOn(ground);
  const motifs = seen.slice(1);
  if (motifs.length === 0 || piece.pattern === "plain") return { fill: ground, ground, line, defs: null };
  const id = `paint-${scope}-${piece.id}`;
  const size = Math.max(1.6, piece.patternScale);
  const defs = (
    <pattern id={id} width={size} height={size} patternUnits="userSpaceOnUse">
      <rect width={size} height={size} fill={ground} />
      {motif(piece.pattern, motifs, size)}
    </pattern>
  );
  return { fill: `url(#${id})`, ground, line, defs };
}

/** Ink on light grounds, a pale line on dark ones. */
export function lineOn(hex: string): string {
  const value = Number.parseInt(hex.slice(1), 16);
  const light = 0.3 * (value >> 16) + 0.59 * ((value >> 8) & 255) + 0.11 * (value & 255);
  return light < 70 ? "#8a8a8a" : "#2a2a2a";
}

function motif(pattern: Piece["pattern"], motifs: readonly Swatch[], size: number): ReactElement[] {
  const colour = (i: number) => motifs[i % motifs.length]?.hex ?? "#000000";
  const at = (share: number) => share * size;
  switch (pattern) {
    case "stripe":
      return [<rect key="s" x={at(0.5)} width={at(0.28)} height={size} fill={colour(0)} />];
    case "check":
      return [
        <rect key="v" x={at(0.5)} width={at(0.2)} height={size} fill={colour(0)} opacity={0.75} />,
        <rect key="h" y={at(0.5)} width={size} height={at(0.2)} fill={colour(1)} opacity={0.75} />,
      ];
    case "dot":
      return [<circle key="d" cx={at(0.5)} cy={at(0.5)} r={at(0.22)} fill={colour(0)} />];
    case "animal":
      return [0.2, 0.6, 0.85].map((x, i) => (
        <ellipse key={x} cx={at(x)} cy={at((x * 1.7) % 1)} rx={at(0.12)} ry={at(0.07)} fill={colour(i)} />
      ));
    case "floral":
    case "placed":
    case "plain":
      return leaves(size, colour);
  }
}

/** A branch with leaves and one bloom: enough to read as a print at any size. */
function leaves(size: number, colour: (i: number) => string): ReactElement[] {
  const at = (x: number) => (x * size).toFixed(2);
  const leaf = (x: number, y: number, turn: number, i: number) => (
    <ellipse
      key={`${x}-${y}`}
      cx={at(x)}
      cy={at(y)}
      rx={at(0.17)}
      ry={at(0.07)}
      fill={colour(i)}
      transform={`rotate(${turn} ${at(x)} ${at(y)})`}
    />
  );
  return [
    leaf(0.22, 0.25, 40, 0),
    leaf(0.4, 0.12, -30, 1),
    leaf(0.75, 0.7, 60, 0),
    leaf(0.6, 0.88, -20, 1),
    <circle key="bloom" cx={at(0.7)} cy={at(0.3)} r={at(0.11)} fill={colour(2)} />,
    <circle key="bud" cx={at(0.25)} cy={at(0.7)} r={at(0.07)} fill={colour(2)} />,
  ];
}
