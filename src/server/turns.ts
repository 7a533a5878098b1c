import "server-only";
import { setImmediate } from "node:timers/promises";

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
