import type { Upper } from "./shoe-side";

/** How high over the footbed a counter stands, and over the tread a vamp. */
export const counterUp = 5.8;
export const vampUp = 4.4;

/** The places on a shoe from which its upper is drawn. */
export interface Last {
  readonly foot: number;
  readonly ball: number;
  readonly toeCap: string;
  readonly bed: string;
  readonly ankleX: number;
  readonly end: number;
  readonly toeTop: number;
}

export const bare: Upper = { upper: [], inside: null, seams: [], stitches: [], laces: [], buckle: null };
