import { cloths, type Cloth } from "../finish/cloths";
import type { NumberField } from "../piece/field";
import type { Look } from "../piece/look";
import { placeOf, specOf, type Piece } from "../piece/piece";
import { ladder, spanAround } from "../register/ladder";
import { poles, type Pole } from "../style/poles";
import { read } from "./read";
import { withPiece } from "./tolerances";
import type { Verdict } from "./verdict";

/** Something that nobody has said of a piece, and one thing that could be said. */
export type Answer =
  | { readonly of: "level"; readonly value: number }
  | { readonly of: "statement"; readonly value: 0 | 1 | 2 | 3 }
  | { readonly of: "style"; readonly value: Pole }
  | { readonly of: "cloth"; readonly value: Cloth }
  | { readonly of: "measure"; readonly name: string; readonly value: number };

/** What nobody has said of a worn piece although it would decide how the look reads. */
export interface OpenQuestion {
  readonly piece: Piece;
  /** The nearest thing to say by which the look would read otherwise. */
  readonly answer: Answer;
  /** How it would read then. */
  readonly verdict: Verdict;
}

/** How certain a reading is of what its pieces are. */
export interface Certainty {
  /** What would decide, piece by piece; none for a reading that is certain. */
  readonly open: readonly OpenQuestion[];
  /** How many things more are not said, which would change nothing. */
  readonly idle: number;
}

/** One thing that could be said, and what it makes of the piece. */
interface Possible {
  readonly answer: Answer;
  readonly change: Partial<Piece>;
}

/** A thing nobody has said: all that could be, the likeliest first. */
type Unsaid = readonly Possible[];

/**
 * Reads a look with all that could be said of its pieces and has not been: what would change the verdict is open
 * and wants to be asked for, the rest is idle. Each is tried by itself.
 */
export function certaintyOf(look: Look): Certainty {
  const { verdict } = read(look);
  const open: OpenQuestion[] = [];
  let idle = 0;
  for (const piece of [...look.accessories, ...look.garments])
    for (const unsaid of unsaidOf(piece)) {
      const question = decidingOf(look, piece, unsaid, verdict);
      if (question) open.push(question);
      else idle += 1;
    }
  return { open, idle };
}

/** The measures nobody has taken of some pieces of a look by which it would read otherwise, each by itself. */
export function decidingMeasures(
  look: Look,
  about: readonly Piece[],
): { readonly piece: Piece; readonly name: string }[] {
  const { verdict } = read(look);
  return about.flatMap((piece) =>
    piece.unsaid.flatMap((name) =>
      decidingOf(look, piece, measuresOf(piece, name), verdict) ? [{ piece, name }] : [],
    ),
  );
}

/** How many things that the rules may read nobody has said of a piece. */
export function countUnsaid(piece: Piece): number {
  return unsaidOf(piece).length;
}

function decidingOf(look: Look, piece: Piece, unsaid: Unsaid, now: Verdict): OpenQuestion | undefined {
  for (const { answer, change } of unsaid) {
    const { verdict } = read(withPiece(look, piece, change));
    if (verdict !== now) return { piece, answer, verdict };
  }
  return undefined;
}

function unsaidOf(piece: Piece): Unsaid[] {
  return [
    ...(piece.register === null ? [levels] : []),
    ...(piece.statement === null ? [statements] : []),
    ...(piece.poles.length === 0 ? [styles] : []),
    ...(piece.cloth === null && isOfCloth(piece) ? [everyCloth] : []),
    ...piece.unsaid.map((name) => measuresOf(piece, name)),
  ];
}

/** The middle of the ladder is where most pieces are at home. */
const middle = (1 + ladder.length) / 2;

const levels: Unsaid = ladder
  .map((_, i) => i + 1)
  .sort((one, other) => Math.abs(one - middle) - Math.abs(other - middle))
  .map((value) => ({ answer: { of: "level", value }, change: { register: spanAround(value, null) } }));

const statements: Unsaid = ([0, 1, 2, 3] as const).map((value) => ({
  answer: { of: "statement", value },
  change: { statement: value },
}));

const styles: Unsaid = poles.map((value) => ({ answer: { of: "style", value }, change: { poles: [value] } }));

const everyCloth: Unsaid = cloths.map((value) => ({
  answer: { of: "cloth", value },
  change: { cloth: value },
}));

/** Garments and scarves are asked what they are made of; the rest shows it in its finish. */
function isOfCloth(piece: Piece): boolean {
  return placeOf(piece) !== null || piece.kind === "scarf";
}

/** A measure nobody has said is sought between two thirds of the usual one and half as much again. */
const reach = { under: 2 / 3, over: 3 / 2, least: 0.1 } as const;
const triesEachWay = 4;

function measuresOf(piece: Piece, name: string): Unsaid {
  const spec = specOf(piece);
  const field = spec.figures[name];
  const figures = piece.figures as Readonly<Record<string, unknown>>;
  const usual = figures[name];
  if (field?.type !== "number" || typeof usual !== "number") return [];
  return nearby(field, usual).flatMap((value) => {
    const said = { ...figures, [name]: value };
    // What cannot be is not asked about.
    if (spec.check?.(said as Readonly<Record<string, never>>)) return [];
    return [{ answer: { of: "measure", name, value }, change: { figures: said } as Partial<Piece> }];
  });
}

function nearby({ min, max, whole }: NumberField, usual: number): number[] {
  const wide = (max - min) * reach.least;
  const low = Math.max(min, Math.min(usual * reach.under, usual - wide));
  const high = Math.min(max, Math.max(usual * reach.over, usual + wide));
  const values = Array.from({ length: triesEachWay }, (_, i) => (i + 1) / triesEachWay).flatMap((share) => [
    usual - (usual - low) * share,
    usual + (high - usual) * share,
  ]);
  const rounded = values.map((value) => (whole ? Math.round(value) : Math.round(value * 10) / 10));
  return [...new Set(rounded)].filter((value) => value !== usual && value >= min && value <= max);
}
