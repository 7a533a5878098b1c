import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { metalHex } from "../finish/metals";
import { pieceForm } from "../schema/forms/piece-form";
import { validate } from "../schema/validate";
import { numbersFrom } from "../testing/generated";
import { readLine, readVariation } from "./line";
import { nearWord } from "./near-word";
import { countOfPhrases, knownWords } from "./vocabulary";

interface LineCase {
  readonly line: string;
  readonly kind: string;
  readonly figures?: Readonly<Record<string, unknown>>;
  readonly finish?: string;
  readonly secondFinish?: string;
  readonly cloth?: string | null;
  readonly metal?: string;
  readonly pattern?: string;
  readonly unknown?: readonly string[];
}

const cases = JSON.parse(
  readFileSync(new URL("../../../tests/cases/lines.json", import.meta.url), "utf8"),
) as LineCase[];

const read = (line: string) => {
  const answer = readLine(line);
  if (!answer.piece) throw new Error(`"${line}" is no piece`);
  return { ...answer, piece: answer.piece };
};

describe("lines as people write them", () => {
  it("are more than two hundred, and the vocabulary has more than six hundred words and phrases", () => {
    expect(cases.length).toBeGreaterThan(250);
    expect(countOfPhrases).toBeGreaterThan(600);
  });

  it.each(cases.map((each) => [each.line, each] as const))("%s", (line, expected) => {
    const { piece, unknown } = read(line);
    expect(piece.kind).toBe(expected.kind);
    expect(piece.figures).toMatchObject(expected.figures ?? {});
    for (const name of ["finish", "secondFinish", "cloth", "metal", "pattern"] as const)
      if (expected[name] !== undefined) expect(piece[name]).toBe(expected[name]);
    expect(unknown).toEqual(expected.unknown ?? []);
  });

  it("are understood in every word in 95 of 100, and what was not is kept in the name", () => {
    const whole = cases.filter(({ line }) => readLine(line).unknown.length === 0);
    expect(whole.length / cases.length).toBeGreaterThanOrEqual(0.95);
    for (const { line, unknown = [] } of cases)
      for (const word of unknown) expect(read(line).piece.name.toLowerCase()).toContain(word.toLowerCase());
  });

  it("are pieces that the studio takes as they are", () => {
    for (const { line } of cases) {
      const sent = { id: null, version: null, clientId: null, state: "ready", piece: read(line).piece };
      expect(validate(pieceForm, sent), line).toMatchObject({ ok: true });
    }
  });
});

