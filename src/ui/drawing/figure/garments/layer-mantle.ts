import type { Frame } from "../frame";
import { curve, heightsBetween, onSide, outline, type Point } from "../path";

const sides = [1, -1] as const;

/** The side of what falls over the shoulders and the arms: outside of them all the way down. */
export function mantleEdge(frame: Frame, hem: number, ease: number): Point[] {
  const { height: H, measures } = frame.body;
  const from = measures.shoulder.cm - 0.012 * H;
  return heightsBetween(from, Math.min(from - 4, hem), 0.05 * H).map((h) => {
    const arm = h > frame.wrist.height ? frame.armAxis(h) + frame.armHalf(h) : frame.wrist.x;
    return { x: Math.max(arm + ease * 0.6, frame.shoulderHalf * 0.99), h };
  });
}

/** Long folds from the shoulders to the hem of what hangs from them. */
export function mantleFolds(side: readonly Point[], hem: number): string[] {
  const end = side[side.length - 1] ?? { x: 20, h: hem };
  const top = side[0] ?? end;
  return sides.flatMap((sign) =>
    [0.62, 0.84].map((share) =>
      curve(
        onSide(sign, [
          { x: top.x * share, h: top.h - 6 },
          { x: (top.x + end.x) * 0.5 * share, h: (top.h + hem) / 2 },
          { x: end.x * share, h: hem + 1 },
        ]),
      ),
    ),
  );
}

/** How long the sleeves of a laid layer hang, as a share of the body's height, and half their width, cm. */
const sleeveHangs = 0.31;
const sleeveHalf = 4.2;

/** The empty sleeves of a layer that lies over the shoulders: flat, in front of its sides. */
export function emptySleeves(frame: Frame, side: readonly Point[], hem: number): Drape {
  const { height: H, measures } = frame.body;
  const top = measures.shoulder.cm - 0.01 * H;
  const end = Math.max(hem + 2, top - sleeveHangs * H);
  const at = (h: number) => side.find((point) => point.h <= h)?.x ?? frame.shoulderHalf;
  const outer = [
    { x: frame.shoulderHalf * 0.9, h: top + 0.6 },
    { x: frame.shoulderHalf + 1.6, h: top - 3 },
    { x: at((top + end) / 2) + 1.2, h: (top + end) / 2 },
    { x: at(end) + 0.8, h: end },
  ];
  const inner = [
    { x: at(end) - sleeveHalf * 1.5, h: end - 0.6 },
    { x: at((top + end) / 2) - sleeveHalf * 1.7, h: (top + end) / 2 },
    { x: frame.shoulderHalf * 0.72, h: top - 5 },
  ];
  const cuff = [outer[3], inner[0]].filter((point) => point !== undefined);
  return {
    parts: sides.map((sign) => ({
      d: outline(onSide(sign, outer), onSide(sign, cuff), onSide(sign, inner)),
    })),
    edges: sides.flatMap((sign) => [curve(onSide(sign, inner)), curve(onSide(sign, cuff))]),
  };
}

/** What hangs on a garment as cloth of its own, and the edges by which it stands out from it. */
export interface Drape {
  readonly parts: readonly { readonly d: string }[];
  readonly edges: readonly string[];
}
