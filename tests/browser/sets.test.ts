import { beforeAll, describe, expect, it } from "vitest";
import { ladder } from "@/core/register/ladder";
import { choose, named, press, sees } from "../support/browser";
import { client, errors, page, site, useDemoStudio } from "../support/demo-studio";

useDemoStudio({ about: "Ottoline Varga" });

const scored = () => page.$eval('[title="Score, 0 to 100"]', (node) => Number(node.textContent));
/** Waits until nothing is sought any longer: until then sets may still change their places. */
const isProved = () => sees(page, /proved: the best of [\d,]+ combinations/);
const offered = () =>
  page.$$eval("ul[aria-label='Whole sets'] button", (buttons) =>
    buttons.map((button) => button.getAttribute("aria-label") ?? ""),
  );

describe("whole sets on the bench", () => {
  beforeAll(async () => {
    await page.goto(`${site}/bench?client=${client}`);
    await sees(page, /\d+ to choose from/);
    await page.keyboard.press("w");
  });

  it("are proved to read best, and the best comes first", async () => {
    await sees(
      page,
      /proved: the best of [\d,]+ combinations, each unlike those before it in two slots or more/,
    );
    const sets = await offered();
    expect(sets.length).toBeGreaterThan(1);
    expect(new Set(sets).size).toBe(sets.length);
    const marks = sets.map((set) => Number(/(\d+) \d+ pieces?$/.exec(set)?.[1]));
    expect(marks).toEqual([...marks].sort((one, other) => other - one));
  });

  it("are put on with the score that was promised", async () => {
    const [first = ""] = await offered();
    const promised = Number(/(\d+) \d+ pieces?$/.exec(first)?.[1]);
    await press(page, "button", first);
    await page.waitForFunction(
      (score) => Number(document.querySelector('[title="Score, 0 to 100"]')?.textContent) === score,
      {},
      promised,
    );
    expect(await scored()).toBe(promised);
  });

  it("come off again with one undo", async () => {
    const worn = await scored();
    await page.keyboard.press("z");
    await page.waitForFunction(
      (score) => Number(document.querySelector('[title="Score, 0 to 100"]')?.textContent) !== score,
      {},
      worn,
    );
  });

  it("can be asked to take rain, and then offer nothing that suffers in it", async () => {
    await press(page, "radio", "for rain");
    await page.waitForFunction(() => {
      const sets = [...document.querySelectorAll("ul[aria-label='Whole sets'] button")];
      return sets.length > 0 && !sets.some((set) => /suede|satin|velvet/i.test(set.ariaLabel ?? ""));
    });
    await isProved();
  });

  it("can fill a slot always, leave it out, and keep what is on in another", async () => {
    await press(page, "radio", "for rain");
    const bags = /satchel|tote|pouch|bag|bucket|fold/i;
    await press(page, "button", "bag: if it helps");
    await page.waitForFunction(
      (pattern) => {
        const sets = [...document.querySelectorAll("ul[aria-label='Whole sets'] button")];
        return sets.length > 0 && sets.every((set) => new RegExp(pattern, "i").test(set.ariaLabel ?? ""));
      },
      {},
      bags.source,
    );
    await press(page, "button", "bag: always filled");
    await press(page, "button", "bag: kept");
    await named(page, "button", "bag: left out");
    await page.waitForFunction(
      (pattern) => {
        const sets = [...document.querySelectorAll("ul[aria-label='Whole sets'] button")];
        return sets.length > 0 && !sets.some((set) => new RegExp(pattern, "i").test(set.ariaLabel ?? ""));
      },
      {},
      bags.source,
    );
    const shoeNow = () => page.$eval("#station-shoe", (row) => row.textContent ?? "");
    const before = await shoeNow();
    await isProved();
    const [first = ""] = await offered();
    await press(page, "button", first);
    await page.waitForFunction(
      (wanted) => {
        const shoe = document.querySelector("#station-shoe")?.textContent ?? "";
        return /Put on (.+):/
          .exec(wanted)?.[1]
          ?.split(", ")
          .some((piece) => shoe.includes(piece));
      },
      {},
      first,
    );
    await press(page, "button", "round what is on");
    const shoe = await shoeNow();
    await page.waitForFunction(
      (worn) => {
        const sets = [...document.querySelectorAll("ul[aria-label='Whole sets'] button")];
        return sets.some((set) =>
          /^Put on (.+):/
            .exec(set.getAttribute("aria-label") ?? "")?.[1]
            ?.split(", ")
            .some((piece) => worn.includes(piece)),
        );
      },
      {},
      shoe,
    );
    // The look goes back to what it was: others work on it too.
    await page.keyboard.press("z");
    await page.waitForFunction(
      (old) => document.querySelector("#station-shoe")?.textContent === old,
      {},
      before,
    );
    await sees(page, "kept");
  });

  it("give way to the candidates again", async () => {
    await press(page, "button", "Back to candidates");
    await sees(page, /\d+ to choose from/);
  });
});

