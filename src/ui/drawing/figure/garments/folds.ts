import type { Cloth } from "@/core/finish/cloths";
import type { Piece } from "@/core/piece/piece";
import type { Frame } from "../frame";
import { curve, onSide, type Point } from "../path";

/** How a cloth falls: how many folds it throws where another throws one, and how deep they run. */
export interface Fall {
  readonly many: number;
  readonly deep: number;
}

const even: Fall = { many: 1, deep: 1 };

const falls: Readonly<Record<Cloth, Fall>> = {
  wool: even,
  cotton: even,
  denim: { many: 0.6, deep: 0.8 },
  silk: { many: 1.5, deep: 1.3 },
  leather: { many: 0.5, deep: 0.7 },
  linen: { many: 1.4, deep: 0.9 },
  "fine knit": { many: 0.8, deep: 0.8 },
  "heavy knit": { many: 0.4, deep: 0.9 },
};

/** How the cloth of a piece falls; one nobody has named falls like wool. */
export function fallOf({ cloth, finish }: Pick<Piece, "cloth" | "finish">): Fall {
  if (cloth !== null) return falls[cloth];
  if (finish === "denim") return falls.denim;
  return finish === "satin" ? falls.silk : even;
}

/** The first of several folds, as many as the cloth throws of `usual`. */
function asMany<T>(folds: readonly T[], usual: number, fall: Fall): readonly T[] {
  return folds.slice(0, Math.max(1, Math.round(usual * fall.many)));
}

const both = [1, -1] as const;
const drawn = (side: number, points: readonly Point[]) => curve(onSide(side, points));

/** Across the bend of each elbow, where the sleeve is pushed together. */
export function elbowFolds(frame: Frame, ease: number, fall: Fall): string[] {
  const { height: H, measures } = frame.body;
  return both.flatMap((side) =>
    asMany([0.004, 0.02, -0.014, 0.034], 3, fall).map((up, i) => {
      // They fan out from the inside of the bend.
      const h = measures.elbow.cm + up * H;
      const half = frame.armHalf(h) + ease;
      const x = frame.armAxis(h);
      return drawn(side, [
        { x: x - half * 0.97, h: measures.elbow.cm + up * H * 0.45 },
        { x: x - half * 0.4, h: h - 0.25 * fall.deep },
        { x: x + half * (0.36 - 0.2 * i) * fall.deep, h: h + (up > 0.004 ? 0.5 : -0.3) },
      ]);
    }),
  );
}

/** From the armpit into the chest and down the sleeve, where an arm that hangs pushes the cloth together. */
export function armpitFolds(frame: Frame, ease: number, fall: Fall, sleeved: boolean): string[] {
  const { armpit, body } = frame;
  const H = body.height;
  const x = armpit.x + ease * 0.6;
  return both.flatMap((side) => [
    ...asMany([0.62, 0.74], 2, fall).map((reach, i) =>
      drawn(side, [
        { x, h: armpit.height - 0.004 * H - i * 0.012 * H },
        { x: x * (0.86 + 0.04 * i), h: armpit.height - (0.013 + 0.014 * i) * H },
        { x: x * reach, h: armpit.height - (0.019 + 0.016 * i) * H * fall.deep },
      ]),
    ),
    ...(sleeved
      ? [
          drawn(side, [
            { x: x + 0.4, h: armpit.height + 0.012 * H },
            { x: x + 1.6, h: armpit.height - 0.002 * H },
            { x: x + 3, h: armpit.height - 0.008 * H },
          ]),
        ]
      : []),
  ]);
}

/** Rising from where a top is tucked in, the more cloth is gathered there. */
export function tuckFolds(frame: Frame, waist: number, ease: number, fall: Fall): string[] {
  const half = frame.trunk(waist);
  const tall = (3.2 + ease * 1.4) * fall.deep;
  return both.flatMap((side) =>
    asMany([0.72, 0.38, 0.9, 0.56], 2 + ease * 0.5, fall).map((share, i) =>
      drawn(side, [
        { x: half * share, h: waist - 0.5 },
        { x: half * share * 1.02, h: waist + tall * 0.5 },
        { x: half * share * 1.09 + 0.3, h: waist + tall * (i % 2 === 0 ? 1 : 0.72) },
      ]),
    ),
  );
}

/** Drawn out from the crotch over the thighs. */
export function crotchFolds(crotch: number, half: number, fall: Fall): string[] {
  return both.flatMap((side) =>
    asMany(
      [
        { up: 3.4, reach: 0.44 },
        { up: 0.4, reach: 0.36 },
      ],
      2,
      fall,
    ).map(({ up, reach }, i) =>
      drawn(side, [
        { x: 0.5, h: crotch + 0.6 - i * 1.2 },
        { x: half * reach * 0.5, h: crotch + 0.6 + up * 0.7 - i * 1.2 },
        { x: half * reach, h: crotch + up },
      ]),
    ),
  );
}

/** Where a leg bends: a fold inside and one outside of each knee. */
export function kneeFolds(frame: Frame, knee: number, half: number, fall: Fall): string[] {
  const x = frame.legAxis(knee);
  return both.flatMap((side) =>
    asMany([-1, 1], 2, fall).map((way) =>
      drawn(side, [
        { x: x + way * half * 0.98, h: knee + 0.5 * way },
        { x: x + way * half * 0.6, h: knee - 0.7 * fall.deep },
        { x: x + way * half * 0.28, h: knee - 0.2 },
      ]),
    ),
  );
}

/** How much cloth on the shoe makes one fold of it, cm. */
const perBreak = 2.2;

/** Where the leg breaks on the shoe: a fold for each stretch of cloth there is too much of. */
export function breakFolds(x: number, half: number, hem: number, overlap: number): string[] {
  const count = Math.min(3, Math.ceil(Math.max(0, overlap) / perBreak));
  return Array.from({ length: count }, (_, i) => {
    const h = hem + 2.6 + i * 2.6;
    const way = i % 2 === 0 ? 1 : -1;
    return both.map((side) =>
      drawn(side, [
        { x: x - way * half * 0.92, h: h + 0.5 },
        { x: x - way * half * 0.3, h: h - 0.8 },
        { x: x + way * half * 0.55, h: h + 0.3 },
      ]),
    );
  }).flat();
}
