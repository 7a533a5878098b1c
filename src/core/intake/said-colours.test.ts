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

/** A colour with the part it is of, and its share of the whole in hundredths. */
type ColourOfPart = readonly [hex: string, role: string, share: number];

describe("the colours that are said", () => {
  it.each<readonly [line: string, colours: readonly ColourOfPart[]]>([
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
    // What the sole or a strap is like is said in front of the shoe: the colour is the shoe's.
    ["chunky black lug-sole boots", [[black, "ground", 100]]],
    ["black ankle-strap sandals", [[black, "ground", 100]]],
    [
      "white-soled navy trainers",
      [
        [navy, "ground", 92],
        [white, "sole", 8],
      ],
    ],
    [
      "white lug-sole navy boots",
      [
        [navy, "ground", 92],
        [white, "sole", 8],
      ],
    ],
    [
      "navy boots, red lug sole",
      [
        [navy, "ground", 92],
        [red, "sole", 8],
      ],
    ],
    // What stands behind a comma is told by itself.
    ["small cross-body bag, navy, silver chain", [[navy, "ground", 100]]],
    [
      "bag black gold",
      [
        [black, "ground", 60],
        [gold, "motif", 40],
      ],
    ],
    ["bag black 30 x 20 x 10 gold", [[black, "ground", 100]]],
    [
      "black and gold bag",
      [
        [black, "ground", 60],
        [gold, "motif", 40],
      ],
    ],
    [
      "white flats with a black toe",
      [
        [white, "ground", 88],
        [black, "trim", 12],
      ],
    ],
    // Nearly all that is seen of a watch is its strap.
    ["rose gold watch with a red leather strap", [[red, "ground", 100]]],
    ["silver watch on black leather", [[black, "ground", 100]]],
    // The sort of a colour behind the colour itself is no second one.
    ["midnight blue jacket", [["#151b33", "ground", 100]]],
    ["petrol blue coat", [["#17505f", "ground", 100]]],
    ["slate grey belt", [["#55606b", "ground", 100]]],
    ["ivory white scarf", [["#f4eedf", "ground", 100]]],
    ["jet black scarf", [["#0f1011", "ground", 100]]],
    [
      "navy green scarf",
      [
        [navy, "ground", 60],
        ["#2f7a45", "motif", 40],
      ],
    ],
    [
      "black grey scarf",
      [
        [black, "ground", 60],
        ["#8a8a8a", "motif", 40],
      ],
    ],
    ["black bag with gold zip", [[black, "ground", 100]]],
    ["black lace dress", [[black, "ground", 100]]],
    ["denim jacket", [[ownColours.denim, "ground", 100]]],
    ["black denim skirt", [[black, "ground", 100]]],
    ["pearl earrings", [[ownColours.pearl, "ground", 100]]],
  ])("of %s", (line, colours) => {
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
    // However pale a colour is, it stays that colour.
    expect(lch("pale yellow belt").light).toBeGreaterThan(lch("yellow belt").light);
    expect(lch("pale yellow belt").clear).toBeGreaterThan(30);
    // A shade that no colour follows is one of what it is made of.
    expect(lch("denim jacket, light wash").light).toBeGreaterThan(lch("denim jacket").light);
    expect(lch("denim jacket, dark wash").light).toBeLessThan(lch("denim jacket").light);
    // A shade is of the colour behind it alone.
    expect(coloursOf("dark navy and white top")[1]).toEqual([white, "motif", 40]);
    expect(coloursOf("black top")[0]?.[0]).toBe(black);
  });
});
