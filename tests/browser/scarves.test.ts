import type { KeyInput } from "puppeteer-core";
import { describe, expect, it } from "vitest";
import { axeFinds } from "../support/axe";
import { isOn, putOn } from "../support/bench";
import { answers, choose, press, sees } from "../support/browser";
import { client, errors, page, site, useDemoStudio } from "../support/demo-studio";

let scarf = "";

useDemoStudio({ about: "Ingrid Haldane", axe: true });

const bench = "[aria-label='Tide-table silk square']";

describe("a scarf at the bench", () => {
  it("offers the ties this look reads best with, and shows the wanted colour", async () => {
    await page.goto(`${site}/bench?client=${client}`);
    await answers(page, "#station-neck");
    await putOn(page, "neck", "Tide-table silk square");
    await isOn(page, "neck", "Tide-table silk square");
    await page.waitForSelector(`${bench} ul button`);
    await press(page, "button", "Show this colour: #e0705a");
    await page.waitForFunction(
      (at) => /\d+ % of what shows/.test(document.querySelector(at)?.textContent ?? ""),
      {},
      bench,
    );
    const shares = await page.$$eval(`${bench} ul button`, (offers) =>
      offers.map((offer) => Number(/(\d+) % of what shows/.exec(offer.textContent ?? "")?.[1])),
    );
    expect(shares.length).toBeGreaterThan(1);
    expect(shares).toEqual([...shares].sort((one, other) => other - one));
  });

  it("is tied as the offer says, on the figure and in the list, and still so after a reload", async () => {
    const name = await page.$eval(`${bench} ul button span`, (words) => words.textContent ?? "");
    await page.click(`${bench} ul button`);
    await page.waitForFunction(
      (tie) => document.querySelector("#station-neck")?.textContent?.includes(tie),
      {},
      name,
    );
    await page.waitForFunction(() => document.body.innerText.includes("kept"));
    await page.reload();
    await answers(page, "#station-neck");
    await page.click("#station-neck");
    await page.waitForFunction(
      (tie) => document.querySelector("#station-neck")?.textContent?.includes(tie),
      {},
      name,
    );
  });

  it("is tied otherwise by hand, each choice drawn at once, and refused with what is missing", async () => {
    // The offers come from the worker, and move what stands below them.
    await page.waitForSelector(`${bench} ul button`);
    await page.click(`${bench} summary`);
    const drawing = () => page.$eval("[aria-label='Figure'] svg", (svg) => svg.innerHTML);
    await choose(page, "Tie", "neat band, knot at the back");
    const before = await drawing();
    await choose(page, "Tie", "neat band, knot in front");
    await page.waitForFunction(
      (was) => document.querySelector("[aria-label='Figure'] svg")?.innerHTML !== was,
      {},
      before,
    );
    await choose(page, "Tie", "twisted cord through its own loop");
    await sees(page, /Too short by \d+(\.\d)? cm for this tie: twisted cord through its own loop/);
    await press(page, "button", "As on its page");
    await page.waitForFunction(() => !/Too short by/.test(document.body.innerText));
  });
});

describe("where a scarf is tied, and what it shows", () => {
  it("is shown in a colour that is pressed in the palette of the look", async () => {
    await page.$$eval("[aria-label='Figure'] button", (buttons) =>
      buttons.find(({ textContent }) => textContent.endsWith("overall"))?.click(),
    );
    // What was just put on comes into the palette with the next reading.
    await page.waitForFunction(() =>
      document.querySelector("[role='dialog'] ul")?.textContent?.includes("Tide-table silk square"),
    );
    const named = await page.$$eval("[role='dialog'] li button", (colours) =>
      colours.map((colour) => colour.textContent ?? ""),
    );
    const of = named.findIndex((words) => words.includes("Tide-table silk square"));
    expect(of).toBeGreaterThanOrEqual(0);
    await page.evaluate((at) => {
      document.querySelectorAll<HTMLElement>("[role='dialog'] li button")[at]?.click();
    }, of);
    await press(page, "button", "Show it in the scarf");
    await page.waitForFunction(() => !document.querySelector("[role='dialog']"));
    await page.waitForFunction(
      (at) => /\d+ % of what shows/.test(document.querySelector(at)?.textContent ?? ""),
      {},
      bench,
    );
    expect(await page.$$eval(`${bench} button[aria-pressed='true'][style]`, (on) => on.length)).toBe(1);
  });

  it("stands at the station it is tied at, drawn there, and is untied from there", async () => {
    await putOn(page, "bag", "Cognac satchel");
    await isOn(page, "bag", "Cognac satchel");
    await page.click("#station-bag");
    await page.waitForFunction(
      (at) => /on the bag's handle/.test(document.querySelector(`${at} ul`)?.textContent ?? ""),
      {},
      bench,
    );
    const drawing = () => page.$eval("[aria-label='Figure'] svg", (svg) => svg.innerHTML);
    const before = await drawing();
    await page.click(`${bench} ul button`);
    await page.waitForFunction(() =>
      /Tide-table silk square, (bow|wrap) on the bag's handle/.test(
        document.querySelector("#station-bag [data-guest]")?.textContent ?? "",
      ),
    );
    await page.mouse.move(5, 5);
    expect(await drawing()).not.toBe(before);
    await press(page, "button", "As on its page");
    await page.waitForFunction(() => !document.querySelector("[data-guest]"));
    await page.click("#station-neck");
    await page.waitForSelector(`${bench} a`);
  });
});

