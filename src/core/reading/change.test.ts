import { describe, expect, it } from "vitest";
import { sample, sampleLook } from "../testing/sample";
import { optionsOf } from "../piece/adjustment";
import { apply, mayComeOff, standsFor, wornSo } from "./change";

const shoe = sample("shoe", { name: "shoe" });
const bag = sample("bag", { name: "bag" });
const ring = sample("ring", { name: "ring" });
const knit = sample("top", {
  name: "knit",
  finish: "knit",
  cloth: "fine knit",
  figures: { sleeve: "long", bodyGirth: 110 },
});
const look = sampleLook({ garments: [knit], accessories: [shoe, bag, ring] });
const ids = ({ accessories }: typeof look) => accessories.map(({ id }) => id);

describe("a look after a change", () => {
  it("wears a piece in its place, and without another", () => {
    const tote = sample("bag", { name: "tote" });
    expect(ids(apply(look, { kind: "wear", piece: tote }))).toEqual(["shoe", "ring", "tote"]);
    expect(ids(apply(look, { kind: "take-off", piece: "ring" }))).toEqual(["shoe", "bag"]);
  });

  it("wears a piece otherwise and as it is made again, with all else where it was", () => {
    const [round] = optionsOf("round-shoulders", knit);
    if (!round) throw new Error("a fine knit goes round the shoulders");
    const worn = apply(look, wornSo(round));
    expect(worn.adjustments).toEqual([round]);
    expect(worn.accessories).toEqual(look.accessories);
    const again = apply(worn, { kind: "undo", way: "round-shoulders", piece: "knit" });
    expect(again).toEqual(look);
    expect(apply(look, { kind: "undo", way: "collar-up", piece: "nothing" })).toEqual(look);
  });

  it("clears the place that a piece goes to as it is worn, and leaves its own to others", () => {
    const [studs, pearls] = ["studs", "pearls"].map((name) =>
      sample("earrings", { name, figures: { drop: 1 } }),
    );
    if (!studs || !pearls) throw new Error("two pairs are wanted");
    const second = (piece: string) => ({ kind: "second-hole", piece }) as const;
    const one = apply({ ...look, accessories: [shoe, studs] }, wornSo(second("studs")));
    expect(ids(one)).toEqual(["shoe", "studs"]);
    const both = apply(one, { kind: "wear", piece: pearls });
    expect(ids(both)).toEqual(["shoe", "studs", "pearls"]);
    expect(ids(apply(both, wornSo(second("pearls"))))).toEqual(["shoe", "pearls"]);
    expect(ids(apply(both, { kind: "undo", way: "second-hole", piece: "studs" }))).toEqual(["shoe", "studs"]);
  });

  it("may be one without anything but the shoes", () => {
    expect([shoe, bag, ring].map(mayComeOff)).toEqual([false, true, true]);
  });
});

describe("which piece stands for another", () => {
  const after = (change: Parameters<typeof standsFor>[1], of = look) => {
    const stands = standsFor(of, change);
    return ["shoe", "bag", "ring"].map(stands);
  };

  it("is what takes its place", () => {
    expect(after({ kind: "wear", piece: sample("bag", { name: "tote" }) })).toEqual(["shoe", "tote", "ring"]);
    expect(after({ kind: "wear", piece: sample("hat", { name: "hat" }) })).toEqual(["shoe", "bag", "ring"]);
  });

  it("is none where it joins others or is no accessory, and by any other change", () => {
    const same = ["shoe", "bag", "ring"];
    expect(after({ kind: "wear", piece: sample("ring", { name: "second ring" }) })).toEqual(same);
    expect(after({ kind: "wear", piece: sample("dress", { name: "dress" }) })).toEqual(same);
    expect(after({ kind: "take-off", piece: "bag" })).toEqual(same);
    expect(after(wornSo({ kind: "collar-up", piece: "bag" }))).toEqual(same);
  });
});
