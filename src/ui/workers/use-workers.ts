import { wrap, type Remote } from "comlink";
import { useEffect, useState } from "react";
import { toast } from "sonner";
import type { Wardrobe } from "@/core/studio/wardrobe";
import type { WardrobeWorker } from "@/workers/wardrobe-worker";
import { benchWords } from "@/words/bench";
import { poolOf, type Urgency } from "./pool";

/** Workers that know the wardrobe, and may be asked about it. */
export interface Workers {
  /** How many parts of a long question can be worked on side by side. */
  readonly parts: number;
  /**
   * Asks a worker. When the signal is aborted it is told to leave this call; what it still answers is nobody's.
   * @throws what the worker threw; it has then been said, and new workers begin
   */
  ask<T>(
    question: (worker: Remote<WardrobeWorker>, call: number) => Promise<T>,
    signal: AbortSignal,
    urgency?: Urgency,
  ): Promise<T>;
}

let calls = 0;

/** One core is the page's own. */
const mostWorkers = () => Math.max(1, navigator.hardwareConcurrency - 1);

/** The workers over a wardrobe; null until the page runs in a browser, and while failed ones begin anew. */
export function useWorkers(wardrobe: Wardrobe): Workers | null {
  const [ready, setReady] = useState<Workers | null>(null);
  const [begun, setBegun] = useState(0);
  useEffect(() => {
    const workers: Worker[] = [];
    let isOver = false;
    const fail = () => {
      if (isOver) return;
      toast(benchWords.readingAheadStoppedByItself);
      setBegun((count) => count + 1);
    };
    const begin = async (): Promise<Remote<WardrobeWorker>> => {
      const worker = new Worker(new URL("../../workers/wardrobe-worker.ts", import.meta.url), {
        type: "module",
      });
      worker.addEventListener("error", fail);
      workers.push(worker);
      const remote = wrap<WardrobeWorker>(worker);
      await remote.lay(wardrobe);
      return remote;
    };
    const pool = poolOf(begin, mostWorkers());
    const ask: Workers["ask"] = async (question, signal, urgency = "hand") => {
      const call = (calls += 1);
      const inWorker = async (remote: Remote<WardrobeWorker>) => {
        // It may have been left while the worker began.
        signal.throwIfAborted();
        const leave = () => void remote.cancel(call);
        signal.addEventListener("abort", leave, { once: true });
        try {
          return await question(remote, call);
        } finally {
          signal.removeEventListener("abort", leave);
        }
      };
      try {
        return await pool.run(inWorker, urgency, signal);
      } catch (error) {
        if (!signal.aborted) fail();
        throw error;
      }
    };
    const isReady = pool.run(() => Promise.resolve(), "hand", new AbortController().signal);
    void isReady.then(() => !isOver && setReady({ ask, parts: pool.most }), fail);
    return () => {
      isOver = true;
      setReady(null);
      for (const worker of workers) worker.terminate();
    };
  }, [wardrobe, begun]);
  return ready;
}
