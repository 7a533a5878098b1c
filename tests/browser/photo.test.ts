import { truncateSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { axeFinds } from "../support/axe";
import { answers, press, sees } from "../support/browser";
import { chooseFile, fileOf } from "../support/chosen-file";
import { errors, page, site, useDemoStudio } from "../support/demo-studio";

useDemoStudio({ axe: true });

describe("a photo", () => {
  const picture = "label:nth-of-type(2) input[type='file']";

  it("gives a piece its colours, is kept beside its plate, and is there after a reload", async () => {
    await page.goto(`${site}/rail/new`);
    await answers(page, "#one-line");
    await page.type("#one-line", "silk square 90");
    await sees(page, "No colour is said yet.");
    await chooseFile(page, picture, "tests/cases/photos/05.jpg");
    await sees(page, "2 colours found, taken into the list below.");
    const hexes = await page.$$eval("input[id^='field-piece.swatches']", (all) =>
      all.map(({ value }) => value),
    );
    expect(hexes.filter((value) => value.startsWith("#"))).toEqual(["#f0e3c8", "#a63d2f"]);
    expect(await axeFinds(page)).toEqual([]);
    await press(page, "button", "Use it as the picture of the scarf");
    await press(page, "button", "Add piece");
    await sees(page, "The piece is on the rail.");
    await page.goto(`${site}/rail?find=silk+square`);
    await page.waitForFunction(() =>
      [...document.querySelectorAll("img")].some(
        (image) => image.src.includes("/photo/") && image.complete && image.naturalWidth > 0,
      ),
    );
    expect(errors).toEqual([]);
  });

  it("is corrected by a grey card that is pressed, and by what is rubbed out", async () => {
    await page.goto(`${site}/rail/new`);
    await answers(page, "#one-line");
    await page.type("#one-line", "leather bag");
    await chooseFile(page, picture, "tests/cases/photos/07.jpg");
    await sees(page, "1 colour found by the grey card");
    const sheet = await page.waitForSelector("canvas");
    const box = await sheet?.boundingBox();
    if (!box) throw new Error("the photo is not to be seen");
    await press(page, "radio", "Rub out");
    await page.mouse.move(box.x + box.width * 0.45, box.y + box.height * 0.2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width * 0.6, box.y + box.height * 0.25, { steps: 4 });
    await page.mouse.up();
    await sees(page, "Look at all of it again");
    await press(page, "button", "Look at all of it again");
    await press(page, "button", "Put back the colours before");
    await page.waitForFunction(() => !document.body.innerText.includes("Put back the colours before"));
    expect(errors).toEqual([]);
  });

  it("that is none, or is far too large, is refused in one sentence, and what was typed stays", async () => {
    await page.goto(`${site}/rail/new`);
    await answers(page, "#one-line");
    await page.type("#one-line", "navy leather bag");
    await chooseFile(page, picture, fileOf("notes.jpg", "this is no picture"));
    await sees(page, "notes.jpg is not a picture that can be read: take a JPEG, PNG or WebP.");
    const huge = fileOf("huge.jpg", "");
    truncateSync(huge, 300_000_000);
    await chooseFile(page, picture, huge);
    await sees(page, "huge.jpg is too large: 40 MB is the most that is opened.");
    expect(await page.$eval("#one-line", (input) => (input as HTMLInputElement).value)).toBe(
      "navy leather bag",
    );
  });

  it("can be taken on a phone of 360 pixels, by its camera", async () => {
    await page.setViewport({ width: 360, height: 740, hasTouch: true, isMobile: true });
    await page.goto(`${site}/rail/new`);
    await answers(page, "#one-line");
    expect(await page.$$eval("input[capture='environment']", (all) => all.length)).toBe(1);
    const tooWide = await page.evaluate(() => document.documentElement.scrollWidth > window.innerWidth);
    expect(tooWide).toBe(false);
    await chooseFile(page, picture, "tests/cases/photos/04.jpg");
    await sees(page, "2 colours found");
    expect(await page.evaluate(() => document.documentElement.scrollWidth > window.innerWidth)).toBe(false);
    await page.setViewport({ width: 1280, height: 800 });
  });
});
