import { ensureSignedIn, openDemo, until } from "./lib/demo-in-browser.mjs";

/** What is pressed at the bench, in this order again and again: the last three presses bring it back to where it began. */
const presses = [
  { what: "a trouser leg turned up", key: "t" },
  { what: "the next candidate looked at", key: "ArrowRight" },
  { what: "a candidate put on", key: "Enter" },
  { what: "a piece taken off", key: "Backspace" },
  { what: "that step taken back", key: "z" },
  { what: "the one before it", key: "z" },
  { what: "the first of the three", key: "z" },
];

const rounds = 15;

/**
 * Presses keys at the bench of the demo, at full speed and at a quarter of it.
 * @returns of each key its middle time to the next paint, in ms
 */
export async function pressedKeys(log) {
  const { url, page, close } = await openDemo(log);
  try {
    await page.setViewport({ width: 1280, height: 800 });
    await ensureSignedIn(page, url);
    await page.goto(`${url}/bench`, { waitUntil: "load" });
    await until(page, "to choose from");
    const full = await middleTimes(page);
    await page.emulateCPUThrottling(4);
    const slowed = await middleTimes(page);
    return presses.map(({ what }, i) => ({ what, full: full[i], slowed: slowed[i] }));
  } finally {
    await close();
  }
}

async function middleTimes(page) {
  const times = presses.map(() => []);
  for (let round = 0; round < rounds; round += 1)
    for (const [i, { key }] of presses.entries()) times[i].push(await timeOf(page, key));
  return times.map((of) => of.sort((one, other) => one - other)[Math.floor(rounds / 2)]);
}

/** From a key to the paint after it; what the workers then send is waited for before the next one. */
async function timeOf(page, key) {
  const taken = await page.evaluate(
    (pressed) =>
      new Promise((resolve) => {
        const began = performance.now();
        document.dispatchEvent(new KeyboardEvent("keydown", { key: pressed, bubbles: true }));
        requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - began)));
      }),
    key,
  );
  await new Promise((resolve) => setTimeout(resolve, 150));
  return taken;
}
