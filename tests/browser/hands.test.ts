import { beforeAll, describe, expect, it } from "vitest";
import { named, sees } from "../support/browser";
import { client, page, site, useDemoStudio } from "../support/demo-studio";
import { placesOfClient, placesOfStudio } from "../support/places";

useDemoStudio({ about: "Ottoline Varga", axe: true });

/** A fingertip, px. */
const fingertip = 44;

/** What can be pressed and is smaller than a fingertip; of a row that is one target the whole row counts. */
function tooSmall(): Promise<string[]> {
  return page.evaluate((least) => {
    const targets =
      "a[href], button, select, summary, input, textarea, [role=option], [role=combobox], label";
    return [...document.querySelectorAll<HTMLElement>(targets)].flatMap((node) => {
      if (node.closest("[aria-hidden=true], .sr-only") || node.matches("[type=file], label:not(:has(input))"))
        return [];
      if (node.matches("input") && node.closest("label")) return [];
      const stretched = getComputedStyle(node, "::after").position === "absolute";
      const box = (stretched ? (node.offsetParent ?? node) : node).getBoundingClientRect();
      if (box.width === 0 || (box.width > least - 0.5 && box.height > least - 0.5)) return [];
      const name = node.getAttribute("aria-label") ?? node.textContent;
      return [`${node.tagName} ${Math.round(box.width)} x ${Math.round(box.height)} ${name.slice(0, 40)}`];
    });
  }, fingertip);
}

const onBench = async () => {
  await page.goto(`${site}/bench?client=${client}`);
  await sees(page, /\d+ to choose from/);
};

describe("by hand at 1024 x 768", () => {
  beforeAll(() => page.setViewport({ width: 1024, height: 768, hasTouch: true }));

  it.each([...placesOfStudio, ...placesOfClient("CLIENT")])(
    "whatever can be pressed is as large as a fingertip: %s",
    async (path) => {
      await page.goto(site + path.replace("CLIENT", client));
      await page.waitForSelector("#content h1");
      expect(await tooSmall()).toEqual([]);
    },
  );

  it("a tap shows a candidate on the figure, the next one puts it on, and undo takes it off", async () => {
    await onBench();
    const worn = () => page.$eval('[aria-label="Figure"] svg', (node) => node.getAttribute("aria-label"));
    const before = await worn();
    const bag = await page.waitForSelector("#station-bag");
    await bag?.tap();
    await page.waitForFunction(() => document.querySelectorAll('[id^="candidate-"]').length > 1);
    const plate = await page.waitForSelector('[data-index="1"]');
    await plate?.tap();
    await page.waitForSelector('[data-index="1"][aria-selected="true"]');
    const undo = await named(page, "button", "Undo");
    expect(await undo.evaluate((node) => node.getAttribute("aria-disabled"))).toBe("true");
    expect(await worn()).not.toBe(before);
    await plate?.tap();
    await page.waitForFunction(
      () => document.querySelector('[aria-label="Undo"]')?.getAttribute("aria-disabled") === "false",
    );
    await undo.tap();
    await page.waitForFunction(
      (words) => document.querySelector('[aria-label="Figure"] svg')?.getAttribute("aria-label") === words,
      {},
      before,
    );
    await (await named(page, "button", "Do again what was undone")).tap();
    await page.waitForFunction(
      (words) => document.querySelector('[aria-label="Figure"] svg')?.getAttribute("aria-label") !== words,
      {},
      before,
    );
  });

  it("the edit pass is begun and followed by taps", async () => {
    await (await named(page, "button", "edit pass")).tap();
    await sees(page, "without it");
    // Plates are drawn as they come near the window: what is worn is told by its names.
    const before = await page.$$eval("#stations [data-worn]", (worn) =>
      worn.map(({ textContent }) => textContent).join("; "),
    );
    const first = await page.waitForSelector(
      '::-p-xpath(//section[@aria-label="Tray"]//button[contains(., "without it")])',
    );
    await first?.tap();
    await page.waitForFunction(
      (was) => {
        const worn = [...document.querySelectorAll("#stations [data-worn]")];
        const now = worn.map(({ textContent }) => textContent).join("; ");
        return now !== was && now.length < was.length;
      },
      {},
      before,
    );
  });
});
