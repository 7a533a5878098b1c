import type { PieceOf } from "../piece/piece";

type Shoe = PieceOf<"shoe">;

/** Minutes that a shoe without a heel to speak of carries a foot, standing and walking (docs/model.md, Comfort). */
const flatBudget = 480;
/** The same of a pitch of `lowPitch`, and by how much more pitch it is halved, cm. */
const lowBudget = 240;
const lowPitch = 2;
const halvedBy = 2.5;

/** A tip so narrow halves it; what does not hold the heel takes a quarter; an insole gives a quarter more. */
const ofStiletto = 0.5;
const ofBackless = 0.75;
const ofInsole = 1.25;

const backless: ReadonlySet<Shoe["figures"]["form"]> = new Set(["slingback", "mule", "thong"]);

/** By how much a shoe raises the heel over the ball of the foot, cm. */
export function pitchOf({ figures: { lift, platform } }: Shoe): number {
  return lift - platform;
}

/**
 * Minutes on foot that a shoe is good for: 240 * 2^(-(pitch - 2) / 2.5) from a pitch of 2 cm, 480 below it
 * (docs/model.md, Comfort).
 * @param insole whether one lies in it
 */
export function footBudget(shoe: Shoe, insole: boolean): number {
  const pitch = pitchOf(shoe);
  const bare = pitch < lowPitch ? flatBudget : lowBudget * 2 ** (-(pitch - lowPitch) / halvedBy);
  return (
    bare *
    (shoe.figures.tip === "stiletto" ? ofStiletto : 1) *
    (backless.has(shoe.figures.form) ? ofBackless : 1) *
    (insole ? ofInsole : 1)
  );
}
