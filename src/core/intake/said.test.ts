import { describe, expect, it } from "vitest";
import { readLine } from "./line";
import { ownColours } from "./vocabulary/own-colours";

function read(line: string) {
  const { piece, unknown } = readLine(line);
  if (!piece) throw new Error(`"${line}" is no piece`);
  expect(unknown, line).toEqual([]);
  return piece;
}

const navy = "#1d2742";
const black = "#141414";
const white = "#fafafa";
const red = "#b3202a";
const gold = "#c4973f";
const silver = "#c3c6c9";

/** The colours of a line with the part each is of, and its share of the whole in hundredths. */
const coloursOf = (line: string) =>
  read(line).swatches.map(({ hex, role, share }) => [hex, role, Math.round(share * 100)]);

describe("the colours that are said", () => {
  it.each([
    [
      "navy and white top",
      [
        [navy, "ground", 60],
        [white, "motif", 40],
      ],
    ],
    [
      "navy, white and red scarf",
      [
        [navy, "ground", 60],
        [white, "motif", 20],
        [red, "motif", 20],
      ],
    ],
    [
      "black pumps silver heel",
      [
        [black, "ground", 92],
        [silver, "trim", 8],
      ],
    ],
    [
      "navy court shoes with a red block heel 6 cm",
      [
        [navy, "ground", 92],
        [red, "trim", 8],
      ],
    ],
    [
      "black sandals gold platform",
      [
        [black, "ground", 92],
        [gold, "sole", 8],
      ],
    ],
    [
      "navy and white block heel sandals",
      [
        [navy, "ground", 60],
        [white, "motif", 40],
      ],
    ],
    ["pumps black block heel", [[black, "ground", 100]]],
    [
      "black pumps with a white trim",
      [
        [black, "ground", 88],
        [white, "trim", 12],
      ],
    ],
    [
      "navy coat with red lining",
      [
        [navy, "ground", 100],
        [red, "reverse", 100],
      ],
    ],
    [
      "navy bag with red strap",
      [
        [navy, "ground", 85],
        [red, "trim", 15],
      ],
    ],
    [
      "navy bag, gold strap",
      [
        [navy, "ground", 85],
        [gold, "trim", 15],
      ],
    ],
    [
      "navy loafers with gold sole",
      [
        [navy, "ground", 92],
        [gold, "sole", 8],
      ],
    ],
    [
      "white trainers with silver laces",
      [
        [white, "ground", 96],
        [silver, "lace", 4],
      ],
    ],
    [
      "white trainers, red rubber sole",
      [
        [white, "ground", 92],
        [red, "sole", 8],
      ],
    ],
    ["black bag with gold zip", [[black, "ground", 100]]],
    ["black lace dress", [[black, "ground", 100]]],
    ["denim jacket", [[ownColours.denim, "ground", 100]]],
    ["black denim skirt", [[black, "ground", 100]]],
    ["pearl earrings", [[ownColours.pearl, "ground", 100]]],
  ] as const)("of %s", (line, colours) => {
    expect(coloursOf(line)).toEqual(colours);
  });

  it("are darker, paler or duller by the word before them, and by two words more", () => {
    const lch = (line: string) => {
      const [ground = ["#000000"]] = coloursOf(line);
      const hex = String(ground[0]);
      const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
      return { light: r + g + b, clear: Math.max(r, g, b) - Math.min(r, g, b) };
    };
    const plain = lch("blue belt");
    expect(lch("dark blue belt").light).toBeLessThan(plain.light);
    expect(lch("pale blue belt").light).toBeGreaterThan(plain.light);
    expect(lch("dusty blue belt").clear).toBeLessThan(plain.clear);
    expect(lch("dusty dark blue belt").light).toBeLessThan(lch("dusty blue belt").light);
    expect(lch("dusty dark blue belt").clear).toBeLessThan(plain.clear);
    // A shade is of the colour behind it alone.
    expect(coloursOf("dark navy and white top")[1]).toEqual([white, "motif", 40]);
    expect(coloursOf("black top")[0]?.[0]).toBe(black);
  });
});

