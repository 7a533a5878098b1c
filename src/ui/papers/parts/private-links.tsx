"use client";

import type { LinkInput } from "@/core/schema/forms/link-form";
import type { Outcome } from "@/core/schema/outcome";
import type { LinkRecord } from "@/core/studio/link-record";
import { MadeLink } from "./made-link";
import { NewLink } from "./new-link";

export interface LinkActions {
  readonly create: (input: LinkInput) => Promise<Outcome<string>>;
  readonly stop: (input: { id: string }) => Promise<Outcome<null>>;
}

interface PrivateLinksProps {
  readonly clientId: string;
  readonly clientName: string;
  /** Ids of the looks that are chosen, in their order. */
  readonly chosen: readonly string[];
  readonly links: readonly LinkRecord[];
  /** What a look is called, by its id. */
  readonly nameOf: (lookId: string) => string;
  /** Now, as ISO 8601 has it: by the server's clock. */
  readonly now: string;
  readonly actions: LinkActions;
}

/** Private links of a client: a new one of the chosen looks, and those that were made, with what was answered. */
export function PrivateLinks(props: PrivateLinksProps) {
  const { clientId, clientName, chosen, links, nameOf, now, actions } = props;
  return (
    <section aria-labelledby="links" className="border border-rule-strong bg-paper">
      <NewLink clientId={clientId} clientName={clientName} chosen={chosen} create={actions.create} />
      <ul>
        {links.map((link) => (
          <MadeLink key={link.id} link={link} nameOf={nameOf} now={now} stop={actions.stop} />
        ))}
      </ul>
    </section>
  );
}
