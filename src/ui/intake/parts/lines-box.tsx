"use client";

import type { Remote } from "comlink";
import { useEffect, useState } from "react";
import { likeNamesIn } from "@/core/intake/like-names";
import type { CheckedRow } from "@/core/intake/rows";
import type { Outcome } from "@/core/schema/outcome";
import type { PieceDraft } from "@/core/studio/piece-record";
import { intakeWords } from "@/words/intake";
import type { Intake, Whose } from "@/workers/intake";
import { answerOf } from "../../kit/answer";

export type PiecesCalled = (input: {
  readonly names: readonly string[];
}) => Promise<Outcome<Readonly<Record<string, PieceDraft | null>>>>;

interface LinesBoxProps {
  readonly intake: Remote<Intake> | null;
  readonly whose: Whose;
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly onRows: (rows: readonly CheckedRow[]) => void;
  readonly called: PiecesCalled;
}

/** A pause in typing after which the lines are read, ms. */
const pause = 150;

const example = [intakeWords.lineWithMeasures, intakeWords.lineOfAScarf, intakeWords.lineLikeAnother].join(
  "\n",
);

/** Many lines typed or pasted, each a piece. */
export function LinesBox({ intake, whose, text, onText, onRows, called }: LinesBoxProps) {
  const [likes, setLikes] = useState<Readonly<Record<string, PieceDraft | null>>>({});
  useEffect(() => {
    if (!intake) return;
    let isWanted = true;
    const timer = setTimeout(() => {
      const unknown = likeNamesIn(text).filter((name) => !(name in likes));
      // What a line calls "same as" is looked up once, and then read with the rest.
      if (unknown.length > 0)
        void answerOf(() => called({ names: unknown.slice(0, 50) })).then((outcome) => {
          const none = Object.fromEntries(unknown.map((name) => [name, null]));
          if (isWanted) setLikes((before) => ({ ...before, ...none, ...(outcome.ok ? outcome.value : {}) }));
        });
      else void intake.lines(text, whose, likes).then((rows) => isWanted && onRows(rows));
    }, pause);
    return () => {
      isWanted = false;
      clearTimeout(timer);
    };
  }, [intake, text, whose, likes, called, onRows]);
  return (
    <label className="grid gap-1">
      <span className="font-medium">{intakeWords.onePieceALine}</span>
      <textarea
        value={text}
        onChange={(event) => onText(event.target.value)}
        spellCheck={false}
        rows={8}
        placeholder={example}
        className="w-full border border-rule-strong bg-white p-2.5 font-serif text-body leading-relaxed"
      />
    </label>
  );
}
