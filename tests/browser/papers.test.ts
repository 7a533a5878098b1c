import { execFileSync } from "node:child_process";
import { mkdtempSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import sharp from "sharp";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { answers, press, sees } from "../support/browser";
import { browser, client, errors, page, site, useDemoStudio } from "../support/demo-studio";
import { type Downloads, openDownloads } from "../support/downloads";

let downloads: Downloads;
const printed = mkdtempSync(join(tmpdir(), "juxtane-printed-"));

useDemoStudio({ about: "Ottoline Varga" });

beforeAll(async () => {
  downloads = await openDownloads(browser);
});

afterAll(() => {
  rmSync(printed, { recursive: true, force: true });
  downloads.close();
});

const textOf = (file: string) =>
  execFileSync("pdftotext", [file, "-"], { encoding: "utf8" }).replace(/\s+/g, " ");

/** A button by its label, for those who hear it. */
const labelled = (label: string) =>
  page.waitForSelector(`[aria-label="${label}"]`).then((found) => found?.click());

describe("handing over", () => {
  it("chooses looks, and opens their cards with them alone", async () => {
    await page.goto(`${site}/clients/${client}/papers`);
    await answers(page, "#content [aria-pressed]");
    await sees(page, "3 of 3 chosen");
    await press(page, "button", "Choose none");
    await sees(page, "0 of 3 chosen");
    await page.click("#content [aria-pressed]");
    await sees(page, "1 of 3 chosen");
    await labelled("Open the look cards");
    await page.waitForFunction(() => location.pathname.endsWith("/papers/look-cards"));
    await page.waitForSelector(".paper-sheet svg");
    expect(await page.$$eval(".paper-sheet", (sheets) => sheets.length)).toBe(1);
    await sees(page, "The clothes");
  });

  it("prints the sheets of a paper and nothing else, each on its own half sheet", async () => {
    await page.goto(`${site}/clients/${client}/papers/look-cards?sheet=a5`);
    await page.waitForSelector(".paper-sheet svg");
    const file = join(printed, "cards.pdf");
    writeFileSync(file, await page.pdf({ preferCSSPageSize: true }));
    const info = execFileSync("pdfinfo", [file], { encoding: "utf8" });
    expect(info).toMatch(/Page size:\s+4(19|20)(\.\d+)? x 59[45]/);
    expect(info).toMatch(/Pages:\s+3\b/);
    expect(textOf(file)).not.toMatch(/Back to hand over|Sign out/);
    expect(textOf(file)).toContain("Why it goes together");
  });

  it("saves a lookbook as a PDF, and says meanwhile how far it has come", async () => {
    await page.goto(`${site}/clients/${client}/papers`);
    await answers(page, "#content [aria-pressed]");
    await labelled("Save as PDF: lookbook");
    await sees(page, /Drawing \d of 6 \.\.\./);
    await page.waitForSelector('[aria-label="Save as PDF: lookbook"]');
    expect(await downloads.next(1)).toEqual(["ottoline-varga-lookbook.pdf"]);
    const file = join(downloads.folder, "ottoline-varga-lookbook.pdf");
    expect(textOf(file)).toContain("By Quillmere Studio");
    rmSync(file);
  });

  it("stops where it is told to, and leaves no file", async () => {
    await labelled("Save as PDF: lookbook");
    await press(page, "button", "Stop");
    await page.waitForSelector('[aria-label="Save as PDF: lookbook"]');
    await new Promise((resolve) => setTimeout(resolve, 1500));
    expect(readdirSync(downloads.folder)).toEqual([]);
  });

  it("saves a picture of each look as a phone shows it", async () => {
    await page.goto(`${site}/clients/${client}/papers`);
    await answers(page, "#content [aria-pressed]");
    await press(page, "button", "Save the pictures");
    await sees(page, "3 pictures are saved.");
    for (const name of await downloads.next(3)) {
      const file = join(downloads.folder, name);
      const { width, height, format } = await sharp(file).metadata();
      expect([width, height, format]).toEqual([1080, 1920, "png"]);
      // A figure on its ground: neither empty nor one patch.
      const { channels } = await sharp(file)
        .extract({ left: 60, top: 400, width: 640, height: 1400 })
        .stats();
      for (const { stdev } of channels.slice(0, 3)) expect(stdev).toBeGreaterThan(30);
    }
  });

  it("saves a set and a piece as drawings of their own", async () => {
    await page.goto(`${site}/sets?client=${client}`);
    await answers(page, "#content [role=group] button");
    await press(page, "button", "Save the drawing (SVG)");
    const drawing = (await downloads.nextBytes()).toString("utf8");
    expect(drawing.match(/<title>[^<]+<\/title>/g)?.length).toBeGreaterThan(2);
    expect(drawing).not.toMatch(/var\(|<image|<script/);
    const { width, height } = await sharp(Buffer.from(drawing)).metadata();
    expect(width).toBeGreaterThan(height);
  });

  it("hands the card of a tied scarf over from its own page", async () => {
    await page.goto(`${site}/rail?client=${client}&find=${encodeURIComponent("silk square")}`);
    const scarf = await page.waitForSelector('#content tbody a[href^="/rail/"]');
    const href = (await scarf?.evaluate((link) => link.getAttribute("href"))) ?? "";
    await page.goto(`${site}${href}/scarf?client=${client}`);
    await answers(page, "#card + span a");
    await page.click("#card + span a");
    await page.waitForFunction(() => location.pathname.endsWith("/papers/scarf-card"));
    await sees(page, "Lay it flat");
  });
});

describe("the address of a PDF", () => {
  const ask = (path: string) =>
    page.evaluate(async (to) => {
      const answer = await fetch(to);
      return {
        status: answer.status,
        type: answer.headers.get("content-type"),
        words: (await answer.text()).slice(0, 200),
      };
    }, `${site}/clients/${path}`);

  it("answers with the whole file where nobody asks how far it has come", async () => {
    const { status, type, words } = await ask(`${client}/papers/packing-list/pdf`);
    expect([status, type]).toEqual([200, "application/pdf"]);
    expect(words).toMatch(/^%PDF-/);
  });

  it.each([
    ["papers/hat-list/pdf", /^Paper must be one of look-cards, lookbook/],
    ["papers/lookbook/pdf?sheet=a3", /^Sheet must be one of a5, phone/],
    ["papers/lookbook/pdf?looks=one,two", /^Look does not name anything on record\./],
    [
      "papers/scarf-card/pdf?scarf=x&tie=%7B",
      /^Scarf does not name anything on record\. Tie must be an object\./,
    ],
  ])("%s is refused in a sentence", async (path, say) => {
    const { status, words } = await ask(`${client}/${path}`);
    expect(status).toBe(400);
    expect(words).toMatch(say);
    // The browser tells of each answer that is a refusal.
    errors.length = 0;
  });

  it("is nobody's where there is no such client, or nobody is signed in", async () => {
    expect((await ask("00000000-0000-4000-8000-000000000000/papers/lookbook/pdf")).status).toBe(404);
    errors.length = 0;
    const stranger = await fetch(`${site}/clients/${client}/papers/lookbook/pdf`, { redirect: "manual" });
    expect(stranger.status).toBe(307);
    expect(stranger.headers.get("location")).toContain("/sign-in");
  });
});

it("met no error on the way", () => expect(errors).toEqual([]));
