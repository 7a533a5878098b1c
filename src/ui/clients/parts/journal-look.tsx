import { Link } from "../../kit/link";
import { dress } from "@/core/dressing/dress";
import type { Look } from "@/core/piece/look";
import type { JournalEntry } from "@/core/studio/journal";
import { clientsWords } from "@/words/clients";
import { sayWith } from "@/words/say";
import { describeLook } from "../../drawing/describe";
import { DrawnLook } from "../../drawing/figure/figure-in-sight";
import { InSight } from "../../drawing/in-sight";
import { MarkWord } from "../../kit/marks";

interface JournalLookProps {
  readonly clientId: string;
  readonly entry: Extract<JournalEntry, { what: "look" }>;
  /** Lays the look out as it is today; null when its base is gone. */
  readonly layOut: () => Look | null;
}

/** A look of the journal, drawn, with what it is for and the verdict that stands. */
export function JournalLook({ clientId, entry, layOut }: JournalLookProps) {
  return (
    <li className="flex flex-col gap-1">
      <InSight label={entry.name || entry.base} className="surround-light h-44 border border-rule">
        {() => <Drawn look={layOut()} />}
      </InSight>
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

function Drawn({ look }: { readonly look: Look | null }) {
  return (
    look && (
      <span className="block size-full pt-1">
        <DrawnLook look={look} unit="cm" label={describeLook(dress(look), "cm")} />
      </span>
    )
  );
}
