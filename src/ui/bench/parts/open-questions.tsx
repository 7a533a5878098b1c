"use client";

import { sayLength, type LengthUnit } from "@/core/length/length";
import { statementWords } from "@/core/piece/piece-common";
import { specOf, type Piece } from "@/core/piece/piece";
import type { Answer, Certainty, OpenQuestion } from "@/core/reading/open-questions";
import { levelWord } from "@/core/register/ladder";
import { called } from "@/core/words/called";
import { numberOf } from "@/core/words/number";
import { withinSentence } from "@/core/words/within-sentence";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { useLengthUnit } from "../../kit/length-unit";
import { TextButton } from "../../kit/text-button";
import { useDesk } from "../state/desk/use-desk";
import { wouldRead } from "../words/would-read";

/** Asked at once; the others come when these are answered. */
const most = 3;

/** What nobody has said of the pieces although it would decide, each with the way to say it. */
export function OpenQuestions({ open }: Pick<Certainty, "open">) {
  const { source, steps } = useDesk();
  const unit = useLengthUnit();
  if (open.length === 0) return null;
  const more = open.length - most;
  return (
    <div className="basted mt-3 grid gap-1.5 px-2 py-1.5">
      {open.slice(0, most).map((question) => (
        <p key={`${question.piece.id} ${fieldOf(question.answer)}`}>
          {sayQuestion(question, unit)}{" "}
          {source.kept && (
            <TextButton onClick={() => steps.askFor(question.piece.id, fieldOf(question.answer))}>
              {benchWords.recordIt}
            </TextButton>
          )}
        </p>
      ))}
      {more > 0 && (
        <p className="text-ink-soft">{sayWith(benchWords.moreThingsThatNobodyRecorded, { more })}</p>
      )}
    </div>
  );
}

/** How much more is not said, to no effect. */
export function IdleUnsaid({ idle }: Pick<Certainty, "idle">) {
  return idle > 0 ? <p className="mt-3 text-tiny text-ink-soft">{sayIdle(idle)}</p> : null;
}

/** The field of a piece's form where an answer is given. */
function fieldOf(answer: Answer): string {
  return answer.of === "measure" ? `piece.figures.${answer.name}` : `piece.${fields[answer.of]}`;
}

const fields = { level: "register", statement: "statement", style: "poles", cloth: "cloth" } as const;

/** What is not said, the nearest thing that would decide, and how the look would read then. */
export function sayQuestion({ piece, answer, verdict }: OpenQuestion, unit: LengthUnit): string {
  const name = called(piece.name);
  return sayWith(benchWords.nobodyHasRecordedIfIt, {
    fact: whatOf(piece, answer, name),
    guess: sayAnswer(piece, answer, unit),
    outcome: wouldRead(verdict),
  });
}

/** What is asked of a piece, within a sentence. */
function whatOf(piece: Piece, answer: Answer, name: string): string {
  switch (answer.of) {
    case "measure":
      return sayWith(benchWords.thisOf, {
        name,
        fact: withinSentence(specOf(piece).figures[answer.name]?.label ?? answer.name),
      });
    case "level":
      return sayWith(benchWords.howDressedAre, { name, numberOf: numberOf(piece.name) });
    case "statement":
      return `how eye-catching ${name} ${numberOf(piece.name) === 1 ? "is" : "are"}`;
    case "style":
    case "cloth":
      return sayWith(benchWords.theOf, { fact: answer.of, name });
  }
}

function sayAnswer(piece: Piece, answer: Answer, lengths: LengthUnit): string {
  switch (answer.of) {
    case "level":
      return levelWord(answer.value);
    case "statement":
      return statementWords[answer.value];
    case "style":
    case "cloth":
      return answer.value;
    case "measure": {
      const field = specOf(piece).figures[answer.name];
      if (field?.type !== "number" || field.unit === "cm") return sayLength(answer.value, lengths);
      return field.unit === "g" || field.unit === "den" || field.unit === "mm"
        ? `${answer.value} ${field.unit}`
        : String(answer.value);
    }
  }
}

function sayIdle(idle: number): string {
  return idle === 1
    ? benchWords.oneThingAboutThesePieces
    : sayWith(benchWords.thingsAboutThesePiecesAre, { idle });
}
