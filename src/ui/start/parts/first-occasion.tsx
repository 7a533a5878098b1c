"use client";

import { useState } from "react";
import { readOccasion, withSaid } from "@/core/intake/occasion-line";
import { levelWord } from "@/core/register/ladder";
import { sayDay } from "@/core/words/day";
import { startWords } from "@/words/start";
import { sayWith } from "@/words/say";
import { newOccasion } from "../../clients/state/new-occasion";
import { answerOf, sayFaults } from "../../kit/answer";
import { Button } from "../../kit/button";
import { useDraft } from "../../kit/form/use-draft";
import type { StartActions } from "../start";

interface FirstOccasionProps {
  readonly client: { readonly id: string };
  /** Today, yyyy-mm-dd. */
  readonly day: string;
  readonly save: StartActions["saveOccasion"];
  readonly onSaved: () => void;
}

/** An occasion in one line; what it was understood as stands under it. */
export function FirstOccasion({ client, day, save, onSaved }: FirstOccasionProps) {
  const line = useDraft(`occasion.first.${client.id}`, "");
  const [fault, setFault] = useState<string | null>(null);
  const occasion = withSaid(newOccasion(day), readOccasion(line.value, day));
  const keep = async () => {
    const outcome = await answerOf(() => save({ id: null, version: null, clientId: client.id, occasion }));
    if (!outcome.ok) {
      setFault(sayFaults(outcome));
      return;
    }
    line.settle("");
    onSaved();
  };
  return (
    <form
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (line.value.trim() !== "") void keep();
      }}
    >
      <label className="grid max-w-120 gap-1">
        <span className="font-medium">{startWords.inOneLine}</span>
        <input
          value={line.value}
          maxLength={160}
          autoComplete="off"
          placeholder={startWords.occasionExample}
          onChange={(event) => {
            line.change(event.target.value);
            setFault(null);
          }}
          className="h-10 border border-rule-strong bg-white px-2 font-serif text-body touch:h-11"
        />
      </label>
      <p role="status" className="min-h-5 text-ink-soft">
        {fault ??
          (line.value.trim() === ""
            ? startWords.occasionHelp
            : sayWith(startWords.understoodAs, {
                name: occasion.name,
                day: sayDay(occasion.day),
                low: levelWord(occasion.span.low),
                high: levelWord(occasion.span.high),
              }))}
      </p>
      <p>
        <Button look="strong" size="touch" type="submit" disabled={line.value.trim() === ""}>
          {startWords.keepTheOccasion}
        </Button>
      </p>
    </form>
  );
}
