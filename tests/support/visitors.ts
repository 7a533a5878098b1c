import { Agent, get } from "node:http";

/** A browser that is signed in: where it asks, and by what it is known. */
export interface Visitor {
  readonly site: string;
  readonly cookie: string;
}

/** What is asked for: a place as a document, or by what the page inside asks with. */
export interface Step {
  readonly path: string;
  readonly headers: Readonly<Record<string, string>>;
}

/** Fifty who each ask for a place every two seconds, for twelve of them. */
export async function fifty(visitor: Visitor, steps: readonly Step[]) {
  const met: Answer[] = [];
  const until = performance.now() + 12_000;
  const visits = async (who: number) => {
    await pause(who * 40);
    for (let visit = who; performance.now() < until; visit += 1) {
      const step = steps[visit % steps.length];
      if (step) met.push(await ask(visitor, step.path, step.headers));
      await pause(2000);
    }
  };
  await Promise.all(Array.from({ length: 50 }, (_, who) => visits(who)));
  return met;
}

export interface Answer {
  readonly status: number;
  readonly bytes: number;
  readonly ms: number;
}

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const agent = new Agent({ keepAlive: true });

/** Asks for a path: the status, the bytes of the page itself, and how long it took. */
export function ask({ site, cookie }: Visitor, path: string, headers: Step["headers"] = {}) {
  return new Promise<Answer>((resolve, reject) => {
    const began = performance.now();
    get(site + path, { agent, headers: { cookie, ...headers } }, (answer) => {
      let bytes = 0;
      answer.on("data", (chunk: Buffer) => (bytes += chunk.length));
      answer.on("end", () =>
        resolve({ status: answer.statusCode ?? 0, bytes, ms: performance.now() - began }),
      );
    }).on("error", reject);
  });
}
