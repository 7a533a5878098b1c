import { beforeAll, describe, expect, it } from "vitest";
import { axeFinds } from "../support/axe";
import { answers, choose, clientCalled, press, sees } from "../support/browser";
import { client, errors, page, site, useDemoStudio } from "../support/demo-studio";

useDemoStudio({ about: "Wren Castellane", axe: true });

describe("heel and ground", () => {
  /** What becomes of a shoe on each ground that is shown. */
  const onGrounds = (shoe: string) =>
    page.$$eval(
      "tbody tr",
      (rows, name) =>
        [...(rows.find((row) => row.textContent?.includes(name))?.querySelectorAll("td") ?? [])].map(
          (cell) => cell.textContent,
        ),
      shoe,
    );
  const grounds = () =>
    page.$$eval("thead th", (heads) => heads.slice(1).map((head) => head.firstChild?.textContent ?? ""));

  it("shows the client's shoes on the grounds of the occasions, and on every ground", async () => {
    await page.goto(`${site}/boards/ground?client=${client}`);
    await answers(page, "tbody");
    const hers = await grounds();
    expect(hers).toContain("cobbles");
    expect(hers).not.toContain("lawn");
    expect(await onGrounds("Old-gold mules")).toHaveLength(hers.length);
    await press(page, "radio", "Every ground");
    await page.waitForFunction(
      (few) => document.querySelectorAll("thead th").length - 1 > few,
      {},
      hers.length,
    );
    const all = await grounds();
    expect(all).toHaveLength(14);
    const mules = await onGrounds("Old-gold mules");
    expect(mules[all.indexOf("lawn")]).toContain("sinks in");
    expect(mules[all.indexOf("indoors")]).toContain("holds");
  });

  it("has nothing that axe objects to", async () => {
    expect(await axeFinds(page)).toEqual([]);
  });
});

describe("the weather of an occasion", () => {
  it("is the forecast's of its place and day, until somebody types it", async () => {
    await page.goto(`${site}/clients/${client}/occasions`);
    await page.$$eval("a", (links) =>
      links.find(({ textContent }) => textContent === "Winter market")?.click(),
    );
    await page.waitForFunction(() => /It says -?\d+ to -?\d+ °C/.test(document.body.innerText));
    expect(await page.$("[name='occasion.temperature']")).toBeNull();
    await choose(page, "Weather", "Typed in");
    await page.waitForSelector("[id='field-occasion.temperature']");
    await choose(page, "Weather", "By the forecast");
    await page.waitForFunction(() => /It says -?\d+ to -?\d+ °C/.test(document.body.innerText));
  });

  it("stands at the bench as a strip against what the outfit is comfortable in, and opens large", async () => {
    const occasion = page.url().split("/").pop() ?? "";
    await page.goto(`${site}/bench?client=${client}&occasion=${occasion}`);
    await answers(page, "#station-shoe");
    await page.click("button:has([aria-label*='comfortable from'])");
    await sees(page, "The day's weather");
    await sees(page, /By the forecast/);
    expect(await axeFinds(page)).toEqual([]);
    await page.keyboard.press("Escape");
    await page.waitForFunction(() => !document.querySelector("[role='dialog']"));
  });
});

describe("what if", () => {
  const verdict = () => page.$eval('[title="Score, 0 to 100"]', (node) => node.textContent);

  it("says by one key what would change, on the figure too, and goes back by the same key", async () => {
    const drawing = () => page.$eval("[aria-label='Figure'] svg", (svg) => svg.innerHTML);
    const [before, drawn] = [await verdict(), await drawing()];
    await page.keyboard.press("6");
    await sees(page, "What if: seated");
    expect(await drawing()).not.toBe(drawn);
    await page.keyboard.press("6");
    await page.waitForFunction(() => !document.body.innerText.includes("What if: seated"));
    expect([await verdict(), await drawing()]).toEqual([before, drawn]);
  });

  it("says by a press what ten degrees less would be felt as, and comes back from there", async () => {
    await page.$$eval("summary", (all) =>
      all.find(({ textContent }) => textContent === "What if ...")?.click(),
    );
    await press(page, "button", "10 °C colder");
    await sees(page, "What if: 10 °C colder");
    await press(page, "button", "Back to how it is");
    await page.waitForFunction(() => !document.body.innerText.includes("What if: 10"));
  });
});

