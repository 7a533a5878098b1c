import type { Remedy } from "@/core/reading/remedies";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { useLengthUnit } from "../../kit/length-unit";
import { wordOf } from "../../kit/marks";
import { sayChange } from "../words/change-words";
import { useDesk } from "../state/desk/use-desk";

/** Changes of the look that were tried, each with the marks before and after it; pressed, it is done. */
export function RemedyButtons({ remedies }: { readonly remedies: readonly Remedy[] }) {
  const unit = useLengthUnit();
  const { named, steps } = useDesk();
  return (
    <div className="flex flex-wrap gap-1.5">
      {remedies.map((remedy, i) => (
        <button
          key={i}
          type="button"
          data-remedy
          onClick={() => steps.change(remedy.change)}
          className="min-h-7 max-w-full border border-rule-strong bg-white px-2 py-0.5 text-left hover:bg-well"
        >
          {sayChange(remedy.change, unit, named)}{" "}
          <span className="tabular whitespace-nowrap text-ink-soft">{marksOf(remedy)}</span>
        </button>
      ))}
    </div>
  );
}

/** Both marks, or what is better where they are the same. */
function marksOf({ worth: { before, after }, verdict }: Remedy): string {
  return before === after
    ? sayWith(benchWords.betterStill, { verdict: wordOf(verdict), after })
    : `${before} \u2192 ${after}`;
}
