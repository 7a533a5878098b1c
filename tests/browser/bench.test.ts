import { writeFileSync } from "node:fs";
import { join } from "node:path";
import type { ElementHandle } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { parseLook } from "@/core/formats/look-file";
import { read } from "@/core/reading/read";
import { markOf } from "@/core/reading/verdict";
import { choose, named, press, sees } from "../support/browser";
import { browser, errors, page, useDemoStudio } from "../support/demo-studio";
import { type Downloads, openDownloads } from "../support/downloads";

let downloads: Downloads;

useDemoStudio();

beforeAll(async () => {
  downloads = await openDownloads(browser);
  await press(page, "link", "Clients");
  await page.waitForFunction(() => location.pathname === "/clients");
  await page.evaluate(() =>
    [...document.querySelectorAll("a")].find((link) => link.textContent?.includes("Ottoline Varga"))?.click(),
  );
  await press(page, "link", "Go to the bench");
  await candidates();
});

afterAll(() => {
  downloads.close();
});

/** Waits until the tray has read every candidate of the station. */
async function candidates(): Promise<void> {
  await page.waitForFunction(() =>
    /\d+ to choose from/.test(document.querySelector('[aria-label="Tray"]')?.textContent ?? ""),
  );
}

const score = () => page.$eval('[title="Score, 0 to 100"]', (node) => Number(node.textContent));
const worn = (slot: string) =>
  page.$eval(`#station-${slot}`, (node) => node.querySelector("[data-worn]")?.textContent ?? "");
const kept = () =>
  page.waitForFunction(() => document.querySelector('[role="status"]')?.textContent === "kept");

describe("the keyboard", () => {
  it("walks the stations and previews candidates on the figure at once", async () => {
    await page.keyboard.press("ArrowUp");
    expect(await page.$eval('[role="option"][aria-selected="true"]', (node) => node.id)).toBe(
      "station-hosiery",
    );
    await page.keyboard.press("ArrowDown");
    await candidates();
    const before = await worn("shoe");
    await page.keyboard.press("ArrowRight");
    await page.waitForFunction(
      (old) => document.querySelector("#station-shoe [data-worn]")?.textContent !== old,
      {},
      before,
    );
    await page.keyboard.press("ArrowLeft");
    await page.keyboard.press("ArrowUp");
    expect(await worn("shoe")).toBe(before);
    await page.keyboard.press("ArrowDown");
  });

  it("puts the best candidate on with the score that was promised, and takes it back", async () => {
    await candidates();
    const [before, old] = [await score(), await worn("shoe")];
    const promised = await page.$eval('[data-index="0"]', (node) =>
      Number(/[+\u2212](\d+(\.\d+)?)/.exec(node.textContent ?? "")?.[1]),
    );
    await page.keyboard.press("ArrowRight");
    await page.keyboard.press("Enter");
    await page.waitForFunction(
      (text) => document.querySelector("#station-shoe [data-worn]")?.textContent !== text,
      {},
      old,
    );
    expect(await score()).toBe(before + promised);
    await page.keyboard.press("z");
    await page.waitForFunction(
      (text) => document.querySelector("#station-shoe [data-worn]")?.textContent === text,
      {},
      old,
    );
    expect(await score()).toBe(before);
  });

  it("turns the hem, takes off, keeps a verdict, shows its keys", async () => {
    await page.keyboard.press("t");
    await sees(page, "each turn 4 cm");
    await page.keyboard.press("t");
    await sees(page, "each turn 3 cm");
    await page.keyboard.press("t");
    await page.keyboard.press("2");
    expect(
      await (
        await named(page, "radio", "You say it sits")
      ).evaluate((node) => node.getAttribute("aria-checked")),
    ).toBe("true");
    await page.keyboard.press("Backspace");
    await page.waitForFunction(() => !document.querySelector("#station-shoe")?.textContent?.includes("boot"));
    await page.keyboard.press("z");
    await page.keyboard.type("?");
    await named(page, "dialog", "Keys of the bench");
    await page.keyboard.press("Escape");
  });

  it("reads what could come off", async () => {
    await page.keyboard.press("e");
    await sees(page, "without it");
    await page.keyboard.press("e");
    await candidates();
  });
});

