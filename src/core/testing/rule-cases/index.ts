import { careCases } from "./care";
import { colourCases } from "./colour";
import { comfortCases } from "./comfort";
import { finishCases } from "./finish";
import { hosieryCases } from "./hosiery";
import { proportionCases } from "./proportion";
import { registerCases } from "./register";
import { styleCases } from "./style";
import { further } from "./further";
import { furtherColour } from "./further-colour";
import type { Case } from "./made";

const first: Readonly<Record<string, Case>> = {
  ...colourCases,
  ...finishCases,
  ...styleCases,
  ...registerCases,
  ...proportionCases,
  ...comfortCases,
  ...careCases,
  ...hosieryCases,
};

/** A case of every rule, by its id. */
export const ruleCases: Readonly<Record<string, Case>> = Object.fromEntries(
  Object.entries(first).map(([id, { says, silent }]) => [
    id,
    { says: [...says, ...(furtherColour[id] ?? further[id] ?? [])], silent },
  ]),
);
