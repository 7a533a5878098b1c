import "server-only";
import { setImmediate } from "node:timers/promises";
import type { InParts } from "@/core/formats/in-parts";

/** Does some work for each of many, one a turn, so that whoever else asks meanwhile is answered between two. */
export async function oneATurn<Each, Result>(
  each: readonly Each[],
  work: (one: Each) => Result,
): Promise<Result[]> {
  const results: Result[] = [];
  for (const one of each) {
    results.push(work(one));
    await setImmediate();
  }
  return results;
}

/** Does work that can be left and gone on with, and leaves it whenever it can be. */
export async function inTurns<Result>(work: InParts<Result>): Promise<Result> {
  for (;;) {
    const { done, value } = work.next();
    if (done) return value;
    await setImmediate();
  }
}
