import { freePort } from "../../scripts/lib/ports.mjs";
import { ensureBuild } from "../../scripts/lib/build.mjs";
import { ensureChromium } from "../../scripts/lib/installs.mjs";
import { prepareDatabase } from "../../scripts/lib/prepare.mjs";
import { startServer } from "../../scripts/lib/server.mjs";
import { throwAwayCluster } from "../support/cluster";

/** Starts the built application over demo data on a PostgreSQL of its own. */
export default async function setup(): Promise<() => Promise<void>> {
  const say = (text: string) => process.stdout.write(`${text} ...\n`);
  process.env.CHROMIUM = ensureChromium(say);
  ensureBuild(say);
  const cluster = await throwAwayCluster();
  const { url, signIn } = prepareDatabase(cluster.ownerUrl, cluster.appPassword, { demo: true });
  const server = await startServer(await freePort(), {
    DATABASE_URL: url,
    SESSION_SECRET: cluster.sessionSecret,
    JUXTANE_DEMO_SIGN_IN: JSON.stringify(signIn),
  });
  process.env.TEST_OWNER_URL = cluster.ownerUrl;
  process.env.TEST_APP_PASSWORD = cluster.appPassword;
  process.env.TEST_SESSION_SECRET = cluster.sessionSecret;
  process.env.TEST_SITE = server.url;
  return async () => {
    await server.stop();
    cluster.stop();
  };
}