describe("a scarf's page", () => {
  it("shows what each fold shows, with its shares", async () => {
    scarf = await page.$eval(`${bench} a`, (link) => link.getAttribute("href") ?? "");
    await page.goto(`${site}${scarf}`);
    await sees(page, "Every tie on Ingrid Haldane");
    const shares = () =>
      page.$$eval("figure figcaption", (captions) =>
        captions.map((caption) =>
          [...(caption.textContent ?? "").matchAll(/(\d+) %/g)].reduce(
            (sum, [, share]) => sum + Number(share),
            0,
          ),
        ),
      );
    for (const sum of await shares()) expect(Math.abs(sum - 100)).toBeLessThanOrEqual(4);
    const front = () => page.$eval("figure figcaption", (caption) => caption.textContent);
    const before = await front();
    await choose(page, "Fold", "triangle");
    await page.waitForFunction(
      (was) => document.querySelector("figure figcaption")?.textContent !== was,
      {},
      before,
    );
    for (const sum of await shares()) expect(Math.abs(sum - 100)).toBeLessThanOrEqual(4);
  });

  it("is folded freely by a line drawn across it; a line beside the cloth folds nothing", async () => {
    const drawLine = async (from: readonly [number, number], to: readonly [number, number]) => {
      const table = await page.$("svg.cursor-crosshair");
      await table?.scrollIntoView();
      const box = await table?.boundingBox();
      if (!box) throw new Error("there is no scarf on the table");
      await page.mouse.move(box.x + box.width * from[0], box.y + box.height * from[1]);
      await page.mouse.down();
      await page.mouse.move(box.x + box.width * to[0], box.y + box.height * to[1], { steps: 4 });
      await page.mouse.up();
    };
    await drawLine([0.5, 0.05], [0.5, 0.95]);
    await sees(page, /From the front, 35(\.\d)? cm long, 70 cm wide/);
    await press(page, "button", "Unfold once");
    await sees(page, /From the front, \d+(\.\d)? cm long/);
    await drawLine([0.02, 0.001], [0.98, 0.001]);
    await sees(page, "This line does not cross the cloth.");
  });

  it("lists the ties it cannot do with the reason, and prints the card of the one that is chosen", async () => {
    await sees(page, /Not with this scarf[\s\S]*Too short by/);
    await press(page, "button", "Put on the card");
    await sees(page, "Print the card");
    expect(await page.$$eval(".tie-card li", (steps) => steps.length)).toBeGreaterThan(3);
    await page.emulateMediaType("print");
    const printed = await page.$eval("h1", (title) => getComputedStyle(title).visibility);
    expect(printed).toBe("hidden");
    await page.emulateMediaType(undefined);
  });

  it("has nothing that axe objects to", async () => {
    expect(await axeFinds(page)).toEqual([]);
  });
});

describe("the picture of a scarf", () => {
  it("is begun from a template, painted on and taken back a step; the colours follow, and it stays", async () => {
    const form = `${site}${scarf.replace(/\/scarf.*/, "")}`;
    await page.goto(form);
    await answers(page, "[role='application']");
    /** The cells of each colour as they are drawn. */
    const outlines = () =>
      page.$$eval("[role='application'] path", (paths) => paths.map((path) => path.getAttribute("d")));
    const changesFrom = (was: readonly (string | null)[]) =>
      page.waitForFunction(
        (before) =>
          [...document.querySelectorAll("[role='application'] path")]
            .map((path) => path.getAttribute("d"))
            .join() !== before,
        {},
        was.join(),
      );
    const paint = async (key: KeyInput) => {
      await page.$eval("[role='application']", (svg) => (svg as SVGElement).focus());
      await page.keyboard.press("ArrowRight");
      await page.keyboard.press(key);
      await page.keyboard.press("Space");
    };
    const first = await outlines();
    await press(page, "button", "Quarters");
    await changesFrom(first);
    const quarters = await outlines();
    await press(page, "button", "Paint with colour 4, #e0705a");
    await paint("ArrowDown");
    await changesFrom(quarters);
    const painted = await outlines();
    await paint("ArrowRight");
    await changesFrom(painted);
    await press(page, "button", "One step back");
    await page.waitForFunction(
      (wanted) =>
        [...document.querySelectorAll("[role='application'] path")]
          .map((path) => path.getAttribute("d"))
          .join() === wanted,
      {},
      painted.join(),
    );
    await press(page, "button", "Keep changes");
    await page.waitForFunction(
      () => !/\/rail\/[0-9a-f-]{36}$/.test(location.pathname) || document.body.innerText.includes("kept"),
    );
    await page.goto(form);
    await answers(page, "[role='application']");
    expect(await outlines()).toEqual(painted);
    await page.goto(`${site}${scarf}`);
    await sees(page, "Every tie on Ingrid Haldane");
  });

  it("is called by its name for those who do not see it", async () => {
    await page.waitForSelector("svg[role='img'][aria-label='Tide-table silk square on the table']");
    expect(errors).toEqual([]);
  });
});
