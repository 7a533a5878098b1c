import { difference } from "../../colour/difference";
import { breachesOf, type Breach } from "../../colour/value-match";
import type { Worn } from "../../dressing/dressed";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost, figure } from "../figures";
import type { Figure, Judgement, Proposal } from "../finding";

export const valueMatch = defineRule({
  id: "colour.value-match",
  lens: "colour",
  weight: 1,
  title: "Shoe and bag agree",
  why: "A set holds together when its pieces are of one depth, one temperature and one strength of contrast; they need not be of one colour.",
  params: {
    depth: param(22, "L*", "difference of depth up to which two pieces agree"),
    opposed: param(-0.15, "ratio", "product of the temperatures under which they are opposed"),
    contrast: param(25, "L*", "difference of inner contrast up to which they agree"),
    holds: param(12, "L*", "how near a piece of high contrast must come to hold the other's depth"),
    copy: param(6, "dE", "difference up to which a matched shoe and bag are one colour"),
  },
  schools: ["shoeBag"],
  read({ shoe, bag, accessories }, limits, schools) {
    const rest = others(accessories, limits);
    if (!shoe || !bag || shoe.seen.length === 0) return rest;
    const both = schools.shoeBag === "matched" ? copied(shoe, bag, limits.copy) : aligned(shoe, bag, limits);
    return [...both, ...rest];
  },
});

type Limits = Parameters<typeof breachesOf>[2];

const toMend: readonly Proposal[] = [
  { kind: "wear", slot: "shoe" },
  { kind: "wear", slot: "bag" },
];

function aligned(shoe: Worn, bag: Worn, limits: Limits): Judgement[] {
  const [one, other] = [shoe.profile.character, bag.profile.character];
  if (!one || !other) return [];
  const shared = {
    names: { shoe: shoe.piece.name, bag: bag.piece.name },
    pieces: [shoe.piece.id, bag.piece.id],
  };
  const breaches = breachesBetween(shoe, bag, limits);
  const depth = Math.abs(one.depth - other.depth);
  if (breaches.length === 0)
    return [
      {
        effect: "lifts",
        say: "{shoe} and {bag} agree without copying: {depth} apart in depth.",
        figures: { depth: atMost("difference of depth", depth, "L*", limits.depth) },
        ...shared,
      },
    ];
  return [
    {
      effect: "rubs",
      say: `{shoe} and {bag} part in ${breaches.map(words).join(" and ")}.`,
      figures: Object.fromEntries(breaches.map((breach) => [breach.by, figureOf(breach, limits)])),
      proposals: toMend,
      ...shared,
    },
  ];
}

function words({ by }: Breach): string {
  if (by === "depth") return "depth ({depth})";
  if (by === "contrast") return "inner contrast ({contrast})";
  return by === "temperature" ? "temperature, one warm and one cool" : "clarity, one clear and one muted";
}

function figureOf({ by, value }: Breach, limits: Limits): Figure {
  switch (by) {
    case "depth":
      return atMost("difference of depth", value, "L*", limits.depth);
    case "contrast":
      return atMost("difference of inner contrast", value, "L*", limits.contrast);
    case "temperature":
      return figure("product of the temperatures", value, "ratio");
    case "clarity":
      return figure("bands of clarity between them", value, "count");
  }
}

function copied(shoe: Worn, bag: Worn, copy: number): Judgement[] {
  const [one, other] = [shoe.profile.ground, bag.profile.ground];
  if (!one || !other) return [];
  const apart = difference(one.shade, other.shade);
  return [
    {
      effect: apart <= copy ? "lifts" : "rubs",
      say:
        apart <= copy
          ? "{shoe} and {bag} match ({apart})."
          : "{shoe} and {bag} are {apart} apart, and this rule book wants them of one colour.",
      names: { shoe: shoe.piece.name, bag: bag.piece.name },
      figures: { apart: atMost("difference of the two", apart, "dE", copy) },
      pieces: [shoe.piece.id, bag.piece.id],
      proposals: apart <= copy ? [] : toMend,
    },
  ];
}

/** The larger of the other accessories, where they part from one another in more than one way. */
function others(pieces: readonly Worn[], limits: Limits): Judgement[] {
  const large = pieces.filter(({ piece, area }) => piece.kind !== "hosiery" && area >= leastArea);
  for (let i = 0; i < large.length; i += 1)
    for (let j = i + 1; j < large.length; j += 1) {
      const [one, other] = [large[i], large[j]];
      if (!one || !other || isShoeAndBag(one, other)) continue;
      const breaches = breachesBetween(one, other, limits);
      if (breaches.length < 2) continue;
      return [
        {
          effect: "note",
          say: `{one} and {other} part in ${breaches.map(words).join(" and ")}.`,
          names: { one: one.piece.name, other: other.piece.name },
          figures: Object.fromEntries(breaches.map((breach) => [breach.by, figureOf(breach, limits)])),
          pieces: [one.piece.id, other.piece.id],
        },
      ];
    }
  return [];
}

/** Share of the look from which an accessory is large enough to be compared. */
const leastArea = 0.01;

function isShoeAndBag({ piece: one }: Worn, { piece: other }: Worn): boolean {
  return (one.kind === "shoe" && other.kind === "bag") || (one.kind === "bag" && other.kind === "shoe");
}

function breachesBetween(one: Worn, other: Worn, limits: Limits): Breach[] {
  const { matched: first } = one.profile;
  const { matched: second } = other.profile;
  return first && second ? breachesOf(first, second, limits) : [];
}
