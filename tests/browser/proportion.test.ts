import type { ElementHandle } from "puppeteer-core";
import { beforeAll, describe, expect, it } from "vitest";
import { fill, named, press, sees, toPlaceOfClient } from "../support/browser";
import { errors, page, site, useDemoStudio } from "../support/demo-studio";

useDemoStudio();

/** Opens a client's bench from the clients' page. */
async function benchOf(name: string): Promise<void> {
  await page.goto(`${site}/clients`);
  await page.waitForSelector("li");
  await page.evaluate(
    (wanted) =>
      [...document.querySelectorAll("a")].find((link) => link.textContent?.includes(wanted))?.click(),
    name,
  );
  await press(page, "link", "Go to the bench");
  await page.waitForFunction(() =>
    /\d+ to choose from/.test(document.querySelector('[aria-label="Tray"]')?.textContent ?? ""),
  );
}

describe("the hem board", () => {
  it("reads every pair with progress, and sorts by what goes with most", async () => {
    await page.goto(`${site}/boards`);
    await sees(page, /\d+ pairs read(?! \.)/);
    const counts = await page.$$eval('tbody th[scope="row"]', (heads) =>
      heads.map((head) => Number(/with (\d+)$/.exec(head.textContent ?? "")?.[1])),
    );
    expect(counts.length).toBeGreaterThanOrEqual(6);
    expect(counts).toEqual([...counts].sort((one, other) => other - one));
    await press(page, "radio", "as on the rail");
    const rail = await page.$$eval('tbody th[scope="row"]', (heads) => heads.map((head) => head.textContent));
    expect(rail[0]).toContain("Rust corduroy culottes");
  });

  it("opens a cell on the bench with its shoe and its turn-up", async () => {
    await page.goto(`${site}/boards`);
    await sees(page, /\d+ pairs read(?! \.)/);
    const cell = await page.waitForSelector('td a[aria-label*="turned"]');
    const words = (await cell?.evaluate((node) => node.getAttribute("aria-label"))) ?? "";
    const [, shoe = "", verdict = ""] = /over (.+): (sings|sits)/.exec(words) ?? [];
    expect(verdict).not.toBe("");
    await cell?.evaluate((node) => (node as unknown as HTMLElement).click());
    await page.waitForFunction(() => location.pathname === "/bench");
    await page.waitForSelector("#station-shoe");
    expect(await page.$eval("#station-shoe", (node) => node.textContent)).toContain(shoe);
    await sees(page, /each turn \d/);
  });
});

describe("the tailor", () => {
  beforeAll(() => benchOf("Teodor Almasi"));

  it("says the inseam that suits the chosen shoes, and which it excludes", async () => {
    await press(page, "button", "Ask the tailor, or measure this hem");
    await sees(page, /Ask for an inseam of \d+/);
    await press(page, "button", "Chestnut punched shoes");
    await sees(page, /it suits .*Chestnut punched shoes|Not Chestnut punched shoes/);
  });

  it("refuses a hem that is no hem, in one sentence", async () => {
    await fill(page, "Hem above the footbed, as tried on", "high");
    await press(page, "button", "Keep measured hem");
    await sees(page, 'Hem above the footbed must be a number; "high" is not.');
    await fill(page, "Hem above the footbed, as tried on", "300");
    await press(page, "button", "Keep measured hem");
    await sees(page, "Hem above the footbed must be at most 100; 300 is not plausible.");
  });

  it("keeps a measured hem, and the reading follows it", async () => {
    await fill(page, "Hem above the footbed, as tried on", "7.5");
    await press(page, "button", "Keep measured hem");
    await sees(page, "The measured hem stands from now on");
    await page.keyboard.press("Escape");
    await page.waitForFunction(() => {
      const label = document.querySelector('svg[aria-label^="Ankle"]')?.getAttribute("aria-label") ?? "";
      return /hem to floor 10\.7 cm/.test(label);
    });
  });
});

describe("a bag's strap", () => {
  it("is set in the ways it can be, each with where it lands, and the figure follows", async () => {
    await benchOf("Wren Castellane");
    await page.click("#station-bag");
    const group = await named(page, "radiogroup", "How the bag is carried");
    const ways = await group.$$eval("button", (buttons) => buttons.map((button) => button.textContent ?? ""));
    expect(ways.length).toBeGreaterThanOrEqual(3);
    expect(ways.every((way) => /(ribs|waist|high hip|hip|thigh|below mid-thigh)$/.test(way))).toBe(true);
    const before = await page.$eval('[aria-label="Findings"]', (node) => node.textContent);
    const doubled = (await group.$$("button")).at(
      ways.findIndex((way) => way.includes("doubled")),
    ) as ElementHandle;
    await doubled.click();
    await page.waitForFunction(
      (old) => document.querySelector('[aria-label="Findings"]')?.textContent !== old,
      {},
      before,
    );
    expect(await doubled.evaluate((node) => node.getAttribute("aria-checked"))).toBe("true");
    await page.waitForFunction(() => document.querySelector('[role="status"]')?.textContent === "kept");
    await page.reload();
    await page.waitForSelector("#station-bag");
    await page.click("#station-bag");
    const again = await named(page, "radiogroup", "How the bag is carried");
    expect(await again.$eval('button[aria-checked="true"]', (node) => node.textContent)).toContain("doubled");
  });
});

describe("the neck window", () => {
  it("shows the drops to scale, and a doubled chain at half its length", async () => {
    await page.click("#station-necklace");
    const label = () =>
      page.$eval('svg[aria-label^="Neck"]', (node) => node.getAttribute("aria-label") ?? "");
    const single = await label();
    expect(single).toMatch(/neckline [\d.]+ cm below the side neck points/);
    expect(single.match(/ cm/g)?.length).toBeGreaterThanOrEqual(3);
    const [doubled] = await page.$$("ul button");
    await doubled?.click();
    await page.waitForFunction(
      (old) => document.querySelector('svg[aria-label^="Neck"]')?.getAttribute("aria-label") !== old,
      {},
      single,
    );
    expect(errors).toEqual([]);
  });
});

describe("a client who is dressed seated", () => {
  it("is drawn seated, with the hems risen as the knees bend", async () => {
    await benchOf("Teodor Almasi");
    const floor = () =>
      page.$eval('svg[aria-label^="Ankle"]', (node) =>
        Number(/hem to floor ([\d.]+) cm/.exec(node.getAttribute("aria-label") ?? "")?.[1]),
      );
    const standing = await floor();
    await page.goto(`${site}/clients`);
    await page.waitForSelector("li");
    await page.evaluate(() =>
      [...document.querySelectorAll("a")]
        .find((link) => link.textContent?.includes("Teodor Almasi"))
        ?.click(),
    );
    await toPlaceOfClient(page, "Figures");
    await press(page, "checkbox", "Dressed seated");
    await press(page, "button", "Keep changes");
    await sees(page, "The client is kept.");
    await press(page, "link", "Go to the bench");
    await page.waitForSelector('svg[aria-label*="seated"]');
    expect(await floor()).toBeCloseTo(standing + 0.06 * 186, 0);
  });
});