describe("a line", () => {
  it("says its colours, and of which part each is", () => {
    const { piece } = read("white trainers with navy laces, red rubber sole");
    expect(piece.swatches.map(({ role }) => role)).toEqual(["ground", "lace", "sole"]);
    const shares = piece.swatches.reduce((sum, { share }) => sum + share, 0);
    expect(shares).toBeCloseTo(1);
  });

  it("is in whatever order and case, with measures before or behind what they measure", () => {
    const lines = [
      "cognac suede ankle boots, block heel 5",
      "Ankle boots, cognac suede, 5 cm block heel",
      "BLOCK HEEL 5, SUEDE ANKLE BOOTS IN COGNAC",
    ];
    const [first, ...others] = lines.map((line) => {
      const { name: _name, ...rest } = read(line).piece;
      return rest;
    });
    for (const other of others) expect(other).toEqual(first);
  });

  it("reads inches and millimetres as centimetres, and takes no measure that cannot be", () => {
    expect(read("black pumps heel 2 in").piece.figures).toMatchObject({ lift: 5.08 });
    expect(read("black belt 30 mm").piece.figures).toMatchObject({ width: 3 });
    const { piece, unknown } = read("black pumps heel 140");
    expect(unknown).toEqual(["140"]);
    expect(piece.kind).toBe("shoe");
  });

  it("marks what a form brings with it as assumed, and what was said as said", () => {
    expect(read("navy pumps").assumed).toContain("lift");
    expect(read("navy pumps heel 7").assumed).not.toContain("lift");
  });

  it("keeps in the name what was not understood, wherever it stands", () => {
    expect(read("burgundy laced boots, shaft 18, from Lisbon").piece.name).toBe(
      "Burgundy laced boots, Lisbon",
    );
    expect(read("black pumps heel 140").piece.name).toBe("Black pumps heel, 140");
  });

  it("tells a darker and a paler shade of one name apart", () => {
    const ground = (line: string) => read(line).piece.swatches[0]?.hex;
    expect(
      new Set(["olive belt", "dark olive belt", "pale olive belt", "dusty olive belt"].map(ground)).size,
    ).toBe(4);
  });

  it.each([
    ["pearl studs", "#e9e5dd"],
    ["pearl drop earrings, gold", "#e9e5dd"],
    ["gold hoops", metalHex.gold],
    ["silver framed glasses", metalHex.silver],
    ["tortoiseshell glasses", "#6b4226"],
    ["straw hat", "#d6bd8c"],
    ["raffia tote with gold buckle", "#d6bd8c"],
    ["wooden bangle", "#8a5f3c"],
  ])("has the colour of what it is made of where none is said: %s", (line, hex) => {
    const { piece, hasColour, lacksColour } = read(line);
    expect({ hex: piece.swatches[0]?.hex, hasColour, lacksColour }).toEqual({
      hex,
      hasColour: false,
      lacksColour: false,
    });
  });

  it("gives way to a colour that is said, and says where nothing tells one", () => {
    expect(read("black pearl studs").piece.swatches.map(({ hex }) => hex)).toEqual(["#141414"]);
    expect(read("navy raffia tote").lacksColour).toBe(false);
    for (const line of ["linen scarf", "tote with gold buckle", "loafers with white sole"])
      expect(read(line).lacksColour, line).toBe(true);
  });

  it("is no piece where nothing says what it is, and keeps every word", () => {
    expect(readLine("cognac suede, 5 cm")).toMatchObject({ piece: null, unknown: [], hasColour: true });
    expect(readLine("wibble wobble")).toMatchObject({ piece: null, unknown: ["wibble", "wobble"] });
    expect(readLine("")).toMatchObject({ piece: null, parts: [] });
  });

  it.each([
    ["half-moon navy bag", "Half-moon navy bag"],
    ["wool-blend scarf, navy", "Wool-blend scarf"],
    ["navy  suede loafers in", "Navy suede loafers"],
    [`navy ${"long ".repeat(30)}loafers`, `Navy ${"long ".repeat(15)}`.trim()],
  ])("is called as it was typed: %s", (line, name) => {
    expect(readLine(line).piece?.name).toBe(name);
  });

  it("that says what is otherwise has its own words in their places, and the name it varies", () => {
    const like = readLine("rust slip-on loafers, heel 3").piece;
    if (!like) throw new Error("loafers are a piece");
    const line = "like rust loafers but navy, gold zip, wobbly";
    const { piece, parts, unknown, hasColour } = readLine(line, () => like);
    expect(parts.map(({ from, to, understood }) => [line.slice(from, to), understood])).toEqual([
      ["like rust loafers but ", true],
      ["navy", true],
      ["gold", true],
      ["zip", true],
      ["wobbly", false],
    ]);
    expect({ name: piece?.name, unknown, hasColour }).toEqual({
      name: "Navy, gold zip, wobbly slip-on loafers",
      unknown: ["wobbly"],
      hasColour: true,
    });
    expect(readVariation(like, "  ")).toMatchObject({ piece: { name: like.name }, hasColour: true });
    expect(readVariation(like, "heel 5").piece?.name).toBe("Rust slip-on loafers, heel 5");
    expect(readVariation(like, `navy ${"very ".repeat(30)}`).piece?.name).toBe(
      `Navy ${"very ".repeat(15)}`.trim(),
    );
  });

  it("covers every letter of it with its parts, in their order", () => {
    for (const { line } of cases) {
      let at = 0;
      for (const { from, to } of readLine(line).parts) {
        expect(from).toBeGreaterThanOrEqual(at);
        expect(line.slice(at, from)).toMatch(/^[\s,;./\-'"’()]*$/);
        at = to;
      }
      expect(line.slice(at)).toMatch(/^[\s,;./\-'"’()]*$/);
    }
  });
});

describe("one slip of the finger in a word", () => {
  it("is forgiven, whichever it is, in long words all but always", () => {
    const next = numbersFrom(12);
    const long = [...knownWords].filter((word) => /^[a-z]{7,}$/.test(word));
    let missed = 0;
    for (const word of long) {
      const at = 1 + Math.floor(next() * (word.length - 2));
      const letter = String.fromCharCode(97 + Math.floor(next() * 26));
      const slipped = [
        word.slice(0, at) + word.slice(at + 1),
        word.slice(0, at) + letter + word.slice(at),
        word.slice(0, at) + letter + word.slice(at + 1),
        word.slice(0, at) + (word[at + 1] ?? "") + (word[at] ?? "") + word.slice(at + 2),
      ];
      for (const each of slipped) if (nearWord(each) === null) missed += 1;
    }
    expect(missed).toBe(0);
  });

  it("is not looked for in short words, nor two slips in any", () => {
    expect(nearWord("tis")).toBeNull();
    expect(nearWord("tortoshel")).toBeNull();
  });
});
