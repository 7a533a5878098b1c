import { describe, expect, it } from "vitest";
import type { Piece, PieceOf } from "../../piece/piece";
import { effectsOf, findingsOf } from "../../testing/findings";
import { sample, sampleClient, sampleLook } from "../../testing/sample";
import { bending } from "../comfort/bending";
import { calfHem } from "./calf-hem";
import { skirtBoot } from "./skirt-boot";
import { skirtFloor } from "./skirt-floor";
import { trainerSole } from "./trainer-sole";

// The waist lies 107.9 cm up, the widest calf 34.8, the knee 49.6.
const skirt = (length: number) => sample("skirt", { name: "skirt", figures: { length } });
const shoe = (figures: Partial<PieceOf<"shoe">["figures"]>, hex = "#20242f") =>
  sample("shoe", { name: "shoes", hex, figures });
const look = (length: number, ...accessories: Piece[]) =>
  sampleLook({ garments: [skirt(length)], accessories });

describe("a hem at the widest calf", () => {
  it("rubs over a flat closed shoe, and passes with a heel, a point or an open vamp", () => {
    expect(effectsOf(calfHem, look(73, shoe({ form: "laced shoe", lift: 2 })))).toEqual(["rubs"]);
    expect(effectsOf(calfHem, look(73, shoe({ form: "laced shoe", lift: 5 })))).toEqual(["note"]);
    expect(effectsOf(calfHem, look(73, shoe({ form: "laced shoe", lift: 2, toe: "pointed" })))).toEqual([
      "note",
    ]);
    expect(effectsOf(calfHem, look(73, shoe({ form: "pump", lift: 2 })))).toEqual(["note"]);
    expect(effectsOf(calfHem, look(62, shoe({ form: "laced shoe", lift: 2 })))).toEqual([]);
  });
});

describe("a skirt over a boot", () => {
  const boot = (shaft: number, hex?: string) => shoe({ form: "boot", shaft, shaftTop: 38 }, hex);

  it.each([
    [38, "sings"],
    [26, undefined],
    [32, "rubs"],
  ])("a hem 34.9 up and a shaft of %d cm: %s", (shaft, effect) => {
    expect(effectsOf(skirtBoot, look(73, boot(shaft)))[0]).toBe(effect);
  });

  it("is closed by hosiery in the boot's own colour", () => {
    const tights = sample("hosiery", {
      name: "tights",
      hex: "#22262f",
      figures: { form: "tights", denier: 80 },
    });
    expect(effectsOf(skirtBoot, look(73, boot(32), tights))).toEqual(["note"]);
  });
});

describe("trainers under a skirt", () => {
  const trainers = (soleBulk: "fine" | "middling" | "heavy") => shoe({ form: "trainer", soleBulk });

  it.each([
    [45, "heavy", "note"],
    [58, "heavy", "rubs"],
    [58, "middling", "note"],
    [75, "middling", "rubs"],
    [75, "heavy", "jars"],
    [75, "fine", "note"],
  ] as const)("a length of %d cm over a %s sole %s", (length, sole, effect) => {
    expect(effectsOf(trainerSole, look(length, trainers(sole)))).toEqual([effect]);
  });
});

describe("a skirt's ends", () => {
  it("drags when it reaches the floor, less so the higher the shoe", () => {
    expect(effectsOf(skirtFloor, look(108, shoe({ lift: 0.5 })))).toEqual(["jars"]);
    expect(effectsOf(skirtFloor, look(108, shoe({ lift: 4 })))).toEqual([]);
  });

  it("obeys the client's own shortest hem", () => {
    const client = { ...sampleClient, limits: { ...sampleClient.limits, hemAboveKnee: 5 } };
    const [finding] = findingsOf(bending, { ...look(45, shoe({})), client });
    expect(finding).toMatchObject({ effect: "bar" });
    expect(effectsOf(bending, { ...look(58, shoe({})), client })).toEqual([]);
    expect(effectsOf(bending, look(40, shoe({})))).toEqual(["note"]);
  });

  it("rises when its wearer is dressed seated", () => {
    const seated = {
      ...look(62, shoe({})),
      client: { ...sampleClient, seated: true, limits: { ...sampleClient.limits, hemAboveKnee: 5 } },
    };
    expect(effectsOf(bending, seated)).toEqual(["bar"]);
    expect(effectsOf(bending, { ...seated, client: { ...seated.client, seated: false } })).toEqual([]);
  });
});
