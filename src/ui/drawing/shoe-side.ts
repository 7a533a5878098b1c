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
  readonly heel: string;
  readonly seams: readonly string[];
  readonly stitches: readonly string[];
  readonly laces: readonly string[];
  /** What lies in shadow along the sole, and the spot on the toe that takes the light. */
  readonly shade: string;
  readonly light: string;
  /** Where metal sits. */
  readonly buckle: { readonly x: number; readonly y: number };
  readonly length: number;
  readonly height: number;
  /** Where the leg stands, from the heel's back. */
  readonly ankleX: number;
}

const toeLength = { round: 0.4, open: 0.2, square: 0.9, almond: 1.4, pointed: 2.8 } as const;
const toeHeight = { round: 3.1, open: 2, square: 2.5, almond: 2, pointed: 1.2 } as const;
const heelWidth = { flat: 6.5, block: 5, slim: 2.6, stiletto: 1.2, wedge: 12 } as const;

/** Outlines of a shoe on a foot of a length, cm. */
export function shoeSide(shoe: ShoeFigures, foot: number): ShoeSide {
  const { lift, platform, tip, toe, form, shaft } = shoe;
  const front = platform;
  const ball = foot * 0.68;
  const end = foot + toeLength[toe];
  const ankleX = foot * 0.25;
  const thick = shoe.soleBulk === "heavy" ? 1.6 : shoe.soleBulk === "middling" ? 0.9 : 0.45;
  const trainer = form === "trainer" || form === "running shoe";
  const bed = `C ${foot * 0.25} ${lift} ${foot * 0.42} ${front + (lift - front) * 0.25} ${ball} ${front}`;
  const toeTop = front + toeHeight[toe];
  const toeCap = `L ${end - 1.2} ${front} Q ${end} ${front} ${end} ${front + toeHeight[toe] * 0.45} Q ${end - 0.3} ${toeTop} ${end - 2.4} ${toeTop + 0.25}`;
  const last: Last = { foot, ball, toeCap, bed, ankleX, end, toeTop };
  const floor = Math.max(0, front - thick);
  const drop = Math.max(0.2, Math.min(thick, lift));
  const solid = trainer || tip === "flat" || tip === "wedge";
  const sole = solid
    ? `M -0.3 ${lift} ${bed} L ${end - 1} ${front} Q ${end + 0.3} ${front} ${end - 0.6} ${Math.max(0, front - 0.8)} L ${ball} 0 L 0.2 0 Q -0.7 ${lift * 0.5} -0.3 ${lift} Z`
    : `M -0.2 ${lift} ${bed} L ${end - 1} ${front} Q ${end + 0.2} ${front} ${end - 0.8} ${floor} L ${ball} ${floor} C ${foot * 0.42} ${front + (lift - front) * 0.25 - drop} ${foot * 0.25} ${lift - drop} 0 ${lift - drop} Z`;
  const width = heelWidth[tip];
  const heel =
    solid || lift < 0.8
      ? ""
      : `M -0.1 ${lift - drop} L ${Math.max(width, 4.2)} ${lift - drop} Q ${width + 0.4} ${lift * 0.5} ${width + 0.2} 0 L 0.4 0 Q 0.1 ${lift * 0.5} -0.1 ${lift - drop} Z`;
  const upper = uppersOf(shoe, last);
  return {
    ...upper,
    seams: shoe.cutOuts ? [...upper.seams, ...cutOutsOf(last, shoe)] : upper.seams,
    sole,
    heel,
    shade:
      `M -1 ${lift - 0.4} L 0 ${lift} ${bed} L ${end} ${front} L ${end} ${front + 0.7} Q ${end - 3} ${front + 1.3} ${ball} ${front + 1.2} ` +
      `C ${foot * 0.42} ${front + (lift - front) * 0.25 + 1.5} ${foot * 0.25} ${lift + 1.4} -1 ${lift + 1.1} Z`,
    light: `M ${end - 5.4} ${toeTop + 0.5} Q ${end - 2.8} ${toeTop + 0.1} ${end - 1.3} ${front + toeHeight[toe] * 0.62} Q ${end - 2.6} ${toeTop - 0.7} ${end - 5.2} ${toeTop - 0.2} Z`,
    buckle: shaft !== null ? { x: ankleX + 1, y: lift + 6 } : { x: foot * 0.6, y: front + vampUp - 0.9 },
    length: end,
    height: lift + (shaft ?? 7),
    ankleX,
  };
}

export type Upper = Pick<ShoeSide, "upper" | "inside" | "seams" | "stitches" | "laces">;

/** Two openings cut into the side of the upper. */
function cutOutsOf({ foot }: Last, { lift, platform }: ShoeFigures): string[] {
  return [0.4, 0.54].map((share) => {
    const y = platform + 2 + (lift - platform) * (0.62 - share * 0.4);
    return `M ${foot * share - 0.9} ${y} Q ${foot * share} ${y + 1.8} ${foot * share + 0.9} ${y} Q ${foot * share} ${y - 1.4} ${foot * share - 0.9} ${y} Z`;
  });
}
