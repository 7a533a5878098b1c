import { describe, expect, it } from "vitest";
import { axeFinds } from "../support/axe";
import { isOn, putOn } from "../support/bench";
import { choose, fill, named, press, sees, shows } from "../support/browser";
import { client, errors, page, site, useDemoStudio } from "../support/demo-studio";

useDemoStudio({ about: "Ottoline Varga", axe: true });

const valueOf = async (label: string) =>
  (await named(page, "textbox", label)).evaluate((node) => (node as HTMLInputElement).value);
const chosen = async (label: string) =>
  (await named(page, "combobox", label)).evaluate((node) => node.textContent?.trim());
const chosenHem = () =>
  page.$$eval('[role="radio"]', (radios) =>
    radios
      .filter((radio) => ["As cut", "Once", "Twice"].includes(radio.textContent?.trim() ?? ""))
      .find((radio) => radio.getAttribute("aria-checked") === "true")
      ?.textContent?.trim(),
  );
const toPiece = async (name: string) => {
  await page.goto(`${site}/rail?client=${client}`);
  await press(page, "link", name);
  await named(page, "textbox", "Name");
};

describe("a piece of which only its name was said", () => {
  it("is kept so, and shows after a reload that the rest is not said", async () => {
    await page.goto(`${site}/rail/new?client=${client}`);
    await fill(page, "Name", "Grey pumps");
    await press(page, "button", "Add piece");
    await page.waitForFunction(() => location.pathname === "/rail");
    await sees(page, /Grey pumps[\s\S]*2 measures not said/);
    await toPiece("Grey pumps");
    await page.reload();
    expect(await valueOf("Heel height, with sole")).toBe("");
    expect([await chosen("Level"), await chosen("How eye-catching"), await chosen("Cloth")]).toEqual([
      "Not said",
      "Not said",
      "Not said",
    ]);
    expect(await page.$$eval('[aria-label="Style"] input:checked', (boxes) => boxes.length)).toBe(0);
  });

  it("has a level with its reach once that is said, and none again when it is taken back", async () => {
    await choose(page, "Level", "6 business");
    expect([await chosen("Lowest level"), await chosen("Highest level")]).toEqual(["4.5", "7.5"]);
    await choose(page, "Level", "Not said");
    expect(await page.$("::-p-aria([name='Lowest level'][role='combobox'])")).toBeNull();
    await choose(page, "How eye-catching", "1 quiet");
    await press(page, "button", "Keep changes");
    await page.waitForFunction(() => location.pathname === "/rail");
    await toPiece("Grey pumps");
    expect([await chosen("Level"), await chosen("How eye-catching")]).toEqual(["Not said", "1 quiet"]);
  });
});

describe("what is not said and would decide", () => {
  const question = "Nobody has recorded this of the grey pumps: heel height, with sole.";

  it("is asked for at the bench, with what it would make of the look", async () => {
    await page.goto(`${site}/bench?client=${client}`);
    await choose(page, "Base", "Charcoal wides, silver shirt");
    await choose(page, "Occasion", "Planetarium lecture");
    await putOn(page, "shoe", "Grey pumps");
    await sees(page, `${question} If it is 5.5 cm, the look would sit.`);
    await sees(page, "not certain");
    expect(await axeFinds(page)).toEqual([]);
  });

  it("is said where it is asked for, and read at once", async () => {
    await press(page, "button", "Record it");
    await named(page, "dialog", "Put a fact right");
    await page.waitForFunction(() => document.activeElement?.id === "field-piece.figures.lift");
    await page.keyboard.type("2.5");
    await press(page, "button", "Keep it so");
    await page.waitForFunction((text) => !document.body.innerText.includes(text), {}, question);
    await isOn(page, "shoe", "heel 2.5 cm");
    await page.reload();
    await isOn(page, "shoe", "heel 2.5 cm");
    expect(await shows(page, question)).toBe(false);
  });
});

