import type { Point } from "../path";

/** The places on a shoe from which everything on it is drawn; x outwards from the leg's axis, heights above the footbed. */
export interface Last {
  readonly ankle: number;
  readonly ball: number;
  /** How far the toe is turned outwards, cm. */
  readonly turn: number;
  /** The ground, and what the forefoot stands on. */
  readonly ground: number;
  readonly tread: number;
  /** How much higher the heel stands than the forefoot. */
  readonly rise: number;
  readonly toe: number;
}

/** How far apart the eyelets up a laced shaft are, cm. */
export const eyelets = 2.2;

/** A band of a width along a line. */
export function strap(line: readonly Point[], wide: number): readonly (readonly Point[])[] {
  return [
    line.map(({ x, h }) => ({ x, h: h + wide / 2 })),
    [...line].reverse().map(({ x, h }) => ({ x, h: h - wide / 2 })),
  ];
}

/** Round the ankle, lower in front. */
export function round(half: number, h: number, sag: number): Point[] {
  return [
    { x: -half, h },
    { x: 0, h: h - sag },
    { x: half, h },
  ];
}
