import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { answers, press, sees, shows } from "../support/browser";
import { browser, client, errors, page, site, useDemoStudio } from "../support/demo-studio";
import { type Downloads, openDownloads } from "../support/downloads";

let downloads: Downloads;
let archive = "";

useDemoStudio({ about: "Ottoline Varga" });

beforeAll(async () => {
  downloads = await openDownloads(browser);
  archive = join(downloads.folder, "ottoline-varga-juxtane.zip");
});

afterAll(() => {
  downloads.close();
});

const record = async () => {
  await page.goto(`${site}/clients/${client}/whole`);
  await answers(page, "section[aria-labelledby=save] button");
};

async function open(file: string): Promise<void> {
  const choose = await page.$("input[type=file]");
  if (!choose) throw new Error("nothing opens a file here");
  await (choose as unknown as { uploadFile: (path: string) => Promise<void> }).uploadFile(file);
}

const itsAddress = () => page.waitForFunction(() => /^\/clients\/[0-9a-f-]{36}$/.test(location.pathname));

describe("a client's record", () => {
  it("is counted, and saved as one file", async () => {
    await record();
    await sees(page, "57 pieces");
    await press(page, "button", "Save the file");
    const bytes = await downloads.nextBytes();
    expect(bytes.subarray(0, 2).toString()).toBe("PK");
    expect(bytes.length).toBeGreaterThan(5_000);
  });

  it("is opened from that file as one more client, with everything of hers", async () => {
    await page.goto(`${site}/clients`);
    await answers(page, "main button");
    await open(archive);
    await itsAddress();
    await sees(page, "Ottoline Varga is here");
    const other = new URL(page.url()).pathname.split("/")[2];
    expect(other).not.toBe(client);
    await page.goto(`${site}/clients/${other}/whole`);
    await sees(page, "57 pieces");
    await page.goto(`${site}/clients/${other}/papers`);
    await sees(page, /of 3 chosen/);
  });

  it("of a file that is not one says so where it was chosen, and nothing comes in", async () => {
    const broken = join(downloads.folder, "broken.zip");
    writeFileSync(
      broken,
      Buffer.concat([readFileSync(archive).subarray(0, 4000), Buffer.alloc(12_000_000, 7)]),
    );
    await page.goto(`${site}/clients`);
    await answers(page, "main button");
    const before = (await page.$$("main li")).length;
    await open(broken);
    // It is longer than anything else that may be sent.
    await sees(page, "This file cannot be opened: it is no archive, or it is damaged.");
    await page.reload();
    expect((await page.$$("main li")).length).toBe(before);
  });

  it("is not sent by a page of another place", async () => {
    for (const type of [
      "text/plain",
      "multipart/form-data; boundary=x",
      "application/x-www-form-urlencoded",
    ]) {
      const answer = await fetch(`${site}/clients/file`, {
        method: "POST",
        headers: { "content-type": type, origin: "https://elsewhere.example" },
        body: "PK",
      });
      expect(answer.status, type).toBe(405);
    }
    const asked = await fetch(`${site}/clients/file`, {
      method: "OPTIONS",
      headers: { origin: "https://elsewhere.example", "access-control-request-method": "POST" },
    });
    expect([asked.status, asked.headers.get("access-control-allow-origin")]).toEqual([405, null]);
  });
});

describe("erasing", () => {
  it("wants the name typed as it stands", async () => {
    await record();
    const erase = "section[aria-labelledby=erase] button";
    expect(await page.$eval(erase, (button) => button.disabled)).toBe(true);
    await page.type("#typed", "Ottoline");
    await press(page, "button", "Erase everything");
    await sees(page, "This is not the name on record");
    await page.reload();
    await sees(page, "57 pieces");
  });

  it("takes her away at once, by keys alone, and stands in the archive with its receipt", async () => {
    await record();
    await page.focus("#typed");
    await page.keyboard.type("Ottoline Varga");
    await page.keyboard.press("Enter");
    await page.waitForFunction(() => location.pathname === "/put-away");
    await sees(page, /Ottoline Varga, erased on .* by Maren Quill/);
    await sees(page, /57 pieces, 10 bases, 5 sets/);
    const cookies = await browser.cookies();
    const answer = await fetch(`${site}/clients/${client}`, {
      headers: { cookie: cookies.map(({ name, value }) => `${name}=${value}`).join("; ") },
    });
    expect(answer.status).toBe(404);
  });

  it("is taken back from there within the hour", async () => {
    await page.goto(`${site}/put-away`);
    await answers(page, "section[aria-labelledby=erased] button");
    await press(page, "button", "Take back: Ottoline Varga");
    await itsAddress();
    expect(new URL(page.url()).pathname).toBe(`/clients/${client}`);
    await record();
    await sees(page, "57 pieces");
    await page.goto(`${site}/put-away`);
    expect(await shows(page, "Ottoline Varga, erased")).toBe(false);
  });

  it("gives a receipt to keep", async () => {
    await record();
    await page.type("#typed", "Ottoline Varga");
    await press(page, "button", "Erase everything");
    await page.waitForFunction(() => location.pathname === "/put-away");
    await answers(page, "section[aria-labelledby=erased] button");
    await page.click("section[aria-labelledby=erased] button");
    const number = await page.$eval(
      "section[aria-labelledby=erased] li",
      (row) => /Receipt ([0-9A-F]{5}-[0-9A-F]{5})/.exec(row.textContent ?? "")?.[1],
    );
    const [name = ""] = await downloads.next(1);
    expect(name).toBe(`receipt-${number?.toLowerCase()}.txt`);
    const text = readFileSync(join(downloads.folder, name), "utf8");
    expect(text).toMatch(
      /^Receipt [0-9A-F-]{11}, Quillmere Studio\nOttoline Varga, erased on .+ by Maren Quill\.\nIt can be taken back until .+\nErased: 15 measures taken, 1 version of the rule book, 57 pieces, /,
    );
  });
});

it("raises no error on the way", () => {
  expect(errors).toEqual([]);
});
