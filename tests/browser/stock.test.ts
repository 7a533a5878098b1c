import { beforeAll, describe, expect, it } from "vitest";
import { answers, clientCalled, fill, named, press, sees, shows } from "../support/browser";
import { client, errors, page, site, useDemoStudio } from "../support/demo-studio";

useDemoStudio({ about: "Ottoline Varga" });

describe("templates", () => {
  it("fill a first stock from the client's pieces, and say what is missing", async () => {
    await page.goto(`${site}/sets/stock?client=${await clientCalled(page, site, "Teodor Almasi")}`);
    await sees(page, /\d of \d templates are filled\./);
    for (const name of ["Off duty", "Work", "Evening, quiet", "Weather", "Ceremony", "On stage, hands free"])
      await named(page, "heading", name);
    await sees(page, "Missing: earrings at home between polished smart and dressy.");
  });

  it("are kept as sets of that client, each under its name", async () => {
    await fill(page, "Name of the set for Work", "Rehearsal room");
    await page.$$eval("li form", (forms) => forms[1]?.requestSubmit());
    await sees(page, "Kept as Rehearsal room.");
    await press(page, "link", "Back to the sets");
    await named(page, "heading", "Rehearsal room");
  });

  it("are made of a set, and then fill themselves for another client", async () => {
    await page.goto(`${site}/sets?client=${client}`);
    await named(page, "heading", "Evening, pewter");
    await page.$$eval("[aria-label='With Evening, pewter'] button", (all) =>
      all.find((each) => each.textContent === "Make a template")?.click(),
    );
    await sees(page, "Evening, pewter is a template now: it fills itself for any client.");
    await page.goto(`${site}/sets/stock?client=${await clientCalled(page, site, "Ingrid Haldane")}`);
    await sees(page, /\d of 7 templates are filled\./);
    await named(page, "heading", "Evening, pewter");
  });
});

describe("a client's gap list", () => {
  beforeAll(async () => {
    await page.goto(`${site}/boards/gaps?client=${client}`);
    await sees(page, /missing pieces were tried on them\./);
  });

  it("takes a missing piece with what it opens, a note and a budget", async () => {
    const say = await page.$eval("[aria-label^='Put on the list: ']", (button) =>
      (button.getAttribute("aria-label") ?? "").slice("Put on the list: ".length),
    );
    await press(page, "button", `Put on the list: ${say}`);
    await sees(page, "on the list");
    expect(await shows(page, "missing pieces were tried on them.")).toBe(true);
    await fill(page, `Note on ${say}`, "no buckle to catch the lectern");
    // Kept after a pause in typing, though the field was never left.
    await page.waitForFunction(() =>
      [...document.querySelectorAll("[role='status']")].some(({ textContent }) => textContent === "kept"),
    );
    await page.goto("about:blank");
    await page.goto(`${site}/boards/gaps?client=${client}`);
    const note = await named(page, "textbox", `Note on ${say}`);
    expect(await note.evaluate((field) => (field as HTMLInputElement).value)).toBe(
      "no buckle to catch the lectern",
    );
    await answers(page, "[aria-label^='Budget for ']");
    await fill(page, `Budget for ${say}`, "64.50");
    await page.keyboard.press("Tab");
    await sees(page, "budget 149.5 for 2 of 2");
    await page.reload();
    await sees(page, "budget 149.5 for 2 of 2");
    expect(await shows(page, `Put on the list: ${say}`)).toBe(false);
  });

  it("refuses a budget that is none, and keeps what is typed", async () => {
    const label = await page.$eval("input[aria-label^='Budget for ']", (field) => field.ariaLabel ?? "");
    await fill(page, label, "a lot");
    await page.keyboard.press("Tab");
    await sees(page, "Budget must be a number");
    expect(await page.$eval(`input[aria-label='${label}']`, (field) => field.value)).toBe("a lot");
    await fill(page, label, "85");
    await page.keyboard.press("Tab");
  });

  it("prints alone", async () => {
    await page.emulateMediaType("print");
    expect(await page.$eval("[aria-label='What is missing']", (part) => part.checkVisibility())).toBe(false);
    const list = await page.$("section[aria-labelledby='gap-list']");
    expect(await list?.evaluate((part) => part.checkVisibility())).toBe(true);
    await page.emulateMediaType("screen");
    expect(errors).toEqual([]);
  });
});
