import { describe, expect, it } from "vitest";
import { choose, fill, named, press, sees, shows, signIn, toPlaceOfClient } from "../support/browser";
import { errors, page, site, useDemoStudio } from "../support/demo-studio";

useDemoStudio({ signedIn: false });

describe("from a new client to a set worn on a second base", () => {
  it("signs in with what the page itself shows", async () => {
    await page.goto(`${site}/`);
    await page.waitForFunction(() => location.pathname === "/sign-in");
    await sees(page, "desk@quillmere.example");
    await signIn(page, site);
  });

  it("adds a client by a height and four girths, drawn as they are typed", async () => {
    await page.goto(`${site}/clients`);
    await press(page, "link", "Add a client");
    await sees(page, "Type a height, and the body is drawn from it.");
    await fill(page, "Name", "Sunniva Brask");
    await fill(page, "Height", "170");
    await sees(page, "Whole lines are measured");
    for (const [label, cm] of [
      ["Crotch", "80"],
      ["Mid-thigh girth", "53"],
      ["Knee girth", "37"],
      ["Calf girth", "36"],
      ["Ankle girth", "22"],
    ] as const)
      await fill(page, label, cm);
    await press(page, "button", "Add client");
    await named(page, "heading", "Sunniva Brask");
    expect(page.url()).toMatch(/\/clients\/[0-9a-f-]{36}$/);
  });

  it("corrects a measurement in inches and keeps the one before", async () => {
    await toPlaceOfClient(page, "Figures");
    await fill(page, "Calf girth", "14 1/2 in");
    await press(page, "button", "Keep changes");
    await sees(page, "The client is kept.");
    await page.reload();
    const calf = await named(page, "textbox", "Calf girth");
    expect(await calf.evaluate((node) => (node as unknown as HTMLInputElement).value)).toBe("36.8");
    await press(page, "DisclosureTriangle", "Taken so far: 7 figures");
    await sees(page, "Calf girth 36 cm");
  });

  it("records garments and accessories of hers", async () => {
    const client = page.url();
    await page.goto(client);
    await press(page, "link", "See the rail");
    await page.waitForFunction(() => location.pathname === "/rail");
    for (const { kind, name, hex, extra } of wardrobe) {
      await press(page, "link", "Add a piece");
      await page.waitForFunction(() => location.pathname === "/rail/new");
      await choose(page, "Kind", kind);
      await fill(page, "Name", name);
      await fill(page, "Colour", hex);
      for (const [label, value] of extra)
        await (label.startsWith("=") ? choose(page, label.slice(1), value) : fill(page, label, value));
      await press(page, "button", "Add piece");
      await page.waitForFunction(() => location.pathname === "/rail");
      await sees(page, name);
    }
  });

  it("lays out a base, read bare as it is chosen, and an occasion", async () => {
    await page.goto(`${site}/clients`);
    await page.waitForSelector("li");
    await page.evaluate(() =>
      [...document.querySelectorAll("a")]
        .find((link) => link.textContent?.includes("Sunniva Brask"))
        ?.click(),
    );
    await toPlaceOfClient(page, "Occasions");
    await press(page, "link", "Add an occasion");
    await fill(page, "Occasion", "Harbour talk");
    await fill(page, "Place", "Old customs house");
    // The forecast is another one every day.
    await choose(page, "Weather", "Typed in");
    await press(page, "button", "Add occasion");
    await sees(page, "Harbour talk");
    await press(page, "link", "Lay out a base");
    await fill(page, "Name of the base", "Grey over navy");
    await press(page, "button", "Test navy trousers");
    await press(page, "button", "Test grey knit");
    await sees(page, "the waist shows without a belt");
    await press(page, "button", "Lay out base");
    await page.waitForFunction(() => location.pathname === "/bench");
    await sees(page, "sits");
  });

  it("puts shoes and two accessories on, each re-read at once", async () => {
    await choose(page, "Occasion", "Harbour talk");
    await pickStation("shoe");
    await pickCandidate("Test navy boots");
    await sees(page, "a clean break");
    await pickStation("bag");
    await pickCandidate("Test slate bag");
    await pickStation("earrings");
    await pickCandidate("Test silver studs");
    await page.waitForFunction(() => document.querySelector('[role="status"]')?.textContent === "kept");
  });

  it("keeps the three as a set", async () => {
    await page.keyboard.press("s");
    await fill(page, "Name of the set", "Quiet harbour");
    await page.keyboard.press("Enter");
    await sees(page, "Kept as a set: Quiet harbour");
    await page.goto(`${site}/sets`);
    await press(page, "link", "Sunniva Brask (1)");
    await sees(page, "serves 1 of 1 base");
  });

  it("wears the set on a second base and reads it there", async () => {
    await page.goto(`${site}/clients`);
    await page.waitForSelector("li");
    await page.evaluate(() =>
      [...document.querySelectorAll("a")]
        .find((link) => link.textContent?.includes("Sunniva Brask"))
        ?.click(),
    );
    await press(page, "link", "Lay out a base");
    await fill(page, "Name of the base", "Rust dress");
    await press(page, "button", "Test rust dress");
    await press(page, "button", "Lay out base");
    await page.waitForFunction(() => location.pathname === "/bench");
    await press(page, "button", "Put on set");
    await press(page, "menuitem", "Quiet harbour (3)");
    await sees(page, "Test slate bag");
    expect(await shows(page, "Rust dress")).toBe(true);
    await page.waitForFunction(() => document.querySelector('[role="status"]')?.textContent === "kept");
    await page.goto(`${site}/sets`);
    await press(page, "link", "Sunniva Brask (1)");
    await sees(page, /serves \d of 2 bases/);
    expect(errors).toEqual([]);
  });
});

