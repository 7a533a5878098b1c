import { toast } from "sonner";
import { refused, type Outcome } from "@/core/schema/outcome";

/** What is said wherever the studio's server does not answer. */
const silence = "The studio's server does not answer. What you typed is still here: try again in a moment.";

/** The server's answer; where none comes, a refusal that says so. */
export function answerOf<T>(answer: Promise<Outcome<T>>): Promise<Outcome<T>> {
  return answer.catch(() => refused<T>("server", silence));
}

/** Every sentence of a refusal, one after another. */
export function sayFaults(outcome: Extract<Outcome<unknown>, { ok: false }>): string {
  return outcome.faults.map(({ say }) => say).join(" ");
}

/** What a value came to, or null when it was refused; the refusal has been said. */
export interface Granted<T> {
  readonly value: T;
}

/** Waits for the server's answer; where it refuses or does not come, a message says so and null comes back. */
export async function granted<T>(answer: Promise<Outcome<T>>): Promise<Granted<T> | null> {
  const outcome = await answerOf(answer);
  if (outcome.ok) return { value: outcome.value };
  toast(sayFaults(outcome));
  return null;
}
