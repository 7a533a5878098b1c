import { slotLabels, type Slot } from "@/core/piece/slots";
import { levelWord } from "@/core/register/ladder";
import type { SetTemplate } from "@/core/sets/template";

/** Where a template is at home: "business to dressy, takes rain". */
export function templateWords({ from, to, forRain }: SetTemplate): string {
  const levels = [...new Set([from, to].map(levelWord))].join(" to ");
  return forRain ? `${levels}, takes rain` : levels;
}

/** What a client lacks for a template: "bag at home between casual and business that takes rain". */
export function missingWords(missing: readonly Slot[], { from, to, forRain }: SetTemplate): string {
  const pieces = missing.map((slot) => slotLabels[slot].toLowerCase()).join(" and ");
  return `${pieces} at home between ${levelWord(from)} and ${levelWord(to)}${forRain ? " that takes rain" : ""}`;
}
