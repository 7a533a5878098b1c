import { scoring, verdicts, type Verdict } from "@/core/reading/verdict";
import { sayWith } from "@/words/say";
import { kitWords } from "@/words/kit";
import { VerdictMark, wordOf } from "./marks";

const meanings: Readonly<Record<Verdict, string>> = {
  sings: sayWith(kitWords.everythingWorksTogetherAndThe, { singsFrom: scoring.singsFrom }),
  sits: kitWords.itWorksNothingIsWrong,
  jars: kitWords.somethingIsWrongChangeIt,
};

/** What the marks of a look mean. */
export function MarksLegend() {
  return (
    <dl className="grid grid-cols-[6rem_1fr] gap-y-2">
      {verdicts.map((verdict) => (
        <div key={verdict} className="contents">
          <dt className="flex items-start gap-2 font-semibold">
            <VerdictMark of={verdict} className="mt-0.5 size-4.5" />
            {wordOf(verdict)}
          </dt>
          <dd>{meanings[verdict]}</dd>
        </div>
      ))}
    </dl>
  );
}
