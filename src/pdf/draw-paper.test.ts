import { execFileSync } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import sharp from "sharp";
import { afterAll, describe, expect, it } from "vitest";
import { parseBundle } from "@/core/formats/bundle";
import { paperKinds, sheetNames, type PaperKind, type SheetName } from "@/core/studio/paper-source";
import { paperSourceOf } from "@/core/testing/paper-source";
import { buildPaper } from "@/ui/papers/parts/build";
import { drawPaper } from "./draw-paper";
import { sheets } from "./sheets";

const folder = mkdtempSync(join(tmpdir(), "juxtane-papers-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const bundleOf = (name: string) => parseBundle(readFileSync(`demo/${name}.bundle.json`, "utf8"));
const ottoline = paperSourceOf(bundleOf("ottoline-varga"));
const file = join(folder, "paper.pdf");

async function drawn(kind: PaperKind, sheet: SheetName, source = ottoline) {
  const told: string[] = [];
  const pdf = await drawPaper(buildPaper(kind, source), sheet, process.cwd(), (at, of) =>
    told.push(`${at} of ${of}`),
  );
  writeFileSync(file, pdf);
  return { pdf, told };
}

/** What a program of poppler's says of the paper that was drawn last. */
const ask = (program: string, ...options: readonly string[]) =>
  execFileSync(program, [...options, file, ...(program === "pdftotext" ? ["-"] : [])], { encoding: "utf8" });
const text = () => ask("pdftotext", "-layout").replace(/\s+/g, " ");
const pages = () => Number(/Pages:\s+(\d+)/.exec(ask("pdfinfo"))?.[1]);

describe("every paper", () => {
  it.each(paperKinds.flatMap((kind) => sheetNames.map((sheet) => [kind, sheet] as const)))(
    "%s on %s has its own size, embedded fonts and no picture",
    async (kind, sheet) => {
      await drawn(kind, sheet);
      const { width, height } = sheets[sheet];
      const size = /Page size:\s+([\d.]+) x ([\d.]+)/.exec(ask("pdfinfo"));
      expect(Number(size?.[1])).toBeCloseTo(width, 0);
      expect(Number(size?.[2])).toBeCloseTo(height, 0);
      const fonts = ask("pdffonts").trim().split("\n").slice(2);
      expect(fonts.length).toBeGreaterThan(1);
      for (const font of fonts) expect(font).toMatch(/^\S+\+(Newsreader|PublicSans)\S* .* yes yes yes /);
      expect(ask("pdfimages", "-list").trim().split("\n").slice(2)).toEqual([]);
      expect(text()).toContain("Ottoline Varga");
    },
  );
});

describe("a lookbook", () => {
  it("has a cover, contents with the right pages, the looks by occasion, the sets with their reach, and care", async () => {
    const { told } = await drawn("lookbook", "a5");
    expect(told.at(-1)).toBe(`${told.length} of ${told.length}`);
    const page = (number: number) =>
      ask("pdftotext", "-layout", "-f", String(number), "-l", String(number)).replace(/\s+/g, " ");
    expect(page(1)).toContain("By Quillmere Studio, 24 November 2026");
    const contents = page(2);
    for (const { base } of ottoline.looks) {
      const number = Number(new RegExp(`${base.name} (\\d+)`).exec(contents)?.[1]);
      expect(page(number)).toContain("The clothes");
    }
    expect(contents).toMatch(/For the planetarium lecture .* For the night train to the coast/);
    const setsPage = Number(/Sets (\d+)/.exec(contents)?.[1]);
    expect(page(setsPage)).toMatch(/Goes with \d+ of 10 outfits, /);
    expect(page(pages())).toMatch(/suede mules: brush when dry, and keep out of rain/);
  });

  it("says of a look what is worn, why it goes together and what to mind", async () => {
    await drawn("look-cards", "a5");
    expect(pages()).toBe(3);
    expect(text()).toMatch(/The cobalt suede mules and the blue glass drops pick up one another.s blue\./);
    expect(text()).toContain("Mind At 7 °C this outfit is too cold by");
  });

  it("shows the figure in the colours of the clothes", async () => {
    await drawn("look-cards", "a5");
    execFileSync("pdftoppm", ["-r", "72", "-png", "-f", "1", "-l", "1", file, join(folder, "page")]);
    const { data, info } = await sharp(join(folder, "page-1.png"))
      .extract({ left: 34, top: 90, width: 170, height: 300 })
      .removeAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    const near = (hex: string) => {
      const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
      let count = 0;
      for (let at = 0; at < data.length; at += info.channels)
        if (
          Math.abs((data[at] ?? 0) - r) +
            Math.abs((data[at + 1] ?? 0) - g) +
            Math.abs((data[at + 2] ?? 0) - b) <
          30
        )
          count += 1;
      return count / (info.width * info.height);
    };
    for (const { swatches, kind } of ottoline.looks[0]?.look.garments ?? [])
      expect(near(swatches[0]?.hex ?? "#000000"), kind).toBeGreaterThan(0.05);
    expect(near("#ffffff")).toBeGreaterThan(0.3);
  });

  it("of 40 looks is smaller than 4 MB", async () => {
    const { pdf } = await drawn("lookbook", "a5", paperSourceOf(bundleOf("ingrid-haldane"), 40));
    expect(pages()).toBeGreaterThan(43);
    expect(pdf.length).toBeLessThan(4_000_000);
  });
});

describe("lists", () => {
  it("the tailor's sheet names the cut, the shoes and the length", async () => {
    await drawn("tailors-sheet", "a5");
    expect(text()).toMatch(
      /(Take up by [\d.]+ cm: inseam [\d.]+ cm instead of|Leave the length as it is: inseam)/,
    );
    expect(text()).toMatch(/With the .* and the/);
  });

  it("the packing list has each piece of the looks once", async () => {
    await drawn("packing-list", "a5");
    const pieces = ottoline.looks.flatMap(({ look }) => [...look.garments, ...look.accessories]);
    const names = new Set(pieces.map(({ name }) => name));
    expect(text()).toContain(`${new Set(pieces.map(({ id }) => id)).size} pieces for 3 looks.`);
    for (const name of names) expect(text().split(`${name} `).length - 1, name).toBe(1);
  });

  it("the shopping list says colour, surface and what it opens", async () => {
    await drawn("shopping-list", "a5");
    expect(text()).toMatch(/Colour: slate\. Surface: suede\./);
  });

  it("the scarf card has a picture and a sentence for every step", async () => {
    await drawn("scarf-card", "a5");
    expect(text()).toContain("Neat band, knot in front");
    const column = ask("pdftotext").replace(/\s+/g, " ");
    expect(column).toContain("Draw it up to the hollow of the throat and spread the ends.");
  });
});

it("is written with nothing of the machine it was made on", async () => {
  const { pdf } = await drawn("look-cards", "phone");
  expect(pdf.toString("latin1")).not.toContain(process.cwd());
  expect(readFileSync(file).subarray(0, 5).toString()).toBe("%PDF-");
});
