import type { PieceOf } from "@/core/piece/piece";
import { vampUp, type Last } from "./shoe-side-last";
import { uppersOf } from "./shoe-side-uppers";

export type ShoeFigures = PieceOf<"shoe">["figures"];

/** The outlines of a shoe from the side, in cm: x from the heel to the toe, y up from the floor. */
export interface ShoeSide {
  readonly upper: readonly string[];
  /** The far side of an open shoe, seen over its edge; null where nothing is. */
  readonly inside: string | null;
  readonly sole: string;
  readonly heel: Heel | null;
  readonly seams: readonly string[];
  readonly stitches: readonly string[];
  /** What a toe cap and a counter take of the upper, drawn where they have a colour of their own. */
  readonly caps: string;
  readonly laces: readonly string[];
  /** What lies in shadow along the sole, and the spot on the toe that takes the light. */
  readonly shade: string;
  readonly light: string;
  /** Where metal sits. */
  readonly buckle: Spot;
  readonly length: number;
  readonly height: number;
  /** Where the leg stands, from the heel's back. */
  readonly ankleX: number;
}

interface Spot {
  readonly x: number;
  readonly y: number;
}

/** A heel that stands apart from the sole, and the piece under it that it is shod with. */
interface Heel {
  readonly outline: string;
  readonly shod: string;
}

const toeLength = { round: 0.4, open: 0.2, square: 0.9, almond: 1.4, pointed: 2.8 } as const;
const toeHeight = { round: 3.1, open: 2, square: 2.5, almond: 2, pointed: 1.2 } as const;

/** How wide a heel is under the seat and on the floor, and how far in from the back it stands there, cm. */
const heels: Readonly<
  Record<Exclude<ShoeFigures["tip"], "wedge">, { seat: number; foot: number; inset: number }>
> = {
  flat: { seat: 6.6, foot: 6.4, inset: 0.1 },
  block: { seat: 5.2, foot: 4.8, inset: 0.2 },
  slim: { seat: 4.4, foot: 1.7, inset: 0.8 },
  stiletto: { seat: 4, foot: 0.9, inset: 1.2 },
};

/** Forms that stand on a heel of their own however low they are. */
const heeled: ReadonlySet<ShoeFigures["form"]> = new Set([
  ...(["flat", "loafer", "laced shoe", "boot", "pump", "slingback"] as const),
]);

/** How far the sole rises from the floor under the tip of the toe, cm. */
const toeSpring = 0.3;

/** How high the piece is that a heel is shod with, cm. */
const shodHeight = 0.4;

/** How long a shoe is that is made for a foot of a length, cm. */
export function lengthOf({ toe }: Pick<ShoeFigures, "toe">, foot: number): number {
  return foot + toeLength[toe];
}

