import { prepareDatabase } from "@/server/db/prepare";
import { throwAwayCluster } from "../support/cluster";

/** Starts a PostgreSQL, migrates it, and tells the tests where it is. */
export default async function setup(): Promise<() => void> {
  const cluster = await throwAwayCluster();
  process.env.TEST_OWNER_URL = cluster.ownerUrl;
  process.env.TEST_APP_PASSWORD = cluster.appPassword;
  const { url } = await prepareDatabase(cluster.ownerUrl, cluster.appPassword);
  process.env.DATABASE_URL = url;
  return cluster.stop;
}
