import type { Family } from "../colour/family";
import type { Measured } from "../body/measurements";
import type { RuleBook } from "../rule-book/rule-book";

export const undertones = ["warm", "neutral", "cool"] as const;
type Undertone = (typeof undertones)[number];

/** How hair is worn, for the drawing. */
export const hairForms = [
  "cropped",
  "short waves",
  "bob",
  "long straight",
  "long waves",
  "curls",
  "coils",
  "locs",
  "tail",
  "bun",
  "receding",
  "no hair",
  "headscarf",
] as const;

export type HairForm = (typeof hairForms)[number];

/** Each is null where nobody has said it. */
export interface Colouring {
  readonly skin: string | null;
  readonly hair: string | null;
  readonly hairForm: HairForm | null;
  readonly eyes: string | null;
  readonly undertone: Undertone | null;
}

/** Facts that are obeyed everywhere. */
export interface Limits {
  /** The highest lift, cm; null for none. */
  readonly heel: number | null;
  readonly noLeather: boolean;
  readonly coveredShoulders: boolean;
  readonly coveredAnkles: boolean;
  readonly nickelAllergy: boolean;
  readonly clipEarrings: boolean;
  /** No scarf at the neck and no ends that hang: they can be caught. */
  readonly nothingLoose: boolean;
  /** How far above the knee a hem may end, cm (negative: below it); null for no limit. */
  readonly hemAboveKnee: number | null;
  /** Colour families never worn. */
  readonly neverColours: readonly Family[];
}

/** What the client asks of an outfit; nothing is prescribed, so all are off at first. */
export interface Goals {
  readonly longerLegLine: boolean;
  readonly moreWaist: boolean;
  /** Where the client likes a bag to lie; null: anywhere from waist to hip. */
  readonly bagLands: LandingPreference | null;
}

export const landingPreferences = ["ribs", "waist", "high hip", "hip", "thigh"] as const;
type LandingPreference = (typeof landingPreferences)[number];

/** A person styled. Measurements in cm. */
export interface Client {
  readonly id: string;
  readonly name: string;
  readonly measured: Measured;
  /** Dressed and read seated, as in a wheelchair. */
  readonly seated: boolean;
  readonly colouring: Colouring;
  readonly limits: Limits;
  readonly goals: Goals;
  readonly ruleBook: RuleBook;
}

export const noGoals: Goals = { longerLegLine: false, moreWaist: false, bagLands: null };

/** A client who can wear anything. */
export const noLimits: Limits = {
  heel: null,
  noLeather: false,
  coveredShoulders: false,
  coveredAnkles: false,
  nickelAllergy: false,
  clipEarrings: false,
  nothingLoose: false,
  hemAboveKnee: null,
  neverColours: [],
};
