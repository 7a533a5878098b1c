import type { Dressed } from "../dressing/dressed";
import { valuesOf, type Params, type Values } from "../rule-book/params";
import type { RuleBook } from "../rule-book/rule-book";
import type { SchoolName, Schools } from "../rule-book/schools";
import type { Finding, Judgement, Lens } from "./finding";

interface RuleSpec<P extends Params> {
  /** "lens.name", unique. */
  readonly id: string;
  readonly lens: Lens;
  readonly weight: number;
  readonly title: string;
  /** The reason, as a stylist would say it. */
  readonly why: string;
  readonly params: P;
  /** The schools that change its verdict. */
  readonly schools?: readonly SchoolName[];
  /**
   * What it says of a dressed look. What several judgements share is spread last: on Node 20 an object that
   * begins with a spread takes fifteen times as long to make.
   */
  read(dressed: Dressed, params: Values<P>, schools: Schools): Judgement[];
}

/** One testable statement about a look. */
export interface Rule {
  readonly id: string;
  readonly lens: Lens;
  readonly weight: number;
  readonly title: string;
  readonly why: string;
  readonly params: Params;
  readonly schools: readonly SchoolName[];
  /** Reads a dressed look with the parameters and schools of its client's rule book. */
  read(dressed: Dressed): Finding[];
}

/** What one rule book makes of a rule, worked out once: a book is never changed, only followed by another. */
interface Settings<P extends Params> {
  readonly values: Values<P>;
  readonly weighed: number;
  readonly rests: boolean;
}

const nothing = {};
const none: readonly never[] = [];
const silence: Finding[] = [];

export function defineRule<const P extends Params>(spec: RuleSpec<P>): Rule & { readonly params: P } {
  const { id, lens, weight } = spec;
  const settings = new WeakMap<RuleBook, Settings<P>>();
  const settingsIn = (book: RuleBook): Settings<P> => {
    let own = settings.get(book);
    if (!own) {
      own = {
        values: valuesOf(id, spec.params, book),
        weighed: book.weights[id] ?? weight,
        rests: book.weights[id] === 0,
      };
      settings.set(book, own);
    }
    return own;
  };
  const finding = (judgement: Judgement, weighed: number): Finding => ({
    rule: id,
    lens,
    weight: weighed,
    effect: judgement.effect,
    say: judgement.say,
    names: judgement.names ?? nothing,
    figures: judgement.figures ?? nothing,
    pieces: judgement.pieces,
    proposals: judgement.proposals ?? none,
    caution: judgement.caution ?? null,
    estimated: judgement.estimated ?? false,
    needs: judgement.needs ?? none,
  });
  return {
    id,
    lens,
    weight,
    title: spec.title,
    why: spec.why,
    params: spec.params,
    schools: spec.schools ?? [],
    read(dressed) {
      const book = dressed.look.client.ruleBook;
      const { values, weighed, rests } = settingsIn(book);
      if (rests) return silence;
      const judgements = spec.read(dressed, values, book.schools);
      return judgements.length === 0 ? silence : judgements.map((judgement) => finding(judgement, weighed));
    },
  };
}
