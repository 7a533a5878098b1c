import { describe, expect, it } from "vitest";
import { readLine } from "./line";

function read(line: string) {
  const { piece, unknown } = readLine(line);
  if (!piece) throw new Error(`"${line}" is no piece`);
  expect(unknown, line).toEqual([]);
  return piece;
}

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
    ["black bag 30 x 20, gold", "gold", 1, "matte smooth"],
    ["black and gold bag", "none", 0, "matte smooth"],
    ["gold t-strap sandals", "none", 0, "metallic"],
    ["two-tone pumps, beige and black", "none", 0, "matte smooth"],
    ["black bag, two-tone hardware", "two-tone", 1, "matte smooth"],
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
    // What trims it or lines it is not what it is made of.
    ["red flats with a bow", { finish: "matte smooth", secondFinish: "bow" }],
    ["black loafers with a patent toe", { finish: "matte smooth", secondFinish: "patent" }],
    ["navy wool coat with a leather collar", { cloth: "wool" }],
    ["navy coat, velvet collar", { finish: "matte smooth", secondFinish: "velvet" }],
    ["brown leather gloves, cashmere lined", { cloth: "leather" }],
    ["boots in black suede", { finish: "suede", secondFinish: null }],
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
    ["brown boots 5 cm heel 18 cm shaft", { lift: 5, shaft: 18 }],
    ["brown boots heel 5 shaft 18", { lift: 5, shaft: 18 }],
    ["brown boots, size 39", { lift: 3.5 }],
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

  it.each([
    ["silver sandals, heel 8", "slim"],
    ["brown loafers, heel 4", "block"],
    ["brown loafers, heel 2", "flat"],
    ["flat sandals, heel 5", "block"],
    ["wedge sandals, heel 8", "wedge"],
    ["white trainers, heel 5", "flat"],
  ])("of a heel says that there is one: %s", (line, tip) => {
    expect(read(line).figures).toMatchObject({ tip });
  });

  it.each([
    ["opera-length pearls", { loop: 80 }],
    ["black over-the-knee boots", { shaft: 52 }],
    ["black over-the-knee suede boots", { shaft: 52 }],
    ["low black pumps", { lift: 3 }],
    ["knee-length black skirt", { length: 57 }],
    ["black skirt, knee length", { length: 57 }],
    ["knee-length black dress", { length: 96 }],
    ["black coat to the knee", { length: 98 }],
    ["short black jacket", { length: 56 }],
    ["black skirt, knee length, 60", { length: 60 }],
  ])("is meant by where it ends, whatever name stands beside it: %s", (line, figures) => {
    expect(read(line).figures).toMatchObject(figures);
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
