import { mkdtempSync, readFileSync, truncateSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { ElementHandle } from "puppeteer-core";
import { describe, expect, it } from "vitest";
import { axeFinds } from "../support/axe";
import { answers, press, sees, shows } from "../support/browser";
import { browser, errors, page, site, useDemoStudio } from "../support/demo-studio";
import { openDownloads } from "../support/downloads";

const folder = mkdtempSync(join(tmpdir(), "juxtane-intake-"));

useDemoStudio({ axe: true });

/** A file of this name with this content, as somebody would choose it. */
function fileOf(name: string, content: string | Uint8Array): string {
  const path = join(folder, name);
  writeFileSync(path, content);
  return path;
}

async function choose(input: string, path: string): Promise<void> {
  const field = (await page.waitForSelector(input)) as ElementHandle<HTMLInputElement>;
  await field.uploadFile(path);
}

const countOnRail = async () => {
  await page.goto(`${site}/rail`);
  await sees(page, /\d+ pieces/);
  return page.evaluate(() => Number(/(\d+) pieces/.exec(document.body.innerText)?.[1]));
};

describe("many lines", () => {
  it("become pieces to look over, and nothing is kept until all are right", async () => {
    const before = await countOnRail();
    await page.goto(`${site}/rail/many`);
    await answers(page, "textarea");
    await page.type(
      "textarea",
      "black leather loafers\nsomething blue\nsame as black leather loafers but burgundy",
    );
    await sees(page, "1 of 3 rows cannot be taken yet");
    await sees(page, "Burgundy leather loafers");
    expect(await axeFinds(page)).toEqual([]);
    // What was typed is there again after the tab was closed.
    await page.reload();
    await answers(page, "textarea");
    await sees(page, "1 of 3 rows cannot be taken yet");
    await page.$eval("textarea", (box) => box.setSelectionRange(0, 0));
    const text = await page.$eval("textarea", (box) => box.value);
    await page.click("textarea", { count: 4 });
    await page.keyboard.down("Control");
    await page.keyboard.press("KeyA");
    await page.keyboard.up("Control");
    await page.keyboard.type(text.replace("something blue", "navy scarf 60 x 180"));
    await sees(page, "3 pieces, ready to be recorded.");
    await press(page, "button", "Add 3 pieces");
    await page.waitForFunction(() => location.pathname === "/rail");
    await sees(page, `${before + 3} pieces`);
    expect(errors).toEqual([]);
  });
});

describe("a table", () => {
  const table = "input[type='file']";

  it("that cannot be taken says why in one sentence, and keeps nothing", async () => {
    const before = await countOnRail();
    await page.goto(`${site}/rail/many`);
    await answers(page, "textarea");
    await press(page, "radio", "Table (CSV)");
    const latin = Buffer.from("name,colour\nCafé-Tasche,navy\n", "latin1");
    const five = Array.from({ length: 5000 }, (_, i) => (i === 3210 ? "a thing,navy" : `loafers ${i},navy`));
    for (const [name, content, say] of [
      ["latin.csv", latin, "The table is not written in UTF-8"],
      ["column.csv", "colour,heel\nnavy,5\n", "No column says what each piece is"],
      ["empty.csv", "name,colour\n", "The table has headings and no piece under them."],
      ["quote.csv", 'name,colour\n"loafers,navy\n', "a quotation mark that is not closed"],
      ["five.csv", `name,colour\n${five.join("\n")}`, "1 of 5000 rows cannot be taken yet"],
    ] as const) {
      await choose(table, fileOf(name, content));
      await sees(page, say);
    }
    await sees(page, "Nothing says what it is.");
    expect(await page.$$eval("ol[aria-label] > li:first-child span", (all) => all[0]?.textContent)).toBe(
      "3212",
    );
    expect(await countOnRail()).toBe(before);
  }, 90_000);

  it("with headings of one's own is matched, looked over and taken", async () => {
    await page.goto(`${site}/rail/many`);
    await answers(page, "textarea");
    await press(page, "radio", "Table (CSV)");
    await choose(table, fileOf("own.csv", "Item,Farbe,Colour,Heel\nsuede pumps,blau,olive,7\n"));
    await sees(page, "3 of 4 columns are understood");
    await sees(page, "1 piece, ready to be recorded.");
    expect(await axeFinds(page)).toEqual([]);
    await press(page, "button", "Add 1 piece");
    await page.waitForFunction(() => location.pathname === "/rail");
    await sees(page, "suede pumps");
    await sees(page, "olive");
    expect(errors).toEqual([]);
  });
});

describe("the rail", () => {
  it("is narrowed, and the filter kept under a name", async () => {
    await page.goto(`${site}/rail?metal=silver&family=black`);
    await answers(page, "input[type='search']");
    await press(page, "button", "Save this filter");
    await page.keyboard.type("Black and silver");
    await page.keyboard.press("Enter");
    await sees(page, "Black and silver");
    await page.goto(`${site}/rail`);
    await answers(page, "input[type='search']");
    await press(page, "button", "Black and silver");
    await page.waitForFunction(() => location.search.includes("metal=silver"));
    await page.waitForFunction(() =>
      [...document.querySelectorAll("tbody tr td:nth-child(4)")].every(({ textContent }) =>
        textContent.includes("black"),
      ),
    );
    await press(page, "button", "Forget the filter Black and silver");
    await page.waitForFunction(() => !document.body.innerText.includes("Black and silver"));
  });

  it("hangs as plates, and two are compared", async () => {
    await page.goto(`${site}/rail?as=plates`);
    await answers(page, "input[type='checkbox']");
    const boxes = await page.$$("input[type='checkbox']");
    await boxes[0]?.click();
    await boxes[3]?.click();
    await sees(page, "2 pieces picked");
    await press(page, "button", "Compare the two");
    await sees(page, "Two pieces side by side");
    expect(await axeFinds(page)).toEqual([]);
    await page.keyboard.press("Escape");
  });

  it("says the same of several at once, and all of them say so after a reload", async () => {
    await page.goto(`${site}/rail?find=loafers`);
    await answers(page, "tbody input[type='checkbox']");
    for (const box of (await page.$$("tbody input[type='checkbox']")).slice(0, 2)) await box.click();
    await sees(page, "2 pieces picked");
    await press(page, "button", "Change ...");
    await page.waitForSelector("[role='dialog']");
    expect(await axeFinds(page)).toEqual([]);
    await press(page, "combobox", "State");
    await press(page, "option", "on loan");
    await press(page, "button", "Change 2 pieces");
    await sees(page, "2 pieces changed.");
    await page.reload();
    await sees(page, /on loan/);
    expect(
      await page.$$eval(
        "tbody tr td:last-child",
        (all) => all.filter((cell) => cell.textContent === "on loan").length,
      ),
    ).toBe(2);
    expect(errors).toEqual([]);
  });

  it("begins another piece as one that is there, varied by a line", async () => {
    await page.goto(`${site}/rail?find=loafers`);
    await answers(page, "tbody a");
    await page.click("tbody a");
    await page.waitForFunction(() => /^\/rail\/[0-9a-f-]+$/.test(location.pathname));
    await press(page, "link", "Duplicate and vary");
    await answers(page, "#one-line");
    await page.type("#one-line", "white");
    await page.waitForFunction(() =>
      document.querySelector<HTMLInputElement>("[id='field-piece.name']")?.value.startsWith("White"),
    );
    await press(page, "button", "Add piece");
    await sees(page, "The piece is on the rail.");
    expect(errors).toEqual([]);
  });
});

describe("a photo", () => {
  const picture = "label:nth-of-type(2) input[type='file']";

  it("gives a piece its colours, is kept beside its plate, and is there after a reload", async () => {
    await page.goto(`${site}/rail/new`);
    await answers(page, "#one-line");
    await page.type("#one-line", "silk square 90");
    await sees(page, "No colour is said yet.");
    await choose(picture, "tests/cases/photos/05.jpg");
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
    await choose(picture, "tests/cases/photos/07.jpg");
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
    await choose(picture, fileOf("notes.jpg", "this is no picture"));
    await sees(page, "notes.jpg is not a picture that can be read: take a JPEG, PNG or WebP.");
    const huge = fileOf("huge.jpg", "");
    truncateSync(huge, 300_000_000);
    await choose(picture, huge);
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
    await choose(picture, "tests/cases/photos/04.jpg");
    await sees(page, "2 colours found");
    expect(await page.evaluate(() => document.documentElement.scrollWidth > window.innerWidth)).toBe(false);
    await page.setViewport({ width: 1280, height: 800 });
  });
});

describe("a line elsewhere", () => {
  it("in the finder begins a new piece", async () => {
    await page.goto(`${site}/`);
    await answers(page, "main");
    await page.keyboard.down("Control");
    await page.keyboard.press("KeyK");
    await page.keyboard.up("Control");
    await page.waitForSelector("[cmdk-input]");
    await page.type("[cmdk-input]", "mustard suede clutch");
    await sees(page, "Record it: Mustard suede clutch");
    await page.$$eval("[cmdk-item]", (items) => {
      (items.find((item) => item.textContent?.startsWith("Record it")) as HTMLElement | undefined)?.click();
    });
    await page.waitForFunction(() => location.pathname === "/rail/new");
    await page.waitForFunction(
      () =>
        document.querySelector<HTMLInputElement>("[id='field-piece.name']")?.value === "Mustard suede clutch",
    );
  });

  it("at a station of the bench is recorded and put on at once", async () => {
    await page.goto(`${site}/bench`);
    await sees(page, "Write it");
    await press(page, "button", "Write it");
    await page.waitForSelector("[role='dialog'] input");
    await page.type("[role='dialog'] input", "violet suede court shoes, heel 6");
    await press(page, "button", "Record it and put it on");
    await page.waitForFunction(() => !document.querySelector("[role='dialog']"));
    await sees(page, "Violet suede court shoes");
    expect(errors).toEqual([]);
  });
});

it("the rail goes out as a table that is read again", async () => {
  const downloads = await openDownloads(browser);
  await page.goto(`${site}/rail`);
  await answers(page, "input[type='search']");
  await press(page, "button", "Save as CSV");
  expect(await downloads.next(1)).toEqual(["rail.csv"]);
  const path = join(downloads.folder, "rail.csv");
  expect(readFileSync(path, "utf8")).toMatch(/^\ufeffnumber,owner,kind,name,/);
  await page.goto(`${site}/rail/many`);
  await answers(page, "textarea");
  await press(page, "radio", "Table (CSV)");
  await choose("input[type='file']", path);
  await sees(page, /\d+ pieces, ready to be recorded\./);
  expect(await shows(page, "cannot be taken yet")).toBe(false);
  downloads.close();
});

it("takes five thousand pieces at once", async () => {
  const rows = Array.from({ length: 5000 }, (_, i) => `bag,Bag ${i},#1d2742,leather ${i},30,20`);
  const before = await countOnRail();
  await page.goto(`${site}/rail/many`);
  await answers(page, "textarea");
  await press(page, "radio", "Table (CSV)");
  const head = "kind,name,colours,supplier,width,height";
  await choose("input[type='file']", fileOf("all.csv", [head, ...rows].join("\n")));
  await sees(page, "5,000 pieces, ready to be recorded.");
  await press(page, "button", "Add 5,000 pieces");
  await page.waitForFunction(() => location.pathname === "/rail", { timeout: 60_000 });
  await sees(page, `${(before + 5000).toLocaleString("en-GB")} pieces`);
  expect(errors).toEqual([]);
}, 120_000);
