import type { LinkAnswer } from "@/core/studio/link-record";
import { papersWords } from "@/words/papers";
import { sayWith } from "@/words/say";

/** What the three answers are called on a button. */
export const answerWords: Readonly<Record<LinkAnswer, string>> = {
  yes: papersWords.answerYes,
  maybe: papersWords.answerMaybe,
  no: papersWords.answerNo,
};

const sayers: Readonly<Record<LinkAnswer, string>> = {
  yes: papersWords.saidYesTo,
  maybe: papersWords.saidMaybeTo,
  no: papersWords.saidNoTo,
};

/** An answer in one line, with the client's own words behind it. */
export function sayReply(
  { answer, words }: { readonly answer: LinkAnswer; readonly words: string },
  look: string,
): string {
  const said = sayWith(sayers[answer], { look });
  return words ? `${said}: \u201c${words}\u201d` : said;
}