async function pickStation(slot: string): Promise<void> {
  await page.click(`#station-${slot}`);
}

/** Clicks a candidate of the active station and waits until it is worn. */
async function pickCandidate(name: string): Promise<void> {
  await page.waitForFunction(
    (wanted) =>
      [...document.querySelectorAll('[id^="candidate-"]')].some((node) => node.textContent?.includes(wanted)),
    {},
    name,
  );
  await page.evaluate((wanted) => {
    const found = [...document.querySelectorAll<HTMLElement>('[id^="candidate-"]')].find((node) =>
      node.textContent?.includes(wanted),
    );
    found?.click();
  }, name);
  await page.waitForFunction(
    (wanted) =>
      [...document.querySelectorAll('[id^="station-"]')].some((node) => node.textContent?.includes(wanted)),
    {},
    name,
  );
}

const wardrobe: { kind: string; name: string; hex: string; extra: [string, string][] }[] = [
  {
    kind: "Trousers",
    name: "Test navy trousers",
    hex: "#1d2742",
    extra: [
      ["Inseam", "70"],
      ["Hem opening, around", "35"],
      ["Around, 10 cm above the hem", "36.5"],
    ],
  },
  { kind: "Top, shirt or knit", name: "Test grey knit", hex: "#a7abb0", extra: [["=Finish", "Knit"]] },
  { kind: "Dress", name: "Test rust dress", hex: "#9c4a2b", extra: [] },
  {
    kind: "Shoe or boot",
    name: "Test navy boots",
    hex: "#202b48",
    extra: [
      ["=Form", "Boot"],
      ["Shaft above the footbed", "6"],
      ["Shaft's top, around", "25.5"],
    ],
  },
  { kind: "Bag", name: "Test slate bag", hex: "#4c5562", extra: [["=Metal", "Silver"]] },
  {
    kind: "Earrings",
    name: "Test silver studs",
    hex: "#c6c9cc",
    extra: [
      ["=Finish", "Brushed"],
      ["=Metal", "Silver"],
      ["=How much metal shows", "3 the point of it"],
    ],
  },
];
