import type { Browser, Page } from "puppeteer-core";
import { afterAll, beforeAll } from "vitest";
import { clientCalled, openPage, signIn } from "./browser";
import { openStudio } from "./studio";

/** Where this file's studio is served, without a slash at its end. */
export let site = "";
/** Its database, as the owner of all that stands in it. */
export let ownerUrl = "";
export let browser: Browser;
/** The page that this file looks at, 1280 x 800. */
export let page: Page;
/** What went wrong on that page by itself. */
export let errors: string[];
/** The id of the client that this file is about, where it is about one. */
export let client = "";
/** Serves the same studio from another address too, by so many processes. */
export let servedBy: (processes: number) => Promise<string>;

/**
 * Opens the demo studio on its first day before the tests of a file, and closes it after them. Call it once, at the top of
 * the file: what this module exports holds what was opened from the first `beforeAll` of the file's own on.
 */
export function useDemoStudio({
  signedIn = true,
  about,
  axe = false,
}: {
  readonly signedIn?: boolean;
  /** The name of the client that the file is about. */
  readonly about?: string;
  /** Whether axe is brought into the page, which the application's own policy forbids. */
  readonly axe?: boolean;
} = {}): void {
  let close: () => Promise<void>;

  beforeAll(async () => {
    ({ browser, close, ownerUrl, servedBy, site } = await openStudio());
    ({ errors, page } = await openPage(browser));
    if (axe) await page.setBypassCSP(true);
    if (signedIn) await signIn(page, site);
    if (about !== undefined) client = await clientCalled(page, site, about);
  });

  afterAll(() => close());
}

/** Closes the page and opens another tab of the same browser in its place. */
export async function anotherTab(): Promise<void> {
  await page.close();
  ({ errors, page } = await openPage(browser));
}
