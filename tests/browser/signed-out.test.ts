import { beforeAll, describe, expect, it } from "vitest";
import { isOn, putOn } from "../support/bench";
import { fill, named, press, sees, shows } from "../support/browser";
import { browser, page, site, useDemoStudio } from "../support/demo-studio";

let demo: { readonly email: string; readonly password: string };

useDemoStudio();

beforeAll(() => {
  demo = JSON.parse(process.env.TEST_DEMO_SIGN_IN ?? "") as typeof demo;
});

/** The session ends while the page stands open. */
const endSession = () => browser.deleteMatchingCookies({ name: "juxtane", url: site });

async function signInBeside(password: string): Promise<void> {
  await named(page, "dialog", "You are signed out");
  await fill(page, "Email", demo.email);
  await fill(page, "Password", password);
  await press(page, "button", "Sign in");
}

describe("a session that ends", () => {
  it("leaves the form as it is; one signs in beside it, and what was asked goes on by itself", async () => {
    await page.goto(`${site}/rail/new`);
    await fill(page, "Name", "Harbour boot");
    await endSession();
    await press(page, "button", "Add piece");
    await signInBeside("not-the-password");
    await sees(page, "Email and password do not fit together.");
    await fill(page, "Password", demo.password);
    await press(page, "button", "Sign in");
    await page.waitForFunction(() => location.pathname === "/rail");
    await sees(page, "Harbour boot");
  });

  it("stays ended where nobody signs in: the form says so, and keeps what was typed", async () => {
    await page.goto(`${site}/rail/new`);
    await fill(page, "Name", "Lantern clutch");
    await endSession();
    await press(page, "button", "Add piece");
    await named(page, "dialog", "You are signed out");
    await page.keyboard.press("Escape");
    await sees(page, "You are signed out. What you typed is still here: sign in, and go on.");
    const name = await named(page, "textbox", "Name");
    expect(await name.evaluate((node) => (node as unknown as HTMLInputElement).value)).toBe("Lantern clutch");
    await press(page, "button", "Add piece");
    await signInBeside(demo.password);
    await page.waitForFunction(() => location.pathname === "/rail");
    await sees(page, "Lantern clutch");
  });

  it("does not stop the bench: the look waits, and is kept once somebody has signed in", async () => {
    await page.goto(`${site}/bench`);
    await page.waitForSelector("#station-shoe");
    await sees(page, /\d+ to choose from/);
    await endSession();
    await page.keyboard.press("t");
    await signInBeside(demo.password);
    await page.waitForFunction(() => document.querySelector('[role="status"]')?.textContent === "kept");
    expect(await shows(page, "You are signed out")).toBe(false);
    await putOn(page, "belt", "belt");
    await isOn(page, "belt", "belt");
  });
});
