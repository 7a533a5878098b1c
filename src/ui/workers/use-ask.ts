import { proxy, type Remote } from "comlink";
import { useCallback, useEffect, useRef, useState } from "react";
import type { WardrobeWorker } from "@/workers/wardrobe-worker";
import type { Urgency } from "./pool";
import type { Workers } from "./use-workers";

/**
 * A question to one worker: kept the same as long as it is the same question.
 * @param call names this asking, so that long work can be left
 * @param tell takes news of an answer that is still growing
 */
export type Question<T> = (
  worker: Remote<WardrobeWorker>,
  call: number,
  tell: ((news: T) => void) & ReturnType<typeof proxy>,
) => Promise<T>;

/** A question that is asked in parts, of as many workers as there are: kept the same as long as it is the same. */
export type WideQuestion<T> = (workers: Workers, signal: AbortSignal, tell: (news: T) => void) => Promise<T>;

/** Where a question stands: what is known so far, and whether that is all. */
export interface Answer<T> {
  readonly value: T | null;
  readonly state: "waiting" | "answered" | "failed" | "stopped";
}

const waiting = { value: null, state: "waiting" } as const;

/**
 * Asks a worker a question, anew whenever it is another; the one before is left.
 * @returns where it stands, and a way to leave it with what is known so far
 */
export function useAsk<T>(
  workers: Workers | null,
  question: Question<T> | null,
  urgency: Urgency = "hand",
): Answer<T> & { readonly stop: () => void } {
  const ofOne = useCallback<WideQuestion<T>>(
    (asked, signal, tell) => asked.ask((worker, call) => ask(question, worker, call, tell), signal, urgency),
    [question, urgency],
  );
  return useAskWidely(workers, question && ofOne);
}

function ask<T>(
  question: Question<T> | null,
  worker: Remote<WardrobeWorker>,
  call: number,
  tell: (news: T) => void,
): Promise<T> {
  if (!question) throw new Error("there is nothing to ask");
  return question(worker, call, proxy(tell));
}

/** Asks a question in parts, anew whenever it is another; the one before is left, all its parts. */
export function useAskWidely<T>(
  workers: Workers | null,
  question: WideQuestion<T> | null,
): Answer<T> & { readonly stop: () => void } {
  const [heard, setHeard] = useState<{ readonly of: WideQuestion<T>; readonly asked: Answer<T> } | null>(
    null,
  );
  const controller = useRef<AbortController | null>(null);
  useEffect(() => {
    if (!workers || !question) return;
    const asking = new AbortController();
    controller.current = asking;
    const hear = (asked: Answer<T>) => {
      if (!asking.signal.aborted) setHeard({ of: question, asked });
    };
    question(workers, asking.signal, (news) => hear({ value: news, state: "waiting" })).then(
      (value) => hear({ value, state: "answered" }),
      () => hear({ value: null, state: "failed" }),
    );
    return () => asking.abort();
  }, [workers, question]);
  const stop = () => {
    controller.current?.abort();
    setHeard((before) => before && { of: before.of, asked: { ...before.asked, state: "stopped" } });
  };
  return { ...(heard && heard.of === question ? heard.asked : waiting), stop };
}
