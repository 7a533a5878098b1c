/**
 * What a task is waited for by: a hand at the page, which is answered before anything else; or a board that fills by and
 * by, and work that goes on for long.
 */
export type Urgency = "hand" | "filling";

/** A few workers that take tasks, the hand's before those that fill. */
export interface Pool<W> {
  /** How many workers there may be at once: so many parts of a long task can be worked on side by side. */
  readonly most: number;
  /**
   * Has a worker do a task. A hand's task goes to a worker at once, the least busy one; one that fills waits until a worker
   * has nothing else to do.
   * @throws what the task throws; the signal's reason where it is aborted while it waits
   */
  run<T>(task: (worker: W) => Promise<T>, urgency: Urgency, signal: AbortSignal): Promise<T>;
}

interface Member<W> {
  readonly worker: Promise<W>;
  /** Tasks under way, and of those the ones that fill. */
  tasks: number;
  filling: number;
}

/**
 * A pool that begins with one worker; another comes only where something that fills would wait for one.
 * @param begin begins a worker, which is ready when the promise is
 * @param most how many there may be, at least one
 */
export function poolOf<W>(begin: () => Promise<W>, most: number): Pool<W> {
  const members: Member<W>[] = [];
  const waiting: ((member: Member<W>) => void)[] = [];
  const add = (): Member<W> => {
    const member = { worker: begin(), tasks: 0, filling: 0 };
    members.push(member);
    return member;
  };
  add();

  /** Of the workers the one that is done first: what fills takes longest. */
  const leastBusy = (): Member<W> =>
    members.reduce((best, each) =>
      each.filling < best.filling || (each.filling === best.filling && each.tasks < best.tasks) ? each : best,
    );
  /** A worker with nothing to do, begun where there is none and may be one more. */
  const idle = (): Member<W> | null =>
    members.find(({ tasks }) => tasks === 0) ?? (members.length < most ? add() : null);

  return {
    most,
    run(task, urgency, signal) {
      if (signal.aborted) return Promise.reject(signal.reason as Error);
      const member = urgency === "hand" ? leastBusy() : idle();
      if (member) return work(member, task, urgency);
      return new Promise((resolve, reject) => {
        const take = (freed: Member<W>) => {
          signal.removeEventListener("abort", leave);
          resolve(work(freed, task, urgency));
        };
        const leave = () => {
          waiting.splice(waiting.indexOf(take), 1);
          reject(signal.reason as Error);
        };
        waiting.push(take);
        signal.addEventListener("abort", leave, { once: true });
      });
    },
  };

  /** Counts at once: whoever asks next finds the worker busy. */
  async function work<T>(member: Member<W>, task: (worker: W) => Promise<T>, urgency: Urgency): Promise<T> {
    const fills = urgency === "filling" ? 1 : 0;
    member.tasks += 1;
    member.filling += fills;
    try {
      return await task(await member.worker);
    } finally {
      member.tasks -= 1;
      member.filling -= fills;
      if (member.tasks === 0) waiting.shift()?.(member);
    }
  }
}
