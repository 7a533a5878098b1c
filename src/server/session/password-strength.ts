import "server-only";

import { ZxcvbnFactory } from "@zxcvbn-ts/core";
import { adjacencyGraphs, dictionary } from "@zxcvbn-ts/language-common";
import { dictionary as english, translations } from "@zxcvbn-ts/language-en";
import { sayWith } from "@/words/say";
import { serverWords } from "@/words/server";

/** From 0, guessed at once, to 4, not in a lifetime: 3 takes some 10^8 guesses, each of which costs a hash. */
const least = 3;

let made: ZxcvbnFactory | undefined;

/**
 * Why a password would soon be guessed, in one sentence; null where it would not.
 * @param own words that whoever guesses would try first: names, an address
 */
export function weakness(password: string, own: readonly string[]): string | null {
  made ??= new ZxcvbnFactory({
    dictionary: { ...dictionary, ...english },
    graphs: adjacencyGraphs,
    translations,
  });
  const words = own
    .flatMap((text) => [text, ...text.split(/[^\p{L}\p{N}]+/u)])
    .filter((word) => word.length > 2);
  const { score, feedback } = made.check(password, words);
  if (score >= least) return null;
  const why = feedback.warning ? ` ${feedback.warning.replace(/\.?$/, ".")}` : "";
  return sayWith(serverWords.thisWouldSoonBeGuessed, { why });
}
