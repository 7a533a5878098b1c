import { measurementNames, measurements } from "../body/measurements";
import { bodyOf } from "../body/body";
import { shifted } from "../colour/shifted";
import type { Look } from "../piece/look";
import { specOf, type Piece } from "../piece/piece";

/** How far what is recorded may be from the thing itself: tape, guess and eye. */
export const tolerances = { measured: 0.5, estimated: 2, colour: 3, level: 0.5 } as const;

/** One recorded figure of a look that is only so exact, and the look as it would be were it otherwise. */
export interface Tolerated {
  /** "Inseam", "Ankle bone", "Colour"; what a stylist would measure again. */
  readonly label: string;
  /** Whose it is; null for the client's own body. */
  readonly piece: Piece | null;
  readonly unit: "cm" | "dE";
  readonly tolerance: number;
  /** The look with the figure moved by a share of its tolerance, -1 to 1. */
  readonly moved: (share: number) => Look;
}

/** Least share of a piece from which one of its colours is worth reading again. */
const leastShare = 0.1;

/** Every length and colour that a look rests on, each with how exact it is (docs/architecture.md: no cliffs). */
export function toleratedFigures(look: Look): Tolerated[] {
  return [
    ...bodyFigures(look),
    ...[...look.garments, ...look.accessories].flatMap((piece) => [
      ...lengthsOf(look, piece),
      ...coloursOf(look, piece),
    ]),
  ];
}

function bodyFigures(look: Look): Tolerated[] {
  const { measures } = bodyOf(look.client.measured);
  return measurementNames.flatMap((name): Tolerated[] => {
    const { cm, estimated } = measures[name];
    const spec = measurements[name];
    if (name === "height" || (estimated && !("share" in spec))) return [];
    const tolerance = estimated ? tolerances.estimated : tolerances.measured;
    return [
      {
        label: spec.label,
        piece: null,
        unit: "cm",
        tolerance,
        moved: (share) => ({
          ...look,
          client: {
            ...look.client,
            measured: { ...look.client.measured, [name]: cm + share * tolerance },
          },
        }),
      },
    ];
  });
}

function lengthsOf(look: Look, piece: Piece): Tolerated[] {
  const figures = piece.figures as Readonly<Record<string, unknown>>;
  return Object.entries(specOf(piece).figures).flatMap(([name, field]): Tolerated[] => {
    const value = figures[name];
    if (field.type !== "number" || field.unit !== "cm" || typeof value !== "number") return [];
    const isAssumed = piece.assumed.includes(name);
    // What nobody has said is asked for instead: it may be further off than any tape.
    if (piece.unsaid.includes(name) && !isAssumed) return [];
    const tolerance = isAssumed ? tolerances.estimated : tolerances.measured;
    return [
      {
        label: field.label,
        piece,
        unit: "cm",
        tolerance,
        moved: (share) => {
          const to = Math.min(field.max, Math.max(field.min, value + share * tolerance));
          return withPiece(look, piece, { figures: { ...figures, [name]: to } });
        },
      },
    ];
  });
}

function coloursOf(look: Look, piece: Piece): Tolerated[] {
  return piece.swatches.flatMap((swatch, at) => {
    if (swatch.share < leastShare) return [];
    const along = (axis: "L" | "b"): Tolerated => ({
      label: "Colour",
      piece,
      unit: "dE",
      tolerance: tolerances.colour,
      moved: (share) =>
        withPiece(look, piece, {
          swatches: piece.swatches.map((each, i) =>
            i === at ? { ...each, hex: shifted(each.hex, { [axis]: share * tolerances.colour }) } : each,
          ),
        }),
    });
    return [along("L"), along("b")];
  });
}

/** The look with something of one of its pieces otherwise. */
export function withPiece(look: Look, piece: Piece, change: object): Look {
  const swap = (each: Piece): Piece => (each.id === piece.id ? { ...each, ...change } : each);
  return { ...look, garments: look.garments.map(swap), accessories: look.accessories.map(swap) };
}
