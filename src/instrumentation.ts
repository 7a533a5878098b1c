/** How often what was put away long enough ago is purged, in ms: any process may do it, and twice does no harm. */
const often = 6 * 60 * 60 * 1000;

/** How often it is looked whether the hour of an erasure is over, in ms. */
const everyMinute = 60_000;

/** Called once by the framework when a process of the server begins. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { purgeAll } = await import("./server/records/purge");
  const { log } = await import("./server/log");
  const run = () =>
    void purgeAll().catch((error: unknown) => log.warn({ error: String(error) }, "nothing could be purged"));
  setTimeout(run, 60_000).unref();
  setInterval(run, often).unref();
  const { eraseAllForGood } = await import("./server/records/erasures");
  const erase = () =>
    void eraseAllForGood().catch((error: unknown) =>
      log.warn({ error: String(error) }, "nothing could be erased for good"),
    );
  setInterval(erase, everyMinute).unref();
}