describe("reading", () => {
  it("needs no round trip: piece, turn-up and occasion are read with the network cut off", async () => {
    await kept();
    await page.setOfflineMode(true);
    const ankle = () => page.$eval('svg[aria-label^="Ankle"]', (node) => node.getAttribute("aria-label"));
    const before = await ankle();
    await page.keyboard.press("t");
    await sees(page, "each turn 4 cm");
    expect(await ankle()).not.toBe(before);
    await choose(page, "Occasion", "none in particular");
    await sees(page, "No weather, no dress code.");
    await sees(page, "waiting for the server; kept in this browser");
  });

  it("loses nothing: what waited is kept once the network is back", async () => {
    await page.setOfflineMode(false);
    await kept();
    await choose(page, "Occasion", "Planetarium lecture");
    await sees(page, "each turn 4 cm");
    await page.reload();
    await sees(page, "each turn 4 cm");
    await candidates();
  });

  it("applies a remedy to the score it promised", async () => {
    const remedy = await page.waitForSelector('[aria-label="Findings"] [data-remedy]');
    const text = await remedy?.evaluate((node) => node.textContent ?? "");
    await remedy?.click();
    const promised = Number(/\d+$/.exec(text ?? "")?.[0]);
    await page.waitForFunction(
      (to) => Number(document.querySelector('[title="Score, 0 to 100"]')?.textContent) === to,
      {},
      promised,
    );
  });
});

describe("look files", () => {
  it("are written as they are read here", async () => {
    await press(page, "button", "More");
    await press(page, "menuitem", "Save the look as a file");
    await sees(page, "The look is saved as a file.");
    const look = parseLook((await downloads.nextBytes()).toString("utf8"));
    expect(markOf(read(look))).toBe(await score());
  });

  it("stand beside the drawing, which is written to scale with nothing left to look up", async () => {
    await press(page, "button", "More");
    await press(page, "menuitem", "Save the drawing (SVG)");
    const drawing = (await downloads.nextBytes()).toString("utf8");
    expect(drawing).toMatch(/^<svg[^>]* xmlns="http:\/\/www\.w3\.org\/2000\/svg"/);
    expect(drawing).not.toContain("var(");
  });

  it("and beside a picture of it for a phone, more than 2000 pixels high", async () => {
    await press(page, "button", "More");
    await press(page, "menuitem", "Save a picture (PNG)");
    await sees(page, "The picture is saved as a file.");
    const picture = await downloads.nextBytes();
    expect(picture.subarray(1, 4).toString("latin1")).toBe("PNG");
    // Height of the picture, from its header.
    expect(picture.readUInt32BE(20)).toBeGreaterThan(2000);
    // An empty sheet of that size is far smaller.
    expect(picture.length).toBeGreaterThan(60_000);
  });

  it("that are broken leave the bench as it was, with one sentence", async () => {
    const broken = join(downloads.folder, "broken.json");
    writeFileSync(broken, '{"format":"juxtane.look","version":9}');
    const before = await score();
    await upload(broken);
    await sees(
      page,
      'broken.json was not opened: "version" is 9; this program reads version 1. The bench is as it was.',
    );
    expect(await score()).toBe(before);
  });

  it("that are whole are laid on the bench, and not kept", async () => {
    await upload(join(downloads.folder, "ottoline-varga.look.json"));
    await sees(page, "from a file, not kept");
    expect(errors).toEqual([]);
  });
});

async function upload(path: string): Promise<void> {
  const input = (await page.waitForSelector('input[type="file"]')) as ElementHandle<HTMLInputElement>;
  await input.uploadFile(path);
}
