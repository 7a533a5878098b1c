import { describe, expect, it } from "vitest";
import { answers, press, sees } from "../support/browser";
import { browser, client, errors, page, site, useDemoStudio } from "../support/demo-studio";

let path = "";

useDemoStudio({ about: "Ottoline Varga" });

/** A page of somebody who is not signed in, as a phone shows it. */
async function stranger({ script }: { readonly script: boolean }) {
  const apart = await browser.createBrowserContext();
  const phone = await apart.newPage();
  await phone.setViewport({ width: 360, height: 740, hasTouch: true, isMobile: true });
  await phone.setJavaScriptEnabled(script);
  return phone;
}

describe("a private link", () => {
  it("is made of the looks that are chosen, with a greeting, and waits in the outbox", async () => {
    await page.goto(`${site}/clients/${client}/papers`);
    await answers(page, "#content [aria-pressed]");
    await page.click("#content [aria-pressed]");
    await sees(page, "2 of 3 chosen");
    await page.type("#link-greeting", "Dear Ottoline, two for the tour.");
    await page.type("#link-recipient", "ottoline@client.example");
    await press(page, "button", "Make the link");
    await sees(page, /2 looks, until/);
    await sees(page, "not opened yet");
    await page.click("#links ~ * details summary, section[aria-labelledby=links] details summary");
    await sees(page, "To ottoline@client.example");
    path = await page.$eval('a[href^="/for/"]', (link) => link.getAttribute("href") ?? "");
    expect(path).toMatch(/^\/for\/[\w-]{22}$/);
  });

  it("is read without script on a phone, asks not to be found, and tells nobody where it was", async () => {
    const phone = await stranger({ script: false });
    await phone.goto(site + path);
    const text = await phone.$eval("main", (main) => main.textContent);
    expect(text).toContain("Dear Ottoline, two for the tour.");
    expect(text).toContain("Night train to the coast");
    expect(
      await phone.$$eval("article", (all) => all.map((one) => one.querySelectorAll("svg").length > 3)),
    ).toEqual([true, true]);
    const heads = await phone.$$eval("meta", (all) =>
      all.map((meta) => `${meta.getAttribute("name")}=${meta.getAttribute("content")}`),
    );
    expect(heads.join(" ")).toMatch(/robots=noindex, nofollow, noarchive/);
    expect(heads.join(" ")).toContain("referrer=no-referrer");
    const over = await phone.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    expect(over).toBeLessThanOrEqual(0);
    // Neither what was not chosen, nor the client's figures.
    const whole = await phone.content();
    expect(whole).not.toContain("Navy straights");
    expect(whole).not.toMatch(/underbust|measured\\?":|ruleBook/);
    await phone.close();
  });

  it("is answered, and the answer changed; both are seen by the studio", async () => {
    const phone = await stranger({ script: true });
    await phone.goto(site + path);
    await answers(phone, "article form button");
    const [form] = await phone.$$("article form");
    const yes = await form?.$("::-p-text(Yes)");
    await yes?.click();
    await form?.$("textarea").then((line) => line?.type("The mules, please."));
    await form?.$("button[type=submit]").then((send) => send?.click());
    await sees(phone, "your answer has arrived");
    await phone.reload();
    expect(await phone.$eval("article textarea", (line) => line.value)).toBe("The mules, please.");
    await phone.close();

    await page.goto(site);
    await sees(page, "Yes to the planetarium lecture: \u201cThe mules, please.\u201d");
    await answers(page, 'a[href*="&look="]');
    await page.click('::-p-xpath(//li[contains(., "The mules")]//a)');
    await sees(page, "Ottoline Varga: Yes to this look: \u201cThe mules, please.\u201d");
    await page.goto(`${site}/clients/${client}/journal`);
    await sees(page, "The mules, please.");
    await page.goto(`${site}/clients/${client}/papers`);
    await sees(page, "Answered: yes");
    await sees(page, /opened on/);
  });

  it("keeps what is typed and not sent yet, though the page is closed", async () => {
    const phone = await stranger({ script: true });
    await phone.goto(site + path);
    await answers(phone, "article form button");
    const [, second] = await phone.$$("article form");
    await second?.$("textarea").then((line) => line?.type("Let me think"));
    await phone.reload();
    await answers(phone, "article form button");
    const lines = await phone.$$eval("article textarea", (all) => all.map(({ value }) => value));
    expect(lines).toEqual(["The mules, please.", "Let me think"]);
    await phone.close();
  });

  it("opens nothing once it is ended", async () => {
    await answers(page, "#content [aria-pressed]");
    await press(page, "button", "End it");
    await sees(page, /, ended/);
    const phone = await stranger({ script: true });
    await phone.goto(site + path);
    await sees(phone, "This link does not hold");
    expect(await phone.$$("article")).toHaveLength(0);
    await phone.close();
  });

  it("met no error on the way", () => expect(errors).toEqual([]));
});
