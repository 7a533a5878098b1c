import { familyOf } from "../../colour/family";
import { levelWord } from "../../register/ladder";
import { finishes } from "../../finish/finishes";
import { isKind, isOpenToed, placeOf, type Piece, type PieceOf } from "../../piece/piece";
import type { DressCodeFlag } from "../../piece/occasion";
import type { Dressed } from "../../dressing/dressed";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { within } from "../figures";
import type { Judgement, Proposal } from "../finding";
import { swapOrTakeOff } from "../visible";

export const occasion = defineRule({
  id: "register.occasion",
  lens: "register",
  weight: 1,
  title: "The level of the look and of the occasion",
  why: "Everyone in the room reads the level first: a step out is noticed, two are talked about. What the dress code forbids is not a matter of taste.",
  params: { tolerance: param(0.25, "step", "how far outside still counts as inside") },
  read(dressed, { tolerance }) {
    const { look, level } = dressed;
    if (!look.occasion || level === null) return [];
    const { span, flags, name } = look.occasion;
    const steps = Math.max(0, Math.ceil(Math.max(span.low - level, level - span.high) - tolerance));
    const figures = { level: within("level", level, "step", span.low, span.high) };
    const names = { occasion: name, word: levelWord(level) };
    const shared = { figures, names, pieces: [] };
    const bars = flags.flatMap((flag) => barred(flag, dressed));
    if (steps === 0)
      return [...bars, { effect: "lifts", say: "{level}, {word}: right for {occasion}.", ...shared }];
    const under = level < span.low;
    return [
      ...bars,
      {
        effect: steps === 1 ? "rubs" : "jars",
        say: under
          ? "{level}, {word}: below what {occasion} asks."
          : "{level}, {word}: above what {occasion} asks.",
        proposals: [
          { kind: "wear", slot: "shoe" },
          { kind: "wear", slot: "bag" },
          { kind: "wear", slot: "layer" },
        ],
        ...shared,
      },
    ];
  },
});

const sentences: Record<DressCodeFlag, string> = {
  "closed toe": "The toes show in {piece}; {occasion} asks for a closed toe.",
  "covered shoulders": "The shoulders are bare in {piece}; {occasion} asks for them covered.",
  "hosiery expected": "The leg is bare; {occasion} expects hosiery.",
  "no denim": "No denim at {occasion}: {piece}.",
  "no trainers": "No trainers at {occasion}: {piece}.",
  "quiet soles": "The heels of {piece} are heard; {occasion} asks for quiet soles.",
  "no sparkle before evening": "{piece} sparkle, and {occasion} is before evening.",
  "head covered": "The head is bare; {occasion} asks for it covered.",
};

function barred(flag: DressCodeFlag, dressed: Dressed): Judgement[] {
  const { look } = dressed;
  const pieces = dressed.worn.map((item) => item.piece);
  const occasionName = look.occasion?.name ?? "";
  return breaking(flag, pieces, dressed).map((piece) => ({
    effect: "bar",
    say: sentences[flag],
    names: { piece: piece?.name ?? "", occasion: occasionName },
    pieces: piece ? [piece.id] : [],
    proposals: proposalsFor(flag, piece),
  }));
}

/** What is missing is put on; what breaks the code is exchanged or left off. */
function proposalsFor(flag: DressCodeFlag, piece: Piece | null): Proposal[] {
  if (flag === "hosiery expected") return [{ kind: "wear", slot: "hosiery" }];
  if (flag === "head covered") return [{ kind: "wear", slot: "hat" }];
  if (flag === "covered shoulders") return [{ kind: "wear", slot: "layer" }];
  return piece ? swapOrTakeOff([piece]) : [];
}

/** The pieces that break a flag; null stands for a piece that is missing. */
function breaking(flag: DressCodeFlag, pieces: readonly Piece[], dressed: Dressed): (Piece | null)[] {
  switch (flag) {
    case "closed toe":
      return pieces.filter((piece) => isKind(piece, "shoe") && isOpenToed(piece));
    case "no trainers":
      return pieces.filter((piece) => isKind(piece, "shoe") && piece.figures.form === "trainer");
    case "no denim":
      return pieces.filter((piece) => piece.finish === "denim" || isDenimColoured(dressed, piece));
    case "covered shoulders": {
      const covered = pieces.some((piece) => placeOf(piece) === "layer" || piece.kind === "scarf");
      if (covered) return [];
      return pieces.filter(
        (piece) => (isKind(piece, "top") || isKind(piece, "dress")) && piece.figures.sleeve === "none",
      );
    }
    case "quiet soles":
      return pieces.filter((piece) => isKind(piece, "shoe") && isHeard(piece));
    case "no sparkle before evening":
      return dressed.look.occasion?.light === "evening"
        ? []
        : pieces.filter(
            ({ finish, secondFinish }) =>
              finishes[finish].kin === "sparkle" ||
              (secondFinish !== null && finishes[secondFinish].kin === "sparkle"),
          );
    case "head covered":
      return pieces.some(({ kind }) => kind === "hat") ? [] : [null];
    case "hosiery expected": {
      const bare = dressed.bareLeg !== null && !pieces.some((piece) => piece.kind === "hosiery");
      return bare ? [null] : [];
    }
  }
}

/** A hard heel is heard on stone and wood, unless its sole is quiet. */
function isHeard({ figures: { form, tip, quiet } }: PieceOf<"shoe">): boolean {
  if (quiet || form === "trainer") return false;
  return tip === "block" || tip === "slim" || tip === "stiletto";
}

function isDenimColoured(dressed: Dressed, piece: Piece): boolean {
  const worn = dressed.worn.find((item) => item.piece === piece);
  const ground = worn?.profile.ground;
  return (
    piece.kind === "trousers" && piece.finish === "canvas" && !!ground && familyOf(ground.shade) === "denim"
  );
}
