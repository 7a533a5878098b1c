import type { ShoeFigures, Upper } from "./shoe-side";
import { bare, vampUp, type Last } from "./shoe-side-last";

/** A boot: the foot and the shaft in one, narrow at the ankle and as wide at its top as it was measured. */
export function shaftOf(
  { lift, platform, shaft, shaftTop, form, laced }: ShoeFigures,
  { foot, ball, ankleX, end, toeTop }: Last,
  start: string,
): Upper {
  const reach = (shaftTop ?? 28) / Math.PI / 2;
  const top = lift + (shaft ?? 10);
  const vamp = platform + vampUp;
  const bend = Math.min(top - 0.5, lift + Math.min(10, (shaft ?? 10) * 0.7));
  const waist = Math.min(reach, 4.6);
  const tall = top - bend;
  const seams =
    tall > 8
      ? [
          `M ${ankleX + 0.4} ${top - 0.6} C ${ankleX} ${bend + tall * 0.4} ${ankleX + 0.6} ${bend} ${ankleX + 0.2} ${lift + 1.4}`,
        ]
      : [];
  const isLaced = laced || form === "trainer";
  const elastic =
    tall <= 8 && !isLaced
      ? [
          `M ${ankleX - 1.6} ${top - 0.4} L ${ankleX - 0.6} ${lift + 3.4} L ${ankleX + 1} ${lift + 3.4} L ${ankleX + 2} ${top - 0.4}`,
        ]
      : [];
  return {
    ...bare,
    inside: `M ${ankleX - reach} ${top} A ${reach} ${reach * 0.2} 0 0 0 ${ankleX + reach} ${top} A ${reach} ${reach * 0.2} 0 0 0 ${ankleX - reach} ${top} Z`,
    upper: [
      `${start} C ${ball + 1.4} ${vamp + 0.2} ${foot * 0.58} ${vamp + 2} ${ankleX + waist + 1.6} ${bend - 1.6} C ${ankleX + waist + 0.6} ${bend - 0.4} ${ankleX + waist} ${bend} ${ankleX + waist} ${bend + Math.min(2, tall * 0.4)} ` +
        `C ${ankleX + waist + 0.2} ${bend + tall * 0.5} ${ankleX + reach} ${bend + tall * 0.6} ${ankleX + reach} ${top} A ${reach} ${reach * 0.2} 0 0 1 ${ankleX - reach} ${top} ` +
        `C ${ankleX - reach} ${bend + tall * 0.6} ${ankleX - waist - 0.9} ${bend + tall * 0.5} ${ankleX - waist - 0.5} ${bend} C ${-0.7} ${lift + 6} -0.9 ${lift + 3} 0 ${lift} Z`,
    ],
    seams: [
      ...seams,
      ...elastic,
      `M ${ankleX + waist - 1.2} ${bend - 1} Q ${ankleX + 1} ${bend - 2.2} ${ankleX - 1.2} ${bend - 1.4}`,
    ],
    laces: isLaced ? upTheFront({ x: foot * 0.6, y: vamp }, { x: ankleX + waist, y: bend }, top) : [],
    stitches: [
      `M ${end - 6.4} ${platform + 0.2} Q ${end - 7.2} ${platform + 2} ${end - 6.4} ${toeTop + 0.9}`,
    ],
  };
}

interface Spot {
  readonly x: number;
  readonly y: number;
}

/** The laces of a shaft from the side: from the instep across to the bend of the ankle, then up its front to the top. */
function upTheFront(instep: Spot, { x, y: bend }: Spot, top: number): string[] {
  const across = [0, 1, 2].map((i) => {
    const share = i / 3;
    const at = instep.x + (x - instep.x) * share;
    const y = instep.y + (bend - instep.y) * share;
    return `M ${at - 1.3} ${y - 0.6} L ${at + 0.5} ${y + 0.5}`;
  });
  const up = Array.from(
    { length: Math.max(0, Math.floor((Math.min(top, bend + 16) - bend - 0.6) / 2)) },
    (_, i) => {
      const y = bend + 0.8 + i * 2;
      return `M ${x - 1.7} ${y - 0.3} L ${x + 0.1} ${y + 0.5}`;
    },
  );
  return [...across, ...up];
}
