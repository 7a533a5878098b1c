import { receiptNumber, type Erasure } from "@/core/studio/client-whole";
import { sayWith } from "@/words/say";
import { wholeWords } from "@/words/whole";
import { momentIn } from "../../kit/moment";
import { sayAllCounts } from "./say-counts";

/** Who was erased, when and by whom; of one who is gone for good the name is not known any more. */
export function sayErasure({ name, madeAt, goneAt, by }: Erasure, say: (moment: string) => string): string {
  const at = say(madeAt);
  if (goneAt === null)
    return by === null
      ? sayWith(wholeWords.erasedAtByNobody, { client: name, at })
      : sayWith(wholeWords.erasedAt, { client: name, at, by });
  return by === null ? sayWith(wholeWords.goneAtByNobody, { at }) : sayWith(wholeWords.goneAt, { at, by });
}

/** The receipt as a text of its own, to be handed to the client. */
export function receiptText(
  erasure: Erasure,
  studio: { readonly name: string; readonly timeZone: string },
): string {
  const say = momentIn(studio.timeZone);
  const lines = [
    sayWith(wholeWords.receiptHead, { number: receiptNumber(erasure), studio: studio.name }),
    `${sayErasure(erasure, say)}.`,
    ...(erasure.goneAt === null ? [sayWith(wholeWords.receiptHour, { until: say(erasure.until) })] : []),
    sayWith(wholeWords.receiptWhat, { what: sayAllCounts(erasure.counts) }),
  ];
  return `${lines.join("\n")}\n`;
}
