import type { Piece } from "../../piece/piece";
import type { Pole } from "../../style/poles";
import { storyOf, type Story } from "../../style/story";
import { param } from "../../rule-book/params";
import { definePairRule } from "../define-rule";
import { atMost, figure } from "../figures";
import { swapOrTakeOff } from "../proposals";
import { doomed, hopeFor, noHope, type Hope, type Outlook } from "../outlook";
import type { Effect } from "../finding";
import type { Worn } from "../../dressing/dressed";

export const story = definePairRule({
  id: "style.story",
  reads: "everything",
  title: "The set tells one story",
  fault: "pieces from different days",
  why: "Classic and minimal are the ground that everything stands on. What speaks beyond that should say one thing, or set two opposites against each other on purpose; three ways at once are a jumble sale.",
  params: {
    most: param(2, "count", "unrelated ways a set may lean before it jars"),
  },
  tags: ["set"],
  messages: {
    shared: "Everything that stands out here says the same thing: {pole}.",
    contrast: "{pole} against {against}: two opposites, on purpose.",
    unrelated: "These pieces say {count} different things at once: {poles}.",
  },
  pair: ["contrast", "unrelated"],
  concerns: ({ piece }) => isHeard(piece),
  judgesBy: manner,
  read({ accessories }, { params, judge }) {
    const pieces: Piece[] = [];
    for (const { piece } of accessories) if (isHeard(piece)) pieces.push(piece);
    if (pieces.length < 2) return [];
    const { telling, told, said } = tell(pieces, params.most);
    if (!told || said === "note") return [];
    if (told.kind === "shared") {
      const figures = { count: figure("pieces that share it", telling.length, "count") };
      return [judge(said, "shared", { about: telling, words: { pole: told.pole }, figures })];
    }
    if (told.kind === "contrast") {
      const words = { pole: told.pole, against: told.against };
      return [judge(said, "contrast", { about: pieces, words })];
    }
    const ways = unrelatedWays(told.poles);
    return [
      judge(said, "unrelated", {
        about: pieces,
        words: { poles: ways.join(", ") },
        figures: { count: atMost("unrelated ways", ways.length, "count", 1) },
        proposals: swapOrTakeOff(...telling),
      }),
    ];
  },
  hope({ on, open }, { params }) {
    const heard = (items: readonly Worn[]) => items.map(({ piece }) => piece).filter(isHeard);
    const pieces = heard(on.accessories);
    // The same company comes up again and again while a set is chosen.
    const known = hoped.get(open) ?? new Map<string, Hope>();
    hoped.set(open, known);
    const key = pieces.map(manner).sort().join("; ");
    const hope = known.get(key) ?? hopeIn(companiesOf(pieces, [...open.values()].map(heard)), params.most);
    known.set(key, hope);
    return hope;
  },
});

/** What was hoped before, by what may still be put on and the manner of what is on. */
const hoped = new WeakMap<Outlook["open"], Map<string, Hope>>();

/** All that a story reads of a piece. */
function manner({ poles, statement }: Piece): string {
  return `${poles.join()} ${statement}`;
}

/** The best that any of some companies tells; where they are too many to go through, anything may be told. */
function hopeIn(companies: readonly (readonly Piece[])[] | null, most: number): Hope {
  if (!companies) return hopeFor("lifts");
  const best = companies.reduce<Telling>((found, pieces) => betterOf(found, tell(pieces, most).said), "jars");
  return best === "lifts" ? hopeFor(best) : best === "note" ? noHope : doomed(best);
}

type Telling = Extract<Effect, "jars" | "rubs" | "note" | "lifts">;

/** What the pieces that are heard make together, by those of them that speak; a note where there is nothing to say. */
function tell(pieces: readonly Piece[], most: number) {
  const telling = pieces.filter((piece) => !isQuiet(piece));
  const told = telling.length < 2 ? null : storyOf(telling);
  return { telling, told, said: told ? effectOf(told, telling, pieces, most) : ("note" as const) };
}

function effectOf(told: Story, telling: readonly Piece[], pieces: readonly Piece[], most: number): Telling {
  if (told.kind === "contrast") return "lifts";
  if (told.kind === "shared")
    return told.count === telling.length && !grounds.has(told.pole) ? "lifts" : "note";
  const ways = unrelatedWays(told.poles).length;
  // At least half of all that is worn on one ground is no jumble.
  if (ways < 2 || (ways <= most && storyOf(pieces).kind === "shared")) return "note";
  return ways > most ? "jars" : "rubs";
}

function unrelatedWays(poles: readonly Pole[]): Pole[] {
  return poles.filter((pole) => !grounds.has(pole));
}

const tellings: readonly Telling[] = ["jars", "rubs", "note", "lifts"];

function betterOf(one: Telling, other: Telling): Telling {
  return tellings.indexOf(other) > tellings.indexOf(one) ? other : one;
}

/** As many companies as are gone through one by one. */
const mostCompanies = 60;

/** Every company that what is on may come into, pieces that tell alike taken as one; null where these are many. */
function companiesOf(on: readonly Piece[], open: readonly (readonly Piece[])[]): Piece[][] | null {
  let companies: Piece[][] = [[...on]];
  for (const pieces of open) {
    const unlike = new Map(pieces.map((piece) => [manner(piece), piece]));
    if (companies.length * (unlike.size + 1) > mostCompanies) return null;
    companies = companies.flatMap((company) => [
      company,
      ...[...unlike.values()].map((piece) => [...company, piece]),
    ]);
  }
  return companies;
}

/** The ground that everything stands on: to be classic is no story. */
const grounds: ReadonlySet<Pole> = new Set(["classic", "minimal"]);

/** Hosiery tells nothing, and of a piece of which nobody has said how it leans nothing is known. */
function isHeard({ kind, poles }: Piece): boolean {
  return kind !== "hosiery" && poles.length > 0;
}

/** Quiet company goes along with any story: nothing of a statement, and only classic or minimal. */
function isQuiet({ statement, poles }: Piece): boolean {
  return statement === 0 && poles.every((pole) => pole === "classic" || pole === "minimal");
}
