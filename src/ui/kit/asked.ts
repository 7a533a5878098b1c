import { toast } from "sonner";
import type { Outcome } from "@/core/schema/outcome";

/** What a value came to, or null when it was refused; the refusal has been said. */
export interface Granted<T> {
  readonly value: T;
}

/** Waits for the server's answer; where it refuses or does not come, a message says so and null comes back. */
export async function asked<T>(answer: Promise<Outcome<T>>): Promise<Granted<T> | null> {
  const outcome = await answer.catch(() => null);
  if (outcome?.ok) return { value: outcome.value };
  toast(
    outcome?.faults.map(({ say }) => say).join(" ") ??
      "The studio's server does not answer: nothing was changed.",
  );
  return null;
}
