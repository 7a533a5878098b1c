import { Secret, TOTP } from "otpauth";
import type { Page } from "puppeteer-core";
import { beforeAll, describe, expect, it } from "vitest";
import { answers, choose, clientCalled, fill, named, signIn, press, sees, shows } from "../support/browser";
import { browser, errors, page as owner, site, useDemoStudio } from "../support/demo-studio";

/** Somebody else's browser: nothing of the owner's is in it. */
let guest: Page;

useDemoStudio();

beforeAll(async () => {
  const apart = await browser.createBrowserContext();
  guest = await apart.newPage();
  guest.setDefaultTimeout(20_000);
  await guest.setViewport({ width: 1280, height: 800 });
});

const password = "copper-lantern-ferry";

describe("a studio's members", () => {
  it("are invited by a link that holds once", async () => {
    await owner.goto(`${site}/members`);
    await fill(owner, "Email", "nova@quillmere.example");
    await choose(owner, "Role", "Assistant");
    await press(owner, "button", "Make the link");
    await sees(owner, "Send this link; it holds once, and for a week:");
    const link = await owner.$eval("code", (node) => node.textContent ?? "");
    await guest.bringToFront();
    await guest.goto(link);
    await sees(guest, "Quillmere Studio invites you");
    await fill(guest, "Your name", "Nova Lind");
    await fill(guest, "Password", password);
    await press(guest, "button", "Join");
    await named(guest, "heading", "Today");
    await guest.goto(link);
    await sees(guest, "This invitation does not hold any more");
  });

  it("are offered what their role may do, and told who may do the rest", async () => {
    const client = await clientCalled(guest, site, "Ottoline Varga");
    await guest.goto(`${site}/clients/${client}/figures`);
    await sees(guest, "Only an owner or a stylist may record clients and their measures.");
    expect(await guest.$$("::-p-aria([name='Archive'][role='button'])")).toEqual([]);
    await guest.goto(`${site}/clients/${client}/rules`);
    await sees(guest, "Only an owner or a stylist may overrule a rule, and change a client's rule book.");
    await guest.goto(`${site}/members`);
    await sees(guest, "Who works here");
    expect(await shows(guest, "Invite somebody")).toBe(false);
    expect(await shows(guest, "Who changed what")).toBe(false);
    await guest.goto(`${site}/rail/new`);
    await fill(guest, "Name", "Nova's clutch");
    await press(guest, "button", "Add piece");
    await sees(guest, "Nova's clutch");
  });

  it("are seen to have changed what they changed", async () => {
    await owner.bringToFront();
    await owner.goto(`${site}/members`);
    await sees(owner, /Nova Lind\s+added piece Nova's clutch/);
    const file = await owner.evaluate(async () => {
      const answer = await fetch("/members/changes.csv");
      return { type: answer.headers.get("content-type"), text: await answer.text() };
    });
    expect(file.type).toBe("text/csv; charset=utf-8");
    expect(file.text).toMatch(/Nova Lind,added,pieces,Nova's clutch/);
    const status = await guest.evaluate(async () => (await fetch("/members/changes.csv")).status);
    expect(status).toBe(403);
  });

  it("have another role with the next page, and are out with the next page once they are removed", async () => {
    await choose(owner, "Role of Nova Lind", "stylist");
    await owner.waitForFunction(() => !document.querySelector("[aria-busy='true']"));
    const client = await clientCalled(guest, site, "Ottoline Varga");
    await expect
      .poll(async () => {
        await guest.goto(`${site}/clients/${client}/figures`);
        return shows(guest, "Only an owner or a stylist");
      })
      .toBe(false);
    await press(owner, "button", "Remove Nova Lind");
    await owner.waitForFunction(() => !document.body.textContent.includes("Remove Nova Lind"));
    await expect
      .poll(async () => {
        await guest.goto(`${site}/clients`);
        return new URL(guest.url()).pathname;
      })
      .toBe("/sign-in");
    expect(errors).toEqual([]);
  });
});

describe("one's own account", () => {
  it("shows where one is signed in, and signs out there", async () => {
    const elsewhere = await browser.createBrowserContext();
    const other = await elsewhere.newPage();
    await signIn(other, site);
    await owner.bringToFront();
    await owner.goto(`${site}/members`);
    await press(owner, "button", "Sign out everywhere but here");
    await owner.waitForFunction(() => !document.body.textContent.includes("Sign out everywhere but here"));
    await other.goto(`${site}/clients`);
    expect(new URL(other.url()).pathname).toBe("/sign-in");
    await elsewhere.close();
  });

  it("changes its password, weak ones refused, and stays signed in here", async () => {
    const { password: old } = JSON.parse(process.env.TEST_DEMO_SIGN_IN ?? "") as { password: string };
    await owner.goto(`${site}/members`);
    await fill(owner, "Password now", old);
    await fill(owner, "New password", "1234567890");
    await press(owner, "button", "Change it");
    await sees(owner, /This would soon be guessed\./);
    await fill(owner, "New password", password);
    await press(owner, "button", "Change it");
    await sees(owner, "The new password holds.");
    await owner.goto(`${site}/clients`);
    await named(owner, "heading", "Clients");
  });

  it("sets up a second step, is asked for a code of it, and can give it up again", async () => {
    await owner.bringToFront();
    await owner.goto(`${site}/members`);
    await answers(owner, "#second-step");
    await press(owner, "button", "Set it up");
    await named(owner, "dialog", "A code from your phone");
    const secret = await owner.$eval('a[href^="otpauth:"]', (link) =>
      new URL(link.getAttribute("href") ?? "").searchParams.get("secret"),
    );
    const codeAt = (turns: number) =>
      new TOTP({ secret: Secret.fromBase32(secret ?? "") }).generate({
        timestamp: Date.now() + turns * 30_000,
      });
    // Of the half minute before, so that the codes that are typed next are later ones.
    await fill(owner, "The six digits now", codeAt(-1));
    await fill(owner, "Your password", password);
    await press(owner, "button", "Ask for it from now on");
    await named(owner, "dialog", "Spare codes");
    const [spare = ""] = await owner.$$eval('[role="dialog"] li', (all) =>
      all.map((code) => code.textContent),
    );
    await press(owner, "button", "I have written them down");
    await sees(owner, "8 spare codes are left.");

    const inTurn = async (code: string) => {
      await press(owner, "button", "Sign out");
      await named(owner, "heading", "Sign in to your studio");
      await fill(owner, "Email", "desk@quillmere.example");
      await fill(owner, "Password", password);
      expect(await shows(owner, "Code")).toBe(false);
      await press(owner, "button", "Sign in");
      await sees(owner, "Now the code that your phone shows for Juxtane.");
      await fill(owner, "Code", code);
      await press(owner, "button", "Sign in");
    };
    await inTurn("000 000");
    await sees(owner, "This code does not fit, or has been used. Wait for the next one.");
    await fill(owner, "Code", codeAt(0));
    await press(owner, "button", "Sign in");
    await named(owner, "heading", "Today");
    await inTurn(spare);
    await named(owner, "heading", "Today");

    await owner.goto(`${site}/members`);
    await sees(owner, "7 spare codes are left.");
    await answers(owner, "#second-step");
    await press(owner, "button", "Give it up");
    await fill(owner, "Your password", password);
    await (await owner.$('[role="dialog"] button[type="submit"]'))?.click();
    await sees(owner, "A code from an app on your phone, asked for beside the password");
  });

  it("that forgot its password is told the same whether it is known or not", async () => {
    await guest.bringToFront();
    for (const email of ["desk@quillmere.example", "nobody@nowhere.example"]) {
      await guest.goto(`${site}/sign-in`);
      await press(guest, "link", "Forgotten your password?");
      await named(guest, "heading", "A new password");
      await fill(guest, "Email", email);
      await press(guest, "button", "Send the link");
      await sees(guest, "If somebody works here under this address, a letter is on its way");
    }
    await guest.goto(`${site}/password/nothing-that-was-ever-sent`);
    await fill(guest, "New password", password);
    await press(guest, "button", "Set it");
    await sees(guest, "This link does not hold any more: ask for a new one.");
  });
});
