import type { WhatIf } from "@/core/reading/what-if";
import { benchWords } from "@/words/bench";

/** What may be supposed of an occasion, as it follows "what if". */
export const whatIfNames: Readonly<Record<WhatIf, string>> = {
  rain: benchWords.itRains,
  colder: benchWords.tenDegreesColder,
  seated: benchWords.seatedAllDay,
  standing: benchWords.threeHoursStanding,
  dressier: benchWords.oneStepDressier,
  evening: benchWords.eveningLight,
};
