// npm run demo: from a clean clone to a running Juxtane with demo data. --fresh starts over.
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { ensureBuild } from "./lib/build.mjs";
import { dataFolder } from "./lib/folders.mjs";
import { ensurePackages, ensurePostgres } from "./lib/installs.mjs";
import { isFree } from "./lib/ports.mjs";
import { startCluster } from "./lib/postgres.mjs";
import { prepareDatabase } from "./lib/prepare.mjs";
import { Problem, runScript } from "./lib/problem.mjs";
import { claim } from "./lib/running.mjs";
import { startServer } from "./lib/server.mjs";
import { keepRunning } from "./lib/watch.mjs";

const firstPort = 4310;
const log = (text) => process.stdout.write(`${text} ...\n`);

const endedByItself = "The server ended by itself; what was saved is kept. Start again with: npm run demo";

await runScript(async () => {
  checkNode();
  const folder = dataFolder();
  const lock = join(folder, "running.json");
  const fresh = process.argv.includes("--fresh");
  if (fresh && process.env.DATABASE_URL)
    throw new Problem(
      "--fresh empties only the demo's own cluster: unset DATABASE_URL, or empty that database yourself.",
    );
  mkdirSync(folder, { recursive: true });
  const claimed = await claim(lock);
  process.once("exit", claimed.release);
  const port = await choosePort();
  ensurePackages(log);
  const bin = process.env.DATABASE_URL ? null : ensurePostgres(log);

  let server = null;
  let cluster = null;
  let stopping = false;
  let endWatch = () => {};
  const stop = async (code) => {
    if (stopping) return;
    stopping = true;
    endWatch();
    await server?.stop();
    cluster?.stop();
    process.exit(code);
  };
  const giveUp = (why) => {
    process.stderr.write(`\n${why}\n`);
    void stop(1);
  };
  for (const signal of ["SIGINT", "SIGTERM", "SIGHUP"]) process.on(signal, () => void stop(0));

  if (fresh && existsSync(folder)) await empty(bin, folder, lock);
  try {
    cluster = bin ? await startCluster(bin, folder, { say: log }) : givenDatabase(folder);
    const { url, signIn } = prepareDatabase(cluster.ownerUrl, cluster.appPassword, { demo: true });
    ensureBuild(log);
    server = await startServer(port, {
      DATABASE_URL: url,
      SESSION_SECRET: cluster.sessionSecret,
      JUXTANE_DEMO_SIGN_IN: JSON.stringify(signIn),
    });
    claimed.tell({ server: server.child.pid, url: server.url });
    if (bin)
      endWatch = keepRunning(cluster, {
        restart: async () => void (await startCluster(bin, folder, { port: cluster.port })),
        say: log,
        giveUp: ({ message }) => giveUp(message),
      });
    welcome(server.url, signIn, bin ? folder : "the database of DATABASE_URL");
    server.child.once("exit", () => void (stopping || giveUp(endedByItself)));
  } catch (error) {
    await server?.stop();
    cluster?.stop();
    throw error;
  }
});

function welcome(url, { email, password }, kept) {
  process.stdout.write(
    `\nJuxtane is at   ${url}\nSign in with    ${email}\nPassword        ${password}\n` +
      `Data kept in    ${kept}\nStop with       Ctrl-C\n`,
  );
}

function checkNode() {
  const [major = 0, minor = 0] = process.versions.node.split(".").map(Number);
  if (major < 20 || (major === 20 && minor < 9))
    throw new Problem(`Juxtane needs Node 20.9 or newer; this is ${process.versions.node}.`);
}

/** Takes away all that the demo has kept, and the cluster that may still run on it; the lock stays. */
async function empty(bin, folder, lock) {
  const old = await startCluster(bin, folder).catch(() => null);
  old?.kill();
  for (const name of readdirSync(folder).map((each) => join(folder, each)))
    if (name !== lock) rmSync(name, { recursive: true, force: true });
}

/** The given server in place of a cluster; only the application's secrets are ours. */
function givenDatabase(folder) {
  const ownerUrl = process.env.DATABASE_URL;
  if (!/^postgres(ql)?:\/\//.test(ownerUrl))
    throw new Problem("DATABASE_URL must begin with postgres:// and name a database.");
  const path = join(folder, "given.json");
  if (!existsSync(path)) {
    const secret = () => Buffer.from(crypto.getRandomValues(new Uint8Array(24))).toString("hex");
    writeFileSync(path, JSON.stringify({ app: secret(), session: secret() }), { mode: 0o600 });
  }
  const { app, session } = JSON.parse(readFileSync(path, "utf8"));
  return { ownerUrl, appPassword: app, sessionSecret: session, stop: () => null };
}

async function choosePort() {
  const wanted = process.env.PORT;
  if (wanted !== undefined) {
    const port = Number(wanted);
    if (!Number.isInteger(port) || port < 1 || port > 65535)
      throw new Problem(`PORT must be a number from 1 to 65535; "${wanted}" is not.`);
    if (!(await isFree(port)))
      throw new Problem(
        `Port ${port} is in use: stop what listens there, or choose another with PORT=4311 npm run demo.`,
      );
    return port;
  }
  for (let port = firstPort; port < firstPort + 20; port += 1) if (await isFree(port)) return port;
  throw new Problem(
    `Ports ${firstPort} to ${firstPort + 19} are all in use: choose one with PORT=... npm run demo.`,
  );
}
