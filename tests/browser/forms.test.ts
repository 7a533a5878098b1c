import { beforeAll, describe, expect, it } from "vitest";
import { choose, fill, named, press, sees, signIn, toPlaceOfClient } from "../support/browser";
import { browser, page, site, useDemoStudio } from "../support/demo-studio";

useDemoStudio({ signedIn: false });

/** What stands in the field of a label. */
async function valueOf(label: string): Promise<string> {
  const field = await named(page, "textbox", label);
  return field.evaluate((node) => (node as unknown as HTMLInputElement).value);
}

describe("sign-in", () => {
  it("says that email and password do not fit, and keeps the email", async () => {
    await page.goto(`${site}/sign-in`);
    await fill(page, "Password", "wrong");
    await press(page, "button", "Sign in");
    await sees(page, "Email and password do not fit together.");
    expect(await valueOf("Email")).toBe("desk@quillmere.example");
  });

  it("names an email that is none", async () => {
    await fill(page, "Email", "desk");
    await press(page, "button", "Sign in");
    await sees(page, "Email is not an address, such as name@studio.example.");
  });
});

describe("a client", () => {
  beforeAll(() => signIn(page, site));

  it("needs a name and a height", async () => {
    await page.goto(`${site}/clients/new`);
    await press(page, "button", "Add client");
    await sees(page, "Enter a name.");
    await sees(page, "Height is missing.");
  });

  it("cannot be 17 metres tall, nor have a height that is no number; what was typed stays", async () => {
    await fill(page, "Name", "Tall Tale");
    await fill(page, "Height", "1700");
    await press(page, "button", "Add client");
    await sees(page, "Height must be at most 230; 1700 is not plausible.");
    await fill(page, "Height", "tall");
    await press(page, "button", "Add client");
    await sees(page, 'Height must be a number; "tall" is not.');
    expect(await valueOf("Name")).toBe("Tall Tale");
  });

  it("cannot have an ankle as wide as the calf", async () => {
    await fill(page, "Height", "170");
    await fill(page, "Calf girth", "30");
    await fill(page, "Ankle girth", "31");
    await press(page, "button", "Add client");
    await sees(
      page,
      "Ankle girth (31 cm) cannot be as large as calf girth (30 cm): measure one of them again.",
    );
    expect(page.url()).toBe(`${site}/clients/new`);
  });

  it("has the colouring that was said, and of the rest none", async () => {
    await fill(page, "Ankle girth", "22");
    await fill(page, "Calf girth", "36");
    await fill(page, "Hair", "#6d3f26");
    await fill(page, "Eyes", "navy");
    await fill(page, "Eyes", "");
    await press(page, "button", "Add client");
    await page.waitForFunction(() => /^\/clients\/[-0-9a-f]{36}$/.test(location.pathname));
    await page.goto(`${page.url()}/figures`);
    await named(page, "textbox", "Skin");
    expect(await Promise.all(["Skin", "Hair", "Eyes"].map(valueOf))).toEqual(["", "#6d3f26", ""]);
    const undertone = await named(page, "combobox", "Undertone");
    expect(await undertone.evaluate((node) => (node as unknown as HTMLSelectElement).value)).toBe("");
  });
});

describe("a piece", () => {
  it("names every bad field at once, each at its place", async () => {
    await page.goto(`${site}/rail/new`);
    await fill(page, "Colour", "something dark");
    await choose(page, "Form", "Boot");
    await fill(page, "Heel height, with sole", "tall");
    await press(page, "button", "Add piece");
    await sees(page, "Enter a name.");
    await sees(page, "Colour must be a colour such as navy or #2a66c8.");
    await sees(page, 'Heel height, with sole must be a number; "tall" is not.');
    const focused = await page.evaluate(() => document.activeElement?.id);
    expect(focused).toBe("field-piece.name");
  });

  it("cannot be a boot without a shaft, nor 130 % of a colour", async () => {
    await fill(page, "Name", "Shaftless boot");
    await fill(page, "Colour", "#1d2742");
    await fill(page, "Heel height, with sole", "3");
    await press(page, "button", "Add piece");
    await sees(page, "A boot needs the height of its shaft above the footbed.");
    await fill(page, "Shaft above the footbed", "12");
    await fill(page, "Share", "70");
    await press(page, "button", "Add piece");
    await sees(page, "The shares of the colours make 70 %, not 100 %.");
    await fill(page, "Share", "100");
    await press(page, "button", "Add piece");
    await page.waitForFunction(() => location.pathname === "/rail");
    await sees(page, "Shaftless boot");
  });
});

