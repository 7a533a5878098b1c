import { describe, expect, it } from "vitest";
import type { Finish } from "../../finish/finishes";
import type { Piece } from "../../piece/piece";
import { effectsOf, findingsOf } from "../../testing/findings";
import { sample, sampleClientWith, sampleLook } from "../../testing/sample";
import { embellishment } from "./embellishment";
import { texture } from "./texture";

const piece = (
  kind: "shoe" | "bag" | "necklace" | "earrings",
  finish: Finish,
  second: Finish | null = null,
) => sample(kind, { name: `${finish} ${kind}`, finish, secondFinish: second, metal: "gold" }) as Piece;

describe("embellishment", () => {
  const read = (...accessories: Piece[]) => effectsOf(embellishment, sampleLook({ accessories }));

  it.each([
    ["sequins beside crystal", [piece("shoe", "sequin"), piece("bag", "crystal")], ["jars"]],
    ["pearl with pearl", [piece("earrings", "pearl"), piece("necklace", "pearl")], []],
    ["one piece with two kinds", [piece("bag", "crystal", "fringe")], []],
    [
      "a bow beside a fringe: both are cut",
      [piece("shoe", "suede", "bow"), piece("bag", "suede", "fringe")],
      [],
    ],
    ["a chain that is a necklace", [piece("necklace", "chain"), piece("earrings", "pearl")], []],
    ["a chain strap beside crystal", [piece("bag", "matte smooth", "chain"), piece("shoe", "crystal")], []],
    ["pearl with crystal in small jewellery", [piece("earrings", "pearl"), piece("necklace", "crystal")], []],
    ["pearls on the bag, crystal on the shoe", [piece("bag", "pearl"), piece("shoe", "crystal")], ["jars"]],
  ])("%s", (_, accessories, effects) => {
    expect(read(...accessories)).toEqual(effects);
  });

  it("may mix where ornament is layered and one metal holds it", () => {
    const client = sampleClientWith({}, { ornament: "layered" });
    const mixed = [piece("shoe", "sequin"), piece("bag", "crystal")];
    expect(effectsOf(embellishment, sampleLook({ client, accessories: mixed }))).toEqual(["note"]);
    const silver = { ...piece("bag", "crystal"), metal: "silver" } as Piece;
    expect(
      effectsOf(embellishment, sampleLook({ client, accessories: [piece("shoe", "sequin"), silver] })),
    ).toEqual(["jars"]);
  });
});

describe("one colour wants two textures", () => {
  const grey = (finish: Finish) => [
    sample("trousers", { name: "trousers", hex: "#77797c" }),
    sample("top", { name: "top", hex: "#808285", finish, figures: { tucked: true } }),
  ];
  const shoes = sample("shoe", { name: "shoes", hex: "#7b7d80" });

  it("and is flat with one", () => {
    expect(effectsOf(texture, sampleLook({ garments: grey("matte smooth"), accessories: [shoes] }))).toEqual([
      "rubs",
    ]);
    expect(effectsOf(texture, sampleLook({ garments: grey("knit"), accessories: [shoes] }))).toEqual([
      "lifts",
    ]);
  });

  it("tells cloths apart where they are recorded, and else says that it assumes", () => {
    const [legs, knit] = grey("matte smooth");
    if (!legs || !knit) throw new Error("two garments");
    const of = (one: "wool" | null, other: "wool" | "silk" | null) =>
      findingsOf(
        texture,
        sampleLook({
          garments: [
            { ...legs, cloth: one },
            { ...knit, cloth: other },
          ],
          accessories: [shoes],
        }),
      );
    expect(of("wool", "silk")).toMatchObject([{ effect: "lifts" }]);
    expect(of("wool", "wool")).toMatchObject([{ message: "flat", estimated: false }]);
    expect(of(null, "wool")).toMatchObject([{ message: "perhapsFlat", estimated: true }]);
  });

  it("says nothing of two colours", () => {
    const red = sample("top", { name: "top", hex: "#bf2026", figures: { tucked: true } });
    const garments = [sample("trousers", { name: "trousers", hex: "#77797c" }), red];
    expect(effectsOf(texture, sampleLook({ garments, accessories: [shoes] }))).toEqual([]);
  });
});
