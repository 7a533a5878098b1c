"use client";

import type { Worn } from "@/core/dressing/dressed";
import { pullsOf, type Placing } from "@/core/dressing/level";
import { ladder, levelWord } from "@/core/register/ladder";
import { withinSentence } from "@/core/words/within-sentence";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";

/** Pulls under this say nothing that anybody sees, steps. */
const leastPull = 0.05;

/** Where the clothes can be taken, where the accessories have taken them, and each one's own part in it. */
export function LevelScale({ placing, worn }: { readonly placing: Placing; readonly worn: readonly Worn[] }) {
  const { level, base, span } = placing;
  const heard = pullsOf(worn, placing).filter(({ steps }) => Math.abs(steps) >= leastPull);
  return (
    <div className="mt-1 mb-1.5">
      <Ladder placing={placing} />
      <p className="tabular mt-0.5 text-tiny text-ink-soft">
        {span
          ? sayWith(benchWords.theClothesAloneAreAccessories, {
              base: levelWord(base),
              low: levelWord(span.low),
              high: levelWord(span.high),
              level: levelWord(level),
            })
          : sayWith(benchWords.thesePiecesAre, { level: levelWord(level) })}
      </p>
      {heard.length > 0 && (
        <ul aria-label={benchWords.whatPlacesTheClothes} className="tabular flex flex-wrap gap-x-3 text-tiny">
          {heard.map(({ item, steps }) => (
            <li key={item.piece.id}>
              {withinSentence(item.piece.name)}{" "}
              <span className="font-semibold">
                {steps > 0 ? "+" : "\u2212"}
                {round(Math.abs(steps))}
              </span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** Nine notches; the span of the clothes as a band, the clothes alone as an open mark, the look as a full one. */
function Ladder({ placing: { level, base, span } }: { readonly placing: Placing }) {
  const at = (value: number) => ((value - 1) / (ladder.length - 1)) * 320 + 8;
  return (
    <svg
      viewBox="0 0 336 22"
      className="h-5.5 w-full max-w-84"
      role="img"
      aria-label={sayWith(benchWords.level, { number: round(level), level: levelWord(level) })}
    >
      {span && (
        <rect
          x={at(span.low)}
          y={5}
          width={at(span.high) - at(span.low)}
          height={7}
          fill="var(--well)"
          stroke="var(--rule-strong)"
          strokeWidth={0.75}
        />
      )}
      <path d={`M${at(1)} 8.5 H${at(9)}`} stroke="var(--rule-strong)" strokeWidth={1} />
      {ladder.map((word, i) => (
        <path key={word} d={`M${at(i + 1)} 6 V11`} stroke="var(--ink-soft)" strokeWidth={1} />
      ))}
      {span && (
        <circle cx={at(base)} cy={8.5} r={3} fill="var(--paper)" stroke="var(--ink)" strokeWidth={1} />
      )}
      <path d={`M${at(level)} 3 V14`} stroke="var(--thread)" strokeWidth={2.5} />
      <text x={at(1)} y={23} fontSize={10} fill="var(--ink-soft)">
        {ladder[0]}
      </text>
      <text x={at(9)} y={23} fontSize={10} fill="var(--ink-soft)" textAnchor="end">
        {ladder[8]}
      </text>
    </svg>
  );
}

function round(value: number): number {
  return Math.round(value * 10) / 10;
}
