import type { MeasurementName } from "../body/measurements";
import type { Effect, Figure, Finding, Lens, Proposal } from "./finding";
import { namedIn, namesUnmeasured, pieceOf, type Naming, type Spoken } from "./spoken";

/** What a judgement rests on. */
interface Facts {
  /** The pieces it speaks of, by their name in the message. */
  readonly of?: Naming;
  /** The pieces it is about, where these are not just those it names. */
  readonly about?: readonly Spoken[];
  /** Further words of the message, said as they stand. */
  readonly words?: Readonly<Record<string, string>>;
  readonly figures?: Readonly<Record<string, Figure>>;
  readonly proposals?: readonly Proposal[];
  readonly caution?: string;
  readonly estimated?: boolean;
  readonly onEdge?: boolean;
  readonly needs?: readonly MeasurementName[];
}

/**
 * Makes a finding of a rule from an effect, one of its messages, and what it rests on: what is this judgement's
 * own, then what it shares with others. Its own stands above what is shared.
 */
export type Judge<M extends string> = (effect: Effect, message: M, own?: Facts, shared?: Facts) => Finding;

const nothing = {};
const none: readonly never[] = [];

/** The judge of one rule at the weight that a rule book gives it. */
export function judgeOf<M extends string>(rule: string, lens: Lens, weight: number): Judge<M> {
  return (effect, message, own = nothing, shared = nothing) => {
    const naming = own.of ?? shared.of;
    const of = naming ? namedIn(naming) : nothing;
    const about = own.about ?? shared.about;
    const figures = own.figures ?? shared.figures ?? nothing;
    return {
      rule,
      lens,
      weight,
      effect,
      message,
      of,
      about: about?.map(pieceOf) ?? null,
      words: own.words ?? shared.words ?? nothing,
      figures,
      proposals: own.proposals ?? shared.proposals ?? none,
      caution: own.caution ?? shared.caution ?? null,
      onEdge: own.onEdge ?? shared.onEdge ?? false,
      // A length of a piece that nobody has measured all of may be the usual one.
      estimated: (own.estimated ?? shared.estimated ?? false) || (hasLength(figures) && namesUnmeasured(of)),
      needs: own.needs ?? shared.needs ?? none,
    };
  };
}

function hasLength(figures: NonNullable<Facts["figures"]>): boolean {
  for (const name in figures) if (figures[name]?.unit === "cm") return true;
  return false;
}
