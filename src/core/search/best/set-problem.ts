import { dress } from "../../dressing/dress";
import { swap, type Look } from "../../piece/look";
import { slotOf, type Piece } from "../../piece/piece";
import type { Slot } from "../../piece/slots";
import { isWet, suffersInRain } from "../../place/rain";
import { readDressed } from "../../reading/read";
import { pointsByLens } from "../../reading/score";
import type { Rule } from "../../rules/define-rule";
import type { Finding } from "../../rules/finding";
import { registry } from "../../rules/registry";
import { agreementPoints } from "../../sets/agreement";
import type { Group, Problem } from "./problem";

/** What is asked of one slot of a set. */
export interface SlotWish {
  readonly slot: Slot;
  /** May stay empty. */
  readonly optional: boolean;
  /** The piece that stays; null to choose. */
  readonly pinned: string | null;
}

/** What is asked of the whole set. */
export interface SetWish {
  readonly slots: readonly SlotWish[];
  /** Nothing that suffers in the rain; at a wet occasion nothing does anyway. */
  readonly forRain: boolean;
  /** Only pieces at home from this level on, and up to that one. */
  readonly from: number | null;
  readonly to: number | null;
}

/** A problem with the piece behind each option; null is an empty slot. */
export interface SetProblem {
  readonly problem: Problem;
  readonly pieces: readonly (Piece | null)[];
  /** Slots for which nothing can be offered. */
  readonly bare: readonly Slot[];
}

/** Points are counted in hundredths, so that sums are whole. */
const unit = 100;
/** What a piece more must be worth to earn its place, in points: by the school of ornament. */
const placeCosts = { edited: 0.9, layered: 0.4 } as const;
/** Praise of one lens counts less the oftener it is met, and a set has many pairs: each counts this much. */
const sharedPraise = 0.3;
/** Slots whose pieces meet on the body, with the rules that read how: they are read, not reckoned. */
const meetings: readonly { readonly slots: readonly [Slot, Slot]; readonly rules: readonly Rule[] }[] = [
  { slots: ["shoe", "hosiery"], rules: registry.filter(({ lens }) => lens === "hosiery") },
  { slots: ["neck", "necklace"], rules: registry.filter(({ id }) => id.startsWith("neck.")) },
];

/**
 * Lays out the choice of a set for a base and an occasion. A piece is worth what it makes of the base by
 * itself (read); two are worth their agreement, or, where they meet on the body, what they make of the
 * base together (read); more than two that lead, or more than one metal of plain size, cost extra.
 * Pieces that are barred for this look, by a limit, a dress code or the weather, are left out.
 */
export function setProblem(base: Look, wardrobe: readonly Piece[], wish: SetWish): SetProblem {
  const bare = { ...base, accessories: [] };
  const nothing = pointsOf(readDressed(dress(bare)).findings);
  const dry = wish.forRain || (base.occasion !== null && isWet(base.occasion));
  const placeCost = placeCosts[base.client.ruleBook.schools.ornament];
  const pieces: (Piece | null)[] = [];
  const worths: number[] = [];
  const places: number[][] = [];
  const empty: Slot[] = [];
  for (const { slot, optional, pinned } of wish.slots) {
    const place: number[] = [];
    const offered = wardrobe.filter(
      (piece) =>
        slotOf(piece) === slot && (pinned === null ? isWished(piece, wish, dry) : piece.id === pinned),
    );
    for (const piece of offered) {
      const { findings } = readDressed(dress(swap(bare, slot, piece)));
      if (pinned === null && findings.some((finding) => isBarred(finding, piece))) continue;
      place.push(pieces.length);
      pieces.push(piece);
      worths.push(pointsOf(findings) - nothing - (optional ? placeCost : 0));
    }
    if (place.length === 0) empty.push(slot);
    if (place.length === 0 || (optional && pinned === null)) {
      place.push(pieces.length);
      pieces.push(null);
      worths.push(0);
    }
    places.push(place);
  }
  const count = pieces.length;
  const lone = new Map<readonly Rule[], Map<Piece | null, number>>();
  const together = new Int32Array(count * count);
  places.forEach((place, at) => {
    for (const later of places.slice(at + 1))
      for (const one of place)
        for (const other of later) {
          const value = Math.round(unit * pairPoints(one, other));
          together[one * count + other] = value;
          together[other * count + one] = value;
        }
  });
  const worth = Int32Array.from(worths, (points) => Math.round(unit * points));
  return { problem: { places, worth, together, count, groups: groupsOf(pieces) }, pieces, bare: empty };

  /** What the rules of a meeting make of a piece by itself, or of the bare base; worked out once each. */
  function alone(rules: readonly Rule[], slot: Slot | null, piece: Piece | null): number {
    const known = lone.get(rules) ?? new Map<Piece | null, number>();
    lone.set(rules, known);
    let points = known.get(piece);
    if (points === undefined) {
      points = heard(rules, slot && piece ? swap(bare, slot, piece) : bare);
      known.set(piece, points);
    }
    return points;
  }

  function pairPoints(one: number, other: number): number {
    const [first, second] = [pieces[one], pieces[other]];
    if (!first || !second) return 0;
    const [a, b] = [slotOf(first), slotOf(second)];
    if (!a || !b) return 0;
    const meeting = meetings.find(({ slots }) => slots.includes(a) && slots.includes(b));
    if (!meeting) {
      const points = agreementPoints(first, second, base.client.ruleBook);
      return points > 0 ? points * sharedPraise : points;
    }
    const { rules } = meeting;
    const both = swap(swap(bare, a, first), b, second);
    return heard(rules, both) - alone(rules, a, first) - alone(rules, b, second) + alone(rules, null, null);
  }
}

/** What some rules alone make of a look. */
function heard(rules: readonly Rule[], look: Look): number {
  const dressed = dress(look);
  const findings: Finding[] = [];
  for (const rule of rules) findings.push(...rule.read(dressed));
  return pointsOf(findings);
}

function pointsOf(findings: readonly Finding[]): number {
  let sum = 0;
  for (const points of pointsByLens(findings).values()) sum += points;
  return sum;
}

/** Barred for itself: by a limit of the client or by the dress code. */
function isBarred({ effect, pieces }: Finding, piece: Piece): boolean {
  return effect === "bar" && pieces.includes(piece.id);
}

function isWished(piece: Piece, { from, to }: SetWish, dry: boolean): boolean {
  if (dry && suffersInRain(piece)) return false;
  if (from !== null && piece.register.high < from) return false;
  return to === null || piece.register.low <= to;
}

/** More than two pieces that lead cost as much as a finding that jars. */
function groupsOf(pieces: readonly (Piece | null)[]): Group[] {
  return [
    {
      counts: Uint8Array.from(pieces, (piece) => (piece && piece.statement >= 2 ? 1 : 0)),
      limit: 2,
      cost: 3 * unit,
    },
    {
      counts: Uint8Array.from(pieces, (piece) => (piece && piece.pattern !== "plain" ? 1 : 0)),
      limit: 1,
      cost: unit,
    },
  ];
}
