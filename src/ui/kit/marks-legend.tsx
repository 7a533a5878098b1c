import { scoring, verdicts, type Verdict } from "@/core/reading/verdict";
import { VerdictMark, wordOf } from "./marks";

const meanings: Readonly<Record<Verdict, string>> = {
  sings: `Everything works together, and the look is better for it: ${scoring.singsFrom} and more of 100.`,
  sits: "It works. Nothing is wrong, though a small thing or two could be better.",
  jars: "Something is wrong: change it, or say why it is right here.",
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
