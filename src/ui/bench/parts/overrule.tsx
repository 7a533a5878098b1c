"use client";

import { useState } from "react";
import { markOf } from "@/core/reading/verdict";
import type { BookRemedy } from "@/core/reading/book-remedies";
import type { BookChange } from "@/core/rule-book/book-change";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { useAsk, type Question } from "../../workers/use-ask";
import type { Workers } from "../../workers/use-workers";
import { useDraft } from "../../kit/form/use-draft";
import { Button } from "../../kit/button";
import { useLengthUnit } from "../../kit/length-unit";
import { wordOf } from "../../kit/marks";
import { RadioChoice } from "../../kit/radio-choice";
import { sayBookChange } from "../../rule-book/words/change-words";

const scopes = ["look", "client", "always"] as const;
type Scope = (typeof scopes)[number];

interface OverruleProps {
  /** Under what a reason that is half typed is kept in this browser. */
  readonly draft: string;
  readonly client: string;
  /** Changes of the rule book after which this is no longer found; asked for only when wanted. */
  readonly workers: Workers | null;
  readonly question: Question<BookRemedy[]>;
  /** False where there is no rule book to change: a look from a file. */
  readonly kept: boolean;
  readonly onOverrule: (reason: string, scope: "look" | "client") => void;
  readonly onChangeBook: (change: BookChange) => void;
  readonly onCancel: () => void;
}

/** Sets a finding aside with a reason, for this look or this client, or changes the rule itself. */
export function Overrule(props: OverruleProps) {
  const { draft, client, workers, question, kept, onOverrule, onChangeBook, onCancel } = props;
  const [scope, setScope] = useState<Scope>("look");
  const reason = useDraft(`overrule.${draft}`, "");
  const labels: Record<Scope, string> = {
    look: "This look",
    client: sayWith(benchWords.allOfS, { client }),
    always: "Always",
  };
  return (
    <form
      className="mt-1.5 grid gap-2 border border-rule-strong bg-white p-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (scope === "always" || !reason.value.trim()) return;
        onOverrule(reason.value.trim(), scope);
        reason.settle("");
      }}
    >
      <RadioChoice
        label={benchWords.overruleFor}
        options={scopes
          .filter((each) => kept || each !== "always")
          .map((each) => ({ value: each, shown: labels[each] }))}
        value={scope}
        onChange={setScope}
      />
      {scope === "always" ? (
        <BookChanges workers={workers} question={question} onChange={onChangeBook} />
      ) : (
        <label className="grid gap-0.5">
          <span className="text-tiny text-ink-soft">{benchWords.yourReasonKeptBesideThe}</span>
          <input
            ref={focusFirst}
            value={reason.value}
            maxLength={400}
            onChange={(event) => reason.change(event.target.value)}
            className="h-8 border border-rule-strong bg-paper px-2"
          />
        </label>
      )}
      <div className="flex gap-2">
        {scope !== "always" && (
          <Button size="small" look="strong" type="submit" disabled={reason.value.trim() === ""}>
            {benchWords.overruleLabel}
          </Button>
        )}
        <Button size="small" onClick={onCancel}>
          {benchWords.cancel}
        </Button>
      </div>
    </form>
  );
}

interface BookChangesProps extends Pick<OverruleProps, "workers" | "question"> {
  readonly onChange: (change: BookChange) => void;
}

/** What could be set otherwise in the rule book, each with what it would make of this look. */
function BookChanges({ workers, question, onChange }: BookChangesProps) {
  const unit = useLengthUnit();
  // Asked once, when it is opened.
  const [first] = useState(() => question);
  const { value: changes } = useAsk(workers, first);
  if (changes === null) return <p className="text-ink-soft">{benchWords.tryingWhatElseTheRule}</p>;
  return (
    <div className="grid gap-1.5">
      <p className="text-tiny text-ink-soft">{benchWords.changeTheRuleBookEvery}</p>
      {changes.map(({ change, score, verdict }) => (
        <button
          key={JSON.stringify(change)}
          type="button"
          onClick={() => onChange(change)}
          className="border border-rule-strong bg-paper px-2 py-1 text-left hover:bg-well"
        >
          {sayBookChange(change, unit)}{" "}
          <span className="tabular whitespace-nowrap text-ink-soft">
            {sayWith(benchWords.then, { verdict: wordOf(verdict), mark: markOf({ verdict, score }) })}
          </span>
        </button>
      ))}
    </div>
  );
}

/** A field that was asked for has the focus as soon as it is there. */
function focusFirst(field: HTMLInputElement | null): void {
  field?.focus();
}
