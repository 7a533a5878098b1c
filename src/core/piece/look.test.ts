import { describe, expect, it } from "vitest";
import { sample, sampleLook } from "../testing/sample";
import { swap, takeOff, wear } from "./look";

const studs = sample("earrings", { name: "studs" });
const hoops = sample("earrings", { name: "hoops" });
const cuff = sample("bracelet", { name: "cuff" });
const bangle = sample("bracelet", { name: "bangle" });
const look = sampleLook({ accessories: [studs, cuff] });

describe("a piece put on", () => {
  it("takes the place of what its slot holds, or joins a stack", () => {
    expect(wear(look, hoops).accessories).toEqual([cuff, hoops]);
    expect(wear(look, bangle).accessories).toEqual([studs, cuff, bangle]);
    expect(wear(look, studs)).toBe(look);
    expect(swap(look, "wrist", bangle).accessories).toEqual([studs, bangle]);
    expect(takeOff(look, cuff.id).accessories).toEqual([studs]);
  });

  it("is never on twice, wherever it was worn before", () => {
    const inSecondHole = { ...look, adjustments: [{ kind: "second-hole", piece: studs.id } as const] };
    expect(swap(inSecondHole, "earrings", studs).accessories).toEqual([cuff, studs]);
    expect(swap(inSecondHole, "earrings", hoops).accessories).toEqual([studs, cuff, hoops]);
  });
});
