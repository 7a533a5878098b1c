import { dress } from "../../dressing/dress";
import { swap, type Look } from "../../piece/look";
import { slotOf, speaks, type Piece } from "../../piece/piece";
import type { Slot } from "../../piece/slots";
import { isSheltered, shelters, suffersInRain } from "../../place/rain";
import { readDressed } from "../../reading/read";
import { pointsByLens } from "../../reading/score";
import type { RuleBook } from "../../rule-book/rule-book";
import type { Rule } from "../../rules/define-rule";
import type { Finding } from "../../rules/finding";
import { print } from "../../rules/colour/print";
import { rulesTagged } from "../../rules/registry";
import { leadsAllowed, oneLead } from "../../rules/style/one-lead";
import { looseOf, pointsBetween } from "../../sets/agreement";
import { isAtHome, keepsOut, type Levels } from "../belonging";
import { setLimitsOf } from "../../rule-book/set-limits";
import { effectValues } from "../../reading/verdict";
import type { Group, Problem } from "./problem";

/** What is asked of one slot of a set. */
export interface SlotWish {
  readonly slot: Slot;
  /** May stay empty. */
  readonly optional: boolean;
  /** The piece that stays; null to choose. */
  readonly pinned: string | null;
}

/** What is asked of the whole set; what the occasion asks is asked beside it. */
export interface SetWish extends Levels {
  readonly slots: readonly SlotWish[];
  /** Nothing that suffers in the rain; at a wet occasion nothing does anyway. */
  readonly forRain: boolean;
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
/** Slots whose pieces meet on the body, with the rules that read how: they are read, not reckoned. */
const meetings: readonly { readonly slots: readonly [Slot, Slot]; readonly rules: readonly Rule[] }[] = [
  { slots: ["shoe", "hosiery"], rules: rulesTagged("leg") },
  { slots: ["neck", "necklace"], rules: rulesTagged("neck") },
];

/**
 * Lays out the choice of a set for a base and an occasion. A piece is worth what it makes of the base by
 * itself (read); two are worth their agreement, or, where they meet on the body, what they make of the
 * base together (read); more than two that lead, or more than one metal of plain size, cost extra.
 * Pieces that are kept out of this look, by a limit, a dress code, the weather or the ground, are left out, and so are
 * pieces that are nowhere at home among the levels of the occasion.
 */
export function setProblem(base: Look, wardrobe: readonly Piece[], wish: SetWish): SetProblem {
  const bare = { ...base, accessories: [] };
  const nothing = pointsOf(readDressed(dress(bare)).findings);
  const asked: readonly Levels[] = [
    wish,
    { from: base.occasion?.span.low ?? null, to: base.occasion?.span.high ?? null },
  ];
  const { schools } = base.client.ruleBook;
  const limits = setLimitsOf(base.client.ruleBook);
  const placeCost = schools.ornament === "layered" ? limits.layered : limits.edited;
  // An umbrella that stays keeps the rain off the others.
  const umbrellas = wardrobe.filter((piece) => shelters(piece) && isPinned(piece, wish));
  const sheltered = { ...bare, accessories: umbrellas };
  const pieces: (Piece | null)[] = [];
  const worths: number[] = [];
  const places: number[][] = [];
  const empty: Slot[] = [];
  for (const { slot, optional, pinned } of wish.slots) {
    const place: number[] = [];
    const offered = wardrobe.filter(
      (piece) =>
        slotOf(piece) === slot &&
        (pinned === null ? isWished(piece, asked, wish.forRain, umbrellas.length > 0) : piece.id === pinned),
    );
    for (const piece of offered) {
      const { findings } = readDressed(dress(swap(bare, slot, piece)));
      if (pinned === null && isKeptOut(sheltered, slot, piece, findings)) continue;
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
  const agreement = pointsBetween(pieces.map((piece) => piece && looseOf(piece, base.client)));
  const lone = new Map<readonly Rule[], Map<Piece | null, number>>();
  const together = new Int32Array(count * count);
  places.forEach((place, at) => {
    for (const [k, later] of places.slice(at + 1).entries()) {
      const [here, there] = [wish.slots[at]?.slot, wish.slots[at + 1 + k]?.slot];
      const meeting =
        here && there && meetings.find(({ slots }) => slots.includes(here) && slots.includes(there));
      for (const one of place)
        for (const other of later) {
          const points = meeting ? meetingPoints(meeting.rules, one, other) : agreedPoints(one, other);
          const value = Math.round(unit * points);
          together[one * count + other] = value;
          together[other * count + one] = value;
        }
    }
  });
  const worth = Int32Array.from(worths, (points) => Math.round(unit * points));
  return {
    problem: { places, worth, together, count, groups: groupsOf(pieces, base.client.ruleBook) },
    pieces,
    bare: empty,
  };

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

  /** What two pieces that do not meet on the body agree or argue by; praise counts in part. */
  function agreedPoints(one: number, other: number): number {
    const points = agreement(one, other);
    return points > 0 ? points * limits.shared : points;
  }

  /** What two pieces that meet on the body make of it beside what each makes of it alone. */
  function meetingPoints(rules: readonly Rule[], one: number, other: number): number {
    const [first, second] = [pieces[one], pieces[other]];
    const [a, b] = [first && slotOf(first), second && slotOf(second)];
    if (!first || !second || !a || !b) return 0;
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

/** Kept out for itself, whatever else is worn: where something says so it is heard again under the umbrella. */
function isKeptOut(sheltered: Look, slot: Slot, piece: Piece, findings: readonly Finding[]): boolean {
  if (!findings.some((finding) => keepsOut(finding, piece))) return false;
  if (sheltered.accessories.length === 0) return true;
  const { findings: under } = readDressed(dress(swap(sheltered, slot, piece)));
  return under.some((finding) => keepsOut(finding, piece));
}

function isPinned(piece: Piece, { slots }: SetWish): boolean {
  return slots.some(({ pinned }) => pinned === piece.id);
}

function isWished(piece: Piece, asked: readonly Levels[], dry: boolean, sheltered: boolean): boolean {
  if (dry && suffersInRain(piece) && !(sheltered && isSheltered(piece))) return false;
  return asked.every((levels) => isAtHome(piece, levels));
}

/** What more pieces cost together than each two of them do: more leads than the rules allow, and a second print. */
function groupsOf(pieces: readonly (Piece | null)[], book: RuleBook): Group[] {
  const lead = oneLead.settings(book);
  const prints = print.settings(book);
  const counted = (counts: (piece: Piece) => boolean) =>
    Uint8Array.from(pieces, (piece) => (piece && counts(piece) ? 1 : 0));
  return [
    {
      counts: counted((piece) => speaks(piece, lead.params.statement)),
      limit: leadsAllowed(lead.params, book.schools),
      cost: Math.round(-unit * lead.weight * effectValues.jars),
    },
    {
      counts: counted(({ pattern }) => pattern !== "plain"),
      limit: 1,
      cost: Math.round(-unit * prints.weight * effectValues.rubs),
    },
  ];
}
