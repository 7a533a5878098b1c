import type { CarriedThing } from "./carried";

export const dressCodeFlags = [
  "closed toe",
  "covered shoulders",
  "hosiery expected",
  "no denim",
  "no trainers",
  "quiet soles",
  "no sparkle before evening",
  "head covered",
  "nothing loose",
] as const;
export type DressCodeFlag = (typeof dressCodeFlags)[number];

export const grounds = [
  "indoors",
  "pavement",
  "cobbles",
  "gravel",
  "lawn",
  "sand",
  "deck",
  "grating",
  "snow and ice",
  "wet stone",
  "carpet",
  "stage",
  "stairs",
  "boat",
] as const;
export type Ground = (typeof grounds)[number];

export const lights = ["daylight", "indoor", "evening"] as const;
type Light = (typeof lights)[number];

/** Whence the weather of an occasion is known. */
export const weatherSources = ["forecast", "typed"] as const;
type WeatherSource = (typeof weatherSources)[number];

/** When, where and among whom a look is worn. */
export interface Occasion {
  readonly id: string;
  readonly name: string;
  readonly place: string;
  /** Calendar day, yyyy-mm-dd. */
  readonly day: string;
  /** The levels of the register that are right there. */
  readonly span: { readonly low: number; readonly high: number };
  readonly flags: readonly DressCodeFlag[];
  /** Taken from the forecast, or as it was typed: what follows of temperature, rain and wind. */
  readonly weather: WeatherSource;
  /** Air temperature, deg C. */
  readonly temperature: number;
  /** Probability of rain, 0-1. */
  readonly rain: number;
  /** Wind, m/s. */
  readonly wind: number;
  readonly ground: Ground;
  readonly light: Light;
  /** What must be carried. */
  readonly mustCarry: readonly CarriedThing[];
  /** Before whom: "the board"; empty: nobody in particular. */
  readonly company: string;
  /** Minutes on foot. */
  readonly onFoot: number;
}
