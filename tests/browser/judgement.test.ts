import { describe, expect, it } from "vitest";
import { answers, choose, fill, named, press, sees, shows } from "../support/browser";
import { client, errors, page, site, useDemoStudio } from "../support/demo-studio";

useDemoStudio({ about: "Teodor Almasi" });

const scored = () => page.$eval('[title="Score, 0 to 100"]', (node) => Number(node.textContent));

async function openBench(): Promise<void> {
  await page.goto(`${site}/bench?client=${client}`);
  await sees(page, /\d+ to choose from/);
  await answers(page, "#station-shoe");
  // The plates of the stations are drawn once they come in sight: what is pressed has then come to rest.
  await page.waitForSelector("#stations svg");
}

describe("a finding overruled", () => {
  it("stands aside with its reason, and the computed verdict is kept beside", async () => {
    await openBench();
    const before = await scored();
    await press(page, "button", "overrule");
    await fill(page, "Your reason, kept beside the finding", "The choir wears it so.");
    await press(page, "button", "Overrule");
    await sees(page, "Overruled for this look: The choir wears it so.");
    expect(await scored()).toBeGreaterThan(before);
    await sees(page, new RegExp(`computed: \\w+ ${before}`));
  });

  it("is still overruled after the page is opened again, until it is withdrawn", async () => {
    await openBench();
    await sees(page, "Overruled for this look: The choir wears it so.");
    const overruled = await scored();
    await press(page, "button", "withdraw");
    await page.waitForFunction(() => !document.body.innerText.includes("The choir wears it so."));
    expect(await scored()).toBeLessThan(overruled);
    await openBench();
    // The page may be laid out before the withdrawal has arrived: what is on its way is counted in at once.
    await expect.poll(() => shows(page, "The choir wears it so."), { timeout: 10_000 }).toBe(false);
  });

  it("is kept although the page was left before the studio had answered", async () => {
    const reason = "Half way out of the door.";
    await press(page, "button", "overrule");
    await fill(page, "Your reason, kept beside the finding", reason);
    // Nothing reaches the server before the page is left.
    await page.evaluate(() => {
      const never = () => new Promise<Response>(() => undefined);
      window.fetch = never;
    });
    await press(page, "button", "Overrule");
    await sees(page, `Overruled for this look: ${reason}`);
    await openBench();
    await sees(page, `Overruled for this look: ${reason}`);
    await page.waitForFunction(
      () => !Object.keys(localStorage).some((key) => key.startsWith("juxtane.overruling.")),
    );
    await openBench();
    await sees(page, `Overruled for this look: ${reason}`);
    await press(page, "button", "withdraw");
    await page.waitForFunction((text) => !document.body.innerText.includes(text), {}, reason);
  });

  it("cannot be overruled without a reason", async () => {
    await press(page, "button", "overrule");
    const button = await named(page, "button", "Overrule");
    expect(await button.evaluate((node) => (node as HTMLButtonElement).disabled)).toBe(true);
    await press(page, "button", "Cancel");
  });

  it("for always proposes changes of the rule book, each with what it would make of the look", async () => {
    await press(page, "button", "overrule");
    await press(page, "radio", "Always");
    await sees(page, "Change the rule book; every later look is read by it.");
    await sees(page, /Switch this rule off: ".+" then (sings|sits|jars) \d+/);
    const promised = await page.$$eval("form button", (buttons) => {
      const rest = buttons.find((button) => button.textContent?.startsWith("Switch this rule off"));
      rest?.click();
      return Number(/(\d+)$/.exec(rest?.textContent ?? "")?.[1]);
    });
    await page.waitForFunction(
      (score) => Number(document.querySelector('[title="Score, 0 to 100"]')?.textContent) === score,
      {},
      promised,
    );
    await sees(page, /Rule book: Polished, version 2; was \w+ \d+ by version 1/);
  });
});

describe("a rule opened from its finding", () => {
  it("shows its reason, its figures with their defaults, and the way to the rule book", async () => {
    await openBench();
    await press(page, "button", "figures");
    await sees(page, /, default/);
    await press(page, "link", "Polished, version 2: set it otherwise");
    await named(page, "heading", "Teodor Almasi");
    await page.waitForFunction(() => document.querySelector("li details[open]") !== null);
  });
});

