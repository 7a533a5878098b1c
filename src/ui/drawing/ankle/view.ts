import type { Dressed } from "@/core/dressing/dressed";

/** What the ankle window shows, cm: x from the heel's back to the toe, heights above the footbed. */
export const view = { left: -11.5, right: 31, reach: 44, belowFloor: 2.5 } as const;

/** The leg seen from the side, cm. */
export interface LegSide {
  /** Length of the foot: 0.152 of the body height. */
  readonly foot: number;
  /** Where the leg's axis stands over the foot. */
  readonly axis: number;
  /** Half the leg's depth at a height; from girths where they were measured, else a plain shape. */
  readonly half: (height: number) => number;
}

const footShare = 0.152;
const plainGirths = { ankle: 0.13, calf: 0.2 } as const;

/** The leg of a dressed body from the side. */
export function legSideOf({ body }: Dressed): LegSide {
  const foot = footShare * body.height;
  const plain = (h: number) => (h < 12 ? plainGirths.ankle : plainGirths.calf) * body.height;
  const girth = (h: number) => (body.legGirth ? body.legGirth(Math.max(h, 0)) : plain(h));
  return { foot, axis: foot * 0.25, half: (h) => girth(h) / (2 * Math.PI) };
}

/** Half the depth of a trouser leg hanging to a circumference: between round and laid flat. */
export function hangingHalf(circumference: number): number {
  return circumference * 0.205;
}
