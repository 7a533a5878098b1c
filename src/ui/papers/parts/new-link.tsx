"use client";

import { useState } from "react";
import { toast } from "sonner";
import { linkDays, mostLooksOfLink } from "@/core/studio/link-record";
import { papersWords } from "@/words/papers";
import { sayWith } from "@/words/say";
import { answerOf, sayFaults } from "../../kit/answer";
import { Button } from "../../kit/button";
import { useDraft } from "../../kit/form/use-draft";
import { Segments } from "../../kit/segments";
import type { LinkActions } from "./private-links";
import { Fault } from "../../kit/fault";
import { TextField, TextLines } from "../../kit/text-field";

const usualDays = "14";

interface NewLinkProps {
  readonly clientId: string;
  readonly clientName: string;
  /** Ids of the looks that are chosen, in their order. */
  readonly chosen: readonly string[];
  readonly create: LinkActions["create"];
}

/** A new link of the looks that are chosen: with a greeting, for how many days, and whom its letter is for. */
export function NewLink({ clientId, clientName, chosen, create }: NewLinkProps) {
  const greeting = useDraft(`link-greeting.${clientId}`, "");
  const [recipient, setRecipient] = useState("");
  const [days, setDays] = useState<string>(usualDays);
  const [fault, setFault] = useState("");
  const [isBusy, setBusy] = useState(false);
  const isTooMany = chosen.length > mostLooksOfLink;
  const make = async () => {
    setBusy(true);
    const outcome = await answerOf(() =>
      create({ clientId, lookIds: chosen, greeting: greeting.value, recipient, days: Number(days) }),
    );
    setBusy(false);
    setFault(outcome.ok ? "" : sayFaults(outcome));
    if (!outcome.ok) return;
    greeting.settle("");
    toast(papersWords.linkIsMade);
  };
  return (
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
      <Greeting clientName={clientName} value={greeting.value} onChange={greeting.change} />
      <TextField
        id="link-recipient"
        label={papersWords.recipient}
        type="email"
        value={recipient}
        onChange={setRecipient}
      />
      <HoldsFor days={days} onDays={setDays} />
      <Fault say={fault} />
      <div className="flex items-center gap-3">
        <Button type="submit" look="strong" disabled={isBusy || chosen.length === 0 || isTooMany}>
          {papersWords.makeTheLink}
        </Button>
        {chosen.length === 0 && <span className="text-ink-soft">{papersWords.chooseALookFirst}</span>}
        {isTooMany && (
          <span className="text-ink-soft">{sayWith(papersWords.chooseFewer, { most: mostLooksOfLink })}</span>
        )}
      </div>
    </form>
  );
}

interface GreetingProps {
  readonly clientName: string;
  readonly value: string;
  readonly onChange: (greeting: string) => void;
}

function Greeting({ clientName, value, onChange }: GreetingProps) {
  return (
    <TextLines
      id="link-greeting"
      label={papersWords.greeting}
      rows={3}
      maxLength={600}
      value={value}
      placeholder={sayWith(papersWords.greetingHint, {
        client: clientName.split(" ")[0] ?? clientName,
      })}
      onChange={onChange}
    />
  );
}

interface HoldsForProps {
  readonly days: string;
  readonly onDays: (days: string) => void;
}

function HoldsFor({ days, onDays }: HoldsForProps) {
  return (
    <div>
      <p className="mb-1 font-medium">{papersWords.holdsFor}</p>
      <Segments
        label={papersWords.holdsFor}
        value={days}
        segments={linkDays.map((count) => ({
          value: String(count),
          shown: sayWith(papersWords.daysCount, { days: count }),
        }))}
        onChange={onDays}
      />
    </div>
  );
}