describe("the boards", () => {
  it("read every set on every base, and say in words what is not served", async () => {
    await page.goto(`${site}/boards/sets?client=${client}`);
    await sees(page, /\d+ looks read$|\d+ looks read\s/);
    await sees(page, /(Every base is served|No set serves|Serve nothing here|nothing stands at)/);
    const before = await page.$$eval("td a", (cells) => cells.map((cell) => cell.getAttribute("aria-label")));
    await choose(page, "For", "Planetarium lecture");
    await page.waitForFunction(
      (old) => {
        const now = [...document.querySelectorAll("td a")].map((cell) => cell.getAttribute("aria-label"));
        return now.length === old.length && now.join() !== old.join();
      },
      {},
      before,
    );
  });

  it("open a cell on the bench", async () => {
    const name = await page.$eval("td a", (cell) => cell.getAttribute("aria-label") ?? "");
    await press(page, "link", name);
    await sees(page, /\d+ to choose from/);
    expect(Math.abs((await scored()) - Number(/(\d+)(, turned up)?$/.exec(name)?.[1]))).toBeLessThanOrEqual(
      name.endsWith("turned up") ? 100 : 0,
    );
  });

  it("lay one base under every set, in the order of their levels, with the least that changes", async () => {
    await page.goto(`${site}/boards/base?client=${client}`);
    await choose(page, "Base", "Cobalt skirt, grey knit");
    await sees(page, /change .*(shoe|bag)/);
    await sees(page, /carry about \d\.\d kg/);
    const said = await page.$$eval("ol li a", (items) => items.map((item) => item.textContent ?? ""));
    const levels = said.map((text) =>
      ladder.findIndex((word) => text.endsWith(word) || text.includes(`${word},`)),
    );
    expect(levels.length).toBeGreaterThan(1);
    expect(levels).not.toContain(-1);
    expect(levels).toEqual([...levels].sort((one, other) => one - other));
  });
});

describe("what is missing", () => {
  it("is the few pieces that open up what no set serves, each with what it opens", async () => {
    await page.goto(`${site}/boards/gaps?client=${client}`);
    await sees(page, /\d+ are served by no set\. \d+ missing pieces were tried on them\./);
    const opened = await page.$$eval("ol li", (items) =>
      items.map((item) => Number(/opens (\d+) of/.exec(item.textContent ?? "")?.[1])),
    );
    expect(opened.length).toBeGreaterThan(0);
    expect(opened.length).toBeLessThanOrEqual(5);
    expect(opened[0]).toBe(Math.max(...opened));
  });
});

describe("a set by itself", () => {
  it("says why its pieces agree or not, pair by pair", async () => {
    await page.goto(`${site}/sets`);
    await sees(page, /by itself (sings|sits|jars) \d+/);
    await page.click("li details summary");
    await sees(page, /alike in depth|agree|part in/);
    await named(page, "heading", "Sets");
    expect(errors).toEqual([]);
  });
});

/** The value of an option by its text. */
