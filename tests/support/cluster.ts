import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { ensurePostgres } from "../../scripts/lib/installs.mjs";
import { startCluster } from "../../scripts/lib/postgres.mjs";

/** A PostgreSQL of the tests' own, thrown away when they end. */
export async function throwAwayCluster() {
  const folder = mkdtempSync(join(tmpdir(), "juxtane-cluster-"));
  const bin = ensurePostgres(() => undefined);
  const cluster = await startCluster(bin, folder);
  return {
    ownerUrl: cluster.ownerUrl,
    appPassword: cluster.appPassword,
    sessionSecret: cluster.sessionSecret,
    /** Stops every process of the server where it is: it listens, and says nothing. */
    freeze: () => signalAll(folder, "SIGSTOP"),
    thaw: () => signalAll(folder, "SIGCONT"),
    /** Cuts the server off as a power failure would. */
    crash: () => cluster.kill(),
    /** Starts it again where it was. */
    recover: async () => await startCluster(bin, folder, { port: cluster.port }),
    stop: () => {
      signalAll(folder, "SIGCONT");
      cluster.kill();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** Sends a signal to the server of a data folder and to every process it has begun. */
function signalAll(folder: string, signal: "SIGSTOP" | "SIGCONT"): void {
  const pidFile = join(folder, "postgres", "postmaster.pid");
  if (!existsSync(pidFile)) return;
  const head = Number(readFileSync(pidFile, "utf8").split("\n")[0]);
  const parentOf = (pid: string) => {
    try {
      // The name in brackets may hold spaces: what follows it are the state and the parent.
      return Number(readFileSync(`/proc/${pid}/stat`, "utf8").split(") ")[1]?.split(" ")[1]);
    } catch {
      return 0;
    }
  };
  const all = readdirSync("/proc").filter((pid) => /^\d+$/.test(pid) && parentOf(pid) === head);
  for (const pid of [head, ...all.map(Number)]) send(pid, signal);
}

/** Sends a signal; a helper of the server that has ended since it was listed needs none. */
function send(pid: number, signal: "SIGSTOP" | "SIGCONT"): void {
  try {
    process.kill(pid, signal);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== "ESRCH") throw error;
  }
}
