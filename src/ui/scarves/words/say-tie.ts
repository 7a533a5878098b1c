import { sayLength, type LengthUnit } from "@/core/length/length";
import type { TieRefusal } from "@/core/scarf/tied";
import type { TieName } from "@/core/scarf/ties";
import { tieSpec } from "@/core/scarf/ties";
import type { TieCaution, TiePlace } from "@/core/scarf/ties/define-tie";
import { sayWith } from "@/words/say";
import { scarvesWords } from "@/words/scarves";

/** Where a scarf may be tied, as a list says it. */
export const placeWords: Record<TiePlace, string> = {
  neck: scarvesWords.atTheNeck,
  head: scarvesWords.onTheHead,
  hair: scarvesWords.inTheHair,
  wrist: scarvesWords.atTheWrist,
  bag: scarvesWords.onTheBag,
  "belt loops": scarvesWords.throughTheBeltLoops,
  waist: scarvesWords.roundTheWaist,
  top: scarvesWords.asATop,
};

export const cautionWords: Record<TieCaution, string> = {
  tightens: scarvesWords.drawsTight,
  "loose ends": scarvesWords.endsHangFree,
  slips: scarvesWords.slips,
};

/** Why a scarf cannot be tied so, in one sentence. */
export function sayRefusal(refusal: TieRefusal, tie: TieName, unit: LengthUnit): string {
  const values = { tie: tieSpec(tie).name };
  switch (refusal.why) {
    case "too short":
      return [
        sayWith(scarvesWords.tooShort, { ...values, short: sayLength(refusal.short, unit) }),
        refusal.ringSaves !== null &&
          sayWith(scarvesWords.aRingSaves, { saves: sayLength(refusal.ringSaves, unit) }),
      ]
        .filter(Boolean)
        .join(" ");
    case "not a square":
      return scarvesWords.onlyASquare;
    case "not this fold":
      return sayWith(scarvesWords.notThisFold, values);
    case "needs a loop":
      return scarvesWords.onlyALoop;
    case "is a loop":
      return scarvesWords.aLoopHasNoEnds;
  }
}
