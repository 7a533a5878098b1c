"use client";

import { X } from "lucide-react";
import { useState } from "react";
import type { Outcome } from "@/core/schema/outcome";
import type { RailView } from "@/core/studio/rail";
import { railWords } from "@/words/rail";
import { sayWith } from "@/words/say";
import { granted } from "../../kit/answer";
import { TextButton } from "../../kit/text-button";

interface RailViewsProps {
  readonly views: readonly RailView[];
  /** The part of the address that says how the rail is narrowed now; empty for the whole rail. */
  readonly now: string;
  readonly save: (input: { readonly views: readonly RailView[] }) => Promise<Outcome<null>>;
  readonly onOpen: (query: string) => void;
}

/** The ways a person has the rail narrowed, each a press away. */
export function RailViews({ views: begun, now, save, onOpen }: RailViewsProps) {
  const [views, setViews] = useState(begun);
  const [naming, setNaming] = useState<string | null>(null);
  const keep = async (next: readonly RailView[]) => {
    if (await granted(() => save({ views: next }))) {
      setViews(next);
      setNaming(null);
    }
  };
  const isKept = views.some(({ query }) => query === now);
  if (views.length === 0 && now === "") return null;
  return (
    <div className="mb-3 flex flex-wrap items-center gap-2">
      {views.map((view) => (
        <View
          key={view.name}
          name={view.name}
          isOpen={view.query === now}
          onOpen={() => onOpen(view.query)}
          onForget={() => void keep(views.filter(({ name }) => name !== view.name))}
        />
      ))}
      {now !== "" && !isKept && naming === null && (
        <TextButton className="min-h-6 touch:min-h-11" onClick={() => setNaming("")}>
          {railWords.saveThisFilter}
        </TextButton>
      )}
      {naming !== null && (
        <form
          className="flex items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            const name = naming.trim();
            if (name !== "") void keep([...views.filter((view) => view.name !== name), { name, query: now }]);
          }}
        >
          <input
            ref={focused}
            aria-label={railWords.nameOfTheFilter}
            placeholder={railWords.nameOfTheFilter}
            value={naming}
            maxLength={40}
            onChange={(event) => setNaming(event.target.value)}
            className="h-8 w-48 border border-rule-strong bg-white px-2 touch:min-h-11"
          />
          <TextButton type="submit" className="min-h-6 touch:min-h-11">
            {railWords.saveIt}
          </TextButton>
        </form>
      )}
    </div>
  );
}

interface ViewProps {
  readonly name: string;
  readonly isOpen: boolean;
  readonly onOpen: () => void;
  readonly onForget: () => void;
}

function View({ name, isOpen, onOpen, onForget }: ViewProps) {
  return (
    <span className="flex items-stretch border border-rule-strong bg-paper">
      <button
        type="button"
        aria-pressed={isOpen}
        onClick={onOpen}
        className="h-8 px-2.5 hover:bg-well aria-pressed:bg-ink aria-pressed:text-paper touch:min-h-11"
      >
        {name}
      </button>
      <button
        type="button"
        aria-label={sayWith(railWords.forget, { name })}
        onClick={onForget}
        className="border-l border-rule px-1.5 text-ink-soft hover:bg-well touch:min-w-11"
      >
        <X className="size-3" aria-hidden="true" />
      </button>
    </span>
  );
}

/** Whoever asks for the field is about to type. */
function focused(input: HTMLInputElement | null): void {
  input?.focus();
}
