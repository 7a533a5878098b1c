import type { ReactElement } from "react";
import type { Piece } from "@/core/piece/piece";
import { printOf } from "./cloth/prints";
import { surfaceOf, type Surface } from "./cloth/surfaces";
import { brightness, tonesOf, type Tones } from "./cloth/tones";

/** How a piece is drawn: what to fill with, its tones, its surface, and what to put into the drawing's definitions. */
export interface Paint {
  readonly fill: string;
  /** The same, turned with the left (-1) or the right (1) arm of the picture. */
  readonly fillOnArm: (side: number) => string;
  readonly ground: string;
  /** A line that is seen on the ground. */
  readonly line: string;
  readonly tones: Tones;
  readonly surface: Surface;
  /** What is laid over the fill: the marks of the surface; null for a smooth one. */
  readonly texture: string | null;
  readonly defs: ReactElement | null;
}

/** How far a print on a sleeve is turned with the arm, degrees. */
const armTurn = 8;

/** The paint of a piece; `scope` keeps the ids of two drawings of one piece apart. */
export function paintOf(piece: Piece, scope: string): Paint {
  const seen = piece.swatches.filter(({ role }) => role !== "reverse" && role !== "sole" && role !== "lace");
  const ground = seen[0]?.hex ?? "#999999";
  const print = printOf(
    piece,
    seen.slice(1).map(({ hex }) => hex),
  );
  const tones = tonesOf(ground);
  const surface = surfaceOf(piece);
  const texture = surface.texture?.(tones) ?? null;
  const id = `paint-${scope}-${piece.id}`;
  return {
    fill: print ? `url(#${id})` : ground,
    fillOnArm: (side) => (print ? `url(#${id}-${side < 0 ? "left" : "right"})` : ground),
    ground,
    line: tones.outline,
    tones,
    surface,
    texture: texture ? `url(#${id}-surface)` : null,
    defs:
      print || texture ? (
        <>
          {print && (
            <>
              <pattern id={id} width={print.size} height={print.size} patternUnits="userSpaceOnUse">
                <rect width={print.size} height={print.size} fill={ground} />
                {print.marks}
              </pattern>
              <pattern id={`${id}-left`} href={`#${id}`} patternTransform={`rotate(${armTurn})`} />
              <pattern id={`${id}-right`} href={`#${id}`} patternTransform={`rotate(${-armTurn})`} />
            </>
          )}
          {texture && (
            <pattern
              id={`${id}-surface`}
              width={texture.width}
              height={texture.height}
              patternUnits="userSpaceOnUse"
              patternTransform={texture.turn ? `rotate(${texture.turn})` : undefined}
            >
              {texture.marks}
            </pattern>
          )}
        </>
      ) : null,
  };
}

/** Ink on light grounds, a pale line on dark ones. */
export function lineOn(hex: string): string {
  return brightness(hex) < 0.28 ? "#8a8a8a" : "#2a2a2a";
}
