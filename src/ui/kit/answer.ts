import { toast } from "sonner";
import { refused, type Outcome } from "@/core/schema/outcome";
import { kitWords } from "@/words/kit";
import { signInBeside } from "./signed-out";

/** What is said wherever the studio's server does not answer. */
const silence = kitWords.theStudiosServerDoesNot;

/**
 * The server's answer; where none comes, a refusal that says so. Where the session has ended, one signs in beside
 * the page, and what was asked is asked once more.
 */
export async function answerOf<T>(ask: () => Promise<Outcome<T>>): Promise<Outcome<T>> {
  const outcome = await ask().catch(() => refused<T>("server", silence));
  if (!isSignedOut(outcome)) return outcome;
  return (await signInBeside()) ? ask().catch(() => refused<T>("server", silence)) : outcome;
}

/** Whether something was refused because nobody is signed in any more. */
export function isSignedOut(outcome: Outcome<unknown>): boolean {
  return !outcome.ok && outcome.faults.some(({ field }) => field === "session");
}

/** Fields of a refusal that is of the moment: there is no server, no database, or nobody is signed in. */
const moments = ["server", "database", "session"];

/** Whether something was refused for now, and may be granted when it is asked again. */
export function isOfTheMoment(outcome: Outcome<unknown>): boolean {
  return !outcome.ok && outcome.faults.some(({ field }) => moments.includes(field));
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
export async function granted<T>(ask: () => Promise<Outcome<T>>): Promise<Granted<T> | null> {
  const outcome = await answerOf(ask);
  if (outcome.ok) return { value: outcome.value };
  toast(sayFaults(outcome));
  return null;
}
