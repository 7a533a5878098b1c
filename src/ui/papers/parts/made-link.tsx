"use client";

import { format, parseISO } from "date-fns";
import { toast } from "sonner";
import { holds, type LinkRecord } from "@/core/studio/link-record";
import { papersWords } from "@/words/papers";
import { sayWith } from "@/words/say";
import { granted } from "../../kit/answer";
import { Button } from "../../kit/button";
import type { LinkActions } from "./private-links";
import { sayReply } from "../words/say-reply";

const dayOf = (moment: string) => format(parseISO(moment.slice(0, 10)), "d MMMM");

interface MadeLinkProps {
  /** What a look is called, by its id. */
  readonly nameOf: (lookId: string) => string;
  /** Now, as ISO 8601 has it: by the server's clock. */
  readonly now: string;
  readonly link: LinkRecord;
  readonly stop: LinkActions["stop"];
}

/** A link that was made: whether it was opened, what was answered, and the letter that would bring it. */
export function MadeLink({ link, nameOf, now, stop }: MadeLinkProps) {
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
