import { describe, expect, it } from "vitest";
import { lightNames, underLight } from "../colour/light";
import { sample, sampleClient, sampleLook } from "../testing/sample";
import { lookUnder } from "./relit";

const shoe = sample("shoe", { name: "shoe", hex: "#6d3f26" });
const top = sample("top", { name: "top", hex: "#efe6cf" });
const { colouring } = sampleClient;
const client = { ...sampleClient, colouring: { ...colouring, eyes: null } };
const look = sampleLook({ client, garments: [top], accessories: [shoe] });

describe("a look by another light", () => {
  it("is itself by day", () => {
    expect(lookUnder(look, "daylight")).toBe(look);
  });

  it.each(lightNames.filter((light) => light !== "daylight"))("by %s is every colour by it", (light) => {
    const lit = lookUnder(look, light);
    expect(lit.garments[0]?.swatches).toEqual([{ ...top.swatches[0], hex: underLight("#efe6cf", light) }]);
    expect(lit.accessories[0]?.swatches).toEqual([
      { ...shoe.swatches[0], hex: underLight("#6d3f26", light) },
    ]);
    expect(lit.client.colouring).toEqual({
      ...colouring,
      skin: underLight(colouring.skin ?? "", light),
      hair: underLight(colouring.hair ?? "", light),
      eyes: null,
    });
    expect(lit.client.measured).toBe(client.measured);
  });

  it("gives the same piece each time, so that what was read of it is known", () => {
    const [light] = lightNames.filter((each) => each !== "daylight");
    if (!light) throw new Error("there is no other light");
    expect(lookUnder(look, light).accessories[0]).toBe(lookUnder(look, light).accessories[0]);
  });
});
