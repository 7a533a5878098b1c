import type { Browser, Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { axeFinds } from "../support/axe";
import { answers, clientCalled, fill, openBrowser, openPage, press, sees } from "../support/browser";
import { openEmptyStudio } from "../support/empty-studio";

/**
 * What a hand and a head take, in seconds, by the keystroke-level model (Card, Moran and Newell 1983): a key for an average
 * typist, a point and press with the mouse, and a moment of thought before each thing that is written or pressed.
 */
const model = { key: 0.28, press: 1.3, thought: 1.35 };

let browser: Browser;
let close: () => Promise<void>;
let studio: Awaited<ReturnType<typeof openEmptyStudio>>;
let site = "";
let page: Page;
let errors: string[];

beforeAll(async () => {
  studio = await openEmptyStudio("newcomer");
  [site = ""] = studio.sites;
  ({ browser, close } = await openBrowser());
  ({ page, errors } = await openPage(browser));
  await page.setBypassCSP(true);
});

afterAll(async () => {
  await close();
  await studio.close();
});

/** Counts what a hand does. */
const hand = { keys: 0, presses: 0, thoughts: 0 };
const seconds = () => hand.keys * model.key + hand.presses * model.press + hand.thoughts * model.thought;

async function writes(selector: string, text: string): Promise<void> {
  await page.waitForSelector(selector);
  await page.click(selector);
  await page.keyboard.type(text);
  hand.presses += 1;
  hand.thoughts += 1;
  hand.keys += text.length;
}

async function presses(role: string, name: string): Promise<void> {
  await press(page, role, name);
  hand.presses += 1;
  hand.thoughts += 1;
}

const first = [
  "navy wool trousers",
  "white cotton shirt",
  "tan loafers",
  "tan leather tote",
  "navy silk square",
];

const more = [
  "black tapered trousers, inseam 72",
  "cream silk blouse",
  "grey cashmere jumper",
  "camel wool coat, length 108",
  "black ankle boots, block heel 5",
  "white leather trainers",
  "burgundy court shoes, heel 7",
  "black crossbody bag, gold chain",
  "gold hoops, 3 cm",
  "pearl studs",
  "fine gold chain 45",
  "black belt 3, silver buckle",
  "tortoiseshell sunglasses",
  "olive felt hat, brim 7",
  "tights 20 den, black",
];

/** With the height eight measurements, by the names of the form. */
const measures: Readonly<Record<string, string>> = {
  neck: "36",
  bust: "92",
  waist: "74",
  hip: "98",
  calf: "37",
  ankle: "22",
  wrist: "15.5",
};

describe("a newcomer with an empty studio", () => {
  it("is led from the founding to the first steps", async () => {
    await page.goto(`${site}/`);
    await fill(page, "Studio", "Harbour Fittings");
    await fill(page, "Your name", "Juna Ferrow");
    await fill(page, "Email", "juna@harbour.example");
    await fill(page, "Password", "long-enough-lantern");
    await fill(page, "Code of the first run", studio.code);
    await press(page, "button", "Set up the studio");
    await sees(page, "Whom do you dress?");
    expect(await axeFinds(page)).toEqual([]);
  });

  it("has a first reading of her own pieces within five minutes and 250 keystrokes", async () => {
    const began = Date.now();
    await writes("[id='field-name']", "Ada Lind");
    await writes("[id='field-measured.height']", "171");
    await presses("button", "Add her");
    await writes("textarea", first.join("\n"));
    await presses("button", "Add 5 pieces");
    await presses("button", "Navy wool trousers");
    await presses("button", "White cotton shirt");
    await presses("button", "Lay them out");
    await writes("input[placeholder^='gallery']", "dinner on Friday");
    await sees(page, /Dinner, \d+ \w+: from/);
    await presses("button", "This is where");
    await presses("link", "Dress Ada Lind");
    await page.waitForFunction(() => location.pathname === "/bench");
    await sees(page, "Dinner");
    const reading = await page.waitForSelector("[aria-label='Reading']");
    expect(await reading?.evaluate((panel) => panel.textContent.length)).toBeGreaterThan(40);
    expect(hand.keys).toBeLessThanOrEqual(250);
    expect(seconds()).toBeLessThanOrEqual(300);
    // What the machine itself takes of it.
    expect(Date.now() - began).toBeLessThan(60_000);
    process.stderr.write(
      `first reading: ${hand.keys} keystrokes, ${hand.presses} presses, ${Math.round(seconds())} s\n`,
    );
  });

  it("has twenty pieces, a client with eight measurements, a base and an occasion within ten minutes", async () => {
    await page.goto(`${site}/rail/many`);
    await answers(page, "textarea");
    hand.presses += 2;
    await writes("textarea", more.join("\n"));
    await sees(page, "15 pieces, ready to be recorded.");
    await presses("button", "Add 15 pieces");
    await page.waitForFunction(() => location.pathname === "/rail");
    await sees(page, "20 pieces");
    const client = await clientCalled(page, site, "Ada Lind");
    hand.presses += 3;
    await page.goto(`${site}/clients/${client}/figures`);
    await answers(page, "[id='field-measured.neck']");
    for (const [name, text] of Object.entries(measures)) await writes(`[id='field-measured.${name}']`, text);
    await presses("button", "Keep changes");
    await sees(page, "The client is kept.");
    expect(seconds()).toBeLessThanOrEqual(600);
    process.stderr.write(
      `twenty pieces and the client measured: ${hand.keys} keystrokes, ${hand.presses} presses, ${Math.round(seconds())} s\n`,
    );
    expect(errors).toEqual([]);
  });
});
