import type { Body } from "../body/body";
import type { PieceOf } from "../piece/piece";

export type HemZone =
  | "upper thigh"
  | "above the knee"
  | "knee"
  | "below the knee"
  | "mid-calf"
  | "below the calf"
  | "ankle"
  | "floor";

/** The hem of a skirt or a dress on a body; heights above the footbed in cm. */
export interface SkirtHem {
  readonly garment: PieceOf<"skirt"> | PieceOf<"dress">;
  readonly hem: number;
  readonly zone: HemZone;
  /** How far the hem lies from the widest calf, cm; positive above it. */
  readonly overCalf: number;
  /** Cut close and straight. */
  readonly close: boolean;
}

/** The zone of a hem, named by the nearest landmark. */
export function hemZoneOf({ measures, height }: Body, hem: number): HemZone {
  const knee = measures.kneeLine.cm;
  const calf = measures.calfLine.cm;
  if (hem > knee + 0.09 * height) return "upper thigh";
  if (hem > knee + 0.025 * height) return "above the knee";
  if (hem > knee - 0.02 * height) return "knee";
  if (hem > calf + 0.02 * height) return "below the knee";
  if (hem > calf - 0.025 * height) return "mid-calf";
  if (hem > measures.ankleBone.cm + 0.035 * height) return "below the calf";
  return hem > 0.02 * height ? "ankle" : "floor";
}
