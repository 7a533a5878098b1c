import { describe, expect, it } from "vitest";
import { nextToDress, wantsWork, type DressedOccasion } from "./day-plan";

const occasion = (name: string, verdict: "sings" | "sits" | "jars" | null) => ({ name, verdict });

describe("what to do next", () => {
  it("is the first day for which nothing is laid out, or what is laid out jars", () => {
    const ready = [occasion("dinner", "sings"), occasion("train", "sits")];
    expect(nextToDress([...ready, occasion("lecture", "jars"), occasion("radio", null)])?.name).toBe(
      "lecture",
    );
    expect(nextToDress([...ready, occasion("radio", null), occasion("lecture", "jars")])?.name).toBe("radio");
  });

  it("is nothing when every occasion has a look to wear", () => {
    expect(nextToDress([occasion("dinner", "sings"), occasion("train", "sits")])).toBeUndefined();
    expect(nextToDress<DressedOccasion>([])).toBeUndefined();
  });

  it("counts work by the verdict alone", () => {
    expect((["sings", "sits", "jars", null] as const).map((verdict) => wantsWork({ verdict }))).toEqual([
      false,
      false,
      true,
      true,
    ]);
  });
});
