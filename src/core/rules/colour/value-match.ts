import { difference } from "../../colour/difference";
import { breachesOf, type Breach, type MatchLimits } from "../../colour/value-match";
import type { Worn } from "../../dressing/dressed";
import { param } from "../../rule-book/params";
import { definePairRule } from "../define-rule";
import { atMost } from "../figures";
import type { Finding } from "../finding";
import { wear } from "../proposals";
import { breachFacts } from "./breach-facts";
import { hopeFor, isOpen, surely } from "../outlook";

export const valueMatch = definePairRule({
  id: "colour.value-match",
  reads: "everything",
  title: "Shoe and bag agree",
  fault: "shoe and bag at odds",
  why: "A set holds together when its pieces are of one depth, one temperature and one strength of contrast; they need not be of one colour.",
  params: {
    depth: param(22, "L*", "difference of depth up to which two pieces agree"),
    opposed: param(-0.15, "ratio", "product of the temperatures under which they are opposed"),
    contrast: param(25, "L*", "difference of inner contrast up to which they agree"),
    holds: param(12, "L*", "how near a piece of high contrast must come to hold the other's depth"),
    copy: param(6, "dE", "difference up to which a matched shoe and bag are one colour"),
    large: param(0.01, "share", "share of the look from which another accessory is compared"),
    ways: param(2, "count", "ways in which two of those must part to be mentioned"),
  },
  schools: ["shoeBag"],
  tags: ["set"],
  messages: {
    aligned: "{shoe} and {bag} go together without matching.",
    parted: "{shoe} and {bag} do not go together: they differ in {ways}.",
    matched: "{shoe} and {bag} match.",
    alike: "{shoe} and {bag} are the same colour: they match.",
    unmatched: "{shoe} and {bag} do not match, and this rule book asks for one colour.",
    others: "{one} and {other} do not go together: they differ in {ways}.",
  },
  pair: ["aligned", "parted", "matched", "alike", "unmatched", "others"],
  concerns: (item, { large }) => isShoeOrBag(item) || isLarge(item, large),
  concernsInPair: () => true,
  read({ shoe, bag, accessories }, { params, schools, judge }) {
    const findings: Finding[] = [];
    const of = shoe && bag && { shoe, bag };
    const proposals = wear("shoe", "bag");
    if (of && of.shoe.seen.length > 0 && schools.shoeBag === "matched") {
      const apart = groundsApart(of.shoe, of.bag);
      const figures = { apart: atMost("difference of the two", apart ?? 0, "dE", params.copy) };
      if (apart !== null && apart <= params.copy) findings.push(judge("lifts", "matched", { of, figures }));
      else if (apart !== null) findings.push(judge("rubs", "unmatched", { of, figures, proposals }));
    } else if (of && of.shoe.seen.length > 0) {
      const [one, other] = [of.shoe.profile.character, of.bag.profile.character];
      const breaches = breachesBetween(of.shoe, of.bag, params);
      const depth = Math.abs((one?.depth ?? 0) - (other?.depth ?? 0));
      const figures = { depth: atMost("difference of depth", depth, "L*", params.depth) };
      const apart = groundsApart(of.shoe, of.bag);
      if (apart !== null && apart <= params.copy) {
        const copied = { apart: atMost("difference of the two", apart, "dE", params.copy) };
        findings.push(judge("note", "alike", { of, figures: copied }));
      } else if (one && other && breaches.length === 0)
        findings.push(judge("lifts", "aligned", { of, figures }));
      else if (one && other)
        findings.push(judge("rubs", "parted", { of, ...breachFacts(breaches, params), proposals }));
    }
    const pair = partedPair(accessories, params);
    if (pair) {
      const { one, other, breaches } = pair;
      findings.push(judge("note", "others", { of: { one, other }, ...breachFacts(breaches, params) }));
    }
    return findings;
  },
  hope(outlook, { said }) {
    return isOpen(outlook, "shoe", "bag") ? hopeFor("lifts") : surely(said());
  },
});

/** The first two of the larger other accessories that part from one another in more than one way. */
function partedPair(pieces: readonly Worn[], limits: MatchLimits & { large: number; ways: number }) {
  const large: Worn[] = [];
  for (const item of pieces) if (isLarge(item, limits.large)) large.push(item);
  for (let i = 0; i < large.length; i += 1)
    for (let k = i + 1; k < large.length; k += 1) {
      const [one, other] = [large[i] as Worn, large[k] as Worn];
      if (isShoeOrBag(one) && isShoeOrBag(other)) continue;
      const breaches = breachesBetween(one, other, limits);
      if (breaches.length >= limits.ways) return { one, other, breaches };
    }
  return null;
}

function isLarge({ piece, area }: Worn, large: number): boolean {
  return area >= large && piece.kind !== "hosiery";
}

/** How far the grounds of shoe and bag lie apart, dE; null where one has no colour. */
function groundsApart(shoe: Worn, bag: Worn): number | null {
  const [one, other] = [shoe.profile.ground, bag.profile.ground];
  return one && other ? difference(one.shade, other.shade) : null;
}

function isShoeOrBag({ piece: { kind } }: Worn): boolean {
  return kind === "shoe" || kind === "bag";
}

function breachesBetween(one: Worn, other: Worn, limits: MatchLimits): readonly Breach[] {
  const { matched: first } = one.profile;
  const { matched: second } = other.profile;
  return first && second ? breachesOf(first, second, limits) : [];
}
