"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { useFormContext } from "react-hook-form";
import type { PieceDraft } from "@/core/studio/piece-record";
import type { ReadLine } from "@/core/intake/line";
import { piecesWords } from "@/words/pieces";
import { sayWith } from "@/words/say";
import type { PiecesCalled } from "../../intake/parts/lines-box";
import { WordsRead } from "./words-read";

interface OneLineProps {
  /** What a new piece is as long as nothing has been said of it. */
  readonly blank: PieceDraft;
  /** The piece it begins as: a line then says what is otherwise. */
  readonly like: PieceDraft | null;
  /** What was written elsewhere already. */
  readonly begun: string;
  readonly called: PiecesCalled | undefined;
}

/** A piece written in one line: the form below and the plate follow every word, and each word shows whether it was understood. */
export function OneLine({ blank, like, begun, called }: OneLineProps) {
  const { line, read, write } = useLineOfPiece({ blank, like, begun, called });
  return (
    <div className="grid gap-1 border border-rule-strong bg-paper p-3">
      <label htmlFor="one-line" className="font-medium">
        {like ? sayWith(piecesWords.likeButOtherwise, { name: like.name }) : piecesWords.inOneLine}
      </label>
      <input
        id="one-line"
        value={line}
        onChange={(event) => void write(event.target.value)}
        autoComplete="off"
        maxLength={300}
        spellCheck={false}
        placeholder={like ? piecesWords.otherwiseExample : piecesWords.inOneLineExample}
        aria-describedby="one-line-read"
        className="h-10 w-full border border-rule-strong bg-white px-2 font-serif text-body touch:h-11"
      />
      <p id="one-line-read" aria-live="polite" className="min-h-5 text-tiny text-ink-soft">
        {read ? (
          <WordsRead line={line} read={read} />
        ) : like ? (
          piecesWords.otherwiseHelp
        ) : (
          piecesWords.inOneLineHelp
        )}
      </p>
    </div>
  );
}

/** The line as it is written, and what is read in it: the form follows every word. */
function useLineOfPiece({ blank, like, begun, called }: OneLineProps) {
  const { setValue } = useFormContext();
  const [line, setLine] = useState(begun);
  const [read, setRead] = useState<ReadLine | null>(null);
  const likes = useRef<Record<string, PieceDraft | null>>({});
  const show = useCallback(
    (text: string, answer: ReadLine) => {
      setRead(text.trim() === "" ? null : answer);
      const nothing = like ?? { ...blank, name: text.trim() };
      setValue("piece", answer.piece ?? nothing, { shouldDirty: true });
    },
    [blank, like, setValue],
  );
  const write = useCallback(
    async (text: string) => {
      setLine(text);
      // The vocabulary is fetched with the first word that is written.
      const { likeNameIn, readLine, readVariation } = await import("@/core/intake/line");
      if (like) {
        show(text, readVariation(like, text));
        return;
      }
      show(
        text,
        readLine(text, (name) => likes.current[name] ?? null),
      );
      const name = likeNameIn(text);
      if (name === null || name in likes.current || !called) return;
      const outcome = await called({ names: [name.slice(0, 120)] });
      likes.current[name] = outcome.ok ? (outcome.value[name] ?? null) : null;
      if (likes.current[name])
        show(
          text,
          readLine(text, (other) => likes.current[other] ?? null),
        );
    },
    [called, like, show],
  );
  useEffect(() => {
    // What was written elsewhere is read once the page has come.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    if (begun !== "") void write(begun);
  }, [begun, write]);
  return { line, read, write };
}
