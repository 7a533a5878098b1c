import type { Finding } from "./finding";

/** What is said of each of some things, in their order; null where nothing is. */
export function saidOfEach<T>(all: readonly T[], say: (one: T) => Finding | null): Finding[] {
  const findings: Finding[] = [];
  for (const one of all) {
    const finding = say(one);
    if (finding) findings.push(finding);
  }
  return findings;
}
