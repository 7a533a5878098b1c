import { mkdtempSync, rmSync } from "node:fs";
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
    /** Cuts the server off as a power failure would. */
    crash: () => cluster.kill(),
    /** Starts it again where it was. */
    recover: async () => await startCluster(bin, folder, { port: cluster.port }),
    stop: () => {
      cluster.kill();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
