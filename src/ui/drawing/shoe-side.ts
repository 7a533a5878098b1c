import type { PieceOf } from "@/core/piece/piece";

type ShoeFigures = PieceOf<"shoe">["figures"];

/** The outlines of a shoe from the side, in cm: x from the heel to the toe, y up from the floor. */
export interface ShoeSide {
  readonly upper: string;
  readonly sole: string;
  readonly heel: string;
  /** Lines on the upper: laces, straps, a seam. */
  readonly lines: readonly string[];
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
  const upper = upperOf(shoe, { foot, ball, toeCap, bed, ankleX });
  const floor = Math.max(0, front - thick);
  const drop = Math.max(0.2, Math.min(thick, lift));
  const sole =
    trainer || tip === "flat" || tip === "wedge"
      ? `M -0.3 ${lift} ${bed} L ${end - 1} ${front} Q ${end + 0.3} ${front} ${end - 0.6} ${Math.max(0, front - 0.8)} L ${ball} 0 L 0.2 0 Q -0.7 ${lift * 0.5} -0.3 ${lift} Z`
      : `M -0.2 ${lift} ${bed} L ${end - 1} ${front} Q ${end + 0.2} ${front} ${end - 0.8} ${floor} L ${ball} ${floor} C ${foot * 0.42} ${front + (lift - front) * 0.25 - drop} ${foot * 0.25} ${lift - drop} 0 ${lift - drop} Z`;
  const width = heelWidth[tip];
  const heel =
    trainer || tip === "flat" || tip === "wedge" || lift < 0.8
      ? ""
      : `M -0.1 ${lift - drop} L ${Math.max(width, 4.2)} ${lift - drop} Q ${width + 0.4} ${lift * 0.5} ${width + 0.2} 0 L 0.4 0 Q 0.1 ${lift * 0.5} -0.1 ${lift - drop} Z`;
  return {
    upper,
    sole,
    heel,
    lines: linesOf(shoe, foot),
    length: end,
    height: lift + (shaft ?? 7),
    ankleX,
  };
}

interface Frame {
  readonly foot: number;
  readonly ball: number;
  readonly toeCap: string;
  readonly bed: string;
  readonly ankleX: number;
}

function upperOf(shoe: ShoeFigures, { foot, ball, toeCap, bed, ankleX }: Frame): string {
  const { lift, platform, form, shaft, shaftTop } = shoe;
  const start = `M 0 ${lift} ${bed} ${toeCap}`;
  const vamp = platform + 4.6;
  if (shaft !== null) {
    const reach = (shaftTop ?? 28) / Math.PI / 2;
    const top = lift + shaft;
    const bend = lift + Math.min(9, shaft * 0.75);
    return `${start} C ${ball} ${vamp + 1} ${ankleX + reach + 2.5} ${bend - 1.5} ${ankleX + reach} ${Math.min(top, bend + 1)} L ${ankleX + reach} ${top} L ${ankleX - reach} ${top} L ${ankleX - reach} ${Math.min(top, lift + 9)} C ${-0.6} ${lift + 6} -0.9 ${lift + 3} 0 ${lift} Z`;
  }
  const counter = lift + 5.6;
  switch (form) {
    case "mule":
      return `M ${foot * 0.3} ${lift * 0.9} ${bed} ${toeCap} C ${ball} ${vamp} ${foot * 0.55} ${vamp + 2.2} ${foot * 0.47} ${vamp + 2.6} C ${foot * 0.44} ${vamp} ${foot * 0.38} ${lift} ${foot * 0.3} ${lift * 0.9} Z`;
    case "sandal":
    case "thong":
      return `M ${ball - 1} ${platform} L ${foot - 1.5} ${platform} C ${foot - 1.5} ${platform + 2} ${ball + 2} ${platform + 3.6} ${ball} ${platform + 3.4} C ${ball - 1.4} ${platform + 3.2} ${ball - 1.6} ${platform + 1} ${ball - 1} ${platform} Z`;
    case "loafer":
    case "laced shoe":
    case "trainer":
    case "running shoe": {
      const tongue = form === "loafer" ? vamp + 1.6 : vamp + 3.4;
      return `${start} C ${ball + 1} ${vamp} ${foot * 0.58} ${tongue - 0.4} ${foot * 0.48} ${tongue} C ${foot * 0.42} ${tongue - 1.4} ${foot * 0.3} ${counter - 1.2} ${foot * 0.16} ${counter - 0.4} L -0.2 ${counter} C -1 ${lift + 3} -0.7 ${lift + 1} 0 ${lift} Z`;
    }
    case "pump":
    case "flat":
    case "boot":
      return `${start} C ${ball + 2} ${platform + 3.4} ${ball} ${platform + 3.8} ${ball - 0.6} ${platform + 3.6} C ${foot * 0.5} ${platform + 2.4 + (lift - platform) * 0.1} ${foot * 0.3} ${lift + 2.6} 0 ${counter} C -0.9 ${lift + 3} -0.6 ${lift + 1} 0 ${lift} Z`;
  }
}

function linesOf(shoe: ShoeFigures, foot: number): string[] {
  const { form, lift, platform, shaft } = shoe;
  const vamp = platform + 4.6;
  if (form === "laced shoe" || form === "trainer" || form === "running shoe")
    return [0, 1, 2].map((i) => {
      const x = foot * (0.5 + 0.045 * i);
      const y = vamp + 2 - i * 0.9;
      return `M ${x - 0.6} ${y - 0.9} L ${x + 1.2} ${y + 0.5}`;
    });
  if (form === "loafer")
    return [
      `M ${foot * 0.52} ${platform + 2.2} Q ${foot * 0.58} ${vamp + 0.6} ${foot * 0.66} ${platform + 2.6}`,
    ];
  if (form === "sandal" || form === "thong")
    return [
      `M -0.3 ${lift} C -0.8 ${lift + 4} ${foot * 0.1} ${lift + 8.5} ${foot * 0.22} ${lift + 8.6} C ${foot * 0.36} ${lift + 8.4} ${foot * 0.4} ${lift + 5} ${foot * 0.38} ${lift * 0.7}`,
    ];
  if (shaft !== null && shaft <= 16)
    return [
      `M ${foot * 0.3} ${lift + 1.2} Q ${foot * 0.33} ${lift + shaft * 0.5} ${foot * 0.29} ${lift + shaft - 0.6}`,
    ];
  return [];
}