describe("a coat through the day", () => {
  const station = (slot: string) => page.$eval(`#station-${slot}`, (node) => node.textContent);
  const drawing = () => page.$eval("[aria-label='Figure'] svg", (svg) => svg.innerHTML);

  it("is laid over the shoulders by a press, shown so at its station and on the figure, and still so after a reload", async () => {
    const ingrid = await clientCalled(page, site, "Ingrid Haldane");
    await page.goto(`${site}/clients/${ingrid}/occasions`);
    const bench = await page.$$eval("a", (links) =>
      links
        .map((link) => ({ href: link.getAttribute("href"), row: link.closest("li")?.textContent ?? "" }))
        .find(({ href, row }) => href?.includes("look=") && row.includes("Gangway inspection")),
    );
    await page.goto(`${site}${bench?.href}`);
    await answers(page, "#station-layer");
    await page.click("#station-layer");
    const before = await drawing();
    await press(page, "button", "over the shoulders");
    await page.waitForFunction(() =>
      document.querySelector("#station-layer")?.textContent?.includes("over the shoulders"),
    );
    expect(await drawing()).not.toBe(before);
    await page.waitForFunction(() => document.body.innerText.includes("kept"));
    await page.reload();
    await answers(page, "#station-layer");
    await page.waitForFunction(() =>
      document.querySelector("#station-layer")?.textContent?.includes("over the shoulders"),
    );
    await page.click("#station-layer");
    await press(page, "button", "closed");
    await page.waitForFunction(() =>
      document.querySelector("#station-layer")?.textContent?.includes("closed"),
    );
    expect(await station("layer")).not.toContain("over the shoulders");
  });

  it("comes off by a press and by a key, says what would change, and is put on again", async () => {
    await page.waitForFunction(() => document.querySelector("[aria-label='Layers of the day']"));
    const before = await drawing();
    await press(page, "radio", "Without the camel wool coat, jars");
    await sees(page, "Without the camel wool coat");
    expect(await drawing()).not.toBe(before);
    await page.focus("#stations");
    await page.keyboard.press("0");
    await page.waitForFunction(() => !document.querySelector("[aria-label='What would change']"));
    expect(await drawing()).toBe(before);
    await page.keyboard.press("0");
    await page.waitForSelector("[aria-label='What would change']");
    await page.keyboard.press("0");
    await page.waitForFunction(() => !document.querySelector("[aria-label='What would change']"));
  });

  it("says of what is away at the station why it is not offered", async () => {
    await page.click("#station-shoe");
    await page.waitForSelector("[data-away]");
    expect(await page.$eval("[data-away]", (node) => node.textContent)).toMatch(
      /^Not here on \d+ \w+: Rust .+, in care until \d+ \w+\.$/,
    );
    expect(await axeFinds(page)).toEqual([]);
  });
});

describe("the care of a piece", () => {
  it("is kept with the day it is due back and what it needs, and asked of a piece that is away alone", async () => {
    await page.goto(`${site}/rail?find=boiled`);
    await page.waitForSelector("a[href^='/rail/0']");
    const piece = await page.$$eval("a[href^='/rail/0']", (links) =>
      links.find(({ textContent }) => textContent?.includes("Moss boiled-wool jacket"))?.getAttribute("href"),
    );
    await page.goto(`${site}${piece}`);
    await page.waitForSelector("[id='field-state']");
    expect(await page.$("[name='backOn']")).toBeNull();
    await answers(page, "[id='field-state']");
    await choose(page, "State", "In care");
    await page.waitForSelector("[name='backOn']");
    await page.$eval("[name='backOn']", (input) => {
      (input as HTMLInputElement).valueAsDate = new Date("2031-03-04");
      input.dispatchEvent(new Event("input", { bubbles: true }));
    });
    await press(page, "checkbox", "a mend");
    await press(page, "button", "Keep changes");
    await page.waitForFunction(() => location.pathname === "/rail");
    await page.goto(`${site}${piece}`);
    await page.waitForSelector("[name='backOn']");
    expect(await page.$eval("[name='backOn']", (input) => (input as HTMLInputElement).value)).toBe(
      "2031-03-04",
    );
    expect(
      await page.$$eval("[aria-label='Needs first'] input:checked", (boxes) =>
        boxes.map((box) => box.closest("label")?.textContent),
      ),
    ).toEqual(["a mend"]);
  });
});

describe("what is done for the foot", () => {
  beforeAll(async () => {
    const occasions = `${site}/clients/${client}/occasions`;
    await page.goto(occasions);
    const href = await page.$$eval("a", (links) =>
      links
        .map((link) => ({ href: link.getAttribute("href"), row: link.closest("li")?.textContent ?? "" }))
        .find(({ href: to, row }) => to?.includes("/bench") && row.includes("Winter market")),
    );
    await page.goto(`${site}${href?.href}`);
    await answers(page, "#station-shoe");
  });

  it("is an insole, said at the shoe, and still so after a reload", async () => {
    await page.click("#station-shoe");
    await press(page, "button", "insole");
    await page.waitForFunction(() =>
      document.querySelector("#station-shoe")?.textContent?.includes("with an insole"),
    );
    await page.waitForFunction(() => document.body.innerText.includes("kept"));
    await page.reload();
    await answers(page, "#station-shoe");
    await page.waitForFunction(() =>
      document.querySelector("#station-shoe")?.textContent?.includes("with an insole"),
    );
    expect(errors).toEqual([]);
  });

  it("goes with a set that is kept so, and is said in its row", async () => {
    await press(page, "button", "Keep set");
    await page.waitForSelector("#set-name");
    await page.type("#set-name", "Market on foot");
    await page.keyboard.press("Enter");
    await page.waitForFunction(() => !document.querySelector("#set-name"));
    await page.goto(`${site}/sets?client=${client}`);
    await page.waitForFunction(
      () => {
        window.scrollTo(0, document.documentElement.scrollHeight);
        const heads = [...document.querySelectorAll("h2")];
        const row = heads.find(({ textContent }) => textContent === "Market on foot")?.closest("li");
        return row?.textContent?.includes(": with an insole");
      },
      { polling: 100 },
    );
  });
});
