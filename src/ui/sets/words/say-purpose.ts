import { ladder } from "@/core/register/ladder";
import type { Coherence, SetSeason } from "@/core/sets/coherence";
import { sayWith } from "@/words/say";
import { setsWords } from "@/words/sets";

/** What each level of formality is good for, as one speaks of a day. */
const kindOfDay: Record<(typeof ladder)[number], string> = {
  "shore and sofa": setsWords.daysOfTheShore,
  "off duty": setsWords.daysOff,
  casual: setsWords.daysInTown,
  "easy smart": setsWords.easyDaysAtWork,
  "polished smart": setsWords.daysOfWork,
  business: setsWords.daysOfBusiness,
  dressy: setsWords.eveningsOut,
  formal: setsWords.formalEvenings,
  "black tie": setsWords.eveningsOfBlackTie,
};

const inSeason: Record<SetSeason, string> = {
  "all year": setsWords.allYear,
  "warm months": setsWords.inTheWarmMonths,
  "cold months": setsWords.inTheColdMonths,
  torn: setsWords.tornSeasons,
};

/** What a set is for, in one line: "From work to evenings out, all year, rain or dry." */
export function sayPurpose(coherence: Pick<Coherence, "span" | "season" | "forRain">): string {
  const { span, forRain } = coherence;
  if (span === null) return setsWords.purposeNotSaid;
  if (span === "apart") return setsWords.purposeApart;
  const [from, to = from] = [...new Set([Math.ceil(span.low), Math.floor(span.high)])]
    .sort((one, other) => one - other)
    .flatMap((level) => ladder[level - 1] ?? [])
    .map((level) => kindOfDay[level]);
  const season = inSeason[coherence.season];
  const weather = forRain ? setsWords.rainOrDry : setsWords.inDryWeather;
  return from === to || from === undefined || to === undefined
    ? sayWith(setsWords.purposeOne, { days: from ?? "", season, weather })
    : sayWith(setsWords.purposeBetween, { from, to, season, weather });
}
