import { isKind, slotOf, type Piece } from "../piece/piece";
import { slots, type Slot } from "../piece/slots";
import { ladder } from "../register/ladder";
import { holdsOn } from "../place/heel-ground";
import { spoiledByRain } from "../place/rain";

/** A set described before it is filled: where it is at home and which slots it takes. */
export interface SetTemplate {
  readonly name: string;
  /** Levels between which the centres of its pieces lie, 1-9; half a step beyond still counts. */
  readonly from: number;
  readonly to: number;
  /** Nothing that suffers in the rain. */
  readonly forRain: boolean;
  /** Slots it must have a piece for; shoes always among them. */
  readonly wanted: readonly Slot[];
  /** Slots it may have one for. */
  readonly optional: readonly Slot[];
}

/** A first stock: the few sets that between them cover what a client meets. */
export const firstStock: readonly SetTemplate[] = [
  {
    name: "Off duty",
    from: 1,
    to: 3,
    forRain: false,
    wanted: ["shoe", "bag"],
    optional: ["earrings", "neck", "wrist", "belt", "hosiery"],
  },
  {
    name: "Work",
    from: 4,
    to: 6,
    forRain: false,
    wanted: ["shoe", "bag"],
    optional: ["earrings", "neck", "necklace", "wrist", "belt", "hosiery"],
  },
  {
    name: "Evening, quiet",
    from: 6,
    to: 7,
    forRain: false,
    wanted: ["shoe"],
    optional: ["earrings", "necklace", "wrist", "bag", "hosiery"],
  },
  {
    name: "Weather",
    from: 2,
    to: 6,
    forRain: true,
    wanted: ["shoe", "bag"],
    optional: ["hat", "neck", "gloves", "wrist", "belt", "hosiery"],
  },
  {
    name: "Ceremony",
    from: 8,
    to: 9,
    forRain: false,
    wanted: ["shoe"],
    optional: ["hat", "earrings", "necklace", "brooch", "wrist", "gloves", "bag", "hosiery"],
  },
];

/** How far beyond its levels a piece may be centred and still fit. */
const slack = 0.5;

/** Whether a piece is at home where a template is. */
export function fitsTemplate({ register }: Piece, { from, to }: SetTemplate): boolean {
  // Of a piece of which nobody has said where it is at home, nothing speaks against it.
  return !register || (register.centre >= from - slack && register.centre <= to + slack);
}

/** Whether a look stands at the levels of a template. */
export function isLevelOf({ from, to }: SetTemplate, level: number | null): boolean {
  return level !== null && level >= from - slack && level <= to + slack;
}

/** The template that a set of pieces fits: its slots, the span of its levels, and whether it takes rain. */
export function templateOf(name: string, pieces: readonly Piece[]): SetTemplate {
  const taken = new Set(pieces.map(slotOf));
  const centres = pieces.flatMap(({ register }) => register?.centre ?? []);
  return {
    name,
    from: centres.length > 0 ? Math.min(...centres) : 1,
    to: centres.length > 0 ? Math.max(...centres) : ladder.length,
    forRain:
      spoiledByRain(pieces).length === 0 &&
      pieces.every((piece) => !isKind(piece, "shoe") || holdsOn(piece, "wet stone")),
    wanted: ["shoe"],
    optional: slots.filter((slot) => slot !== "shoe" && taken.has(slot)),
  };
}
