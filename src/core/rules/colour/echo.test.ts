import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Piece } from "../../piece/piece";
import { read } from "../../reading/read";
import { effectsOf, findingsOf } from "../../testing/findings";
import { sample, sampleLook } from "../../testing/sample";
import { accent } from "./accent";
import { echo } from "./echo";

const greys = [
  sample("top", { name: "top", hex: "#a7abb0", figures: { tucked: true } }),
  sample("trousers", { name: "trousers", hex: "#3c3e43" }),
];
const cobaltBag = sample("bag", { name: "cobalt bag", hex: "#2450c0" });
const rustShawl = sample("scarf", { name: "rust shawl", hex: "#96523a" });
const look = (...accessories: Piece[]) => sampleLook({ garments: greys, accessories });

describe("a colour that enters alone", () => {
  it("may be the one accent: noted when it is clear, praised when it is deep", () => {
    expect(effectsOf(echo, look(cobaltBag))).toEqual([]);
    expect(findingsOf(accent, look(cobaltBag))).toMatchObject([
      { effect: "note", names: { piece: "cobalt bag" }, words: { family: "blue" } },
    ]);
    const plum = sample("bag", { name: "plum bag", hex: "#4b2648" });
    expect(findingsOf(accent, look(plum))).toMatchObject([{ effect: "lifts", message: "deep" }]);
    const red = sample("top", { name: "top", hex: "#bf2026", figures: { tucked: true } });
    expect(effectsOf(accent, sampleLook({ garments: [red], accessories: [plum] }))).toEqual([]);
  });

  it("is neither accent nor answer when it is muted and light", () => {
    const sage = look(sample("scarf", { name: "sage stole", hex: "#a9b59a" }));
    expect(effectsOf(accent, sage)).toEqual([]);
    expect(effectsOf(echo, sage)).toEqual(["rubs"]);
  });

  it("keeps silent between an answer and a stray", () => {
    const blue = sample("earrings", { name: "drops", hex: "#2a55b8" });
    const half = sample("earrings", { name: "drops", hex: "#4a6a9c" });
    expect(effectsOf(echo, look(cobaltBag, blue))).toEqual(["lifts"]);
    expect(effectsOf(accent, look(cobaltBag, half))).not.toContain("lifts");
  });

  it("hears blacks and leathers answer one another", () => {
    const belt = sample("belt", { name: "belt", hex: "#17171a" });
    const boots = sample("shoe", { name: "boots", hex: "#1a1a1c" });
    const jeans = sample("trousers", { name: "jeans", hex: "#5a7396" });
    const tee = sample("top", { name: "tee", hex: "#f7f7f5", figures: { tucked: true } });
    const worn = (...accessories: Piece[]) => sampleLook({ garments: [jeans, tee], accessories });
    expect(findingsOf(echo, worn(belt, boots))).toMatchObject([{ effect: "lifts", message: "neutral" }]);
    expect(effectsOf(echo, worn(boots))).toEqual([]);
  });

  it("hears the lining of a layer that is worn open, and not of one that is closed", () => {
    const coat = (closed: boolean) => ({
      ...sample("coat", { name: "coat", figures: { closed } }),
      swatches: [
        { hex: "#3c3e43", share: 1, role: "ground" as const },
        { hex: "#2450c0", share: 1, role: "reverse" as const },
      ],
    });
    const shoes = sample("shoe", { name: "shoes", hex: "#2450c0" });
    const read = (closed: boolean) =>
      findingsOf(echo, sampleLook({ garments: [...greys, coat(closed)], accessories: [shoes] })).map(
        ({ message }) => message,
      );
    expect(read(false)).toContain("answer");
    expect(read(true)).not.toContain("answer");
  });

  it("hears a hat that has both colours of the look", () => {
    const hat = sample("hat", {
      name: "hat",
      swatches: [
        { hex: "#cdb083", share: 0.85, role: "ground" },
        { hex: "#1a1a1c", share: 0.15, role: "trim" },
      ],
    });
    const garments = [
      sample("trousers", { name: "trousers", hex: "#c8a77c" }),
      sample("top", { name: "top", hex: "#1a1a1c", figures: { tucked: true } }),
    ];
    expect(findingsOf(echo, sampleLook({ garments, accessories: [hat] }))).toContainEqual(
      expect.objectContaining({ message: "bridge", effect: "lifts" }),
    );
  });

  it("jars once a second, muted one comes in beside it", () => {
    expect(effectsOf(echo, look(cobaltBag, rustShawl))).toEqual(["jars"]);
  });

  it("rubs when it is muted", () => {
    expect(effectsOf(echo, look(sample("scarf", { name: "olive stole", hex: "#6f7a5e" })))).toEqual(["rubs"]);
  });

  it("is praised when it is answered at another height", () => {
    const drops = sample("earrings", { name: "blue drops", hex: "#2a55b8" });
    const findings = findingsOf(echo, look(cobaltBag, drops));
    expect(findings.map(({ effect }) => effect)).toEqual(["lifts"]);
    expect(findings[0]?.figures.apart?.value).toBeLessThanOrEqual(12);
  });

  it("is praised by name when it picks a colour out of a print", () => {
    const print = sample("dress", {
      name: "botanical dress",
      pattern: "floral",
      swatches: [
        { hex: "#1d3a3a", share: 0.6, role: "ground" },
        { hex: "#2450c0", share: 0.4, role: "motif" },
      ],
    });
    const [finding] = findingsOf(
      echo,
      sampleLook({
        garments: [print],
        accessories: [sample("shoe", { name: "cobalt mules", hex: "#2450c0" })],
      }),
    );
    expect(finding).toMatchObject({
      effect: "sings",
      names: { piece: "cobalt mules", other: "botanical dress" },
    });
  });

  it("leaves out eyewear, skin-tone shoes and metal", () => {
    const exempt = [
      sample("eyewear", { name: "red frames", hex: "#bf2026" }),
      sample("shoe", { name: "skin pumps", hex: "#d4a982" }),
      sample("earrings", { name: "hoops", hex: "#c8a24a", finish: "polished", metal: "gold", metalSize: 3 }),
    ];
    expect(effectsOf(echo, look(...exempt))).toEqual([]);
  });

  it("asks for brown among greys, and not among browns", () => {
    const chestnut = sample("shoe", { name: "chestnut shoes", hex: "#5a3b26" });
    expect(effectsOf(echo, look(chestnut))).toEqual(["rubs"]);
    const brown = sample("trousers", { name: "trousers", hex: "#6f4a30" });
    expect(effectsOf(echo, sampleLook({ garments: [brown], accessories: [chestnut] }))).not.toContain("rubs");
  });
});

