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