describe("gold and silver", () => {
  it.each([
    ["gold hoops", "gold", 2, "matte smooth"],
    ["gold and silver hoops", "two-tone", 2, "matte smooth"],
    ["gold hoops, gold", "gold", 2, "matte smooth"],
    ["black bag with gold zip", "gold", 1, "matte smooth"],
    ["black bag, gold and silver buckle", "two-tone", 1, "matte smooth"],
    ["black loafers with gold", "gold", 1, "matte smooth"],
    ["black bag with a silver chain", "silver", 1, "matte smooth"],
    ["gold bag", "none", 0, "metallic"],
    ["gold loafers", "none", 0, "metallic"],
    ["gold belt", "none", 0, "metallic"],
    ["black pumps silver heel", "none", 0, "matte smooth"],
    ["gold suede loafers", "none", 0, "metallic"],
    ["gold scarf", "none", 0, "matte smooth"],
    ["navy loafers with gold sole", "none", 0, "matte smooth"],
    ["white trainers with silver laces", "none", 0, "matte smooth"],
    ["rose gold ring", "rose", 2, "matte smooth"],
    ["silver glasses", "silver", 2, "matte smooth"],
    ["black glasses with gold", "gold", 2, "matte smooth"],
    ["black belt with brass buckle", "brass", 1, "matte smooth"],
  ] as const)("of %s: %s, shown as %d, %s", (line, metal, metalSize, finish) => {
    expect(read(line)).toMatchObject({ metal, metalSize, finish });
  });
});

describe("what a piece is made of", () => {
  it.each([
    ["black suede and patent pumps", { finish: "suede", secondFinish: "patent", cloth: null }],
    ["black patent suede pumps", { finish: "patent", secondFinish: "suede" }],
    ["black suede suede pumps", { finish: "suede", secondFinish: null }],
    ["navy cashmere coat", { cloth: "wool" }],
    ["navy denim skirt", { finish: "denim", cloth: "denim" }],
    ["leather jacket, black", { cloth: "leather" }],
    ["black leather belt", { cloth: null }],
    ["navy breton top", { cloth: "cotton", pattern: "stripe", patternScale: 4 }],
    ["navy top", { pattern: "plain", patternScale: 0 }],
    ["striped navy dress", { pattern: "stripe" }],
    ["pearl earrings, silver", { finish: "pearl", metal: "silver" }],
    ["gold chain necklace", { metal: "gold" }],
    ["brown bag with gold chain", { finish: "matte smooth", figures: { strapMade: "chain" } }],
    ["black velvet jacket", { finish: "velvet" }],
  ] as const)("%s", (line, said) => {
    expect(read(line)).toMatchObject(said);
  });

  it("is said with how it speaks, where it is at home and how it leans", () => {
    expect(read("formal black shoes").register?.centre).toBe(8);
    expect(read("casual navy trainers").register?.centre).toBe(3);
    expect(read("statement red earrings").statement).toBe(3);
    expect(read("red earrings")).toMatchObject({ statement: null, register: null, poles: [] });
  });
});

describe("a measure", () => {
  it.each([
    ["navy scarf 90", { sideA: 90, sideB: 90 }],
    ["navy silk scarf, 90 x 180", { sideA: 180, sideB: 90 }],
    ["navy silk scarf, 180 x 90", { sideA: 180, sideB: 90 }],
    ["tan bag 30 x 20 x 10", { width: 30, height: 20, depth: 10 }],
    ["tan bag 400 g", { weight: 400 }],
    ["tan bag 2kg", { weight: 2000 }],
    ["black tights 20 den", { denier: 20 }],
    ["black tights 20 denier", { denier: 20 }],
    ["black tights 20", { denier: 20 }],
    ["black trousers 74", { inseam: 74 }],
    ["black pumps, 5 cm heel", { lift: 5 }],
    ["black pumps 5 heel 7", { lift: 7 }],
    ["black pumps heel 50 mm", { lift: 5 }],
    ["brown boots, shaft 18, heel 4", { shaft: 18, lift: 4 }],
    ["brown boots, 4,5 cm heel", { lift: 4.5 }],
    ["black belt 1 1/4 in", { width: 3.18 }],
    ['black belt 3/4"', { width: 1.91 }],
    ["black belt 2 inches", { width: 5.08 }],
    ["white pocket square 30", { side: 30 }],
  ] as const)("%s", (line, figures) => {
    expect(read(line).figures).toMatchObject(figures);
  });

  it("that was said is not assumed, and what came with the form is", () => {
    expect(read("black pumps").assumed).toContain("lift");
    expect(read("black pumps heel 7").assumed ?? []).not.toContain("lift");
    expect(read("black belt 3 cm").assumed ?? []).not.toContain("width");
  });

  it.each(["black boots, shaft 99", "black belt 90", "black tights 4000 den", "navy scarf 9000"])(
    "that cannot be says nothing: %s",
    (line) => {
      const { unknown } = readLine(line);
      expect(unknown).toHaveLength(1);
      expect(line).toContain(unknown[0] ?? "nothing");
    },
  );

  it("of part of a word is no measure", () => {
    expect(readLine("navy top, 3/4 sleeves").unknown).toEqual([]);
    expect(readLine("navy top, 3/4 sleeves").piece?.figures).toMatchObject({ sleeve: "three-quarter" });
  });
});
