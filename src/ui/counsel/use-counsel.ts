import { wrap, type Remote } from "comlink";
import { useEffect, useState } from "react";
import { toast } from "sonner";
import type { Wardrobe } from "@/core/studio/wardrobe";
import type { Counsel } from "@/workers/counsel";
import { benchWords } from "@/words/bench";

/** A worker that knows the wardrobe, and may be asked about it. */
export interface Advisor {
  /**
   * Asks the worker. When the signal is aborted it is told to leave this call; what it still answers is nobody's.
   * @throws what the worker threw; it has then been said, and a new worker begins
   */
  ask<T>(question: (counsel: Remote<Counsel>, call: number) => Promise<T>, signal: AbortSignal): Promise<T>;
}

let calls = 0;

/** The worker over a wardrobe; null until the page runs in a browser, and while a failed one begins anew. */
export function useCounsel(wardrobe: Wardrobe): Advisor | null {
  const [advisor, setAdvisor] = useState<Advisor | null>(null);
  const [begun, setBegun] = useState(0);
  useEffect(() => {
    const worker = new Worker(new URL("../../workers/counsel.ts", import.meta.url), { type: "module" });
    const remote = wrap<Counsel>(worker);
    const fail = () => {
      toast(benchWords.readingAheadStoppedByItself);
      setBegun((count) => count + 1);
    };
    worker.addEventListener("error", fail);
    const ask: Advisor["ask"] = async (question, signal) => {
      const call = (calls += 1);
      const leave = () => void remote.cancel(call);
      signal.addEventListener("abort", leave, { once: true });
      try {
        return await question(remote, call);
      } catch (error) {
        if (!signal.aborted) fail();
        throw error;
      } finally {
        signal.removeEventListener("abort", leave);
      }
    };
    void remote.lay(wardrobe).then(() => setAdvisor({ ask }), fail);
    return () => {
      setAdvisor(null);
      worker.terminate();
    };
  }, [wardrobe, begun]);
  return advisor;
}