describe("a shoe that wants another hem", () => {
  it("is offered with the turn-up that suits it, and put on with it in one step", async () => {
    await choose(page, "Base", "Plum over oyster");
    await sees(page, "Nothing is on yet");
    await sees(page, /Loose black ankle b[\s\S]*hem turned up once, 6 cm/);
    expect(await chosenHem()).toBe("As cut");
    await putOn(page, "shoe", "Loose black ankle boots");
    await page.waitForFunction(() => document.querySelector('[role="radio"][aria-checked="true"]') !== null);
    expect(await chosenHem()).toBe("Once");
    await sees(page, "sings");
    await press(page, "button", "Undo");
    await page.waitForFunction(() => document.querySelector("#station-shoe svg") === null);
    expect(await chosenHem()).toBe("As cut");
    await press(page, "button", "Do again what was undone");
    await isOn(page, "shoe", "Loose black ankle b");
    expect(await chosenHem()).toBe("Once");
  });
});

describe("what does not belong at the occasion", () => {
  it("is left out of the tray, and shown where it is wanted", async () => {
    await sees(page, /\d+ to choose from/);
    const plates = () => page.$$eval('[aria-label="Tray"] [role="option"]', (found) => found.length);
    const [before, read] = [
      await plates(),
      await page.$eval('[aria-label="Tray"]', (tray) => tray.textContent),
    ];
    const left = Number(/(\d+) more pieces do not suit the planetarium lecture/.exec(read ?? "")?.[1]);
    expect(left).toBeGreaterThan(0);
    await press(page, "button", "Show them");
    await page.waitForFunction(
      (count) => document.querySelectorAll('[aria-label="Tray"] [role="option"]').length === count,
      {},
      before + left,
    );
    await press(page, "button", "Leave them out");
    await page.waitForFunction(
      (count) => document.querySelectorAll('[aria-label="Tray"] [role="option"]').length === count,
      {},
      before,
    );
  });
});

describe("a missing piece in the stylist's own words", () => {
  it("is drawn as it is typed, kept with what it opens, and there after a reload", async () => {
    await page.goto(`${site}/boards/gaps?client=${client}`);
    await fill(page, "Something else that is missing", "a sparkly navy belt, 3 cm");
    await sees(page, "Belt, navy, matte smooth, 3 cm");
    await page.reload();
    expect(await valueOf("Something else that is missing")).toBe("a sparkly navy belt, 3 cm");
    await press(page, "button", "Put it on the list");
    await sees(page, "On the gap list: belt, navy, matte smooth, 3 cm.");
    await page.reload();
    await named(page, "textbox", "Note on belt, navy, matte smooth, 3 cm");
    expect(await valueOf("Note on belt, navy, matte smooth, 3 cm")).toBe("sparkly");
    expect(await valueOf("Something else that is missing")).toBe("");
  });

  it("wants to be told what it is", async () => {
    await fill(page, "Something else that is missing", "something navy");
    await press(page, "button", "Put it on the list");
    await sees(page, "Say what it is: a navy belt, 3 cm.");
    expect(errors).toEqual([]);
  });
});

describe("what is typed outside a form", () => {
  it("is there after a reload: the name of a set, the reason of an overruling", async () => {
    await page.goto(`${site}/bench?client=${client}`);
    await choose(page, "Base", "Charcoal wides, silver shirt");
    await isOn(page, "shoe", "Grey pumps");
    await press(page, "button", "Keep set");
    await fill(page, "Name of the set", "For the dome");
    await page.reload();
    await sees(page, /\d+ to choose from/);
    await press(page, "button", "Keep set");
    await page.waitForFunction(
      () => document.querySelector<HTMLInputElement>("#set-name")?.value === "For the dome",
    );
    await page.keyboard.press("Escape");
    await press(page, "button", "overrule");
    await fill(page, "Your reason, kept beside the finding", "she likes it so");
    await page.reload();
    await sees(page, /\d+ to choose from/);
    await press(page, "button", "overrule");
    expect(await valueOf("Your reason, kept beside the finding")).toBe("she likes it so");
  });

  it("and a rule book that was changed and not kept", async () => {
    await page.goto(`${site}/rules`);
    await fill(page, "Name of the book", "Harbour rules");
    await sees(page, "with changes not kept yet");
    await page.reload();
    await sees(page, "with changes not kept yet");
    expect(await valueOf("Name of the book")).toBe("Harbour rules");
    await press(page, "button", "Take back");
    await page.reload();
    expect(await valueOf("Name of the book")).not.toBe("Harbour rules");
  });
});
