import type { Dressed, Worn } from "../dressing/dressed";
import type { PairView } from "../dressing/pair";
import type { Piece } from "../piece/piece";
import { valuesOf, type Params, type Values } from "../rule-book/params";
import type { RuleBook } from "../rule-book/rule-book";
import type { SchoolName, Schools } from "../rule-book/schools";
import type { Finding, Lens } from "./finding";
import { judgeOf, type Judge } from "./judge";
import { noHope, type Hope, type Outlook } from "./outlook";
import type { Reads } from "./reads";

/** What a rule may be asked for beside a whole reading. */
export const ruleTags = {
  hem: "how a hem meets the shoe and the floor: what hem solvers and boards ask",
  set: "what the pieces of a set are to one another, without any base",
  leg: "what hosiery and shoe make of the leg together",
  neck: "what lies together at the neck",
  place: "what weather and ground do to a piece: what jars by it is not offered there",
} as const;

export type RuleTag = keyof typeof ruleTags;

/** Message templates by id (ICU MessageFormat): a name counts as {nameCount}, for the verbs that follow it. */
type Messages = Readonly<Record<string, string>>;

/** What a rule is given to judge with: everything its client's rule book makes of it. */
interface RuleContext<P extends Params, M extends string> {
  readonly params: Values<P>;
  readonly schools: Schools;
  readonly judge: Judge<M>;
}

/** What a rule is given to say what it hopes. */
interface HopeContext<P extends Params> {
  readonly params: Values<P>;
  readonly schools: Schools;
  /** What it says of what is on already. */
  readonly said: () => readonly Finding[];
}

type RuleId = `${Lens}.${string}`;

interface RuleSpec<P extends Params, M extends Messages, Seen> {
  /** "lens.name", unique. */
  readonly id: RuleId;
  readonly reads: Reads;
  readonly weight?: number;
  readonly title: string;
  /** What is amiss when it finds something so, in a few words that follow "fixes" and "adds". */
  readonly fault: string;
  /** The reason, as a stylist would say it. */
  readonly why: string;
  readonly params?: P;
  /** The schools that change its verdict. */
  readonly schools?: readonly SchoolName[];
  readonly tags?: readonly RuleTag[];
  readonly messages: M;
  /**
   * Whether a piece can have a part in what it says: where one that cannot takes the place of another, and the rest is
   * worn alike, it says the same. Left out: any can.
   */
  readonly concerns?: (item: Worn, params: Values<P>) => boolean;
  /** What it says of what is seen of a look. */
  readonly read: (seen: Seen, context: RuleContext<P, Extract<keyof M, string>>) => Finding[];
  /** The most it could make of a look that is still being chosen. A rule that praises and reads much must say it. */
  readonly hope?: (outlook: Outlook, context: HopeContext<P>) => Hope;
}

interface PairRuleSpec<P extends Params, M extends Messages> extends RuleSpec<P, M, PairView> {
  /** Of its messages those that say, of a look of two pieces, what the two are to one another. */
  readonly pair: readonly Extract<keyof M, string>[];
  /** Whether a piece can have a part in those, where fewer can than in all it says: of a pair with another, nothing is. */
  readonly concernsInPair?: (item: Worn, params: Values<P>) => boolean;
  /** All that it reads of a piece, where that is little: two pieces alike in it are judged alike, and once. */
  readonly judgesBy?: (piece: Piece) => string;
}

/** One testable statement about a look. */
export interface Rule<P extends Params = Params> {
  readonly id: RuleId;
  readonly lens: Lens;
  readonly reads: Reads;
  readonly weight: number;
  readonly title: string;
  readonly fault: string;
  readonly why: string;
  readonly params: P;
  readonly schools: readonly SchoolName[];
  readonly tags: readonly RuleTag[];
  readonly messages: Messages;
  /** Reads a dressed look with the parameters and schools of its client's rule book. */
  readonly read: (dressed: Dressed) => Finding[];
  /** The most it could make of a look that is still being chosen, under the same rule book. */
  hope(outlook: Outlook): Hope;
  /** Whether a piece can have a part in what it says; null where any can. */
  readonly concerns: ((item: Worn, book: RuleBook) => boolean) | null;
  /** What it says that two pieces are to one another; null for a rule that needs more of a look. */
  readonly pairs: PairReader | null;
  /** What a rule book makes of it: its figures, and its weight, 0 where it rests. */
  settings(book: RuleBook): { readonly params: Values<P>; readonly weight: number };
}

