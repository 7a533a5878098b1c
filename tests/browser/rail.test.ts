import { readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { axeFinds } from "../support/axe";
import { answers, press, sees, shows } from "../support/browser";
import { chooseFile } from "../support/chosen-file";
import { browser, errors, page, site, useDemoStudio } from "../support/demo-studio";
import { openDownloads } from "../support/downloads";

useDemoStudio({ axe: true });

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
  await chooseFile(page, "input[type='file']", path);
  await sees(page, /\d+ pieces, ready to be recorded\./);
  expect(await shows(page, "cannot be taken yet")).toBe(false);
  downloads.close();
});
