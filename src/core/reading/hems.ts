import { dress } from "../dressing/dress";
import type { Dressed } from "../dressing/dressed";
import type { Look } from "../piece/look";
import type { PieceOf } from "../piece/piece";
import type { Finding } from "../rules/finding";
import { rulesTagged } from "../rules/registry";
import { effectValues, isGrave } from "./verdict";

const hemRules = rulesTagged("hem");
const hemRuleIds: ReadonlySet<string> = new Set(hemRules.map(({ id }) => id));

/** Whether it is at the hem that a look jars: there, and nowhere else, a turn-up can mend. */
export function jarsAtHem(findings: readonly Finding[]): boolean {
  return findings.some((finding) => isGrave(finding) && hemRuleIds.has(finding.rule));
}

/** What the hem rules alone say of a look: all a solver needs, at a fraction of a whole reading. */
export function hemFindings(look: Look): Finding[] {
  return readHem(dress(look));
}

/** The same of a look that is already dressed. */
export function readHem(dressed: Dressed): Finding[] {
  const findings: Finding[] = [];
  for (const rule of hemRules) for (const finding of rule.read(dressed)) findings.push(finding);
  return findings;
}

/** Sum of the effects of hem findings, and what they jar on. */
export function weighHem(findings: readonly Finding[]): {
  readonly points: number;
  readonly against: readonly string[];
} {
  return {
    points: findings.reduce((sum, { effect, weight }) => sum + weight * effectValues[effect], 0),
    against: findings.filter(isGrave).map(({ rule }) => rule),
  };
}

/** A client with one garment over one pair of shoes and nothing else: the pair a hem is judged by. */
export function hemPair(
  client: Look["client"],
  garment: Look["garments"][number],
  shoe: PieceOf<"shoe">,
): Look {
  return { client, garments: [garment], accessories: [shoe], adjustments: [], occasion: null };
}
