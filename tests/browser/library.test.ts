import { beforeAll, describe, expect, it } from "vitest";
import { answers, fill, named, press, sees, shows } from "../support/browser";
import { browser, client, page, site, useDemoStudio } from "../support/demo-studio";

useDemoStudio({ about: "Ottoline Varga" });

/** The names of the pieces on the line, from the head down. */
const onLine = () =>
  page.$$eval("[aria-label='The set'] [aria-label^='Vary ']", (pieces) =>
    pieces.map((piece) => piece.getAttribute("aria-label")?.slice("Vary ".length) ?? ""),
  );

/** What stands in the builder's field for the name. */
const nameTyped = async () =>
  (await named(page, "textbox", "Name of the set")).evaluate((field) => (field as HTMLInputElement).value);

/** Drags from the middle of one thing to the middle of another, in steps as a hand would. */
async function drag(from: string, to: string): Promise<void> {
  const middle = async (selector: string) => {
    const box = await (await page.$(selector))?.boundingBox();
    if (!box) throw new Error(`${selector} is not to be seen`);
    return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  };
  await page.$eval(from, (node) => node.scrollIntoView({ block: "center" }));
  const [start, end] = [await middle(from), await middle(to)];
  await page.mouse.move(start.x, start.y);
  await page.mouse.down();
  await page.mouse.move(start.x + 12, start.y + 12, { steps: 4 });
  await page.mouse.move(end.x, end.y, { steps: 12 });
  await page.mouse.up();
  // What was dragged comes to rest before the hand can press again.
  await page.waitForFunction(() => !document.querySelector(".cursor-grabbing"));
}

const line = "[aria-label='The set']";

describe("a set built by hand", () => {
  beforeAll(async () => {
    await page.goto(`${site}/sets/build?client=${client}`);
    await answers(page, "[aria-label='Put in Slate belt']");
  });

  it("takes what is dragged to the line or pressed, in order from the head down", async () => {
    await press(page, "button", "Put in Cobalt suede mules");
    await drag("[aria-label='Put in Slate belt']", line);
    await named(page, "button", "Vary Slate belt");
    await press(page, "button", "Put in Navy crescent bag");
    await press(page, "button", "Put in Blue glass drops");
    expect(await onLine()).toEqual([
      "Blue glass drops",
      "Slate belt",
      "Navy crescent bag",
      "Cobalt suede mules",
    ]);
    await sees(page, /by itself (sings|sits|jars) \d+/);
    await sees(page, /serves \d+ of 10 bases/);
  });

  it("lets a piece go that is dragged off the line", async () => {
    await drag("[aria-label='Vary Slate belt']", "[aria-label='Shelf']");
    await page.waitForFunction(() => !document.querySelector("[aria-label='Vary Slate belt']"));
    expect(await onLine()).toHaveLength(3);
  });

  it("offers other pieces in one piece's place, with what the set would be", async () => {
    await press(page, "button", "Vary Navy crescent bag");
    const [best = ""] = await page.$$eval("[aria-label='Variations'] button", (buttons) =>
      buttons.map((button) => button.getAttribute("aria-label") ?? ""),
    );
    const promised = /Put in (.+) instead: by itself (\w+ \d+)/.exec(best);
    await press(page, "button", best);
    await named(page, "button", `Vary ${promised?.[1]}`);
    await sees(page, `by itself ${promised?.[2]}`);
    expect(await onLine()).not.toContain("Navy crescent bag");
  });

  it("is still there when the tab was closed, and can be started over", async () => {
    await fill(page, "Name of the set", "Glass and cobalt");
    const built = await onLine();
    await page.goto("about:blank");
    await page.goto(`${site}/sets/build?client=${client}`);
    await sees(page, "What you were building here is back.");
    expect(await onLine()).toEqual(built);
    expect(await nameTyped()).toBe("Glass and cobalt");
  });

  it("is refused without shoes, in one sentence, and nothing is lost", async () => {
    await press(page, "button", "Take out Cobalt suede mules");
    await press(page, "button", "Keep set");
    await sees(page, "A set needs shoes and at least two more accessories.");
    expect(await page.$eval("main [role='alert']", (said) => said.textContent)).toBe(
      "A set needs shoes and at least two more accessories.",
    );
    expect(await onLine()).toHaveLength(2);
    await press(page, "button", "Put in Cobalt suede mules");
  });

  it("is kept, and stands among the client's sets with its reach", async () => {
    await press(page, "button", "Keep set");
    await named(page, "heading", "Sets");
    await named(page, "heading", "Glass and cobalt");
    await sees(page, /Glass and cobalt\s+\S[^\n]+\.\s+serves \d+ of 10 bases, [a-z ]+; not worn yet/);
  });
});

