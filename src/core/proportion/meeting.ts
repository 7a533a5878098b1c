import type { Body } from "../body/body";
import type { MeasurementName } from "../body/measurements";
import type { Turn } from "../piece/adjustment";
import type { Legged, PieceOf } from "../piece/piece";
import { hemHeight, openingAtFold, taper } from "./hem";
import type { HemLimits } from "./hem-limits";

/** How a hem and a boot's shaft meet. */
export type Meeting = "tucked" | "gap" | "snag" | "touch" | "overlap" | "ankle-lost" | "drape";

/** The shaft's side of a meeting; all lengths in cm. */
export interface ShaftFit {
  /** Top of the shaft above the footbed. */
  readonly shaft: number;
  /** Shaft top's circumference less the leg's girth there: at most 3.5 is close. */
  readonly ease: number;
  /** Hem less shaft: positive, something shows; negative, the hem overlaps. */
  readonly gap: number;
  /** Opening at the fold less the shaft top's circumference. */
  readonly clearance: number;
  /** Clearance needed to fall over the shaft: 3 + 0.8 max(0, ease). */
  readonly needed: number;
  /** The leg of the trousers less the leg of the body at the shaft's top, when tucked in. */
  readonly excess: number;
  readonly meeting: Meeting;
}

/** A trouser leg over a shoe or boot; heights above the footbed in cm unless named otherwise. */
export interface LegAndShoe {
  readonly trousers: Legged;
  readonly shoe: PieceOf<"shoe">;
  readonly turn: Turn | null;
  readonly hem: number;
  readonly hemAboveFloor: number;
  readonly lift: number;
  readonly opening: number;
  readonly taper: number;
  /** So short that the leg is simply bare: shorts, with nothing between hem and shoe to judge. */
  readonly isBare: boolean;
  /** Ankle bone above the footbed. */
  readonly ankleBone: number;
  /** The body's girth at the hem; null when the leg was not measured. */
  readonly girthAtHem: number | null;
  /** Null for low shoes and bare legs, and for boots when the leg or the shaft was not measured. */
  readonly fit: ShaftFit | null;
  readonly isBoot: boolean;
  /** Measurements that a boot's fit would need. */
  readonly missing: readonly MeasurementName[];
  /** What the height and the width of the hem rest on and nobody has measured, in words: "the inseam". */
  readonly unmeasured: readonly string[];
  /** Whether there is any such. */
  readonly estimated: boolean;
}

/** Measures one pair of trousers over one shoe on a body. */
export function meet(
  body: Body,
  { trousers, shoe }: { readonly trousers: Legged; readonly shoe: PieceOf<"shoe"> },
  adjusted: { readonly turn: Turn | null; readonly tucked: boolean; readonly rise: number },
  limits: HemLimits,
): LegAndShoe {
  const { turn } = adjusted;
  const leg = trousers.figures;
  const hem = hemHeight(body.measures.crotch.cm, leg, turn) + adjusted.rise;
  const { lift, shaft, shaftTop } = shoe.figures;
  const opening = openingAtFold(leg, turn);
  const girth = body.legGirth;
  const unmeasured = unmeasuredOf(body, trousers);
  const isBare = hem >= body.measures.kneeLine.cm && hem > (shaft ?? 0);
  const fit =
    !isBare && shaft !== null && shaftTop !== null && girth
      ? fitOf({ hem, shaft, shaftTop, opening, girthAtShaft: girth(shaft), tucked: adjusted.tucked }, limits)
      : null;
  return {
    trousers,
    shoe,
    turn,
    hem,
    hemAboveFloor: hem + lift,
    lift,
    opening,
    taper: taper(leg),
    ankleBone: body.measures.ankleBone.cm,
    girthAtHem: girth ? girth(hem) : null,
    fit,
    isBoot: shaft !== null,
    isBare,
    missing: shaft === null || isBare ? [] : body.missingLeg,
    unmeasured,
    estimated: unmeasured.length > 0,
  };
}

function unmeasuredOf(body: Body, trousers: Legged): string[] {
  const isTried = trousers.figures.measuredHem !== null;
  return [
    ...(!isTried && body.measures.crotch.estimated ? ["the height of the crotch"] : []),
    ...(!isTried && trousers.unsaid.includes("inseam") ? ["the inseam"] : []),
    ...(trousers.unsaid.includes("opening") ? ["the hem around"] : []),
  ];
}

interface FitInput {
  readonly hem: number;
  readonly shaft: number;
  readonly shaftTop: number;
  readonly opening: number;
  readonly girthAtShaft: number;
  readonly tucked: boolean;
}

function fitOf(input: FitInput, limits: HemLimits): ShaftFit {
  const { hem, shaft, shaftTop, opening, girthAtShaft, tucked } = input;
  const ease = settle(shaftTop - girthAtShaft);
  const gap = settle(hem - shaft);
  const clearance = settle(opening - shaftTop);
  const needed = limits.clearanceBase + limits.clearancePerEase * Math.max(0, ease);
  const fit = { shaft, ease, gap, clearance, needed, excess: opening - girthAtShaft };
  return { meeting: tucked ? "tucked" : classify(fit, limits), ...fit };
}

function classify(fit: Omit<ShaftFit, "meeting">, limits: HemLimits): Meeting {
  const loose = fit.ease > limits.closeEase;
  const roomy = fit.clearance >= limits.roomy;
  if (fit.gap >= limits.showsFrom) return "gap";
  if (loose && !roomy && fit.gap > limits.snagBelow) return "snag";
  if (fit.gap > limits.overlapBelow) return "touch";
  if (fit.clearance < fit.needed) return "overlap";
  return loose && !roomy ? "ankle-lost" : "drape";
}

/** Takes the dust of floating point off a length, so that 1.5 is 1.5. */
function settle(cm: number): number {
  return Math.round(cm * 1e6) / 1e6;
}
