// npm run shots: every picture of docs/screenshots anew, from demo data.
import { mkdirSync } from "node:fs";
import { join } from "node:path";
import { ensureSignedIn, openDemo, until } from "./lib/demo-in-browser.mjs";
import { root } from "./lib/folders.mjs";
import { runScript } from "./lib/problem.mjs";

const folder = join(root, "docs", "screenshots");
const log = (text) => process.stdout.write(`${text} ...\n`);

/** Each picture: where it is taken, and what is done first. */
const shots = [
  { name: "today", path: "/" },
  { name: "bench", path: "/bench", ready: "to choose from" },
  {
    name: "bench-neck",
    path: "/clients",
    async first(page) {
      await followTo(page, "Ingrid Haldane", "Lay out a base");
      await followTo(page, "Go to the bench", "to choose from");
      await page.click("#station-neck");
      await until(page, "Harbour-chart silk square");
      await page.evaluate(() => {
        const plates = [...document.querySelectorAll('[aria-label="Tray"] [role="option"]')];
        plates.find((plate) => plate.textContent.includes("Harbour-chart")).click();
      });
      await page.waitForSelector("[aria-label='Harbour-chart silk square'] ul button");
    },
  },
  {
    name: "rule-book",
    path: "/clients",
    async first(page) {
      await followTo(page, "Ottoline Varga", "Lay out a base");
      await followTo(page, "Rule book", "Where good stylists differ");
      await until(page, "changes none of these looks");
    },
  },
  { name: "client", path: "/clients", first: (page) => followTo(page, "Ingrid Haldane", "Lay out a base") },
  { name: "rail", path: "/rail" },
  {
    name: "piece",
    path: "/rail?find=loose+black",
    first: (page) => followTo(page, "Loose black ankle boots", "Shaft above the footbed"),
  },
  {
    name: "scarf",
    path: "/rail?find=harbour-chart",
    first: (page) => toScarf(page, "Harbour-chart silk square"),
  },
  {
    name: "bench-sets",
    path: "/bench",
    ready: "to choose from",
    async first(page) {
      await page.keyboard.press("w");
      await until(page, "proved: the best of");
    },
  },
  { name: "set-board", path: "/boards/sets", ready: "looks read" },
  {
    name: "lookbook",
    path: "/clients",
    async first(page) {
      await followTo(page, "Ingrid Haldane", "Lay out a base");
      await followTo(page, "Hand over", "Looks to hand over");
      await page.click('[aria-label="Open the lookbook"]');
      await page.waitForSelector(".paper-sheet:nth-child(3) svg");
      await page.evaluate(() => document.querySelector(".paper-sheet:nth-child(3)").scrollIntoView());
      await page.waitForFunction(() => document.querySelectorAll(".paper-sheet:nth-child(3) svg").length > 5);
    },
  },
  {
    name: "private-link",
    path: "/clients",
    // As the client's phone shows it.
    viewport: { width: 390, height: 844, deviceScaleFactor: 2, isMobile: true, hasTouch: true },
    async first(page) {
      await followTo(page, "Ottoline Varga", "Lay out a base");
      await followTo(page, "Hand over", "Looks to hand over");
      await page.type("#link-greeting", "Dear Ottoline, here is what I had in mind for the tour.");
      await page.evaluate(() =>
        document.querySelector("section[aria-labelledby='links'] form").requestSubmit(),
      );
      await page.waitForSelector("a[href^='/for/']");
      const path = await page.$eval("a[href^='/for/']", (link) => link.getAttribute("href"));
      await page.goto(new URL(path, page.url()).href);
      await until(page, "here is what I had in mind");
    },
  },
  {
    name: "bench-weather",
    path: "/clients",
    async first(page) {
      await followTo(page, "Wren Castellane", "Lay out a base");
      await followTo(page, "Occasions", "Winter market");
      const occasion = await page.evaluate(
        () =>
          [...document.querySelectorAll("a")].find(({ textContent }) => textContent === "Winter market")
            .pathname,
      );
      const [, , client, , id] = occasion.split("/");
      await page.goto(new URL(`/bench?client=${client}&occasion=${id}`, page.url()).href);
      await until(page, "to choose from");
      await page.click("button:has([aria-label*='comfortable from'])");
      await until(page, "The day's weather");
    },
  },
  { name: "hem-board", path: "/boards", ready: "with 8" },
  { name: "sets", path: "/sets", ready: "serves" },
  {
    name: "new-piece",
    path: "/rail/new",
    async first(page) {
      await page.waitForSelector("#one-line");
      await page.type("#one-line", "rust and cream silk square 90, from the harbour shop");
      const file = await page.waitForSelector("label:nth-of-type(2) input[type='file']");
      await file.uploadFile(join(root, "tests", "cases", "photos", "05.jpg"));
      await until(page, "colours found");
    },
  },
  {
    name: "many-pieces",
    path: "/rail/many",
    async first(page) {
      await page.waitForSelector("textarea");
      await page.type(
        "textarea",
        "cognac suede ankle boots, block heel 5, gold zip\nnavy silk square 90, ivory border\nsame as cognac suede ankle boots but black\nsomething blue\nblack leather tote 36 x 30 x 14, gold chain",
      );
      await until(page, "1 of 5 rows");
    },
  },
  {
    // The last: it puts a client on record.
    name: "first-steps",
    path: "/clients/new",
    async first(page) {
      await page.waitForSelector("[id='field-name']");
      await page.type("[id='field-name']", "Ada Lind");
      await page.type("[id='field-measured.height']", "171");
      await page.click("main button[type='submit']");
      await page.waitForFunction(() => !location.pathname.endsWith("/new"));
      await page.goto(new URL("/start", page.url()).href);
      await until(page, "A handful of her pieces");
      await page.type(
        "textarea",
        "navy wool trousers\nwhite cotton shirt\ntan loafers\ntan leather tote\nnavy silk square",
      );
      await until(page, "Navy silk square");
    },
  },
];

/** Opens the page of a scarf's folds and ties, by its name on the rail. */
async function toScarf(page, name) {
  await followTo(page, name, "All its folds and ties");
  await followTo(page, "All its folds and ties", "Every tie on");
}

/** The screen most pictures are taken on. */
const desk = { width: 1280, height: 800 };

await runScript(async () => {
  const { url, page, close } = await openDemo(log);
  try {
    mkdirSync(folder, { recursive: true });
    for (const shot of shots) {
      await ensureSignedIn(page, url);
      await page.setViewport(shot.viewport ?? desk);
      await page.goto(url + shot.path, { waitUntil: "load" });
      if (shot.ready) await until(page, shot.ready);
      await shot.first?.(page);
      await dismissIntroduction(page);
      await page.mouse.move(0, 0);
      await page.evaluate(() => document.fonts.ready);
      await page.screenshot({ path: join(folder, `${shot.name}.png`) });
      process.stdout.write(`${shot.name}.png\n`);
    }
  } finally {
    await close();
  }
});

/** A place introduces itself at the first visit: its picture is of every other one. */
async function dismissIntroduction(page) {
  const introduction = "aside[aria-label='What this place is for']";
  await page.evaluate((at) => document.querySelector(`${at} button`)?.click(), introduction);
  await page.waitForFunction((at) => !document.querySelector(at), {}, introduction);
}

/** Follows the first link with a text, and waits for another text on the page it leads to. */
async function followTo(page, link, text) {
  await until(page, link);
  await page.evaluate(
    (wanted) => [...document.querySelectorAll("a")].find((node) => node.textContent.includes(wanted)).click(),
    link,
  );
  await until(page, text);
}
