import { describe, expect, it } from "vitest";
import { axeFinds } from "../support/axe";
import { answers, press, sees } from "../support/browser";
import { chooseFile, fileOf } from "../support/chosen-file";
import { errors, page, site, useDemoStudio } from "../support/demo-studio";

useDemoStudio({ axe: true });

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
      await chooseFile(page, table, fileOf(name, content));
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
    await chooseFile(page, table, fileOf("own.csv", "Item,Farbe,Colour,Heel\nsuede pumps,blau,olive,7\n"));
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

it("takes five thousand pieces at once", async () => {
  const rows = Array.from({ length: 5000 }, (_, i) => `bag,Bag ${i},#1d2742,leather ${i},30,20`);
  const before = await countOnRail();
  await page.goto(`${site}/rail/many`);
  await answers(page, "textarea");
  await press(page, "radio", "Table (CSV)");
  const head = "kind,name,colours,supplier,width,height";
  await chooseFile(page, "input[type='file']", fileOf("all.csv", [head, ...rows].join("\n")));
  await sees(page, "5,000 pieces, ready to be recorded.");
  await press(page, "button", "Add 5,000 pieces");
  await page.waitForFunction(() => location.pathname === "/rail", { timeout: 60_000 });
  await sees(page, `${(before + 5000).toLocaleString("en-GB")} pieces`);
  expect(errors).toEqual([]);
}, 120_000);
