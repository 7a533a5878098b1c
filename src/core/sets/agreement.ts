import { breachesOf, type Breach } from "../colour/value-match";
import { difference } from "../colour/difference";
import { profileOf } from "../dressing/profile";
import { clash } from "../finish/clash";
import { finishes } from "../finish/finishes";
import { metalGroup } from "../finish/metals";
import { bodyZoneOf } from "../piece/body-zone";
import type { Piece } from "../piece/piece";
import type { RuleBook } from "../rule-book/rule-book";
import { answers } from "../style/answers";
import { storyOf } from "../style/story";
import { valuesOf, type Values } from "../rule-book/params";
import { echo } from "../rules/colour/echo";
import { valueMatch } from "../rules/colour/value-match";
import { oneBold } from "../rules/finish/one-bold";
import { oneLead } from "../rules/style/one-lead";
import type { Rule } from "../rules/define-rule";

/** One thing that two pieces agree or disagree in. */
export interface AgreementPoint {
  readonly by: "colour" | "echo" | "finish" | "metal" | "style" | "statement" | "register";
  /** In the points of a reading: positive where they agree. */
  readonly points: number;
  readonly say: string;
}

/** Takes one point up; what it says is worked out only by those who ask. */
type Add = (by: AgreementPoint["by"], points: number, say: () => string) => void;

/** Why two pieces of one set agree, and why not; the points are those the rules would give. */
export function agreementOf(one: Piece, other: Piece, book: RuleBook): AgreementPoint[] {
  const points: AgreementPoint[] = [];
  agree(one, other, book, (by, value, say) => points.push({ by, points: value, say: say() }));
  return points;
}

/** What two pieces are worth to one another, in the points of a reading. */
export function agreementPoints(one: Piece, other: Piece, book: RuleBook): number {
  let sum = 0;
  agree(one, other, book, (_, value) => {
    sum += value;
  });
  return sum;
}

function agree(one: Piece, other: Piece, book: RuleBook, add: Add): void {
  colours(one, other, book, add);
  echoes(one, other, book, add);
  surfaces(one, other, book, add);
  metals(one, other, book, add);
  styles(one, other, book, add);
  levels(one, other, add);
}

/** Pieces too small for their depth and contrast to be weighed against another's. */
function isSmall({ kind }: Piece): boolean {
  return bodyZoneOf(kind) === "face" || kind === "ring" || kind === "watch";
}

function colours(one: Piece, other: Piece, book: RuleBook, add: Add): void {
  const [first, second] = [profileOf(one), profileOf(other)];
  if (!first.matched || !second.matched) return;
  const isShoeAndBag =
    (one.kind === "shoe" && other.kind === "bag") || (one.kind === "bag" && other.kind === "shoe");
  if (!isShoeAndBag && (isSmall(one) || isSmall(other))) return;
  const limits = figuresOf(valueMatch, book);
  if (isShoeAndBag && book.schools.shoeBag === "matched") {
    const apart =
      first.ground && second.ground ? difference(first.ground.shade, second.ground.shade) : Infinity;
    const matches = apart <= limits.copy;
    add(
      "colour",
      matches ? 1 : -1,
      () => `${matches ? "one colour" : "not of one colour"} (dE ${apart.toFixed(1)})`,
    );
    return;
  }
  const breaches = breachesOf(first.matched, second.matched, limits);
  if (breaches.length > 0) {
    add("colour", isShoeAndBag ? -1 : -0.5, () => `parted in ${breaches.map(words).join(" and ")}`);
    return;
  }
  const depth = Math.abs(first.matched.character.depth - second.matched.character.depth);
  add("colour", isShoeAndBag ? 1 : 0.25, () => `of one depth (${depth.toFixed(0)} L* apart)`);
}

function words({ by, value }: Breach): string {
  if (by === "temperature") return "temperature, one warm and one cool";
  if (by === "clarity") return "clarity, one clear and one muted";
  return `${by === "depth" ? "depth" : "inner contrast"} (${value.toFixed(0)} L*)`;
}

function echoes(one: Piece, other: Piece, book: RuleBook, add: Add): void {
  const { distance, minShare } = figuresOf(echo, book);
  for (const tint of profileOf(one).tints) {
    if (tint.neutral || tint.share < minShare) continue;
    for (const met of profileOf(other).tints) {
      if (met.share < minShare || difference(met.shade, tint.shade) > distance) continue;
      add("echo", 0.75, () => `answer each other in ${tint.family}`);
      return;
    }
  }
}

function surfaces(one: Piece, other: Piece, book: RuleBook, add: Add): void {
  const { bold } = figuresOf(oneBold, book);
  const [a, b] = [finishes[one.finish], finishes[other.finish]];
  if (a.kin !== b.kin) {
    if (a.boldness < bold || b.boldness < bold) return;
    add("finish", clash([a, b]) ? -3 : -1, () => `two bold surfaces, ${one.finish} and ${other.finish}`);
    return;
  }
  if (Math.max(a.boldness, b.boldness) >= bold && a.boldness !== b.boldness)
    add("finish", 0.5, () => `${one.finish} and ${other.finish} are one kin`);
}

function metals(one: Piece, other: Piece, book: RuleBook, add: Add): void {
  const [a, b] = [metalGroup(one.metal), metalGroup(other.metal)];
  if (!a || !b || one.metalSize === 0 || other.metalSize === 0) return;
  if (a === b)
    add("metal", 0.25, () =>
      one.metal === other.metal ? `both ${one.metal}` : `one metal story, ${one.metal} and ${other.metal}`,
    );
  else if (book.schools.metals !== "free") {
    const plain = Math.min(one.metalSize, other.metalSize) >= 2;
    add("metal", plain ? -3 : -1, () => `${one.metal} beside ${other.metal}`);
  }
}

function styles(one: Piece, other: Piece, book: RuleBook, add: Add): void {
  const { statement: leads } = figuresOf(oneLead, book);
  const shared = one.poles.find((pole) => other.poles.includes(pole));
  if (shared) add("style", 0.25, () => `both ${shared}`);
  else if (one.statement + other.statement > 0) {
    const story = storyOf([one, other]);
    if (story.kind === "contrast")
      add("style", 0.1, () => `${story.pole} against ${story.against}, a contrast`);
    else
      add("style", -0.25, () => `unrelated, ${one.poles.join(" and ")} beside ${other.poles.join(" and ")}`);
  }
  if (one.statement < leads || other.statement < leads) return;
  if (!answers(one, other)) add("statement", -1, () => "both want to lead");
}

function levels(one: Piece, other: Piece, add: Add): void {
  const gap = Math.max(one.register.low - other.register.high, other.register.low - one.register.high);
  if (gap > 0) add("register", gap > 1 ? -3 : -1, () => `${gap.toFixed(1)} steps of the register apart`);
}

/** A rule's figures as a book has them: what the rule compares by, two pieces are compared by. */
function figuresOf<P extends Rule["params"]>(rule: Rule & { readonly params: P }, book: RuleBook): Values<P> {
  return valuesOf(rule.id, rule.params, book);
}
