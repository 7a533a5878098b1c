import { spawn } from "node:child_process";
import { join } from "node:path";
import { root } from "./folders.mjs";
import { Problem } from "./problem.mjs";

/** Starts the built application on a loopback port and waits until it answers. */
export async function startServer(port, env) {
  const child = spawn(process.execPath, [join(root, "scripts/serve.mjs")], {
    cwd: root,
    env: {
      ...process.env,
      NODE_ENV: "production",
      NEXT_TELEMETRY_DISABLED: "1",
      PORT: String(port),
      HOST: "127.0.0.1",
      JUXTANE_PROCESSES: "1",
      ...env,
    },
    stdio: ["ignore", "pipe", "pipe"],
  });
  let words = "";
  const hear = (chunk) => (words = (words + chunk).slice(-4000));
  child.stdout.on("data", hear);
  child.stderr.on("data", hear);
  const url = `http://127.0.0.1:${port}`;
  for (let i = 0; i < 240; i += 1) {
    if (child.exitCode !== null)
      throw new Problem(`The server did not start: ${words.trim().split("\n").at(-1)}`);
    if (await answers(url)) return { child, url, words: () => words, stop: () => stop(child) };
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
  child.kill("SIGKILL");
  throw new Problem("The server did not answer within a minute.");
}

async function answers(url) {
  try {
    await fetch(`${url}/sign-in`, { redirect: "manual" });
    return true;
  } catch {
    return false;
  }
}

function stop(child) {
  if (child.exitCode !== null || child.signalCode !== null) return Promise.resolve();
  return new Promise((resolve) => {
    child.once("exit", resolve);
    child.kill("SIGTERM");
    setTimeout(() => child.kill("SIGKILL"), 5000).unref();
  });
}
