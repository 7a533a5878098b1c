import { spawn, type ChildProcess } from "node:child_process";
import { chmodSync, mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { isRoot } from "../../scripts/lib/folders.mjs";
import { ensureServer } from "../../scripts/lib/installs.mjs";
import { freePort } from "../../scripts/lib/ports.mjs";
import { startServer } from "../../scripts/lib/server.mjs";
import { openBrowser } from "./browser";
import { copyOfDemo, settingsFor } from "./studio";

/** The answer's header in which the balancer says who gave it. */
export const servedBy = "x-served-by";

/**
 * The demo studio as docs/scale.md sets it up past one machine: two processes of the application behind Debian's
 * haproxy, and its pgbouncer in transaction mode between them and PostgreSQL.
 */
export async function openTwoMachines() {
  const say = () => undefined;
  const [haproxy, pgbouncer] = [ensureServer("haproxy", say), ensureServer("pgbouncer", say)];
  const folder = mkdtempSync(join(tmpdir(), "juxtane-two-"));
  // The pooler refuses to run as root, and has to read what stands here.
  chmodSync(folder, 0o755);
  const { appUrl, drop } = await copyOfDemo();
  const pooled = new URL(appUrl);
  pooled.port = String(await freePort());
  const userList = join(folder, "users.txt");
  writeFileSync(userList, `"${appUrl.username}" "${decodeURIComponent(appUrl.password)}"\n`);
  const poolerFile = join(folder, "pgbouncer.ini");
  writeFileSync(poolerFile, poolerSettings(appUrl, pooled.port, userList));
  const pooler = begin(pgbouncer, [...(isRoot ? ["-u", "postgres"] : []), poolerFile]);
  const machines = await Promise.all(
    ["one", "two"].map(async (name) => ({
      name,
      ...(await startServer(await freePort(), {
        ...settingsFor(pooled),
        JUXTANE_TRUSTED_PROXIES: "127.0.0.1",
      })),
    })),
  );
  const port = await freePort();
  const balancerFile = join(folder, "haproxy.cfg");
  writeFileSync(balancerFile, balancerSettings(port, machines));
  const balancer = begin(haproxy, ["-db", "-f", balancerFile]);
  const site = `http://127.0.0.1:${port}`;
  await answering(`${site}/icon.svg`);
  const { browser, close: closeBrowser } = await openBrowser();
  const close = async () => {
    await closeBrowser();
    balancer.kill("SIGKILL");
    await Promise.all(machines.map(({ stop }) => stop()));
    pooler.kill("SIGKILL");
    await drop();
    rmSync(folder, { recursive: true, force: true });
  };
  return { site, browser, machines, pooled, close };
}

const poolerSettings = ({ hostname, port, pathname }: URL, listen: string, userList: string) => `
[databases]
${pathname.slice(1)} = host=${hostname} port=${port} dbname=${pathname.slice(1)}
[pgbouncer]
listen_addr = 127.0.0.1
listen_port = ${listen}
unix_socket_dir =
auth_type = scram-sha-256
auth_file = ${userList}
pool_mode = transaction
default_pool_size = 4
max_client_conn = 200
`;

const balancerSettings = (port: number, machines: readonly { name: string; url: string }[]) => `
defaults
  mode http
  timeout connect 2s
  timeout client 60s
  timeout server 30s
  option forwardfor
  timeout check 10s
  option redispatch 1
  retries 3
frontend all
  bind 127.0.0.1:${port}
  default_backend machines
backend machines
  balance roundrobin
  option httpchk GET /icon.svg
  default-server inter 1s fall 3 rise 1
  retry-on conn-failure empty-response
  http-request disable-l7-retry unless METH_GET
  http-response set-header ${servedBy} %s
${machines.map(({ name, url }) => `  server ${name} ${new URL(url).host} check`).join("\n")}
`;

function begin(program: string, args: readonly string[]): ChildProcess {
  const child = spawn(program, args, { stdio: "ignore" });
  child.once("error", (error) => {
    throw error;
  });
  return child;
}

async function answering(url: string): Promise<void> {
  for (let i = 0; i < 100; i += 1) {
    const status = await fetch(url).then(
      (answer) => answer.status,
      () => 0,
    );
    if (status === 200) return;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error(`${url} does not answer`);
}
