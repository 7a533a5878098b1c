import { describe, expect, it } from "vitest";
import { choose, clientCalled, fill, named, press, sees, shows, toPlaceOfClient } from "../support/browser";
import { anotherTab, errors, page, site, useDemoStudio } from "../support/demo-studio";

useDemoStudio();

/** What stands in the field of a label. */
async function valueOf(label: string): Promise<string> {
  const field = await named(page, "textbox", label);
  return field.evaluate((node) => (node as unknown as HTMLInputElement).value);
}

const shares = () => page.$$eval('input[id$=".share"]', (fields) => fields.map((field) => field.value));

describe("what is typed into a form", () => {
  it("is there again after a click in the menu, a reload and a closed tab", async () => {
    await page.goto(`${site}/rail/new`);
    await choose(page, "Kind", "Belt");
    await fill(page, "Name", "Cord belt from the market");
    await fill(page, "Width", "3.2");
    await press(page, "link", "Clients");
    await page.waitForFunction(() => location.pathname === "/clients");
    await page.goto(`${site}/rail/new`);
    await sees(page, "What you typed here before is back");
    expect(await valueOf("Name")).toBe("Cord belt from the market");
    expect(await valueOf("Width")).toBe("3.2");
    await fill(page, "Width", "3.4");
    await page.reload();
    await sees(page, "What you typed here before is back");
    expect(await valueOf("Width")).toBe("3.4");
    await anotherTab();
    await page.goto(`${site}/rail/new`);
    await sees(page, "What you typed here before is back");
    expect([await valueOf("Name"), await valueOf("Width")]).toEqual(["Cord belt from the market", "3.4"]);
  });

  it("is of that form alone, and goes when one starts over", async () => {
    const client = await clientCalled(page, site, "Ottoline Varga");
    await page.goto(`${site}/clients/${client}/occasions/new`);
    await named(page, "textbox", "Occasion");
    expect(await shows(page, "What you typed here before is back")).toBe(false);
    await page.goto(`${site}/rail/new`);
    await sees(page, "What you typed here before is back");
    await press(page, "button", "Start over");
    expect(await valueOf("Name")).toBe("");
    await page.reload();
    await named(page, "textbox", "Name");
    expect(await shows(page, "What you typed here before is back")).toBe(false);
  });

  it("goes once it is kept", async () => {
    await choose(page, "Kind", "Belt");
    await fill(page, "Name", "Plain belt");
    await fill(page, "Width", "3");
    await press(page, "button", "Add piece");
    await page.waitForFunction(() => location.pathname === "/rail");
    await page.goto(`${site}/rail/new`);
    await named(page, "textbox", "Name");
    expect(await valueOf("Name")).toBe("");
  });

  it("asks before it is left only where the browser cannot keep it", async () => {
    const asked: string[] = [];
    page.on("dialog", (dialog) => {
      asked.push(dialog.message());
      void dialog.dismiss();
    });
    await fill(page, "Name", "Kept well");
    await press(page, "link", "Clients");
    await page.waitForFunction(() => location.pathname === "/clients");
    expect(asked).toEqual([]);
    await page.goto(`${site}/rail/new`);
    await page.evaluate(() => {
      Storage.prototype.setItem = () => {
        throw new DOMException("full", "QuotaExceededError");
      };
    });
    await fill(page, "Name", "Not to be kept");
    await press(page, "link", "Clients");
    expect(asked).toHaveLength(1);
    expect(new URL(page.url()).pathname).toBe("/rail/new");
    expect(await valueOf("Name")).toBe("Not to be kept");
    page.removeAllListeners("dialog");
    page.once("dialog", (dialog) => void dialog.accept());
    await page.goto(`${site}/rail/new`);
    await named(page, "textbox", "Name");
  });
});

describe("figures and colours as they are written", () => {
  it("are said anew when the unit changes, in the form that is open", async () => {
    await choose(page, "Kind", "Belt");
    await fill(page, "Width", "5.08");
    await press(page, "radio", "in");
    await page.waitForFunction(() =>
      [...document.querySelectorAll("input")].some(({ value }) => value === "2"),
    );
    expect(await valueOf("Width")).toBe("2");
    await press(page, "radio", "cm");
    await page.waitForFunction(() =>
      [...document.querySelectorAll("input")].some(({ value }) => value === "5.1"),
    );
  });

  it("take feet and inches", async () => {
    await page.goto(`${site}/clients/new`);
    await fill(page, "Name", "Fanny Feet");
    await fill(page, "Height", "5'4\"");
    await press(page, "button", "Add client");
    await page.waitForFunction(() => /^\/clients\/[0-9a-f-]{36}$/.test(location.pathname));
    await toPlaceOfClient(page, "Figures");
    expect(await valueOf("Height")).toBe("162.6");
  });

  it("take a colour by its name, and a second one its share from the first", async () => {
    await page.goto(`${site}/rail/new`);
    await choose(page, "Kind", "Belt");
    await fill(page, "Colour", "Cognac");
    await sees(page, "rust, #8d4a22");
    await press(page, "button", "Add a colour");
    expect(await shares()).toEqual(["80", "20"]);
    const [, second] = await page.$$('input[id$=".share"]');
    await second?.click({ count: 3 });
    await page.keyboard.type("35");
    expect(await shares()).toEqual(["65", "35"]);
    await page.evaluate(() => {
      const buttons = [...document.querySelectorAll("button")].filter((b) => b.textContent === "Remove");
      buttons[1]?.click();
    });
    await page.waitForFunction(() => document.querySelectorAll('input[id$=".share"]').length === 1);
    expect(await shares()).toEqual(["100"]);
  });
});

describe("what was put away", () => {
  it("says so on its own page, has a list, and comes back", async () => {
    await page.goto(`${site}/rail?find=Plain+belt`);
    await sees(page, "Plain belt");
    const href = await page.$$eval(
      "a",
      (links) => links.find((link) => link.textContent?.includes("Plain belt"))?.getAttribute("href") ?? "",
    );
    await page.goto(site + href);
    await press(page, "button", "Archive");
    await page.waitForFunction(() => location.pathname === "/rail");
    await page.goto(site + href);
    await sees(page, "This piece is in the archive");
    await page.goto(`${site}/rail`);
    await press(page, "link", "Archive");
    await page.waitForFunction(() => location.pathname === "/put-away");
    await press(page, "button", "Bring back Plain belt");
    await sees(page, "Plain belt is back.");
    await sees(page, "The archive is empty.");
    await page.goto(site + href);
    await named(page, "button", "Archive");
    expect(await shows(page, "This piece is in the archive")).toBe(false);
  });
});

describe("a base that is none", () => {
  it("is refused with two trousers, asked about with a shirt alone", async () => {
    const client = await clientCalled(page, site, "Ottoline Varga");
    await page.goto(`${site}/clients/${client}/bases/new`);
    await fill(page, "Name of the base", "Not one");
    await press(page, "button", "Navy straight trousers");
    await press(page, "button", "Oyster culottes");
    await press(page, "button", "Lay out base");
    await sees(page, "cannot be worn at once: leave one of them out.");
    await press(page, "button", "Oyster culottes");
    await press(page, "button", "Lay out base");
    await sees(page, "Nothing is worn above the waist");
    await press(page, "button", "Lay out base");
    await page.waitForFunction(() => location.pathname === "/bench");
    expect(errors).toEqual([]);
  });
});
