import { Problem } from "./problem.mjs";

/** How often the server is looked for, and at most how long between two tries to start it, in ms. */
const look = 1000;
const longest = 10_000;
/** A server that ends so often within so long is not started again. */
const mostDeaths = 5;
const within = 60_000;
/** For so long it is tried to start one that does not start, such as on a full disk, in ms. */
const patience = 10 * 60_000;

/**
 * Keeps a cluster running: one that ended by itself is started again, on the same port, as soon as it can be.
 * @param {{ isAlive: () => boolean }} cluster
 * @param {{ restart: () => Promise<void>, say: (text: string) => void, giveUp: (problem: Problem) => void }} how
 * @returns what ends the watch
 */
export function keepRunning(cluster, { restart, say, giveUp }) {
  let ended = false;
  const deaths = [];
  void (async () => {
    while (!ended) {
      await pause(look);
      if (ended || cluster.isAlive()) continue;
      deaths.push(Date.now());
      if (deaths.filter((at) => at > Date.now() - within).length > mostDeaths) {
        giveUp(
          new Problem(
            "PostgreSQL ends again and again; what was saved is kept. Start again with: npm run demo",
          ),
        );
        return;
      }
      say("PostgreSQL ended by itself; it is started again");
      if (!(await startAgain())) return;
    }
  })();
  return () => {
    ended = true;
  };

  async function startAgain() {
    let last = "";
    const began = Date.now();
    for (let wait = look; !ended; wait = Math.min(longest, wait * 2)) {
      try {
        await restart();
        say("PostgreSQL is back; nothing that was saved is lost");
        return true;
      } catch (error) {
        if (Date.now() - began > patience) {
          giveUp(error);
          return false;
        }
        if (error.message !== last) say(`${error.message} It is tried again by itself`);
        last = error.message;
        await pause(wait);
      }
    }
    return false;
  }
}

const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