/** A rule as it is asked about two pieces. */
interface PairReader {
  /** Whether a piece can have a part in what it says. */
  concerns(item: Worn, book: RuleBook): boolean;
  /** All that it reads of a piece; null where that is too much to name. */
  readonly judgesBy: ((piece: Piece) => string) | null;
  read(pair: PairView): Finding[];
}

/** The figures of a rule that needs none. */
type NoParams = Readonly<Record<string, never>>;

const silence: Finding[] = [];

/** A rule that reads a whole look. */
export function defineRule<const P extends Params = NoParams, const M extends Messages = Messages>(
  spec: RuleSpec<P, M, Dressed>,
): Rule<P> {
  const { about, read, hope } = settled(spec);
  return { ...about, read, hope, pairs: null };
}

/** A rule that reads only what pieces have by themselves, so that it can be asked about any two of them. */
export function definePairRule<const P extends Params = NoParams, const M extends Messages = Messages>(
  spec: PairRuleSpec<P, M>,
): Rule<P> {
  const { about, read, hope } = settled(spec);
  const ofPairs = new Set<string>(spec.pair);
  const pairs: PairReader = {
    concerns: (item, book) =>
      (spec.concernsInPair ?? spec.concerns)?.(item, about.settings(book).params) ?? true,
    judgesBy: spec.judgesBy ?? null,
    read(pair) {
      const findings = read(pair);
      return findings.length === 0 ? findings : findings.filter(({ message }) => ofPairs.has(message));
    },
  };
  return { ...about, read, hope, pairs };
}

/** What a rule book makes of a rule. */
interface Settings<P extends Params, M extends string> extends RuleContext<P, M> {
  readonly weight: number;
  readonly rests: boolean;
}

/** What each rule book makes of a rule, worked out once: a book is never changed, only followed by another. */
function settingsBy<P extends Params, M extends string>(
  { id, weight = 1 }: { readonly id: RuleId; readonly weight?: number },
  params: P,
): (book: RuleBook) => Settings<P, M> {
  const known = new WeakMap<RuleBook, Settings<P, M>>();
  // Thousands of looks are read by one book in a row: the last one is not looked up again.
  let lastBook: RuleBook | null = null;
  let last: Settings<P, M> | null = null;
  return (book) => {
    if (last && book === lastBook) return last;
    let own = known.get(book);
    if (!own) {
      const weighed = book.weights[id] ?? weight;
      own = {
        params: valuesOf(id, params, book),
        schools: book.schools,
        judge: judgeOf(id, lensOf(id), weighed),
        weight: weighed,
        rests: book.weights[id] === 0,
      };
      known.set(book, own);
    }
    lastBook = book;
    last = own;
    return own;
  };
}

function lensOf(id: RuleId): Lens {
  return id.slice(0, id.indexOf(".")) as Lens;
}

/** A rule's description with what was left out filled in, and its reader under the rule book of who is read. */
function settled<P extends Params, M extends Messages, Seen extends PairView>(spec: RuleSpec<P, M, Seen>) {
  const { id, reads, title, fault, why, messages, weight = 1, schools = [], tags = [] } = spec;
  const { read: saidOf, hope: hopeOf, concerns: hasPart } = spec;
  const params = spec.params ?? ({} as P);
  const settings = settingsBy<P, Extract<keyof M, string>>(spec, params);
  const read = (seen: Seen): Finding[] => {
    const own = settings(seen.look.client.ruleBook);
    return own.rests ? silence : saidOf(seen, own);
  };
  const hope = (outlook: Outlook): Hope => {
    const own = settings(outlook.on.look.client.ruleBook);
    if (own.rests || !hopeOf) return noHope;
    const said = () => saidOf(outlook.on as Dressed & Seen, own);
    return hopeOf(outlook, { params: own.params, schools: own.schools, said });
  };
  const concerns = hasPart ? (item: Worn, book: RuleBook) => hasPart(item, settings(book).params) : null;
  const described = {
    id,
    lens: lensOf(id),
    reads,
    title,
    fault,
    why,
    messages,
    weight,
    schools,
    tags,
    params,
  };
  return { about: { ...described, settings, concerns }, read, hope };
}
