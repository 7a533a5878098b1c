"use client";

import { useState } from "react";
import { format, parseISO } from "date-fns";
import { toast } from "sonner";
import type { LinkInput } from "@/core/schema/forms/link-form";
import type { Outcome } from "@/core/schema/outcome";
import { holds, linkDays, mostLooksOfLink, type LinkRecord } from "@/core/studio/link-record";
import { papersWords } from "@/words/papers";
import { sayWith } from "@/words/say";
import { answerOf, granted, sayFaults } from "../kit/answer";
import { Button } from "../kit/button";
import { useDraft } from "../kit/form/use-draft";
import { Segments } from "../kit/segments";
import { sayReply } from "./say-reply";

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

const usualDays = "14";
const dayOf = (moment: string) => format(parseISO(moment.slice(0, 10)), "d MMMM");

/** Private links of a client: a new one of the chosen looks, and those that were made, with what was answered. */
export function PrivateLinks(props: PrivateLinksProps) {
  const { clientId, clientName, chosen, links, nameOf, now, actions } = props;
  const greeting = useDraft(`link-greeting.${clientId}`, "");
  const [recipient, setRecipient] = useState("");
  const [days, setDays] = useState<string>(usualDays);
  const [fault, setFault] = useState("");
  const [isBusy, setBusy] = useState(false);
  const isTooMany = chosen.length > mostLooksOfLink;
  const make = async () => {
    setBusy(true);
    const outcome = await answerOf(() =>
      actions.create({ clientId, lookIds: chosen, greeting: greeting.value, recipient, days: Number(days) }),
    );
    setBusy(false);
    setFault(outcome.ok ? "" : sayFaults(outcome));
    if (!outcome.ok) return;
    greeting.settle("");
    toast(papersWords.linkIsMade);
  };
  return (
    <section aria-labelledby="links" className="border border-rule-strong bg-paper">
      <form
        noValidate
        className="grid gap-3 border-b border-rule px-4 py-3"
        onSubmit={(event) => {
          event.preventDefault();
          void make();
        }}
      >
        <div>
          <h2 id="links" className="text-lead">
            {papersWords.aPrivateLink}
          </h2>
          <p className="text-small text-ink-soft">{papersWords.aboutLinks}</p>
        </div>
        <div>
          <label htmlFor="link-greeting" className="font-medium">
            {papersWords.greeting}
          </label>
          <textarea
            id="link-greeting"
            rows={3}
            maxLength={600}
            value={greeting.value}
            placeholder={sayWith(papersWords.greetingHint, {
              client: clientName.split(" ")[0] ?? clientName,
            })}
            onChange={(event) => greeting.change(event.target.value)}
            className="mt-1 w-full border border-rule-strong bg-white px-2.5 py-1.5"
          />
        </div>
        <div>
          <label htmlFor="link-recipient" className="font-medium">
            {papersWords.recipient}
          </label>
          <input
            id="link-recipient"
            type="email"
            autoComplete="off"
            value={recipient}
            onChange={(event) => setRecipient(event.target.value)}
            className="mt-1 h-9 w-full border border-rule-strong bg-white px-2.5"
          />
        </div>
        <div>
          <p className="mb-1 font-medium">{papersWords.holdsFor}</p>
          <Segments
            label={papersWords.holdsFor}
            value={days}
            segments={linkDays.map((count) => ({
              value: String(count),
              shown: sayWith(papersWords.daysCount, { days: count }),
            }))}
            onChange={setDays}
          />
        </div>
        {fault && (
          <p role="alert" className="text-thread">
            {fault}
          </p>
        )}
        <div className="flex items-center gap-3">
          <Button type="submit" look="strong" disabled={isBusy || chosen.length === 0 || isTooMany}>
            {papersWords.makeTheLink}
          </Button>
          {chosen.length === 0 && <span className="text-ink-soft">{papersWords.chooseALookFirst}</span>}
          {isTooMany && (
            <span className="text-ink-soft">
              {sayWith(papersWords.chooseFewer, { most: mostLooksOfLink })}
            </span>
          )}
        </div>
      </form>
      <ul>
        {links.map((link) => (
          <MadeLink key={link.id} link={link} nameOf={nameOf} now={now} stop={actions.stop} />
        ))}
      </ul>
    </section>
  );
}

interface MadeLinkProps extends Pick<PrivateLinksProps, "nameOf" | "now"> {
  readonly link: LinkRecord;
  readonly stop: LinkActions["stop"];
}

/** A link that was made: whether it was opened, what was answered, and the letter that would bring it. */
function MadeLink({ link, nameOf, now, stop }: MadeLinkProps) {
  const { letter, replies } = link;
  const isOpen = holds(link, now);
  return (
    <li className="grid gap-1.5 border-b border-rule px-4 py-3 last:border-b-0">
      <p className="font-medium">
        {sayWith(papersWords.linkLooks, { count: link.lookIds.length, day: dayOf(link.expiresAt) })}
      </p>
      <p className="text-small text-ink-soft">{stateOf(link, isOpen)}</p>
      {replies.map((reply) => (
        <p key={reply.lookId}>{sayReply(reply, nameOf(reply.lookId))}</p>
      ))}
      {letter && (
        <details>
          <summary className="cursor-pointer text-small underline decoration-rule-strong touch:min-h-11">
            {papersWords.outbox}
          </summary>
          <p className="mt-1 text-tiny text-ink-soft">{papersWords.outboxAbout}</p>
          <div className="mt-1 border border-rule bg-white p-3 text-small">
            <p className="text-ink-soft">
              {letter.recipient
                ? sayWith(papersWords.toRecipient, { recipient: letter.recipient })
                : papersWords.toNobody}
            </p>
            <p className="font-medium">{letter.subject}</p>
            <p className="mt-2 break-words whitespace-pre-line">{letter.body}</p>
          </div>
        </details>
      )}
      {isOpen && letter && (
        <div className="flex flex-wrap gap-2">
          <Button
            size="small"
            onClick={() =>
              void navigator.clipboard
                .writeText(new URL(letter.path, location.href).href)
                .then(() => toast(papersWords.linkIsCopied))
            }
          >
            {papersWords.copyTheLink}
          </Button>
          <a
            href={letter.path}
            target="_blank"
            rel="noopener noreferrer"
            className="inline-flex h-8 items-center border border-rule-strong bg-paper px-2.5 text-small font-medium hover:bg-well touch:min-h-11"
          >
            {papersWords.openTheLink}
          </a>
          <Button size="small" onClick={() => void granted(() => stop({ id: link.id }))}>
            {papersWords.endTheLink}
          </Button>
        </div>
      )}
    </li>
  );
}

function stateOf({ endedAt, openedAt }: LinkRecord, isOpen: boolean): string {
  const opened = openedAt
    ? sayWith(papersWords.linkOpened, { day: dayOf(openedAt) })
    : papersWords.linkNotOpened;
  if (isOpen) return opened;
  return `${opened}, ${endedAt ? papersWords.linkEnded : papersWords.linkExpired}`;
}
