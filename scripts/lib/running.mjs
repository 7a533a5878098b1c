import { existsSync, openSync, closeSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { Problem } from "./problem.mjs";

/**
 * Claims a data folder for this process: two demos on one would stop each other's database. Of two that begin at once
 * one gets it. What is left of a dead one is cleared away, its web server too.
 * @param {string} lock the file that says whose the folder is
 * @returns what tells later where it runs, and what gives it back
 */
export async function claim(lock) {
  for (let tries = 0; ; tries += 1) {
    try {
      closeSync(openSync(lock, "wx"));
      break;
    } catch (error) {
      if (error.code !== "EEXIST" || tries > 20) throw error;
    }
    await refuseLiving(lock);
  }
  const tell = (more) => writeFileSync(lock, JSON.stringify({ pid: process.pid, ...more }));
  tell({});
  return { tell, release: () => rmSync(lock, { force: true }) };
}

async function refuseLiving(lock) {
  const { pid, server, url } = read(lock);
  // A file with nothing in it was made a moment ago, by one that has not written into it yet.
  if (pid === undefined && existsSync(lock)) {
    await pause(100);
    if (read(lock).pid !== undefined || !existsSync(lock)) return;
  }
  if (isOurs(pid, "demo.mjs"))
    throw new Problem(
      `Juxtane is already running${url ? ` at ${url}` : ""}; stop it first (Ctrl-C there, or kill ${pid}).`,
    );
  if (isOurs(server, "serve.mjs")) {
    process.kill(server, "SIGKILL");
    // Its processes go with it, and give the port back, a moment later.
    while (isOurs(server, "serve.mjs")) await pause(50);
    await pause(500);
  }
  rmSync(lock, { force: true });
}

function read(lock) {
  try {
    return JSON.parse(readFileSync(lock, "utf8"));
  } catch {
    return {};
  }
}

function isOurs(pid, word) {
  try {
    return pid !== process.pid && readFileSync(`/proc/${pid}/cmdline`, "utf8").includes(word);
  } catch {
    return false;
  }
}

const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
