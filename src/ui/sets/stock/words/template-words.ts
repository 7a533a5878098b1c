import { slotLabels, type Slot } from "@/core/piece/slots";
import { levelWord } from "@/core/register/ladder";
import type { SetTemplate } from "@/core/sets/template";
import { sayWith } from "@/words/say";
import { setsWords } from "@/words/sets";

/** Where a template is at home: "business to dressy, takes rain". */
export function templateWords({ from, to, forRain }: SetTemplate): string {
  const levels = [...new Set([from, to].map(levelWord))].join(" to ");
  return forRain ? sayWith(setsWords.takesRain, { levels }) : levels;
}

/** What a client lacks for a template: "bag at home between casual and business that takes rain". */
export function missingWords(missing: readonly Slot[], { from, to, forRain }: SetTemplate): string {
  const pieces = missing.map((slot) => slotLabels[slot].toLowerCase()).join(" and ");
  return sayWith(setsWords.atHomeBetweenAnd, {
    pieces,
    from: levelWord(from),
    to: levelWord(to),
    weather: forRain ? " that takes rain" : "",
  });
}
