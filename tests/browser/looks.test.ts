import { beforeAll, describe, expect, it } from "vitest";
import { isOn, putOn } from "../support/bench";
import { choose, clientCalled, fill, named, press, sees, shows } from "../support/browser";
import { errors, page, site, useDemoStudio } from "../support/demo-studio";

useDemoStudio();

beforeAll(async () => {
  const client = await clientCalled(page, site, "Ottoline Varga");
  await page.goto(`${site}/bench?client=${client}`);
  await choose(page, "Base", "Teal dress");
  await choose(page, "Occasion", "Planetarium lecture");
});

const worn = (slot: string) =>
  page.$eval(`#station-${slot}`, (node) => node.querySelector("[data-worn]")?.textContent ?? "");
const isBare = (slot: string) =>
  page.waitForFunction(
    (station) => document.querySelector(`${station} button, ${station} svg`) === null,
    {},
    `#station-${slot}`,
  );
const kept = () =>
  page.waitForFunction(() => document.querySelector('[role="status"]')?.textContent === "kept");

describe("a look of its base and its occasion", () => {
  it("is taken up where it was left, whatever was put on for another occasion", async () => {
    await putOn(page, "shoe", "Grey strap sandals");
    await choose(page, "Occasion", "Night train to the coast");
    await sees(page, "Nothing is on yet for Night train to the coast");
    await isBare("shoe");
    await putOn(page, "shoe", "White leather trainers");
    await choose(page, "Occasion", "Planetarium lecture");
    await isOn(page, "shoe", "Grey strap sandals");
    await sees(page, "This look is as you left it.");
    await choose(page, "Occasion", "Night train to the coast");
    await isOn(page, "shoe", "White leather trainers");
    await kept();
    await page.reload();
    await isOn(page, "shoe", "White leather trainers");
    await choose(page, "Occasion", "Planetarium lecture");
    await isOn(page, "shoe", "Grey strap sandals");
  });

  it("takes along what was on only by a button that says so", async () => {
    await choose(page, "Occasion", "Radio studio");
    await isBare("shoe");
    await press(page, "button", "Carry over the piece from Planetarium lecture");
    await isOn(page, "shoe", "Grey strap sandals");
    expect(await shows(page, "Carry over")).toBe(false);
    await page.keyboard.press("z");
    await isBare("shoe");
    await choose(page, "Occasion", "Planetarium lecture");
    await isOn(page, "shoe", "Grey strap sandals");
  });
});

describe("the steps of a look", () => {
  it("can be undone and done again after the page was left", async () => {
    await putOn(page, "bag", "Navy crescent bag");
    await putOn(page, "shoe", "White leather trainers");
    await kept();
    await press(page, "link", "Rail");
    await page.waitForFunction(() => location.pathname === "/rail");
    await press(page, "link", "Bench");
    await isOn(page, "shoe", "White leather trainers");
    await press(page, "button", "Undo");
    await isOn(page, "shoe", "Grey strap sandals");
    await press(page, "button", "Undo");
    await isBare("bag");
    await kept();
    await page.reload();
    await isBare("bag");
    await press(page, "button", "Do again what was undone");
    await isOn(page, "bag", "Navy crescent bag");
    expect(await worn("shoe")).toContain("Grey strap sandals");
  });

  it("are all listed, and any of them is taken up again", async () => {
    await page.keyboard.press("n");
    await named(page, "dialog", "This look");
    await sees(page, "Put on white leather trainers");
    const rows = () => page.$$eval("[role='dialog'] ol li", (items) => items.map((item) => item.innerText));
    const before = await rows();
    await page.evaluate(() =>
      [...document.querySelectorAll("[role='dialog'] ol li")]
        .find((row) => row.textContent?.includes("Put on white leather trainers"))
        ?.querySelector("button")
        ?.click(),
    );
    await isOn(page, "shoe", "White leather trainers");
    expect(await rows()).toHaveLength(before.length + 1);
    await page.keyboard.press("Escape");
    await page.keyboard.press("z");
    await isOn(page, "shoe", "Grey strap sandals");
  });
});

