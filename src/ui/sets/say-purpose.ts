import { ladder } from "@/core/register/ladder";
import type { Coherence, SetSeason } from "@/core/sets/coherence";

/** What each level of formality is good for, as one speaks of a day. */
const kindOfDay: Record<(typeof ladder)[number], string> = {
  "shore and sofa": "the shore and the sofa",
  "off duty": "days off",
  casual: "days in town",
  "easy smart": "easy days at work",
  "polished smart": "work",
  business: "business",
  dressy: "evenings out",
  formal: "formal evenings",
  "black tie": "black tie",
};

const inSeason: Record<SetSeason, string> = {
  "all year": "all year",
  "warm months": "in the warm months",
  "cold months": "in the cold months",
  torn: "though its pieces belong to different seasons",
};

/** What a set is for, in one line: "From work to evenings out, all year, rain or dry." */
export function sayPurpose({
  span,
  season,
  forRain,
}: Pick<Coherence, "span" | "season" | "forRain">): string {
  if (span === null) return "Say how dressy its pieces are, and what it is for stands here.";
  if (span === "apart") return "For no one kind of day: its pieces are too far apart in formality.";
  const days = [...new Set([Math.ceil(span.low), Math.floor(span.high)])]
    .sort((one, other) => one - other)
    .flatMap((level) => ladder[level - 1] ?? [])
    .map((level) => kindOfDay[level]);
  const when = days.length === 2 ? `From ${days[0]} to ${days[1]}` : `For ${days[0]}`;
  return `${when}, ${inSeason[season]}, ${forRain ? "rain or dry" : "in dry weather"}.`;
}
