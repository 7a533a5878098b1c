import { Link } from "../../kit/link";
import { markOf } from "@/core/reading/verdict";
import { dress } from "@/core/dressing/dress";
import { describeLook } from "../../drawing/describe";
import { FigureInSight } from "../../drawing/figure/figure-in-sight";
import { MarkWord } from "../../kit/marks";
import type { ShownLook } from "@/core/studio/shown-look";
import { sayWith } from "@/words/say";
import { todayWords } from "@/words/today";

/** The looks last worked on: each drawn, with what it reads. */
export function RecentLooks({ looks }: { readonly looks: readonly ShownLook[] }) {
  if (looks.length === 0)
    return (
      <p className="border border-dashed border-rule-strong bg-paper p-6 text-ink-soft">
        {todayWords.noLookIsOnThe}
      </p>
    );
  return (
    <ul className="grid grid-cols-2 gap-3 md:grid-cols-4">
      {looks.map(({ record, client, base, look, reading, verdict }) => (
        <li key={record.id} className="border border-rule-strong bg-paper hover:bg-white">
          <Link href={`/bench?client=${client.id}&look=${record.id}`} className="flex h-full flex-col">
            <span className="surround-light flex justify-center overflow-hidden border-b border-rule pt-2">
              <FigureInSight
                look={look}
                unit="cm"
                label={describeLook(dress(look), "cm")}
                className="h-36 w-full"
              />
            </span>
            <span className="flex grow flex-col gap-0.5 px-2.5 py-2">
              <span className="font-medium leading-tight">{base.name}</span>
              <span className="text-tiny text-ink-soft">
                {client.name}
                {look.occasion && `, ${look.occasion.name}`}
              </span>
              <span className="tabular mt-auto flex items-center gap-2 pt-1 font-medium">
                <MarkWord of={verdict} /> {record.ownVerdict === null && markOf(reading)}
              </span>
              {record.read && record.read.ruleBookVersion !== client.ruleBook.version && (
                <span className="tabular text-tiny text-ink-soft">
                  {sayWith(todayWords.wasByVersionOf, {
                    verdict: record.read.verdict,
                    read: markOf(record.read),
                    ruleBookVersion: record.read.ruleBookVersion,
                    ruleBook: client.ruleBook.name,
                  })}
                </span>
              )}
            </span>
          </Link>
        </li>
      ))}
    </ul>
  );
}
