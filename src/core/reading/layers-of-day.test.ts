import { describe, expect, it } from "vitest";
import { sample, sampleLook } from "../testing/sample";
import { layersOfDay } from "./layers-of-day";

const legs = sample("trousers", { name: "legs" });
const shirt = sample("top", { name: "shirt", cloth: "cotton", figures: { neckline: "shirt collar" } });
const knit = sample("top", { name: "knit", finish: "knit", cloth: "fine knit", figures: { sleeve: "long" } });
const jacket = sample("jacket", { name: "jacket" });
const coat = sample("coat", { name: "coat" });
const shoe = sample("shoe", { name: "shoe" });

const offOf = (...worn: Parameters<typeof sampleLook>[0][]) =>
  layersOfDay(sampleLook(worn[0] ?? {})).map(({ off }) => off.map(({ id }) => id));

describe("the layers of a day", () => {
  it("come off from the outermost inwards, of the base and of what is put on, and the rest stays", () => {
    const look = sampleLook({ garments: [legs, shirt, knit, jacket], accessories: [shoe, coat] });
    const states = layersOfDay(look);
    expect(states.map(({ off }) => off.map(({ id }) => id))).toEqual([
      [],
      ["coat"],
      ["coat", "jacket"],
      ["coat", "jacket", "knit"],
    ]);
    expect(states[0]?.look).toBe(look);
    const last = states[3]?.look;
    expect([...(last?.garments ?? []), ...(last?.accessories ?? [])].map(({ id }) => id)).toEqual([
      "legs",
      "shirt",
      "shoe",
    ]);
  });

  it("are none where a knit is all there is above the waist", () => {
    expect(offOf({ garments: [legs, knit], accessories: [shoe] })).toEqual([[]]);
  });

  it("take with them what is done to them", () => {
    const states = layersOfDay(
      sampleLook({
        garments: [legs, shirt],
        accessories: [coat],
        adjustments: [{ kind: "front", piece: "coat", how: "closed" }],
      }),
    );
    expect(states[1]?.look.adjustments).toEqual([]);
  });

  it("count a knit that is tied round the shoulders", () => {
    const adjustments = [{ kind: "round-shoulders", piece: "knit", how: "round the shoulders" }] as const;
    expect(offOf({ garments: [legs, shirt, knit], accessories: [], adjustments })).toEqual([[], ["knit"]]);
  });
});
