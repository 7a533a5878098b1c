import { markOf } from "@/core/reading/verdict";
import type { Client } from "@/core/piece/client";
import type { Piece } from "@/core/piece/piece";
import { phrase } from "@/core/reading/phrase";
import { levelWord } from "@/core/register/ladder";
import { pairsOf, type Coherence, type PairAgreement } from "@/core/sets/coherence";
import { withinSentence } from "@/core/words/within-sentence";
import { sayWith } from "@/words/say";
import { setsWords } from "@/words/sets";
import { useLengthUnit } from "../../kit/length-unit";
import { Mark, VerdictMark, wordOf } from "../../kit/marks";
import { Unfold } from "../../kit/unfold";

interface CoherenceLineProps {
  readonly pieces: readonly Piece[];
  readonly client: Client;
  /** What they are as a set. */
  readonly coherence: Coherence;
  /** Shown with its reasons from the start. */
  readonly open?: boolean;
}

const metalWords = {
  warm: setsWords.goldAndBrass,
  cool: setsWords.silverAndSteel,
  dark: setsWords.darkMetal,
} as const;

/** What a set is by itself: its agreement, metals and levels; opened, why its pieces agree or not. */
export function CoherenceLine({ pieces, client, coherence, open = false }: CoherenceLineProps) {
  const unit = useLengthUnit();
  const { score, verdict, findings, metals, span } = coherence;
  const facts = [
    metals.length === 0 ? setsWords.noMetal : metals.map((metal) => metalWords[metal]).join(" beside "),
    sayLevels(span),
  ];
  return (
    <Unfold
      open={open}
      className="text-tiny text-ink-soft"
      summaryClass="tabular flex cursor-pointer flex-wrap items-center gap-x-1.5"
      summary={
        <>
          <VerdictMark of={verdict} className="size-3.5" />
          <span className="text-ink">
            {sayWith(setsWords.byItselfWord, { verdict: wordOf(verdict), mark: markOf({ verdict, score }) })}
          </span>
          <span>{facts.join("; ")}</span>
        </>
      }
    >
      <ul className="mt-1.5 grid gap-0.5">
        {findings.map((finding, i) => (
          <li key={i} className="flex gap-1.5">
            <Mark of={finding.effect} className="mt-0.5 size-3.5 shrink-0" />
            <span>{phrase(finding, unit)}</span>
          </li>
        ))}
      </ul>
      <table className="mt-2 w-full border-t border-rule text-left">
        <caption className="sr-only">{setsWords.whyTwoPiecesAgreeOr}</caption>
        <tbody>
          {pairsOf(pieces, client).map((pair) => (
            <PairRow key={`${pair.one.id} ${pair.other.id}`} pair={pair} />
          ))}
        </tbody>
      </table>
    </Unfold>
  );
}

function sayLevels(span: Coherence["span"]): string {
  if (span === null) return setsWords.noLevelSaid;
  return span === "apart"
    ? setsWords.itsLevelsDoNotMeet
    : `${levelWord(span.low)} to ${levelWord(span.high)}`;
}

function PairRow({ pair: { one, other, points, because } }: { readonly pair: PairAgreement }) {
  const unit = useLengthUnit();
  return (
    <tr className="border-b border-rule align-top">
      <th scope="row" className="w-2/5 py-0.5 pr-2 font-medium text-ink">
        {sayWith(setsWords.and, { one: one.name, other: withinSentence(other.name) })}
      </th>
      <td className="tabular w-12 py-0.5 text-right">
        {points > 0 ? "+" : points < 0 ? "\u2212" : ""}
        {Math.abs(points).toFixed(points === 0 ? 0 : 1)}
      </td>
      <td className="py-0.5 pl-3">
        {because.length === 0
          ? setsWords.nothingToSay
          : because.map((finding) => phrase(finding, unit)).join("; ")}
      </td>
    </tr>
  );
}
