import { proxy, type Remote } from "comlink";
import { useEffect, useRef, useState } from "react";
import type { Counsel } from "@/workers/counsel";
import type { Advisor } from "./use-counsel";

/**
 * A question to the worker: kept the same as long as it is the same question.
 * @param call names this asking, so that long work can be left
 * @param tell takes news of an answer that is still growing
 */
export type Question<T> = (
  counsel: Remote<Counsel>,
  call: number,
  tell: ((news: T) => void) & ReturnType<typeof proxy>,
) => Promise<T>;

/** Where a question stands: what is known so far, and whether that is all. */
export interface Asked<T> {
  readonly value: T | null;
  readonly state: "waiting" | "answered" | "failed" | "stopped";
}

const waiting = { value: null, state: "waiting" } as const;

/**
 * Asks the worker a question, anew whenever it is another; the one before is left.
 * @returns where it stands, and a way to leave it with what is known so far
 */
export function useAsk<T>(
  advisor: Advisor | null,
  question: Question<T> | null,
): Asked<T> & { readonly stop: () => void } {
  const [heard, setHeard] = useState<{ readonly of: Question<T>; readonly asked: Asked<T> } | null>(null);
  const controller = useRef<AbortController | null>(null);
  useEffect(() => {
    if (!advisor || !question) return;
    const asking = new AbortController();
    controller.current = asking;
    const hear = (asked: Asked<T>) => {
      if (!asking.signal.aborted) setHeard({ of: question, asked });
    };
    const tell = proxy((news: T) => hear({ value: news, state: "waiting" }));
    advisor
      .ask((counsel, call) => question(counsel, call, tell), asking.signal)
      .then(
        (value) => hear({ value, state: "answered" }),
        () => hear({ value: null, state: "failed" }),
      );
    return () => asking.abort();
  }, [advisor, question]);
  const stop = () => {
    controller.current?.abort();
    setHeard((before) => before && { of: before.of, asked: { ...before.asked, state: "stopped" } });
  };
  return { ...(heard && heard.of === question ? heard.asked : waiting), stop };
}