it("adding an orphan colour never raises the colour lens", () => {
  const hexes = fc.constantFrom(
    "#bf2026",
    "#2f7d43",
    "#6a1b2c",
    "#6b6a36",
    "#5b2f74",
    "#c9982b",
    "#12686b",
    "#a5482a",
  );
  const colour = (accessories: Piece[]) =>
    read(look(...accessories)).lenses.find(({ lens }) => lens === "colour")?.score ?? 70;
  fc.assert(
    fc.property(fc.uniqueArray(hexes, { minLength: 1, maxLength: 3 }), (colours) => {
      const kinds = ["scarf", "bag", "gloves"] as const;
      const pieces = colours.map((hex, i) => sample(kinds[i] ?? "bag", { name: `piece ${i}`, hex }) as Piece);
      for (let n = 1; n <= pieces.length; n += 1) {
        const orphaned = findingsOf(echo, look(...pieces.slice(0, n))).every(
          ({ effect }) => effect !== "lifts" && effect !== "sings",
        );
        // A deep colour alone is the accent, which is praised: the property is about strays.
        const deep = findingsOf(accent, look(...pieces.slice(0, n))).some(({ effect }) => effect === "lifts");
        if (orphaned && !deep)
          expect(colour(pieces.slice(0, n))).toBeLessThanOrEqual(colour(pieces.slice(0, n - 1)));
      }
    }),
  );
});
