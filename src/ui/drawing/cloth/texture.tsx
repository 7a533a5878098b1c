import type { ReactElement } from "react";
import type { Tones } from "./tones";

/** The marks of a surface in one tile, in cm. */
export interface Texture {
  readonly width: number;
  readonly height: number;
  /** Turned by so many degrees. */
  readonly turn?: number;
  readonly marks: ReactElement;
}

export type TextureOf = (tones: Tones) => Texture;

/** A line of a surface: its colour, its width in cm and how strong it is. */
export const line = (d: string, colour: string, width: number, opacity: number) => (
  <path d={d} fill="none" stroke={colour} strokeWidth={width} strokeOpacity={opacity} strokeLinecap="round" />
);

/** The same in dashes: lengths of dash and gap, cm. */
export const dashed = (dash: string, ...of: Parameters<typeof line>) => (
  <g strokeDasharray={dash}>{line(...of)}</g>
);
