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

export const line = (d: string, colour: string, width: number, opacity: number, dash?: string) => (
  <path
    d={d}
    fill="none"
    stroke={colour}
    strokeWidth={width}
    strokeOpacity={opacity}
    strokeDasharray={dash}
    strokeLinecap="round"
  />
);
