import type { Verdict } from "@/core/reading/verdict";
import { wordOf } from "../kit/marks";

/** How a look would read then, as the end of a sentence. */
export function wouldRead(verdict: Verdict): string {
  return verdict === "jars" ? "it would jar" : `it would read "${wordOf(verdict)}"`;
}
