import { describe, expect, it } from "vitest";
import { axeFinds } from "../support/axe";
import { answers, press, sees } from "../support/browser";
import { errors, page, site, useDemoStudio } from "../support/demo-studio";

useDemoStudio({ axe: true });

describe("a piece in one line", () => {
  const plate = () => page.$eval("main svg", (svg) => svg.outerHTML);
  const field = (name: string) =>
    page.$eval(`[id='field-${name}']`, (input) => (input as HTMLInputElement).value || input.textContent);

  it("is drawn and filled in as it is written, and shows which words were understood", async () => {
    await page.goto(`${site}/rail/new`);
    await answers(page, "#one-line");
    const before = await plate();
    await page.type("#one-line", "burgundy laced boots, shaft 18, block heel 5, tan sole, from Lisbon");
    await sees(page, "Kept in the name: Lisbon.");
    expect(await plate()).not.toBe(before);
    expect(await field("piece.name")).toBe("Burgundy laced boots, Lisbon");
    expect(await field("piece.figures.shaft")).toBe("18");
    expect(await field("piece.figures.lift")).toBe("5");
    expect(
      await page.$$eval("[id='one-line-read'] .border-dashed", (all) =>
        all.map(({ textContent }) => textContent),
      ),
    ).toEqual(["Lisbon"]);
    expect(await axeFinds(page)).toEqual([]);
  });

  it("is kept as it was understood", async () => {
    await press(page, "button", "Add piece");
    await page.waitForFunction(() => location.pathname === "/rail");
    await sees(page, "Burgundy laced boots, Lisbon");
    expect(errors).toEqual([]);
  });

  it("says what is still wanted where the line does not say what it is", async () => {
    await page.goto(`${site}/rail/new`);
    await answers(page, "#one-line");
    await page.type("#one-line", "cognac suede");
    await sees(page, "Say what it is: boots, a bag, a scarf.");
  });
});
