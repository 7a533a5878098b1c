import { Link } from "../kit/link";
import { dress } from "@/core/dressing/dress";
import type { JournalEntry } from "@/core/studio/journal";
import type { ShownLook } from "@/core/studio/shown-look";
import { clientsWords } from "@/words/clients";
import { sayWith } from "@/words/say";
import { describeLook } from "../drawing/describe";
import { FigureInSight } from "../drawing/figure/figure-in-sight";
import { MarkWord } from "../kit/marks";

interface JournalLookProps {
  readonly clientId: string;
  readonly entry: Extract<JournalEntry, { what: "look" }>;
  /** The look as it is today; null when its base is gone. */
  readonly shown: ShownLook | null;
}

/** A look of the journal, drawn, with what it is for and the verdict that stands. */
export function JournalLook({ clientId, entry, shown }: JournalLookProps) {
  return (
    <li className="flex flex-col gap-1">
      <div className="surround-light h-44 border border-rule" aria-hidden={!shown}>
        {shown && (
          <FigureInSight
            look={shown.look}
            unit="cm"
            label={describeLook(dress(shown.look), "cm")}
            className="h-full w-full pt-1"
          />
        )}
      </div>
      <Link
        href={`/bench?client=${clientId}&look=${entry.id}`}
        className="leading-tight underline decoration-rule-strong underline-offset-2 hover:decoration-ink touch:inline-flex touch:min-h-11 touch:items-center"
      >
        {entry.name || entry.base}
      </Link>
      {entry.occasion && (
        <p className="text-tiny text-ink-soft">
          {sayWith(clientsWords.forTheOccasionAlone, { occasion: entry.occasion })}
        </p>
      )}
      <p className="text-tiny">
        {entry.verdict ? (
          <MarkWord of={entry.verdict} />
        ) : (
          <span className="text-ink-soft">{clientsWords.noVerdictYet}</span>
        )}
      </p>
      {entry.note && <p className="text-tiny text-ink-soft">{entry.note}</p>}
    </li>
  );
}