/** The newest set stands last, and a list is drawn where it is in sight. */
async function toTheLast(set: string) {
  await page.waitForFunction(
    (name) => {
      window.scrollTo(0, document.documentElement.scrollHeight);
      return [...document.querySelectorAll("h2")].some(({ textContent }) => textContent === name);
    },
    { polling: 100 },
    set,
  );
}

describe("a set of the library", () => {
  const within = (set: string, button: string) =>
    page.$$eval(
      `[aria-label='With ${set}'] :is(button, a)`,
      (all, name) => {
        const found = all.find((each) => each.textContent === name);
        if (!found) throw new Error(`there is no ${name}`);
        (found as HTMLElement).click();
      },
      button,
    );

  it("says when it was last worn, from the day it is written down until it is struck out", async () => {
    await within("Glass and cobalt", "Worn today");
    await sees(page, "Glass and cobalt was worn today.");
    const today = new Date().toLocaleDateString("en-GB", { day: "numeric", month: "long" });
    await sees(page, new RegExp(`Glass and cobalt\\s+\\S[^\\n]+\\.\\s+serves[^\\n]+; last worn ${today}`));
    await press(page, "button", "Strike it out");
    await sees(page, /Glass and cobalt\s+\S[^\n]+\.\s+serves[^\n]+; not worn yet/);
  });

  it("is duplicated with one piece varied, and the first stays as it was", async () => {
    await within("Glass and cobalt", "Duplicate and vary");
    await named(page, "heading", "A set for Ottoline Varga");
    expect(await nameTyped()).toBe("Glass and cobalt, varied");
    const before = await onLine();
    await answers(page, "[aria-label='Put in Slate belt']");
    await press(page, "button", "Put in Slate belt");
    await press(page, "button", "Keep set");
    await named(page, "heading", "Sets");
    await toTheLast("Glass and cobalt, varied");
    const plates = (set: string) =>
      page.$$eval(
        "li",
        (rows, name) =>
          [
            ...(rows
              .find((row) => row.querySelector("h2")?.textContent === name)
              ?.querySelectorAll("a[aria-label]") ?? []),
          ]
            .filter((link) => link.getAttribute("href")?.startsWith("/rail/"))
            .map((link) => link.getAttribute("aria-label")),
        set,
      );
    expect(await plates("Glass and cobalt")).toEqual(before);
    expect(await plates("Glass and cobalt, varied")).toHaveLength(before.length + 1);
  });

  it("is changed in place", async () => {
    await within("Glass and cobalt, varied", "Change");
    await named(page, "heading", "Glass and cobalt, varied, changed");
    await fill(page, "Name of the set", "Glass and slate");
    await press(page, "button", "Keep the change");
    await named(page, "heading", "Sets");
    await toTheLast("Glass and slate");
    const headings = await page.$$eval("h2", (all) => all.map((each) => each.textContent));
    expect(headings).not.toContain("Glass and cobalt, varied");
  });

  it("that two change at once is laid before the second as the first left it", async () => {
    await within("Glass and slate", "Change");
    await named(page, "heading", "Glass and slate, changed");
    const first = await browser.newPage();
    await first.goto(page.url());
    await answers(first, "[aria-label='Put in Slate belt']");
    await press(first, "button", "Take out Slate belt");
    await press(first, "button", "Keep the change");
    await first.waitForFunction(() => location.pathname === "/sets");
    await first.close();
    await page.bringToFront();
    await fill(page, "Name of the set", "Slate and glass");
    await press(page, "button", "Keep the change");
    await sees(page, "Somebody else changed this set meanwhile.");
    expect(await onLine()).toContain("Slate belt");
    await press(page, "button", "Take theirs");
    expect(await onLine()).not.toContain("Slate belt");
    expect(await nameTyped()).toBe("Glass and slate");
    await press(page, "button", "Keep the change");
    await named(page, "heading", "Sets");
    await toTheLast("Glass and slate");
  });

  it("is retired, offered no more, and taken up again", async () => {
    await within("Glass and slate", "Retire");
    await sees(page, "Retired (1)");
    await page.goto(`${site}/boards/sets?client=${client}`);
    await sees(page, /\d+ looks read/);
    expect(await shows(page, "Glass and slate")).toBe(false);
    await page.goto(`${site}/sets?client=${client}`);
    await page.waitForSelector("details summary");
    await page.$$eval("summary", (all) => all.find((each) => each.textContent === "Retired (1)")?.click());
    await press(page, "button", "Take up again");
    await named(page, "heading", "Glass and slate");
  });
});
