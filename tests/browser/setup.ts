import { ensureBuild } from "../../scripts/lib/build.mjs";
import { ensureChromium } from "../../scripts/lib/installs.mjs";
import { prepareDatabase } from "../../scripts/lib/prepare.mjs";
import { throwAwayCluster } from "../support/cluster";

/** Builds the application once, and fills one database with the demo, to be copied for each file of tests. */
export default async function setup(): Promise<() => void> {
  const say = (text: string) => process.stdout.write(`${text} ...\n`);
  process.env.CHROMIUM = ensureChromium(say);
  ensureBuild(say);
  const cluster = await throwAwayCluster();
  const { url, signIn } = prepareDatabase(cluster.ownerUrl, cluster.appPassword, { demo: true });
  process.env.TEST_DEMO_URL = url;
  process.env.TEST_DEMO_SIGN_IN = JSON.stringify(signIn);
  process.env.TEST_OWNER_URL = cluster.ownerUrl;
  process.env.TEST_APP_PASSWORD = cluster.appPassword;
  process.env.TEST_SESSION_SECRET = cluster.sessionSecret;
  return () => cluster.stop();
}
