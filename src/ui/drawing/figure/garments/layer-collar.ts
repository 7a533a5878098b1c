import type { PieceOf } from "@/core/piece/piece";
import type { Frame } from "../frame";
import { outline, type Point } from "../path";

type Collar = PieceOf<"coat">["figures"]["collar"];

/** What a collar is drawn from, on one side. */
interface CollarCut {
  readonly x: number;
  readonly neck: number;
  readonly gape: number;
  readonly breaks: number;
  readonly chest: number;
  /** Where the fronts begin to close. */
  readonly meets: Point;
  /** A place on that side: from the middle, and above the footbed. */
  readonly at: (x: number, h: number) => Point;
}

const parts: Readonly<Record<Collar, (cut: CollarCut) => string[]>> = {
  notched: ({ x, neck, gape, breaks, chest, meets, at }) => [
    outline(
      [at(x + 0.4, neck - 1.5), at(x + 3.4, neck - 6.4)],
      [at(x + 6, neck - 6.8)],
      [at(x + 5.2, chest - 1), at(x + 1.6, breaks + 3.4), meets],
      [meets, at((x + Math.max(gape, 0)) * 0.5 + 0.6, chest - 1), at(x * 0.96, neck - 1)],
    ),
    outline(
      [at(x * 0.98, neck + 2.6), at(x + 2.6, neck - 0.4), at(x + 4.4, neck - 4.4)],
      [at(x + 2.8, neck - 6)],
      [at(x + 0.5, neck - 2.4), at(x * 0.98, neck + 2.6)],
    ),
  ],
  shawl: ({ x, neck, gape, breaks, chest, meets, at }) => [
    outline(
      [
        at(x * 0.98, neck + 2.6),
        at(x + 3.6, neck - 1.5),
        at(x + 5.2, chest + 1),
        at(x + 2.6, breaks + 5),
        meets,
      ],
      [
        meets,
        at((x + Math.max(gape, 0)) * 0.5 + 0.8, chest - 1),
        at(x * 0.94, neck - 2),
        at(x * 0.98, neck + 2.6),
      ],
    ),
  ],
  stand: ({ x, neck, gape, at }) => [
    outline(
      [at(x * 1.04, neck + 4.4), at(x + 1.3, neck + 1.4), at(x + 1.5, neck - 0.6)],
      [at(Math.max(gape, 0.6) + 0.3, neck - 5)],
      [at(Math.max(gape, 0.6) - 0.4, neck - 1.4), at(x * 1.04, neck + 4.4)],
    ),
  ],
  hood: ({ x, neck, gape, at }) => [
    outline(
      [
        at(x * 0.9, neck + 4.6),
        at(x + 3.6, neck + 4),
        at(x + 5.8, neck + 0.4),
        at(x + 3.6, neck - 4),
        at(Math.max(gape, 0.4), neck - 6.6),
      ],
      [
        at(Math.max(gape, 0.4), neck - 6.6),
        at(x * 0.9, neck - 3),
        at(x * 0.86, neck + 1),
        at(x * 0.9, neck + 4.6),
      ],
    ),
  ],
  round: () => [],
};

/** One side's collar, from the neck to where the fronts begin to close: the lapel first, the collar over it. */
export function collarParts(
  collar: Collar,
  frame: Frame,
  sign: number,
  { gape, breaks }: { readonly gape: number; readonly breaks: number },
): string[] {
  const neck = frame.body.measures.neckPoint.cm;
  const at = (px: number, h: number): Point => ({ x: sign * px, h });
  const chest = neck - (neck - breaks) * 0.5;
  const meets = at(Math.max(gape, 0.2), breaks);
  return parts[collar]({ x: frame.neckHalf, neck, gape, breaks, chest, meets, at });
}

/** A collar turned up: a flap that stands beside the neck to the jaw, on one side. */
export function collarTurnedUp(frame: Frame, sign: number, breaks: number): string {
  const neck = frame.body.measures.neckPoint.cm;
  const x = frame.neckHalf;
  const at = (px: number, h: number): Point => ({ x: sign * px, h });
  return outline(
    [at(x * 1.02, neck + 6.2), at(x + 2.2, neck + 5), at(x + 3.2, neck + 1), at(x + 3.6, neck - 3.6)],
    [at(x * 0.62, Math.max(breaks, neck - 9) + 1)],
    [at(x * 0.8, neck - 2), at(x * 0.98, neck + 2), at(x * 1.02, neck + 6.2)],
  );
}

/** A hood drawn over the head: its opening round the face, and its outer edge; one path with a hole. */
export function hoodOver(frame: Frame): string {
  const { measures, height } = frame.body;
  const chin = measures.chin.cm;
  const head = height - chin;
  const at = (share: number, up: number): Point => ({ x: share * head, h: chin + up * head });
  const neck = measures.neckPoint.cm;
  const outer = [
    at(0, 1.13),
    at(0.27, 1.09),
    at(0.44, 0.86),
    at(0.48, 0.5),
    at(0.44, 0.16),
    { x: frame.neckHalf + 4.4, h: neck - 0.6 },
    { x: frame.neckHalf * 0.5, h: neck - 5.4 },
    { x: 0, h: neck - 6.6 },
  ];
  const face = [
    at(0, 0.95),
    at(0.22, 0.9),
    at(0.33, 0.7),
    at(0.345, 0.4),
    at(0.28, 0.08),
    at(0.12, -0.09),
    at(0, -0.12),
  ];
  const ring = (right: readonly Point[]) => outline(right, right.map(({ x, h }) => ({ x: -x, h })).reverse());
  return `${ring(outer)} ${ring(face)}`;
}
