import { describe, expect, it } from "vitest";
import type { Piece } from "../../piece/piece";
import { defaultSchools, type Schools } from "../../rule-book/schools";
import { effectsOf, findingsOf } from "../../testing/findings";
import { sample, sampleClient, sampleLook } from "../../testing/sample";
import { spread } from "./spread";
import { trainers } from "./trainers";

const at = (low: number, centre: number, high: number) => ({ low, centre, high });
const suit = [
  sample("trousers", { name: "suit trousers", poles: ["tailored"], register: at(5, 6, 7) }),
  sample("top", { name: "shirt", register: at(4, 6, 7), figures: { neckline: "shirt collar" } }),
];

describe("every piece within reach of the level", () => {
  const read = (accessory: Piece, garments: Piece[] = suit) =>
    effectsOf(spread, sampleLook({ garments, accessories: [accessory] }));

  it.each([
    ["within its span", at(4, 5.5, 7), []],
    ["more than a step outside", at(1, 2, 4), ["jars"]],
    ["a little off and alone", at(3, 4.5, 5.5), ["rubs"]],
  ] as const)("a shoe %s", (_, register, effects) => {
    expect(read(sample("shoe", { name: "shoe", register }))).toEqual(effects);
  });

  it("is meant when something beside it leans the same way", () => {
    const knit = sample("top", { name: "knit", register: at(2, 4, 6), figures: { neckline: "crew" } });
    const [trousers] = suit;
    const loafers = sample("shoe", { name: "loafers", register: at(3, 4.5, 5.5) });
    const jacket = sample("jacket", { name: "jacket", poles: ["tailored"], register: at(5, 6.5, 8) });
    const look = sampleLook({ garments: trousers ? [trousers, jacket, knit] : [], accessories: [loafers] });
    expect(findingsOf(spread, look)).toMatchObject([{ effect: "lifts", names: { partner: "knit" } }]);
  });
});

describe("trainers under tailoring", () => {
  const runner = sample("shoe", { name: "runners", register: at(1, 3, 4.5), figures: { form: "trainer" } });
  const [legs, shirt] = suit;
  const knit = sample("top", { name: "knit", register: at(3, 5, 7), figures: { neckline: "crew" } });
  const bow = sample("scarf", { name: "bow tie", figures: { worn: "tied as a bow" } });
  const look = (top: Piece | undefined, school: Schools["trainers"], ...more: Piece[]) =>
    sampleLook({
      client: {
        ...sampleClient,
        ruleBook: { ...sampleClient.ruleBook, schools: { ...defaultSchools, trainers: school } },
      },
      garments: [legs, top].filter((piece): piece is Piece => piece !== undefined),
      accessories: [runner, ...more],
    });
  const allowed = "if the rest is dressed down too";

  it("jar under a shirt, and are meant under a knit", () => {
    expect(effectsOf(trainers, look(shirt, allowed))).toEqual(["jars"]);
    expect(effectsOf(trainers, look(knit, allowed))).toEqual(["lifts"]);
    expect(effectsOf(trainers, look(knit, allowed, bow))).toEqual(["jars"]);
  });

  it("jar under anything where the school says no", () => {
    expect(effectsOf(trainers, look(knit, "no"))).toEqual(["jars"]);
  });

  it("are not scolded a second time for their level when they are meant", () => {
    expect(effectsOf(spread, look(knit, allowed))).toEqual([]);
    expect(effectsOf(spread, look(shirt, allowed))).toContain("jars");
  });
});