describe("several looks of one base for one occasion", () => {
  it("have names and a note, which are there after a reload", async () => {
    await page.keyboard.press("n");
    await fill(page, "Name", "Sandals by the dome");
    await fill(page, "Note", "She wants to sit on the floor.");
    await page.keyboard.press("Escape");
    await kept();
    await page.reload();
    await page.keyboard.press("n");
    await named(page, "dialog", "This look");
    const written = await page.$$eval("[role='dialog'] input, [role='dialog'] textarea", (fields) =>
      fields.map((field) => (field as unknown as HTMLInputElement).value),
    );
    expect(written).toEqual(["Sandals by the dome", "She wants to sit on the floor."]);
  });

  it("are copied, and then go their own ways", async () => {
    await press(page, "button", "Copy");
    await sees(page, "Copy of Sandals by the dome");
    await putOn(page, "shoe", "Pewter pointed flats");
    await choose(page, "Look", "Sandals by the dome");
    await isOn(page, "shoe", "Grey strap sandals");
    await choose(page, "Look", "Copy of Sandals by the dome");
    await isOn(page, "shoe", "Pewter pointed flats");
  });

  it("stand side by side, with the difference in words", async () => {
    await page.keyboard.press("c");
    await named(page, "dialog", "Looks side by side");
    await sees(page, "Put on grey strap sandals");
    expect(await page.$$("[role='dialog'] svg[role='img']")).toHaveLength(2);
    await press(page, "button", "Take this one up");
    await isOn(page, "shoe", "Grey strap sandals");
  });

  it("begin with nothing on, and are put away and brought back", async () => {
    await choose(page, "Look", "begin another");
    await isBare("shoe");
    await putOn(page, "shoe", "White leather trainers");
    await kept();
    await page.keyboard.press("n");
    await press(page, "button", "Archive");
    await sees(page, "is in the archive.");
    await isOn(page, "shoe", "Grey strap sandals");
    await press(page, "button", "Bring it back");
    await isOn(page, "shoe", "White leather trainers");
    await kept();
    await page.reload();
    await isOn(page, "shoe", "White leather trainers");
  });
});

describe("a look that never reached the studio", () => {
  it("lies on the bench when it is opened again, as it was left, and is kept then", async () => {
    // Nothing reaches the server any more: the look stays in the browser.
    await page.evaluate(() => {
      window.fetch = () => new Promise<Response>(() => undefined);
    });
    await putOn(page, "belt", "belt");
    const belt = await worn("belt");
    await page.goto(page.url());
    await page.waitForFunction(
      (wanted) => document.querySelector("#station-belt [data-worn]")?.textContent === wanted,
      {},
      belt,
    );
    await kept();
    await page.reload();
    await sees(page, /\d+ to choose from/);
    expect(await worn("belt")).toBe(belt);
    await press(page, "button", "Undo");
    await isBare("belt");
    await kept();
  });
});

describe("a fact that is wrong", () => {
  it("is put right at the bench, read at once, and kept", async () => {
    const caption = () => page.$eval("#station-shoe", (node) => node.textContent);
    await page.click("#station-shoe");
    const before = await caption();
    await page.keyboard.press("f");
    await named(page, "dialog", "Put a fact right");
    await fill(page, "Heel height, with sole", "none at all");
    await press(page, "button", "Keep it so");
    await sees(page, 'Heel height, with sole must be a number; "none at all" is not.');
    await fill(page, "Heel height, with sole", "4.5");
    await press(page, "button", "Keep it so");
    await page.waitForFunction(() => !document.querySelector("[role=dialog]"));
    await isOn(page, "shoe", "heel 4.5 cm");
    expect(await caption()).not.toBe(before);
    await isOn(page, "shoe", "White leather trainers");
    await page.reload();
    await isOn(page, "shoe", "heel 4.5 cm");
    expect(errors).toEqual([]);
  });
});
