import type { Outcome } from "@/core/schema/outcome";
import type { ClientCounts } from "@/core/studio/client-whole";
import { wholeWords } from "@/words/whole";
import { EraseClient } from "./parts/erase-client";
import { SaveWhole } from "./parts/save-whole";
import { sayCounts } from "./words/say-counts";

export interface ErasureActions {
  readonly erase: (input: { id: string; typed: string }) => Promise<Outcome<string>>;
  readonly bringBack: (input: { id: string }) => Promise<Outcome<string>>;
}

interface WholeRecordProps {
  readonly clientId: string;
  readonly clientName: string;
  readonly counts: ClientCounts;
  readonly actions: ErasureActions;
}

/** Everything on record of a client: what it is, saved as one file, or erased. */
export function WholeRecord({ clientId, clientName, counts, actions }: WholeRecordProps) {
  return (
    <div className="grid items-start gap-6 lg:grid-cols-[minmax(0,22rem)_minmax(0,1fr)]">
      <section aria-labelledby="counts" className="border border-rule-strong bg-paper">
        <h2 id="counts" className="border-b border-rule px-4 py-3 text-lead">
          {wholeWords.onRecord}
        </h2>
        <ul>
          {sayCounts(counts).map((said) => (
            <li key={said} className="tabular border-b border-rule px-4 py-1.5 last:border-b-0">
              {said}
            </li>
          ))}
        </ul>
      </section>
      <div className="grid gap-6">
        <SaveWhole clientId={clientId} clientName={clientName} />
        <EraseClient clientId={clientId} clientName={clientName} actions={actions} />
      </div>
    </div>
  );
}
