import { readFileSync } from "node:fs";

/** How long the same work takes on a machine of the reference class that does nothing else, ms. */
export const sameWorkUsually = { inNode: 14, inChromiumAtAQuarter: 36 } as const;

/**
 * Arithmetic and small objects, as a reading and a page have them: how long it takes now, ms, the best of five. It runs
 * in Node as in a page, so that it refers to nothing outside itself.
 */
export function sameWork(): number {
  const times: number[] = [];
  for (let round = 0; round < 5; round += 1) {
    const began = performance.now();
    const made: { x: number; i: number }[] = [];
    for (let i = 0, x = 1; i < 400_000; i += 1) {
      x = Math.sin(x) + (i % 7);
      if (i % 4 === 0) made.push({ x, i });
    }
    times.push(performance.now() - began);
  }
  return Math.min(...times);
}

/** What the processors of this machine did since it began, in hundredths of a second of one of them. */
export interface MachineTimes {
  readonly worked: number;
  /** While something here wanted to work, and the host gave the processor to another machine. */
  readonly takenAway: number;
  readonly all: number;
}

/** The first line of Linux's /proc/stat: user, nice, system, idle, waiting, interrupts of both kinds, stolen. */
export function machineTimes(): MachineTimes {
  const [first = ""] = readFileSync("/proc/stat", "utf8").split("\n");
  const [user = 0, nice = 0, system = 0, idle = 0, waiting = 0, hard = 0, soft = 0, stolen = 0] = first
    .split(/\s+/)
    .slice(1)
    .map(Number);
  const worked = user + nice + system + hard + soft;
  return { worked, takenAway: stolen, all: worked + idle + waiting + stolen };
}
