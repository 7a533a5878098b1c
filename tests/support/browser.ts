import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromiumFlags } from "../../scripts/lib/chromium.mjs";
import puppeteer, { type Browser, type ElementHandle, type Page } from "puppeteer-core";

const patience = 20_000;

/** A Chromium with a fresh profile, as CI starts it. */
export async function openBrowser(): Promise<{ browser: Browser; close: () => Promise<void> }> {
  const profile = mkdtempSync(join(tmpdir(), "juxtane-profile-"));
  const browser = await puppeteer.launch({
    executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
    headless: true,
    userDataDir: profile,
    args: chromiumFlags,
  });
  const close = async () => {
    await browser.close();
    rmSync(profile, { recursive: true, force: true });
  };
  return { browser, close };
}

/** A page of 1280 x 800 that fails the test on an error of its own. */
export async function openPage(browser: Browser): Promise<{ page: Page; errors: string[] }> {
  const page = await browser.newPage();
  const errors: string[] = [];
  await page.setViewport({ width: 1280, height: 800 });
  page.setDefaultTimeout(patience);
  page.on("pageerror", (error) => errors.push(String(error)));
  page.on("console", (message) => {
    if (message.type() === "error" && !/ERR_(INTERNET_DISCONNECTED|CONNECTION|FAILED)/.test(message.text()))
      errors.push(message.text());
  });
  return { page, errors };
}

/** Signs in with the demo's own sign-in. */
export async function signIn(page: Page, base: string): Promise<void> {
  await page.goto(`${base}/sign-in`);
  await press(page, "button", "Sign in");
  await page.waitForFunction(() => location.pathname === "/");
  await named(page, "heading", "Today");
}

/** The id of a client of the studio, by their name. */
export async function clientCalled(page: Page, base: string, name: string): Promise<string> {
  await page.goto(`${base}/clients`);
  const href = await page.$$eval(
    "a",
    (links, wanted) => links.find((link) => link.textContent?.includes(wanted))?.getAttribute("href") ?? "",
    name,
  );
  return href.split("/").pop() ?? "";
}

/** The element of a role and a visible name; waits until it is there. */
export async function named(page: Page, role: string, name: string): Promise<ElementHandle> {
  const found = await page.waitForSelector(`::-p-aria([name="${name}"][role="${role}"])`, {
    timeout: patience,
  });
  if (!found) throw new Error(`there is no ${role} called "${name}"`);
  return found;
}

/** Waits until the page answers to a hand: until then what is drawn is only the server's picture of it. */
export async function answers(page: Page, selector: string): Promise<void> {
  await page.waitForFunction(
    (wanted) => {
      const node = document.querySelector(wanted);
      return node !== null && Object.keys(node).some((key) => key.startsWith("__reactProps"));
    },
    { timeout: patience },
    selector,
  );
}

/** Clicks the element of a role and a name. */
export async function press(page: Page, role: string, name: string): Promise<void> {
  // What comes late from the worker may move a row just then: a hand that missed presses once more.
  for (let tries = 0; tries < 3; tries += 1) if (await pressed(await named(page, role, name))) return;
  throw new Error(`${role} "${name}" moved away from every press`);
}

/** Goes to one of the places of the client whose page is open. */
export async function toPlaceOfClient(page: Page, place: string): Promise<void> {
  const nav = "nav[aria-label^='Places of'] a";
  await answers(page, nav);
  await page.$$eval(
    nav,
    (links, name) => links.find(({ textContent }) => textContent.startsWith(name))?.click(),
    place,
  );
  await page.waitForFunction(
    (at, name) => document.querySelector(`${at}[aria-current='page']`)?.textContent?.startsWith(name),
    {},
    nav,
    place,
  );
}

/**
 * Clicks an element once it has come to rest: what still slides in is missed.
 * @returns false where it moved away from the press and nothing came of it
 */
async function pressed(element: ElementHandle): Promise<boolean> {
  await element.evaluate((node) => node.scrollIntoView({ block: "center" }));
  const at = await element.evaluate(
    (node) =>
      new Promise<string>((rests) => {
        let last = "";
        const look = () => {
          const { x, y } = node.getBoundingClientRect();
          if (`${x} ${y}` === last) {
            rests(last);
            return;
          }
          last = `${x} ${y}`;
          requestAnimationFrame(look);
        };
        look();
        node.addEventListener("click", () => node.setAttribute("data-pressed", ""), {
          once: true,
          capture: true,
        });
      }),
  );
  await element.click();
  // Of a page that was left by it nothing can be asked: there it arrived.
  return element
    .evaluate((node, before) => {
      const { x, y } = node.getBoundingClientRect();
      return node.hasAttribute("data-pressed") || `${x} ${y}` === before;
    }, at)
    .catch(() => true);
}

/** Types into the field of a label, in place of what stands there. */
export async function fill(page: Page, label: string, text: string): Promise<void> {
  const field = await named(page, "textbox", label);
  await field.click({ count: 3 });
  await page.keyboard.press("Backspace");
  await field.type(text);
}

/** Chooses an option of a labelled list by its text. */
export async function choose(page: Page, label: string, option: string): Promise<void> {
  const list = await named(page, "combobox", label);
  if (await list.evaluate((node) => node.tagName !== "SELECT")) {
    await opened(list);
    await press(page, "option", option);
    return;
  }
  const value = await list.evaluate((node, text) => {
    const options = [...(node as unknown as HTMLSelectElement).options];
    return options.find((entry) => entry.text.trim() === text)?.value;
  }, option);
  if (value === undefined) throw new Error(`${label} does not offer "${option}"`);
  await (list as ElementHandle<HTMLSelectElement>).select(value);
}

/** Opens a list; what comes late from the worker may move it away from the press, which is then made again. */
async function opened(list: ElementHandle): Promise<void> {
  for (let tries = 0; tries < 5; tries += 1) {
    await pressed(list);
    if (await list.evaluate((node) => node.getAttribute("aria-expanded") === "true")) return;
  }
  throw new Error("the list does not open");
}

/** Waits until a text is seen on the page. */
export async function sees(page: Page, text: string | RegExp): Promise<void> {
  const source = typeof text === "string" ? text.replace(/[.*+?^${}()|[\]\\]/g, "\\$&") : text.source;
  await page
    .waitForFunction(
      (pattern) => new RegExp(pattern).test(document.body.innerText),
      { timeout: patience },
      source,
    )
    .catch(() => {
      throw new Error(`"${source}" is not to be seen`);
    });
}

/** Whether a text is on the page now. */
export function shows(page: Page, text: string): Promise<boolean> {
  return page.evaluate((wanted) => document.body.innerText.includes(wanted), text);
}
