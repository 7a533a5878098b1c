import { createServer } from "node:net";

/** A loopback port nobody listens on. */
export function freePort() {
  return listenOnce(0);
}

/** Whether a loopback port can be listened on. */
export async function isFree(port) {
  try {
    await listenOnce(port);
    return true;
  } catch {
    return false;
  }
}

function listenOnce(port) {
  return new Promise((resolve, reject) => {
    const server = createServer();
    server.once("error", reject);
    server.listen(port, "127.0.0.1", () => {
      const { port: given } = server.address();
      server.close(() => resolve(given));
    });
  });
}
