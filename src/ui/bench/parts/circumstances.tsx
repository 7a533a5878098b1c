"use client";

import type { Occasion } from "@/core/piece/occasion";
import { markOf } from "@/core/reading/verdict";
import { comfortableIn } from "@/core/rules/comfort/warmth";
import { levelWord } from "@/core/register/ladder";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { wordOf } from "../../kit/marks";
import { DayStrip } from "../../weather/day-strip";
import { CarryOver } from "./carry-over";
import { useBenchState, useDesk } from "../state/desk/use-desk";

/** What the occasion asks, and by which rule book the look is read; before it what may be carried over. */
export function Circumstances() {
  const { source, dressed } = useDesk();
  const lookId = useBenchState((state) => state.look.id);
  // While something is supposed, the line says what is supposed.
  const { occasion } = dressed.look;
  const { ruleBook } = source.client;
  const before = source.start.id === lookId ? source.start.read : null;
  const isOfOtherBook = before !== null && before.ruleBookVersion !== ruleBook.version;
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule-strong bg-paper px-4 py-0.5 text-tiny text-ink-soft">
      <CarryOver />
      {occasion && <DayStrip occasion={occasion} comfortable={comfortableIn(dressed)} />}
      <span>
        {occasion
          ? sayWith(benchWords.asksTo, {
              weatherOf: weatherOf(occasion),
              low: levelWord(occasion.span.low),
              high: levelWord(occasion.span.high),
            })
          : benchWords.noWeatherNoDressCode}
        {occasion && occasion.flags.length > 0 ? `; ${occasion.flags.join(", ")}` : ""}.
      </span>
      <span className="ml-auto">
        {sayWith(benchWords.ruleBookVersion, { ruleBook: ruleBook.name, version: ruleBook.version })}
        {isOfOtherBook
          ? `; ${sayWith(benchWords.wasByVersion, { verdict: wordOf(before.verdict), mark: markOf(before), version: before.ruleBookVersion })}`
          : ""}
      </span>
    </div>
  );
}

function weatherOf({ temperature, rain, wind, ground, light, onFoot }: Occasion): string {
  return sayWith(benchWords.cRainWindMS, {
    temperature,
    rain: Math.round(rain * 100),
    wind,
    ground,
    light,
    onFoot,
  });
}
