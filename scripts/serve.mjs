// npm start: serves the built application on every core; a process that ends is begun anew.
import cluster from "node:cluster";
import { createServer } from "node:http";
import { availableParallelism } from "node:os";
import compression from "compression";
import next from "next";
import { front } from "./lib/front.mjs";
import { root } from "./lib/folders.mjs";
import { Problem, runScript } from "./lib/problem.mjs";
import { sendWhole } from "./lib/whole-answer.mjs";
import { checkSettings } from "./lib/settings.mjs";

const hostname = process.env.HOST ?? "127.0.0.1";
const port = Number(process.env.PORT ?? 3000);

/** How a process ends that cannot listen where it should. */
const portInUse = 98;

/** A process that ends sooner than this after it began is not begun again at once, in ms. */
const tooSoon = 2000;

/** What is sent as it is made, and is packed already: a PDF after how far it has come, and a client's archive. */
const streamed = /^\/clients\/[^/]+\/(papers\/[^/]+\/pdf|whole\/file)(\?|$)/;

if (cluster.isPrimary) await runScript(head);
else await serve();

async function head() {
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Problem(`PORT must be a number from 1 to 65535; "${process.env.PORT}" is not.`);
  const count = Number(process.env.JUXTANE_PROCESSES ?? availableParallelism());
  if (!Number.isInteger(count) || count < 1)
    throw new Problem(
      `JUXTANE_PROCESSES must be a whole number from 1; "${process.env.JUXTANE_PROCESSES}" is not.`,
    );
  front(process.env);
  await checkSettings(process.env);
  // A page makes and drops some megabytes: with room for a few of them little outlives its page by chance, and a
  // process sweeps less.
  cluster.setupPrimary({ execArgv: [...process.execArgv, "--max-semi-space-size=64"] });
  let stopping = false;
  const stop = (code) => {
    stopping = true;
    process.exitCode = code;
    for (const worker of Object.values(cluster.workers ?? {})) worker?.process.kill("SIGTERM");
  };
  for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, () => stop(0));
  const begin = () => {
    const began = Date.now();
    cluster.fork().once("exit", (code) => {
      if (stopping) return;
      if (code === portInUse) {
        process.stderr.write(
          `Port ${port} is in use: stop what listens there, or choose another with PORT=4311.\n`,
        );
        stop(1);
        return;
      }
      process.stderr.write("A process of the server ended by itself; another takes its place.\n");
      setTimeout(() => !stopping && begin(), Date.now() - began < tooSoon ? tooSoon : 0);
    });
  };
  for (let i = 0; i < count; i += 1) begin();
}

async function serve() {
  // Where the framework hands an action on to: never wherever a caller says the host is.
  process.env.__NEXT_PRIVATE_ORIGIN = `http://127.0.0.1:${port}`;
  const app = next({ dev: false, dir: root, hostname, port });
  await app.prepare();
  const handle = app.getRequestHandler();
  const meet = front(process.env);
  // The quickest level takes a quarter more bytes than the usual one, and a third of the work.
  const compress = compression({ level: 1 });
  const server = createServer((req, res) => {
    const isStreamed = streamed.test(req.url ?? "");
    if (!isStreamed) sendWhole(res);
    meet(req, res).then(
      (met) => met && (isStreamed ? handle(met, res) : compress(met, res, () => handle(met, res))),
      // Whoever sent it went away before it was read.
      () => res.destroy(),
    );
  });
  server.once("error", (error) => process.exit(error.code === "EADDRINUSE" ? portInUse : 1));
  // Longer than a browser or a proxy rests between two requests: neither meets a connection that is just closing.
  server.keepAliveTimeout = 75_000;
  server.listen(port, hostname);
  process.once("SIGTERM", () => {
    // What is under way is answered; who only holds a connection is not waited for.
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), 4000).unref();
  });
}
