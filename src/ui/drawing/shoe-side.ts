import type { PieceOf } from "@/core/piece/piece";
import { shaftOf } from "./shoe-side-shaft";
import { counterUp, vampUp, type Last, bare } from "./shoe-side-last";

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

/** Two openings cut into the side of the upper. */
function cutOutsOf({ foot }: Last, { lift, platform }: ShoeFigures): string[] {
  return [0.4, 0.54].map((share) => {
    const y = platform + 2 + (lift - platform) * (0.62 - share * 0.4);
    return `M ${foot * share - 0.9} ${y} Q ${foot * share} ${y + 1.8} ${foot * share + 0.9} ${y} Q ${foot * share} ${y - 1.4} ${foot * share - 0.9} ${y} Z`;
  });
}

export type Upper = Pick<ShoeSide, "upper" | "inside" | "seams" | "stitches" | "laces">;

function uppersOf(shoe: ShoeFigures, last: Last): Upper {
  const { lift, platform, form, shaft } = shoe;
  const { foot, ball, toeCap, bed, end, toeTop } = last;
  const start = `M 0 ${lift} ${bed} ${toeCap}`;
  const vamp = platform + vampUp;
  const counter = lift + counterUp;
  const back = `C -0.9 ${lift + 3} -0.6 ${lift + 1} 0 ${lift} Z`;
  const cap = `M ${end - 4.6} ${platform + 0.1} Q ${end - 5.4} ${platform + 1.6} ${end - 4.4} ${toeTop + 0.4}`;
  if (shaft !== null) return shaftOf(shoe, last, start);
  const inside = (throat: number) =>
    `M -0.2 ${counter} C ${foot * 0.2} ${counter + 1.1} ${foot * 0.4} ${vamp + 1.2} ${throat} ${vamp} L ${throat} ${vamp - 1.6} Q ${foot * 0.34} ${lift * 0.7 + platform * 0.3 + 0.6} 0.4 ${counter - 2} Z`;
  switch (form) {
    case "pump":
    case "flat":
      return {
        ...bare,
        inside: inside(ball - 0.6),
        upper: [
          `${start} C ${ball + 3.2} ${platform + 3.4} ${ball + 1} ${platform + 3.9} ${ball - 0.6} ${platform + 3.9} C ${ball - 2.4} ${platform + 2.6} ${foot * 0.48} ${platform + 2.5 + (lift - platform) * 0.22} ${foot * 0.34} ${lift * 0.7 + platform * 0.3 + 2.5} C ${foot * 0.2} ${lift + 3} ${foot * 0.06} ${counter - 1} -0.1 ${counter} ${back}`,
        ],
        stitches: [
          `M 0.3 ${counter - 0.7} C ${foot * 0.1} ${lift + 3.6} ${foot * 0.3} ${lift * 0.8 + 2.4} ${foot * 0.4} ${platform + 2 + (lift - platform) * 0.4}`,
        ],
      };
    case "slingback":
      return {
        ...bare,
        upper: [
          `M ${foot * 0.46} ${lift * 0.5 + platform * 0.5} ${bed.replace(/^C [^ ]+ [^ ]+/, `C ${foot * 0.5} ${lift * 0.4 + platform * 0.6}`)} ${toeCap} C ${ball + 3} ${platform + 3.4} ${ball + 1} ${platform + 3.9} ${ball - 0.8} ${platform + 3.9} C ${ball - 2} ${platform + 2.8} ${foot * 0.54} ${platform + 2.2 + (lift - platform) * 0.3} ${foot * 0.46} ${lift * 0.5 + platform * 0.5} Z`,
          `M ${foot * 0.5} ${platform + 1.8 + (lift - platform) * 0.4} C ${foot * 0.36} ${lift + 3} ${foot * 0.16} ${counter - 0.4} -0.3 ${counter - 0.2} C -0.8 ${counter - 0.7} -0.8 ${counter - 1.2} -0.3 ${counter - 1.3} C ${foot * 0.16} ${counter - 1.4} ${foot * 0.34} ${lift + 2} ${foot * 0.48} ${platform + 1 + (lift - platform) * 0.4} Z`,
        ],
      };
    case "mule":
      return {
        ...bare,
        upper: [
          `M ${foot * 0.34} ${lift * 0.8 + platform * 0.2} ${bed} ${toeCap} C ${ball + 2} ${vamp} ${foot * 0.6} ${vamp + 2} ${foot * 0.5} ${vamp + 2.4 + (lift - platform) * 0.2} C ${foot * 0.45} ${vamp} ${foot * 0.4} ${lift * 0.8 + platform} ${foot * 0.34} ${lift * 0.8 + platform * 0.2} Z`,
        ],
        stitches: [
          `M ${foot * 0.37} ${lift * 0.8 + platform * 0.3 + 0.4} C ${foot * 0.42} ${lift * 0.7 + platform + 1.4} ${foot * 0.47} ${vamp} ${foot * 0.52} ${vamp + 2}`,
        ],
      };
    case "sandal": {
      const upAnkle = lift + 8.6;
      return {
        ...bare,
        upper: [
          `M ${ball - 2.8} ${platform} L ${ball + 3.6} ${platform} C ${ball + 3} ${platform + 1.8} ${ball + 2.2} ${platform + 2.8} ${ball + 0.8} ${platform + 3.2} C ${ball - 0.8} ${platform + 3.6} ${ball - 1.8} ${platform + 3.5} ${ball - 2.4} ${platform + 3.2} C ${ball - 2.2} ${platform + 2} ${ball - 2.4} ${platform + 1} ${ball - 2.8} ${platform} Z`,
          `M 0 ${lift} C -1 ${lift + 3} -0.9 ${upAnkle - 2} -0.2 ${upAnkle - 0.6} L ${foot * 0.3} ${upAnkle + 0.2} L ${foot * 0.3} ${upAnkle - 0.9} L 0.9 ${upAnkle - 1.6} C 0.4 ${lift + 4} 0.5 ${lift + 2} 1.4 ${lift} Z`,
        ],
        stitches: [
          `M ${ball - 1} ${platform + 0.6} C ${ball - 0.9} ${platform + 2.6} ${ball + 1} ${platform + 3} ${ball + 2.4} ${platform + 2.4}`,
        ],
      };
    }
    case "thong":
      return {
        ...bare,
        upper: [
          `M ${foot * 0.4} ${platform + (lift - platform) * 0.4} C ${foot * 0.52} ${platform + 3.8} ${foot * 0.66} ${platform + 3.8} ${foot * 0.82} ${platform + 1.2} L ${foot * 0.82} ${platform} L ${foot * 0.8} ${platform} C ${foot * 0.66} ${platform + 2.4} ${foot * 0.56} ${platform + 2.6} ${foot * 0.46} ${platform + (lift - platform) * 0.3} Z`,
        ],
      };
    case "loafer":
      return {
        ...bare,
        inside: inside(foot * 0.54),
        upper: [
          `${start} C ${ball + 2} ${vamp - 0.2} ${foot * 0.64} ${vamp + 1} ${foot * 0.52} ${vamp + 1.9} C ${foot * 0.44} ${vamp + 0.6} ${foot * 0.36} ${lift + 2.9} ${foot * 0.2} ${counter - 1.6} C ${foot * 0.1} ${counter - 0.6} 0.6 ${counter - 0.2} -0.1 ${counter} ${back}`,
        ],
        seams: [
          `M ${foot * 0.58} ${vamp + 1.2} C ${foot * 0.62} ${vamp - 0.4} ${foot * 0.8} ${platform + 2.4} ${end - 0.5} ${platform + 1.5}`,
          `M ${foot * 0.44} ${platform + 0.8} C ${foot * 0.48} ${platform + 2.6} ${foot * 0.52} ${vamp + 0.4} ${foot * 0.56} ${vamp + 1.4} M ${foot * 0.54} ${platform + 0.7} C ${foot * 0.56} ${platform + 2.4} ${foot * 0.6} ${vamp} ${foot * 0.64} ${vamp + 0.9}`,
        ],
      };
    case "laced shoe":
    case "trainer":
    case "running shoe": {
      const tongue = vamp + 3.2;
      const sporty = form !== "laced shoe";
      return {
        ...bare,
        inside: inside(foot * 0.42),
        upper: [
          `${start} C ${ball + 2} ${vamp - 0.4} ${foot * 0.66} ${vamp + 0.8} ${foot * 0.48} ${tongue} L ${foot * 0.42} ${tongue + 0.7} C ${foot * 0.38} ${tongue - 0.6} ${foot * 0.3} ${counter - 0.6} ${foot * 0.18} ${counter - 0.5} C ${foot * 0.1} ${counter - 0.4} 0.5 ${counter + (sporty ? 0.9 : 0)} -0.3 ${counter + (sporty ? 0.9 : 0)} C -1 ${lift + 3} -0.7 ${lift + 1} 0 ${lift} Z`,
        ],
        seams: [
          ...(form === "running shoe" ? [] : [cap]),
          `M ${foot * 0.44} ${tongue - 0.6} C ${foot * 0.42} ${platform + 4} ${foot * 0.5} ${platform + 2.6} ${foot * 0.66} ${vamp - 0.6}`,
          ...(form === "running shoe"
            ? [
                `M ${foot * 0.2} ${lift + 0.6} C ${foot * 0.3} ${platform + 4} ${foot * 0.44} ${platform + 1} ${foot * 0.52} ${vamp + 0.8}`,
              ]
            : []),
        ],
        stitches: [
          `M 1 ${counter - 0.9} C ${foot * 0.16} ${lift + 3.4} ${foot * 0.22} ${lift + 1.6} ${foot * 0.24} ${lift + 0.4}`,
        ],
        laces: [0, 1, 2, 3].map((i) => {
          const x = foot * (0.63 - 0.045 * i);
          const y = vamp + 0.1 + i * 0.78;
          return `M ${x - 1.2} ${y - 0.9} L ${x + 0.3} ${y + 0.35}`;
        }),
      };
    }
    case "boot":
      return bare;
  }
}
