import { dress } from "../dressing/dress";
import { finishes } from "../finish/finishes";
import { metalGroup, type MetalGroup } from "../finish/metals";
import type { Client } from "../piece/client";
import type { Piece } from "../piece/piece";
import { spoiledByRain } from "../place/rain";
import { scoreOf } from "../reading/score";
import { verdictOf, type Verdict } from "../reading/verdict";
import type { Finding } from "../rules/finding";
import { rulesTagged } from "../rules/registry";
import { agreementOf, looseOf, pointsOf } from "./agreement";

/** What a set is by itself, before any base. */
export interface Coherence {
  /** 0-100, by the rules that need no base. */
  readonly score: number;
  readonly verdict: Verdict;
  readonly findings: readonly Finding[];
  /** The metals it shows; one is one story. */
  readonly metals: readonly MetalGroup[];
  /** The levels at which every piece is at home, of those of which it was said; null when of none. */
  readonly span: { readonly low: number; readonly high: number } | "apart" | null;
  readonly season: SetSeason;
  /** Whether nothing in it suffers in the rain. */
  readonly forRain: boolean;
}

/** The months a set belongs to; "torn" when its pieces want different ones. */
export type SetSeason = "all year" | "warm months" | "cold months" | "torn";

const rules = rulesTagged("set");

/** Reads some accessories as a set on a client, without a base. */
export function coherenceOf(pieces: readonly Piece[], client: Client): Coherence {
  const dressed = dress({ client, garments: [], accessories: pieces, adjustments: [], occasion: null });
  const findings = rules.flatMap((rule) => rule.read(dressed));
  const score = scoreOf(findings);
  return {
    score,
    verdict: verdictOf(findings, score),
    findings,
    metals: [
      ...new Set(pieces.flatMap(({ metal, metalSize }) => (metalSize > 0 ? (metalGroup(metal) ?? []) : []))),
    ],
    span: spanOf(pieces),
    season: seasonOf(pieces),
    forRain: spoiledByRain(pieces).length === 0,
  };
}

function spanOf(pieces: readonly Piece[]): Coherence["span"] {
  const registers = pieces.flatMap(({ register }) => register ?? []);
  if (registers.length === 0) return null;
  const low = Math.max(...registers.map((register) => register.low));
  const high = Math.min(...registers.map((register) => register.high));
  return low <= high ? { low, high } : "apart";
}

function seasonOf(pieces: readonly Piece[]): SetSeason {
  const seasons = new Set(
    pieces.map(({ finish }) => finishes[finish].season).filter((season) => season !== null),
  );
  if (seasons.size === 0) return "all year";
  if (seasons.size > 1) return "torn";
  return seasons.has("warm") ? "warm months" : "cold months";
}

/** Two pieces of a set, with what the rules say of them together. */
export interface PairAgreement {
  readonly one: Piece;
  readonly other: Piece;
  readonly points: number;
  readonly because: readonly Finding[];
}

/** Every pair of a set with why it agrees or not, the worst first. */
export function pairsOf(pieces: readonly Piece[], client: Client): PairAgreement[] {
  const loose = pieces.map((piece) => ({ piece, laid: looseOf(piece, client) }));
  return loose
    .flatMap((one, i) =>
      loose.slice(i + 1).map((other): PairAgreement => {
        const because = agreementOf(one.laid, other.laid);
        return { one: one.piece, other: other.piece, because, points: pointsOf(because) };
      }),
    )
    .sort((one, other) => one.points - other.points);
}
