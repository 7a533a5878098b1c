import { dress } from "../../dressing/dress";
import { swap, type Look } from "../../piece/look";
import { slotOf, type Piece } from "../../piece/piece";
import type { Slot } from "../../piece/slots";
import { setLimitsOf } from "../../rule-book/set-limits";
import type { Rule } from "../../rules/define-rule";
import type { Finding } from "../../rules/finding";
import { rulesTagged } from "../../rules/registry";
import { looseOf, pointsBetween } from "../../sets/agreement";
import { pointsIn } from "../../reading/score";

/** Slots whose pieces meet on the body, with the rules that read how: they are read, not reckoned. */
const meetings: readonly { readonly slots: readonly [Slot, Slot]; readonly rules: readonly Rule[] }[] = [
  { slots: ["shoe", "hosiery"], rules: rulesTagged("leg") },
  { slots: ["neck", "necklace"], rules: rulesTagged("neck") },
];

/** What two options are worth beside what each is by itself, by their numbers; in points. */
type WorthOfTwo = (one: number, other: number) => number;

/** What options of two slots are worth together: their agreement, or, where they meet on the body, what is read of it. */
export function worthTogether(
  bare: Look,
  pieces: readonly (Piece | null)[],
): (here: Slot | undefined, there: Slot | undefined) => WorthOfTwo {
  const { shared } = setLimitsOf(bare.client.ruleBook);
  const agreement = pointsBetween(pieces.map((piece) => piece && looseOf(piece, bare.client)));
  /** What two pieces that do not meet on the body agree or argue by; praise counts in part. */
  const agreed: WorthOfTwo = (one, other) => {
    const points = agreement(one, other);
    return points > 0 ? points * shared : points;
  };
  const met = new Map(meetings.map(({ rules }) => [rules, meetingPoints(bare, rules)]));
  return (here, there) => {
    const meeting =
      here && there && meetings.find(({ slots }) => slots.includes(here) && slots.includes(there));
    const points = meeting && met.get(meeting.rules);
    return points ? (one, other) => points(pieces[one] ?? null, pieces[other] ?? null) : agreed;
  };
}

/** What two pieces that meet on the body make of it beside what each makes of it alone. */
function meetingPoints(bare: Look, rules: readonly Rule[]) {
  const lone = new Map<Piece | null, number>();
  /** What the rules make of a piece by itself, or of the bare base; worked out once each. */
  const alone = (piece: Piece | null): number => {
    let points = lone.get(piece);
    if (points === undefined) {
      const slot = piece && slotOf(piece);
      points = pointsByRules(rules, piece && slot ? swap(bare, slot, piece) : bare);
      lone.set(piece, points);
    }
    return points;
  };
  return (one: Piece | null, other: Piece | null): number => {
    const [here, there] = [one && slotOf(one), other && slotOf(other)];
    if (!one || !other || !here || !there) return 0;
    const both = swap(swap(bare, here, one), there, other);
    return pointsByRules(rules, both) - alone(one) - alone(other) + alone(null);
  };
}

/** What some rules alone make of a look. */
function pointsByRules(rules: readonly Rule[], look: Look): number {
  const dressed = dress(look);
  const findings: Finding[] = [];
  for (const rule of rules) findings.push(...rule.read(dressed));
  return pointsIn(findings);
}
