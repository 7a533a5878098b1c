/** How long work goes on before it lets what a hand waits for come in, ms: less than anybody notices. */
const longest = 12;

/**
 * Breaths of long work: asked as often as it likes, it lets others come in every few milliseconds. By a message to
 * itself, which comes behind what waits already: a timer would be held back for four milliseconds each time.
 */
export function breathing(): () => Promise<void> | null {
  let since = performance.now();
  return () => {
    if (performance.now() - since < longest) return null;
    return new Promise((resolve) => {
      const { port1, port2 } = new MessageChannel();
      port1.onmessage = () => {
        port1.close();
        since = performance.now();
        resolve();
      };
      port2.postMessage(null);
    });
  };
}
