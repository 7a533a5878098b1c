"use client";

import { receiptNumber, type Erasure } from "@/core/studio/client-whole";
import { sayWith } from "@/words/say";
import { wholeWords } from "@/words/whole";
import { Button } from "../../kit/button";
import { momentIn } from "../../kit/moment";
import { useMay } from "../../kit/role";
import { saveFile } from "../../kit/save-file";
import { receiptText, sayErasure } from "../words/receipt-text";
import { sayAllCounts } from "../words/say-counts";
import { useTakeBack } from "../state/use-take-back";
import type { ErasureActions } from "../whole-record";

export interface ReceiptsProps {
  readonly erasures: readonly Erasure[];
  readonly studio: { readonly name: string; readonly timeZone: string };
  readonly bringBack: ErasureActions["bringBack"];
}

/** Who was erased: for an hour each with a way back, then a receipt that names nobody. */
export function Receipts({ erasures, studio, bringBack }: ReceiptsProps) {
  const takeBack = useTakeBack(bringBack);
  const may = useMay("erase");
  const say = momentIn(studio.timeZone);
  return (
    <section aria-labelledby="erased" className="mb-8">
      <h2 id="erased" className="text-lead">
        {wholeWords.receipts}
      </h2>
      <p className="mb-2 text-ink-soft">{wholeWords.aboutReceipts}</p>
      <ul className="border-t border-rule-strong">
        {erasures.map((erasure) => {
          const number = receiptNumber(erasure);
          return (
            <li
              key={erasure.id}
              className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule py-2"
            >
              <div className="min-w-60 flex-1">
                <p className="font-medium">{sayErasure(erasure, say)}</p>
                <p className="tabular text-ink-soft">
                  {sayWith(wholeWords.receiptNumber, { number })}: {sayAllCounts(erasure.counts)}
                  {erasure.goneAt === null &&
                    `; ${sayWith(wholeWords.canBeTakenBack, { until: say(erasure.until) })}`}
                </p>
              </div>
              <Button
                size="touch"
                aria-label={sayWith(wholeWords.saveReceiptCalled, { number })}
                onClick={() =>
                  saveFile(
                    receiptText(erasure, studio),
                    "text/plain;charset=utf-8",
                    `receipt-${number.toLowerCase()}.txt`,
                  )
                }
              >
                {wholeWords.saveReceipt}
              </Button>
              {may && erasure.goneAt === null && (
                <Button
                  size="touch"
                  aria-label={sayWith(wholeWords.takeBackCalled, { client: erasure.name })}
                  onClick={() => void takeBack(erasure.id, erasure.name)}
                >
                  {wholeWords.takeBack}
                </Button>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
