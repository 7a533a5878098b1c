import { familyOf } from "../../colour/family";
import { isWornSo, type Dressed, type Worn } from "../../dressing/dressed";
import { finishes, type Finish } from "../../finish/finishes";
import type { DressCodeFlag } from "../../piece/occasion";
import type { TieName } from "../../scarf/ties";
import { totalLength, uncovered } from "../../length/interval";
import { isKind, isOpenToed, isTrainer, type Piece, type PieceOf } from "../../piece/piece";
import type { Proposal } from "../finding";
import { looseOf } from "../loose";
import { adjust, swapOrTakeOff, wear } from "../proposals";

/** What a rule book sets of a dress code. */
interface CodeLimits {
  /** Part of the leg that may stay bare over what is worn on it. */
  readonly bare: number;
}

interface CodeSpec {
  /** The pieces that break it; null stands for one that is missing. */
  readonly breaks: (dressed: Dressed, limits: CodeLimits) => (Piece | null)[];
  /** What is missing is put on; what breaks the code is exchanged or left off. */
  readonly mend: (piece: Piece | null) => Proposal[];
}

const exchange = (piece: Piece | null) => (piece ? swapOrTakeOff(piece) : []);

/** The messages of what a dress code bars, by its flag. */
export const codeMessages = {
  "closed toe": "The toes show in {piece}, and {occasion} asks for a closed toe.",
  "covered shoulders": "The shoulders are bare in {piece}, and {occasion} asks for them to be covered.",
  "hosiery expected": "The leg is bare, and {occasion} expects hosiery.",
  "no denim": "{occasion} asks for no denim, and {piece} {pieceCount, plural, one {is} other {are}} denim.",
  "no trainers": "{occasion} asks for no trainers: choose other shoes than {piece}.",
  "quiet soles": "The heels of {piece} can be heard, and {occasion} asks for quiet soles.",
  "no sparkle before evening":
    "{piece} {pieceCount, plural, one {sparkles} other {sparkle}}, and {occasion} is before evening.",
  "head covered": "The head is bare, and {occasion} asks for it to be covered.",
  "nothing loose":
    "{occasion} allows nothing loose, and {piece} can be caught: leave {pieceCount, plural, one {it} other {them}} off, or wear {pieceCount, plural, one {it} other {them}} so that nothing hangs.",
} as const satisfies Record<DressCodeFlag, string>;

/** What each flag of a dress code bars, and what mends it. */
export const dressCode: Readonly<Record<DressCodeFlag, CodeSpec>> = {
  "closed toe": {
    breaks: (dressed) => shoes(dressed).filter(isOpenToed),
    mend: exchange,
  },
  "covered shoulders": {
    breaks: (dressed) =>
      dressed.worn.some((item) => coversShoulders(item, dressed.tied))
        ? []
        : dressed.worn.filter(bares).map(({ piece }) => piece),
    mend: (piece) => [...(piece ? [adjust("off-shoulder", piece)] : []), ...wear("layer", "neck")],
  },
  "hosiery expected": {
    breaks: (dressed, { bare }) => (isLegBare(dressed, bare) ? [null] : []),
    mend: () => wear("hosiery"),
  },
  "no denim": {
    breaks: ({ worn }) => worn.filter(isDenim).map(({ piece }) => piece),
    mend: exchange,
  },
  "no trainers": {
    breaks: (dressed) => shoes(dressed).filter(isTrainer),
    mend: exchange,
  },
  "quiet soles": {
    breaks: (dressed) => shoes(dressed).filter(isHeard),
    mend: exchange,
  },
  "no sparkle before evening": {
    breaks: ({ worn, look }) =>
      look.occasion?.light === "evening" ? [] : worn.map(({ piece }) => piece).filter(sparkles),
    mend: exchange,
  },
  "head covered": {
    breaks: (dressed) => (isHeadCovered(dressed) ? [] : [null]),
    mend: () => wear("hat"),
  },
  "nothing loose": {
    breaks: (dressed) => [looseOf(dressed)].filter((piece) => piece !== null),
    mend: exchange,
  },
};

/** By a hat, by a hood, or by a scarf that is tied over it. */
function isHeadCovered({ worn, tied }: Dressed): boolean {
  if (worn.some((item) => item.piece.kind === "hat" || isWornSo(item, "hood-up"))) return true;
  return tied?.answer.possible === true && tied.asked.tie === "head cover";
}

/** Whether the leg is seen bare: a sock does not cover it. */
function isLegBare({ bareLeg, hosiery }: Dressed, most: number): boolean {
  if (!bareLeg) return false;
  const left = uncovered(bareLeg, hosiery ? [hosiery.extent] : []);
  return totalLength(left) > most * (bareLeg.to - bareLeg.from);
}

function shoes({ worn }: Dressed): PieceOf<"shoe">[] {
  return worn.flatMap(({ piece }) => (isKind(piece, "shoe") ? [piece] : []));
}

/** The ties that lie over both shoulders. */
const overShoulders: ReadonlySet<TieName> = new Set([
  "shoulder drape",
  "tied armholes",
  "knit round the shoulders",
]);
/** A draped cloth of this size is a stole, which lies over both shoulders, cm. */
const stole = { long: 120, short: 45 } as const;

/** A layer with sleeves or a stole does; a scarf tied at the neck, in the hair or on the bag does not. */
function coversShoulders({ piece, place, asWorn }: Worn, tied: Dressed["tied"]): boolean {
  if (place === "layer") return !("form" in asWorn.figures && asWorn.figures.form === "waistcoat");
  if (!isKind(piece, "scarf")) return false;
  if (tied) return tied.answer.possible && overShoulders.has(tied.asked.tie);
  const { sideA, sideB, worn } = piece.figures;
  return worn === "draped" && Math.max(sideA, sideB) >= stole.long && Math.min(sideA, sideB) >= stole.short;
}

/** Without sleeves, or with a neckline that leaves the shoulders bare. */
function bares({ asWorn: { figures } }: Worn): boolean {
  if (!("neckline" in figures)) return false;
  const { sleeve, neckline } = figures;
  return sleeve === "none" || neckline === "strapless" || neckline === "off the shoulder";
}

/** A hard heel is heard on stone and wood, unless its sole is quiet. */
function isHeard(shoe: PieceOf<"shoe">): boolean {
  const { tip, quiet } = shoe.figures;
  if (quiet || isTrainer(shoe)) return false;
  return tip === "block" || tip === "slim" || tip === "stiletto";
}

function sparkles({ finish, secondFinish }: Piece): boolean {
  const isSparkle = (each: Finish) => finishes[each].kin === "sparkle";
  return isSparkle(finish) || (secondFinish !== null && isSparkle(secondFinish));
}

/** Denim by name, or trousers of its weave and colour. */
function isDenim({ piece, profile }: Worn): boolean {
  if (piece.finish === "denim") return true;
  const { ground } = profile;
  return (
    piece.kind === "trousers" &&
    piece.finish === "canvas" &&
    ground !== null &&
    familyOf(ground.shade) === "denim"
  );
}
