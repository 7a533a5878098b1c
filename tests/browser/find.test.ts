import { beforeAll, describe, expect, it } from "vitest";
import { answers, named, press, sees, shows } from "../support/browser";
import { errors, page, useDemoStudio } from "../support/demo-studio";

useDemoStudio();

beforeAll(async () => {
  await answers(page, "[aria-keyshortcuts]");
});

async function openFinder(): Promise<void> {
  await page.keyboard.down("Control");
  await page.keyboard.press("k");
  await page.keyboard.up("Control");
  await named(page, "dialog", "Find, or go to");
  await page.waitForFunction(() => document.activeElement?.hasAttribute("cmdk-input"));
}

describe("the finder", () => {
  it("opens by Ctrl-K and goes to a piece by a few letters of its name", async () => {
    await openFinder();
    await page.keyboard.type("slate bel");
    await sees(page, "piece, Ottoline Varga");
    await page.keyboard.press("Enter");
    await page.waitForFunction(() => location.pathname.startsWith("/rail/"));
    await sees(page, "Buckle to the first hole");
  });

  it("opens a set on the bench", async () => {
    await openFinder();
    await page.keyboard.type("pewter");
    await sees(page, "set, Ottoline Varga");
    await page.$$eval("[cmdk-item]", (items) =>
      (items.find((each) => each.textContent?.startsWith("Evening, pewter")) as HTMLElement).click(),
    );
    await page.waitForFunction(() => location.pathname === "/bench" && location.search.includes("set="));
    await sees(page, /\d+ to choose from/);
  });

  it("goes to places by keys alone, and closes by Escape", async () => {
    await openFinder();
    await page.keyboard.type("missing");
    await page.waitForFunction(() => document.querySelectorAll("[cmdk-item]").length === 1);
    await page.keyboard.press("Enter");
    await named(page, "heading", "What is missing");
    await openFinder();
    await page.keyboard.press("Escape");
    await page.waitForFunction(() => !document.querySelector("[role='dialog']"));
  });

  it("says when nothing is called that, and opens by a press as well", async () => {
    await press(page, "button", "Find");
    await named(page, "dialog", "Find, or go to");
    await page.keyboard.type("zzyzx");
    await sees(page, "Nothing is called that.");
    expect(await shows(page, "Places and commands")).toBe(false);
    expect(errors).toEqual([]);
  });
});
