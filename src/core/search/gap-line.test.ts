import { describe, expect, it } from "vitest";
import { specOf } from "../piece/piece";
import { gapForms } from "./gap-forms";
import { parseGapLine } from "./gap-line";
import { gapSpecOf } from "./gap-spec";

const facts = (line: string, unit: "cm" | "in" = "cm") => {
  const read = parseGapLine(line, unit);
  return read.ok ? { ...read.facts, left: read.left } : read.say;
};
const plain = { finish: "matte smooth", level: null, metal: "unknown", size: null, left: "" };

describe("a missing piece in one line", () => {
  it.each([
    ["a navy belt, 3 cm", { form: "belt", colour: "navy", size: 3 }],
    ["Navy belt 3 cm wide", { form: "belt", colour: "navy", size: 3 }],
    ["belt navy 30 mm", { form: "belt", colour: "navy", size: 3 }],
    ["cognac suede ankle boots", { form: "close ankle boot", colour: "cognac", finish: "suede" }],
    ["gold hoops, 2.5 cm", { form: "hoops", colour: "gold", metal: "gold", size: 2.5 }],
    ["a black patent clutch with gold", { form: "clutch", colour: "black", finish: "patent", metal: "gold" }],
    ["dark green formal gloves", { form: "gloves", colour: "dark green", level: 8 }],
    ["a pair of off-white trainers", { form: "trainer", colour: "off-white" }],
    ["#2a66c8 silk scarf 70cm", { form: "square scarf", colour: "#2a66c8", size: 70 }],
    ["a sparkly navy belt", { form: "belt", colour: "navy", left: "sparkly" }],
    ["navy,belt; 3.25 cm", { form: "belt", colour: "navy", size: 3.3 }],
    ["a navy belt, 1 inch", { form: "belt", colour: "navy", size: 2.5 }],
    ["a navy belt, 2 inches", { form: "belt", colour: "navy", size: 5.1 }],
    ["a navy belt, 1.25 in", { form: "belt", colour: "navy", size: 3.2 }],
    ["navy watches", { form: "watch", colour: "navy" }],
    ["navy brooches, 4 cm", { form: "brooch", colour: "navy", size: 4 }],
    ["a navy dressy  belt", { form: "belt", colour: "navy", level: 7 }],
  ] as const)("%s", (line, said) => {
    expect(facts(line)).toEqual({ ...plain, ...said });
  });

  it("is in inches where the studio measures in inches", () => {
    expect(facts("a navy belt, 1 1/4", "in")).toMatchObject({ size: 3.2 });
    expect(facts("a navy belt, 1  11/16", "in")).toMatchObject({ size: 4.3 });
    expect(facts('a navy belt, 1 1/4"', "in")).toMatchObject({ size: 3.2, left: "" });
    expect(facts("a navy belt, 3 cm", "in")).toMatchObject({ size: 3 });
  });

  it.each([
    ["something navy", "Say what it is: a navy belt, 3 cm."],
    ["a belt, 3 cm", "Say its colour too: a navy belt."],
    ["", "Say what it is: a navy belt, 3 cm."],
    ["a navy belt, 90 cm", "Width of the belt must be from 0.5 to 20 cm; 90 is not plausible."],
  ])("%j wants more: %s", (line, say) => {
    expect(facts(line)).toBe(say);
  });

  it.each(gapForms.flatMap(({ name, called }) => [name, ...called].map((word) => [word, name])))(
    "a red %s is a %s, drawn and measured as such",
    (word, form) => {
      const { size = [], kind = "belt" } = gapForms.find(({ name }) => name === form) ?? {};
      const field = specOf({ kind }).figures[size[0] ?? ""];
      const cm = field?.type === "number" ? Math.min(field.max, Math.max(field.min, 5)) : 5;
      const read = parseGapLine(`a red ${word}, ${cm} cm`, "cm");
      if (!read.ok) throw new Error(read.say);
      expect([read.facts.form, read.left]).toEqual([form, ""]);
      const { piece } = gapSpecOf(read.facts);
      expect(piece.kind).toBe(kind);
      for (const name of size) expect((piece.figures as Record<string, unknown>)[name]).toBe(cm);
      expect(piece.register).toBeNull();
    },
  );
});
