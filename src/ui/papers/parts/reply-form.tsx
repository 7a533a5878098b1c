"use client";

import { useId, useState } from "react";
import type { Outcome } from "@/core/schema/outcome";
import { linkAnswers, type LinkAnswer, type LinkReply } from "@/core/studio/link-record";
import { papersWords } from "@/words/papers";
import { answerOf, sayFaults } from "../../kit/answer";
import { Button } from "../../kit/button";
import { useDraft } from "../../kit/form/use-draft";
import { Segments } from "../../kit/segments";
import { answerWords } from "../words/say-reply";

export type AnswerLink = (input: {
  token: string;
  lookId: string;
  answer: LinkAnswer;
  words: string;
}) => Promise<Outcome<null>>;

interface ReplyFormProps {
  readonly token: string;
  readonly lookId: string;
  /** What the look is called. */
  readonly look: string;
  /** What was answered before; null: nothing yet. */
  readonly reply: LinkReply | null;
  readonly answer: AnswerLink;
}

/** Yes, maybe or no to a look, and a line; it can be sent again as long as the link holds. */
export function ReplyForm({ token, lookId, look, reply, answer }: ReplyFormProps) {
  const id = useId();
  // What is chosen and not sent yet outlives a closed tab; a part of the token tells two links from one another.
  const draft = useDraft<Pick<LinkReply, "words"> & { readonly chosen: LinkAnswer | null }>(
    `reply.${token.slice(0, 6)}.${lookId}`,
    { chosen: reply?.answer ?? null, words: reply?.words ?? "" },
  );
  const { chosen, words } = draft.value;
  const [said, setSaid] = useState("");
  const [isBusy, setBusy] = useState(false);
  const send = async () => {
    if (!chosen) return;
    setBusy(true);
    const outcome = await answerOf(() => answer({ token, lookId, answer: chosen, words }));
    setSaid(outcome.ok ? papersWords.answerIsSent : sayFaults(outcome));
    if (outcome.ok) draft.settle({ chosen, words });
    setBusy(false);
  };
  return (
    <form
      aria-label={`${papersWords.yourAnswer}: ${look}`}
      className="mt-4 grid gap-3 border-t border-rule pt-4"
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      <Segments
        label={papersWords.yourAnswer}
        segments={linkAnswers.map((value) => ({ value, shown: answerWords[value] }))}
        value={chosen}
        onChange={(value) => draft.change({ chosen: value, words })}
        size="named"
      />
      <div>
        <label htmlFor={id} className="font-medium">
          {papersWords.yourLine}
        </label>
        <textarea
          id={id}
          value={words}
          rows={2}
          maxLength={300}
          onChange={(event) => draft.change({ chosen, words: event.target.value })}
          className="mt-1 w-full border border-rule-strong bg-white px-2.5 py-2 text-body"
        />
      </div>
      <div className="flex items-center gap-3">
        <Button type="submit" look="strong" size="touch" disabled={isBusy || chosen === null}>
          {papersWords.sendAnswer}
        </Button>
        <span role="status">{said}</span>
      </div>
    </form>
  );
}
