"use client";

import { useCallback } from "react";
import type { BookExample } from "@/core/reading/book-examples";
import { changeBook } from "@/core/rule-book/book-change";
import type { RuleBook } from "@/core/rule-book/rule-book";
import type { SchoolName } from "@/core/rule-book/schools";
import type { Wardrobe } from "@/core/studio/wardrobe";
import { useAsk, type Question } from "../../workers/use-ask";
import { useWorkers } from "../../workers/use-workers";
import type { NamedLook } from "../state/named-look";
import { Questions } from "./questions";

interface LiveQuestionsProps {
  readonly wardrobe: Wardrobe | null;
  readonly looks: readonly NamedLook[];
  readonly book: RuleBook;
  readonly onBook: (book: RuleBook) => void;
  readonly onLook: (look: number) => void;
}

/** The questions over a book, with examples from the client's looks where there are any. */
export function LiveQuestions({ wardrobe, looks, book, onBook, onLook }: LiveQuestionsProps) {
  const questions = {
    book,
    lookNames: looks.map(({ name }) => name),
    onAnswer: (school: SchoolName, choice: string) =>
      onBook(changeBook(book, { kind: "school", school, choice })),
    onLook,
  };
  if (!wardrobe) return <Questions {...questions} examples={[]} />;
  return <Exampled wardrobe={wardrobe} looks={looks} book={book} questions={questions} />;
}

interface ExampledProps {
  readonly wardrobe: Wardrobe;
  readonly looks: readonly NamedLook[];
  readonly book: RuleBook;
  readonly questions: Omit<Parameters<typeof Questions>[0], "examples">;
}

/** The questions with examples the worker finds among the client's looks. */
function Exampled({ wardrobe, looks, book, questions }: ExampledProps) {
  const workers = useWorkers(wardrobe);
  const question = useCallback<Question<BookExample[]>>(
    (worker) =>
      worker.bookExamples(
        looks.map(({ key }) => key),
        book,
      ),
    [looks, book],
  );
  const { value: examples } = useAsk(workers, question, "filling");
  return <Questions {...questions} examples={examples ?? []} />;
}