describe("the rule book", () => {
  it("shows what another answer would change on one of the client's own looks", async () => {
    await sees(page, /(sings|sits|jars) \d+\s*→\s*(sings|sits|jars) \d+/);
  });

  it("takes a figure, says what its default is, and refuses what is no number", async () => {
    // It is open already where the finding it was opened from was this rule's, and may open just now.
    await page.waitForFunction(() => {
      const rule = document.getElementById("proportion.gap")?.querySelector("details");
      if (rule && !rule.open) rule.querySelector<HTMLElement>("summary")?.click();
      return rule?.open;
    });
    const figure = await page.waitForSelector("[id='proportion.gap'] input[placeholder='5.5']");
    await figure?.type("six");
    await sees(page, "not a number");
    await figure?.click({ count: 3 });
    await figure?.type("6");
    await sees(page, "default 5.5 cm");
    await sees(page, "with changes not kept yet");
  });

  it("is kept as its next version, and an earlier one can be taken up again", async () => {
    await press(page, "button", "Keep");
    await sees(page, "Kept as version 3.");
    await sees(page, "3, Polished,");
    const again = await page.$$eval("button", (buttons) => {
      const found = buttons.filter((button) => button.textContent === "take up again");
      found[found.length - 1]?.click();
      return found.length;
    });
    expect(again).toBe(2);
    await press(page, "button", "Keep");
    await sees(page, "Kept as version 4.");
  });

  it("keeps what was set when the studio cannot be reached", async () => {
    await press(page, "radio", "Street-cut");
    await page.setOfflineMode(true);
    await press(page, "button", "Keep");
    await sees(page, "The studio's server does not answer. What you typed is still here");
    await page.setOfflineMode(false);
    await press(page, "button", "Keep");
    await sees(page, "Kept as version 5.");
  });

  it("of the studio is what a new client starts from", async () => {
    await page.goto(`${site}/rules`);
    await press(page, "radio", "Hushed");
    await press(page, "button", "Keep");
    await sees(page, "Kept as version 2.");
    await page.goto(`${site}/clients/new`);
    const hushed = await named(page, "radio", "Hushed");
    expect(await hushed.evaluate((node) => node.getAttribute("aria-checked"))).toBe("true");
  });
});

describe("the colours of a look", () => {
  it("say what two of them are to one another, in words and figures", async () => {
    await openBench();
    await answers(page, "[aria-label='Figure'] button");
    await page.locator("button ::-p-text(overall)").click();
    await sees(page, "Choose two to hear what they are to one another.");
    for (const at of [0, 1]) {
      const colours = await page.$$("[role='dialog'] li button");
      await colours[at]?.click();
    }
    await page.waitForFunction(() =>
      /(Same|Near miss|Tonal|Neutrals|Neutral \+ colour|Analogous|Contrast|Opposite)\..*colour difference \d/.test(
        document.querySelector("[role='dialog'] [aria-live]")?.textContent ?? "",
      ),
    );
  });

  it("warm under the lamp, in the list and on the figure", async () => {
    const ground = () => page.$eval("[role='dialog'] li button span", (node) => node.style.background);
    const day = await ground();
    await press(page, "radio", "Warm evening light");
    expect(await ground()).not.toBe(day);
    await page.keyboard.press("Escape");
    const lamp = await named(page, "button", "evening");
    expect(await lamp.evaluate((node) => node.getAttribute("aria-pressed"))).toBe("true");
    await lamp.click();
  });
});

describe("levers and surprises", () => {
  it("move the level with one swap, and put it on", async () => {
    await choose(page, "Base", "Moss jacket over grey");
    await sees(page, /\d+ to choose from/);
    await page.keyboard.press("l");
    await named(page, "heading", "Dressier or quieter");
    await sees(page, /The look is [a-z ]+ now/);
    const name = await page.waitForFunction(() => {
      const lever = document.querySelector<HTMLElement>("[role='dialog'] td button");
      const found = lever?.querySelector("span > span")?.textContent;
      lever?.click();
      return found;
    });
    const worn = (await name.jsonValue()) as string;
    await page.waitForFunction(
      (text) =>
        [...document.querySelectorAll("[role='option']")].some((row) => row.textContent?.includes(text)),
      {},
      worn,
    );
  });

  it("ends without an error of its own", () => {
    expect(errors).toEqual([]);
  });
});
