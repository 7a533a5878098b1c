import { describe, expect, it } from "vitest";
import { poolOf } from "./pool";

/** A task that ends when it is told to, and what it was done by. */
function task() {
  let end: () => void = () => undefined;
  const by: number[] = [];
  const ended = new Promise<void>((resolve) => (end = resolve));
  return {
    by,
    end: async () => {
      end();
      await settled();
    },
    work: async (worker: number) => {
      by.push(worker);
      await ended;
      return worker;
    },
  };
}

const settled = () => new Promise((resolve) => setTimeout(resolve, 0));
const never = () => new AbortController().signal;

/** A pool of workers that are called by their number, and how many there are. */
function numbered(most: number) {
  let begun = 0;
  const pool = poolOf(() => Promise.resolve((begun += 1)), most);
  return { pool, begun: () => begun };
}

describe("a pool of workers", () => {
  it("has one worker until something that fills would wait", async () => {
    const { pool, begun } = numbered(3);
    const [first, second] = [task(), task()];
    void pool.run(first.work, "hand", never());
    void pool.run(second.work, "hand", never());
    await settled();
    expect([begun(), first.by, second.by]).toEqual([1, [1], [1]]);
    const third = task();
    void pool.run(third.work, "filling", never());
    await settled();
    expect([begun(), third.by]).toEqual([2, [2]]);
  });

  it("never has more than it may, and gives what fills its turn in the order it was asked", async () => {
    const { pool, begun } = numbered(2);
    const tasks = Array.from({ length: 5 }, task);
    for (const { work } of tasks) void pool.run(work, "filling", never());
    await settled();
    expect(tasks.map(({ by }) => by)).toEqual([[1], [2], [], [], []]);
    await tasks[1]?.end();
    expect(tasks.map(({ by }) => by)).toEqual([[1], [2], [2], [], []]);
    await tasks[0]?.end();
    expect(tasks.map(({ by }) => by)).toEqual([[1], [2], [2], [1], []]);
    expect(begun()).toBe(2);
  });

  it("answers the hand at once, however much waits to be filled", async () => {
    const { pool } = numbered(1);
    const long = task();
    const waits = task();
    const hand = task();
    void pool.run(long.work, "filling", never());
    void pool.run(waits.work, "filling", never());
    void pool.run(hand.work, "hand", never());
    await settled();
    expect([long.by, waits.by, hand.by]).toEqual([[1], [], [1]]);
    // What fills waits until the hand has its answer.
    await long.end();
    expect(waits.by).toEqual([]);
    await hand.end();
    expect(waits.by).toEqual([1]);
  });

  it("leads the hand past a worker that fills to one that does not", async () => {
    const { pool } = numbered(2);
    const [first, second] = [task(), task()];
    void pool.run(first.work, "filling", never());
    void pool.run(second.work, "filling", never());
    await settled();
    await first.end();
    const hand = task();
    void pool.run(hand.work, "hand", never());
    await settled();
    expect(hand.by).toEqual([1]);
  });

  it("leaves what waits when it is aborted, and never begins it", async () => {
    const { pool } = numbered(1);
    const [long, left, next] = [task(), task(), task()];
    const leaving = new AbortController();
    void pool.run(long.work, "filling", never());
    const answer = pool.run(left.work, "filling", leaving.signal);
    void pool.run(next.work, "filling", never());
    leaving.abort(new Error("left"));
    await expect(answer).rejects.toThrow("left");
    await long.end();
    expect([left.by, next.by]).toEqual([[], [1]]);
    await expect(pool.run(left.work, "hand", leaving.signal)).rejects.toThrow("left");
  });

  it("goes on after a task that failed", async () => {
    const { pool } = numbered(1);
    const failing = pool.run(() => Promise.reject(new Error("failed")), "filling", never());
    await expect(failing).rejects.toThrow("failed");
    expect(await pool.run((worker) => Promise.resolve(worker), "filling", never())).toBe(1);
  });
});