describe("a base, an occasion, a set", () => {
  const openIngrid = async () => {
    await page.goto(`${site}/clients`);
    await page.waitForSelector("li");
    await page.evaluate(() =>
      [...document.querySelectorAll("a")]
        .find((link) => link.textContent?.includes("Ingrid Haldane"))
        ?.click(),
    );
    await named(page, "heading", "Ingrid Haldane");
  };

  it("a base needs a name and a garment", async () => {
    await openIngrid();
    await press(page, "link", "Lay out a base");
    await press(page, "button", "Lay out base");
    await sees(page, "Enter a name.");
    await fill(page, "Name of the base", "Nothing on");
    await press(page, "button", "Lay out base");
    await sees(page, "A base needs at least one garment.");
  });

  it("an occasion needs its levels in order, a real day and plausible weather", async () => {
    await openIngrid();
    await toPlaceOfClient(page, "Occasions");
    await press(page, "link", "Add an occasion");
    await fill(page, "Occasion", "Upside down");
    await choose(page, "Lowest level", "8 formal");
    await choose(page, "Weather", "Typed in");
    await fill(page, "Temperature", "90");
    await fill(page, "Chance of rain", "often");
    await press(page, "button", "Add occasion");
    await sees(page, "The lowest level cannot be above the highest.");
    await sees(page, "Temperature must be at most 50; 90 is not plausible.");
    await sees(page, 'Chance of rain must be a number; "often" is not.');
    expect(await valueOf("Occasion")).toBe("Upside down");
  });

  it("a set needs a name, shoes and two more", async () => {
    await page.goto(`${site}/bench`);
    await page.waitForSelector("#station-shoe");
    await page.click("#station-shoe");
    await page.keyboard.press("Backspace");
    await press(page, "button", "Keep set");
    await page.keyboard.press("Enter");
    await sees(page, "Enter a name.");
    await fill(page, "Name of the set", "Barefoot");
    await page.keyboard.press("Enter");
    await sees(page, "A set needs shoes and at least two more accessories.");
    await press(page, "button", "Cancel");
    await page.keyboard.press("z");
  });
});

describe("a form that was opened twice", () => {
  it("lays what somebody else changed beside what was typed, and loses neither", async () => {
    await page.goto(`${site}/rail?find=slate+belt`);
    await press(page, "link", "Slate belt");
    await named(page, "heading", "Slate belt");
    const second = await browser.newPage();
    await second.goto(page.url());
    await fill(second, "Name", "Slate belt, narrow");
    await fill(second, "Width", "2");
    await press(second, "button", "Keep changes");
    await second.waitForFunction(() => location.pathname === "/rail");
    await second.close();
    await fill(page, "Name", "Slate belt, wide");
    await press(page, "button", "Keep changes");
    await sees(page, "Somebody else changed this meanwhile.");
    await sees(page, /Name\s+Slate belt, wide\s+Slate belt, narrow/);
    expect(await valueOf("Name")).toBe("Slate belt, wide");
    expect(await valueOf("Width")).not.toBe("2");
    await press(page, "button", "Take theirs: Width");
    expect(await valueOf("Width")).toBe("2");
    await press(page, "button", "Take mine back: Width");
    await press(page, "button", "Take theirs: Width");
    await press(page, "button", "Keep changes");
    await page.waitForFunction(() => location.pathname === "/rail");
    await (await named(page, "searchbox", "Find")).type("slate belt");
    await press(page, "link", "Slate belt, wide");
    await named(page, "heading", "Slate belt, wide");
    expect(await valueOf("Width")).toBe("2");
  });
});

describe("an address that names nothing of this studio", () => {
  it.each(["/clients/nobody", "/rail/01a20feb-57d2-7709-9289-000000000000", "/clients/nobody/bases/new"])(
    "%s is not on record",
    async (path) => {
      await page.goto(site + path);
      await sees(page, "There is nothing of this studio under that address.");
    },
  );
});
