import type { Breach, MatchLimits } from "../../colour/value-match";
import { atMost, figure } from "../figures";
import type { Figure } from "../finding";

const wayWords: Record<Breach["by"], string> = {
  depth: "depth",
  contrast: "inner contrast",
  temperature: "temperature, one warm and one cool",
  clarity: "clarity, one clear and one muted",
};

/** In what two pieces part: the words of it and the figures. */
export function breachFacts(breaches: readonly Breach[], limits: MatchLimits) {
  const figures: Partial<Record<Breach["by"], Figure>> = {};
  for (const breach of breaches) figures[breach.by] = figureOf(breach, limits);
  return { words: { ways: breaches.map(({ by }) => wayWords[by]).join(" and ") }, figures };
}

function figureOf({ by, value }: Breach, limits: MatchLimits): Figure {
  switch (by) {
    case "depth":
      return atMost("difference of depth", value, "L*", limits.depth);
    case "contrast":
      return atMost("difference of inner contrast", value, "L*", limits.contrast);
    case "temperature":
      return figure("product of the temperatures", value, "ratio");
    case "clarity":
      return figure("bands of clarity between them", value, "count");
  }
}