/** Outlines of a shoe on a foot of a length, cm. */
export function shoeSide(shoe: ShoeFigures, foot: number): ShoeSide {
  const { lift, platform, tip, toe, form, shaft } = shoe;
  const front = platform;
  const ball = foot * 0.68;
  const end = lengthOf(shoe, foot);
  const ankleX = foot * 0.25;
  const thick = shoe.soleBulk === "heavy" ? 1.6 : shoe.soleBulk === "middling" ? 0.9 : 0.45;
  const trainer = form === "trainer" || form === "running shoe";
  const bed = `C ${foot * 0.25} ${lift} ${foot * 0.42} ${front + (lift - front) * 0.25} ${ball} ${front}`;
  const toeTop = front + toeHeight[toe];
  const toeCap = `L ${end - 1.2} ${front} Q ${end} ${front} ${end} ${front + toeHeight[toe] * 0.45} Q ${end - 0.3} ${toeTop} ${end - 2.4} ${toeTop + 0.25}`;
  const last: Last = { foot, ball, toeCap, bed, ankleX, end, toeTop };
  const drop = Math.max(0.2, Math.min(thick, lift));
  const solid = trainer || tip === "wedge" || (tip === "flat" && !heeled.has(form));
  // Behind the ball the sole leaves the floor: a platform ends there.
  const waist = `C ${ball - 1} 0 ${ball - 1.2} ${(front - thick) * 0.7} ${ball - 2.4} ${Math.max(0.2, front - thick + (lift - front) * 0.06)}`;
  const sole = solid
    ? `M -0.3 ${lift} ${bed} L ${end - 1} ${front} Q ${end + 0.3} ${front} ${end - 0.6} ${Math.max(0, front - 0.8)} L ${ball} 0 L 0.2 0 Q -0.7 ${lift * 0.5} -0.3 ${lift} Z`
    : `M -0.2 ${lift} ${bed} L ${end - 1} ${front} Q ${end + 0.2} ${front} ${end - 0.8} ${Math.min(toeSpring, front / 2)} L ${ball} 0 ${waist} C ${foot * 0.42} ${front + (lift - front) * 0.25 - drop} ${foot * 0.25} ${lift - drop} 0 ${lift - drop} Z`;
  const upper = uppersOf(shoe, last);
  return {
    ...upper,
    seams: shoe.cutOuts ? [...upper.seams, ...cutOutsOf(last, shoe)] : upper.seams,
    sole,
    heel: solid ? null : heelOf(tip, lift - drop),
    shade:
      `M -1 ${lift - 0.4} L 0 ${lift} ${bed} L ${end} ${front} L ${end} ${front + 0.7} Q ${end - 3} ${front + 1.3} ${ball} ${front + 1.2} ` +
      `C ${foot * 0.42} ${front + (lift - front) * 0.25 + 1.5} ${foot * 0.25} ${lift + 1.4} -1 ${lift + 1.1} Z`,
    caps:
      `M ${end - 4.4} ${front - 1} Q ${end - 6.2} ${front + 2.4} ${end - 4.2} ${toeTop + 3} L ${end + 2} ${toeTop + 3} L ${end + 2} ${front - 1} Z ` +
      `M -2 ${lift - 1} L 4 ${lift - 2} Q 5.6 ${lift + 2.4} 2.6 ${lift + 7} L -2 ${lift + 7} Z`,
    light: `M ${end - 5.4} ${toeTop + 0.5} Q ${end - 2.8} ${toeTop + 0.1} ${end - 1.3} ${front + toeHeight[toe] * 0.62} Q ${end - 2.6} ${toeTop - 0.7} ${end - 5.2} ${toeTop - 0.2} Z`,
    buckle:
      upper.buckle ??
      (shaft !== null ? { x: ankleX + 1, y: lift + 6 } : { x: foot * 0.6, y: front + vampUp - 0.9 }),
    length: end,
    height: lift + (shaft ?? 7),
    ankleX,
  };
}

export interface Upper extends Pick<ShoeSide, "upper" | "inside" | "seams" | "stitches" | "laces"> {
  /** Where metal sits; null where every shoe has it. */
  readonly buckle: Spot | null;
}

/** A heel of a height: narrowing at once under the seat, then straight down to the floor. */
function heelOf(tip: keyof typeof heels, height: number): Heel | null {
  if (height < shodHeight) return null;
  const { seat, foot, inset } = heels[tip];
  const front = inset + foot;
  const shod = Math.min(shodHeight, height / 3);
  return {
    outline: `M -0.1 ${height} L ${seat} ${height} C ${front + (seat - front) * 0.3} ${height * 0.82} ${front} ${height * 0.5} ${front} 0 L ${inset} 0 C ${inset} ${height * 0.5} ${inset * 0.2} ${height * 0.8} -0.1 ${height} Z`,
    shod: `M ${inset} 0 L ${front} 0 L ${front} ${shod} L ${inset} ${shod} Z`,
  };
}

/** Two openings cut into the side of the upper. */
function cutOutsOf({ foot }: Last, { lift, platform }: ShoeFigures): string[] {
  return [0.4, 0.54].map((share) => {
    const y = platform + 2 + (lift - platform) * (0.62 - share * 0.4);
    return `M ${foot * share - 0.9} ${y} Q ${foot * share} ${y + 1.8} ${foot * share + 0.9} ${y} Q ${foot * share} ${y - 1.4} ${foot * share - 0.9} ${y} Z`;
  });
}
