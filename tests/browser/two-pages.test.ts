import knex from "knex";
import type { Page } from "puppeteer-core";
import { afterEach, beforeAll, describe, expect, it } from "vitest";
import { isOn, putOn } from "../support/bench";
import { choose, fill, named, openPage, press, sees, shows, signIn } from "../support/browser";
import { browser, client, errors, ownerUrl, page as here, site, useDemoStudio } from "../support/demo-studio";
import { secondStudio } from "../support/second-studio";

let there: Page;
let bench = "";

useDemoStudio({ about: "Ottoline Varga" });

beforeAll(async () => {
  bench = `${site}/bench?client=${client}`;
  await here.goto(bench);
  await choose(here, "Base", "Teal dress");
  await choose(here, "Occasion", "Planetarium lecture");
  await putOn(here, "shoe", "Grey strap sandals");
  await kept(here);
  ({ page: there } = await openPage(browser));
});

afterEach(() => expect(errors).toEqual([]));

const status = (page: Page) => page.$eval('[role="status"]', (node) => node.textContent ?? "");
const kept = (page: Page) =>
  page.waitForFunction(() => document.querySelector('[role="status"]')?.textContent === "kept");
const worn = (page: Page, slot: string) =>
  page.$eval(`#station-${slot}`, (node) => node.querySelector("[data-worn]")?.textContent ?? "");

/** Opens the same look on the other page, and changes it there first. */
async function changedThere(shoe: string): Promise<void> {
  await there.goto(here.url());
  await there.bringToFront();
  await putOn(there, "shoe", shoe);
  await kept(there);
  await here.bringToFront();
}

describe("one look on two pages", () => {
  it("is seen as both have it by the second, who keeps hers", async () => {
    await changedThere("Pewter pointed flats");
    await putOn(here, "bag", "Navy crescent bag");
    await named(here, "dialog", "This look was changed elsewhere too");
    await sees(here, "Put on pewter pointed flats");
    await press(here, "button", "Keep this one");
    await kept(here);
    await there.goto(here.url());
    await isOn(there, "bag", "Navy crescent bag");
    await isOn(there, "shoe", "Grey strap sandals");
  });

  it("is told to the first as well, who takes the other; the steps of both stay", async () => {
    await changedThere("White leather trainers");
    await putOn(here, "shoe", "Pewter pointed flats");
    await named(here, "dialog", "This look was changed elsewhere too");
    await here.keyboard.press("Escape");
    expect(await status(here)).toBe("changed elsewhere too: choose");
    await press(here, "button", "choose");
    await press(here, "button", "Take this one");
    await isOn(here, "shoe", "White leather trainers");
    await kept(here);
    await here.reload();
    await isOn(here, "shoe", "White leather trainers");
    await here.keyboard.press("n");
    await named(here, "dialog", "This look");
    await sees(here, "Put on pewter pointed flats");
    await sees(here, "Put on white leather trainers");
    await here.keyboard.press("Escape");
  });

  it("becomes two where both are wanted", async () => {
    await changedThere("Grey strap sandals");
    await putOn(here, "shoe", "Pewter pointed flats");
    await named(here, "dialog", "This look was changed elsewhere too");
    await press(here, "button", "Keep both, mine as a copy");
    await sees(here, "Copy of Look 1");
    await isOn(here, "shoe", "Pewter pointed flats");
    await kept(here);
    await here.reload();
    await isOn(here, "shoe", "Pewter pointed flats");
    await choose(here, "Look", "Look 1");
    await isOn(here, "shoe", "Grey strap sandals");
  });

  it("is as this page left it when it is come back to by the browser's own way back", async () => {
    await putOn(here, "belt", "belt");
    const belt = await worn(here, "belt");
    await kept(here);
    await press(here, "link", "Rail");
    await here.waitForFunction(() => location.pathname === "/rail");
    await here.goBack();
    await here.waitForFunction(
      (wanted) => document.querySelector("#station-belt [data-worn]")?.textContent === wanted,
      {},
      belt,
    );
    await putOn(here, "shoe", "White leather trainers");
    await kept(here);
  });
});

describe("what waits in the browser", () => {
  it("stays when the studio refuses it, and says so until it is let go", async () => {
    const owner = knex({ client: "pg", connection: ownerUrl, pool: { min: 0, max: 1 } });
    const own = new URL(here.url()).searchParams.get("look") ?? "";
    const before = await worn(here, "shoe");
    // Meanwhile the look has become another client's: nothing of hers may be written into it.
    const give = (clientId: string) => owner("looks").where({ id: own }).update({ client_id: clientId });
    const hers = new URL(here.url()).searchParams.get("client") ?? "";
    const [other] = await owner<{ id: string }>("clients").whereNot({ id: hers }).select("id").limit(1);
    await give(other?.id ?? "");
    await putOn(here, "shoe", "Pewter pointed flats");
    await sees(here, "Not kept: This look is on record for another client. It waits in this browser.");
    await here.reload();
    await sees(here, "Not kept: This look is on record for another client.");
    await give(hers);
    await here.reload();
    await kept(here);
    await isOn(here, "shoe", "Pewter pointed flats");
    expect(before).not.toContain("Pewter pointed flats");
    await owner.destroy();
  });

  it("is not touched by somebody else who signs in, and goes on when its own stylist is back", async () => {
    const other = await secondStudio(ownerUrl);
    await here.evaluate(() => {
      window.fetch = () => new Promise<Response>(() => undefined);
    });
    await putOn(here, "shoe", "Grey strap sandals");
    const waiting = () =>
      there.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith("juxtane.waiting.")));
    await there.bringToFront();
    await there.goto(`${site}/`);
    await press(there, "button", "Sign out");
    await named(there, "heading", "Sign in to your studio");
    await fill(there, "Email", other.email);
    await fill(there, "Password", other.password);
    await press(there, "button", "Sign in");
    await sees(there, "A studio begins with a client");
    expect(await waiting()).toHaveLength(1);
    await there.goto(`${site}/bench`);
    await sees(there, "Start with a client.");
    expect(await shows(there, "Grey strap sandals")).toBe(false);
    expect(await waiting()).toHaveLength(1);
    await press(there, "button", "Sign out");
    await named(there, "heading", "Sign in to your studio");
    await signIn(there, site);
    await there.goto(here.url());
    await isOn(there, "shoe", "Grey strap sandals");
    await kept(there);
    expect(await waiting()).toEqual([]);
  });
});
