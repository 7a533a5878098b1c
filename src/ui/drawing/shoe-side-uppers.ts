import { shaftOf } from "./shoe-side-shaft";
import { bare, counterUp, vampUp, type Last } from "./shoe-side-last";
import type { ShoeFigures, Upper } from "./shoe-side";

/** The places and lines on a shoe from which the upper of each form is drawn. */
interface UpperCut extends Last {
  readonly lift: number;
  readonly platform: number;
  /** Heights of the vamp and of the counter above the floor. */
  readonly vamp: number;
  readonly counter: number;
  /** From the back of the heel along the footbed to the toe, and from the counter down to the heel again. */
  readonly start: string;
  readonly back: string;
  /** The seam across the toe. */
  readonly cap: string;
  /** The far side of an open shoe, to where its throat lies. */
  readonly inside: (throat: number) => string;
}

type Form = ShoeFigures["form"];

const laced = (
  form: Form,
  { lift, platform, foot, ball, start, vamp, counter, cap, inside }: UpperCut,
): Upper => {
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
};

const uppers: Readonly<Record<Form, (cut: UpperCut) => Upper>> = {
  pump: ({ lift, platform, foot, ball, start, counter, back, inside }) => ({
    ...bare,
    inside: inside(ball - 0.6),
    upper: [
      `${start} C ${ball + 3.2} ${platform + 3.4} ${ball + 1} ${platform + 3.9} ${ball - 0.6} ${platform + 3.9} C ${ball - 2.4} ${platform + 2.6} ${foot * 0.48} ${platform + 2.5 + (lift - platform) * 0.22} ${foot * 0.34} ${lift * 0.7 + platform * 0.3 + 2.5} C ${foot * 0.2} ${lift + 3} ${foot * 0.06} ${counter - 1} -0.1 ${counter} ${back}`,
    ],
    stitches: [
      `M 0.3 ${counter - 0.7} C ${foot * 0.1} ${lift + 3.6} ${foot * 0.3} ${lift * 0.8 + 2.4} ${foot * 0.4} ${platform + 2 + (lift - platform) * 0.4}`,
    ],
  }),
  flat: (cut) => uppers.pump(cut),
  slingback: ({ lift, platform, foot, ball, toeCap, bed, counter }) => ({
    ...bare,
    upper: [
      `M ${foot * 0.46} ${lift * 0.5 + platform * 0.5} ${bed.replace(/^C [^ ]+ [^ ]+/, `C ${foot * 0.5} ${lift * 0.4 + platform * 0.6}`)} ${toeCap} C ${ball + 3} ${platform + 3.4} ${ball + 1} ${platform + 3.9} ${ball - 0.8} ${platform + 3.9} C ${ball - 2} ${platform + 2.8} ${foot * 0.54} ${platform + 2.2 + (lift - platform) * 0.3} ${foot * 0.46} ${lift * 0.5 + platform * 0.5} Z`,
      `M ${foot * 0.5} ${platform + 1.8 + (lift - platform) * 0.4} C ${foot * 0.36} ${lift + 3} ${foot * 0.16} ${counter - 0.4} -0.3 ${counter - 0.2} C -0.8 ${counter - 0.7} -0.8 ${counter - 1.2} -0.3 ${counter - 1.3} C ${foot * 0.16} ${counter - 1.4} ${foot * 0.34} ${lift + 2} ${foot * 0.48} ${platform + 1 + (lift - platform) * 0.4} Z`,
    ],
  }),
  mule: ({ lift, platform, foot, ball, toeCap, bed, vamp }) => ({
    ...bare,
    upper: [
      `M ${foot * 0.34} ${lift * 0.8 + platform * 0.2} ${bed} ${toeCap} C ${ball + 2} ${vamp} ${foot * 0.6} ${vamp + 2} ${foot * 0.5} ${vamp + 2.4 + (lift - platform) * 0.2} C ${foot * 0.45} ${vamp} ${foot * 0.4} ${lift * 0.8 + platform} ${foot * 0.34} ${lift * 0.8 + platform * 0.2} Z`,
    ],
    stitches: [
      `M ${foot * 0.37} ${lift * 0.8 + platform * 0.3 + 0.4} C ${foot * 0.42} ${lift * 0.7 + platform + 1.4} ${foot * 0.47} ${vamp} ${foot * 0.52} ${vamp + 2}`,
    ],
  }),
  sandal: ({ lift, platform, foot, ball }) => {
    const strap = lift + 7.4;
    const front = foot * 0.36;
    return {
      ...bare,
      // The strap goes round the ankle: its far side is seen where nobody stands in it.
      inside: `M -0.3 ${strap + 1} C ${front * 0.25} ${strap + 2.1} ${front * 0.75} ${strap + 2.2} ${front} ${strap + 1.2} L ${front} ${strap + 0.3} C ${front * 0.75} ${strap + 1.2} ${front * 0.25} ${strap + 1.1} -0.3 ${strap} Z`,
      upper: [
        `M ${ball - 2.8} ${platform} L ${ball + 3.6} ${platform} C ${ball + 3} ${platform + 1.8} ${ball + 2.2} ${platform + 2.8} ${ball + 0.8} ${platform + 3.2} C ${ball - 0.8} ${platform + 3.6} ${ball - 1.8} ${platform + 3.5} ${ball - 2.4} ${platform + 3.2} C ${ball - 2.2} ${platform + 2} ${ball - 2.4} ${platform + 1} ${ball - 2.8} ${platform} Z`,
        `M 0 ${lift} C -1 ${lift + 3} -0.9 ${strap - 1} -0.3 ${strap + 1.1} C ${front * 0.3} ${strap - 0.3} ${front * 0.75} ${strap - 0.2} ${front} ${strap + 1.2} L ${front} ${strap + 0.1} C ${front * 0.75} ${strap - 1.4} ${front * 0.4} ${strap - 1.6} 0.7 ${strap - 0.7} C 0.4 ${lift + 4} 0.5 ${lift + 2} 1.4 ${lift} Z`,
      ],
      stitches: [
        `M ${ball - 1} ${platform + 0.6} C ${ball - 0.9} ${platform + 2.6} ${ball + 1} ${platform + 3} ${ball + 2.4} ${platform + 2.4}`,
      ],
      buckle: { x: front * 0.55, y: strap - 0.7 },
    };
  },
  thong: ({ lift, platform, foot }) => ({
    ...bare,
    upper: [
      `M ${foot * 0.4} ${platform + (lift - platform) * 0.4} C ${foot * 0.52} ${platform + 3.8} ${foot * 0.66} ${platform + 3.8} ${foot * 0.82} ${platform + 1.2} L ${foot * 0.82} ${platform} L ${foot * 0.8} ${platform} C ${foot * 0.66} ${platform + 2.4} ${foot * 0.56} ${platform + 2.6} ${foot * 0.46} ${platform + (lift - platform) * 0.3} Z`,
    ],
  }),
  loafer: ({ lift, platform, foot, ball, end, start, vamp, counter, back, inside }) => ({
    ...bare,
    inside: inside(foot * 0.54),
    upper: [
      `${start} C ${ball + 2} ${vamp - 0.2} ${foot * 0.64} ${vamp + 1} ${foot * 0.52} ${vamp + 1.9} C ${foot * 0.44} ${vamp + 0.6} ${foot * 0.36} ${lift + 2.9} ${foot * 0.2} ${counter - 1.6} C ${foot * 0.1} ${counter - 0.6} 0.6 ${counter - 0.2} -0.1 ${counter} ${back}`,
    ],
    seams: [
      `M ${foot * 0.58} ${vamp + 1.2} C ${foot * 0.62} ${vamp - 0.4} ${foot * 0.8} ${platform + 2.4} ${end - 0.5} ${platform + 1.5}`,
      `M ${foot * 0.44} ${platform + 0.8} C ${foot * 0.48} ${platform + 2.6} ${foot * 0.52} ${vamp + 0.4} ${foot * 0.56} ${vamp + 1.4} M ${foot * 0.54} ${platform + 0.7} C ${foot * 0.56} ${platform + 2.4} ${foot * 0.6} ${vamp} ${foot * 0.64} ${vamp + 0.9}`,
    ],
  }),
  "laced shoe": (cut) => laced("laced shoe", cut),
  trainer: (cut) => laced("trainer", cut),
  "running shoe": (cut) => laced("running shoe", cut),
  boot: () => bare,
};

/** What the upper of each form covers, from the side; with a shaft, foot and shaft are one. */
export function uppersOf(shoe: ShoeFigures, last: Last): Upper {
  const { lift, platform, form, shaft } = shoe;
  const { foot, toeCap, bed, end, toeTop } = last;
  const start = `M 0 ${lift} ${bed} ${toeCap}`;
  if (shaft !== null) return shaftOf(shoe, last, start);
  const vamp = platform + vampUp;
  const counter = lift + counterUp;
  return uppers[form]({
    ...last,
    lift,
    platform,
    vamp,
    counter,
    start,
    back: `C -0.9 ${lift + 3} -0.6 ${lift + 1} 0 ${lift} Z`,
    cap: `M ${end - 4.6} ${platform + 0.1} Q ${end - 5.4} ${platform + 1.6} ${end - 4.4} ${toeTop + 0.4}`,
    inside: (throat) =>
      `M -0.2 ${counter} C ${foot * 0.2} ${counter + 1.1} ${foot * 0.4} ${vamp + 1.2} ${throat} ${vamp} L ${throat} ${vamp - 1.6} Q ${foot * 0.34} ${lift * 0.7 + platform * 0.3 + 0.6} 0.4 ${counter - 2} Z`,
  });
}
