import { describe, expect, it } from "vitest";
import { sample } from "@/core/testing/sample";
import { sayQuestion } from "./open-questions";

const trousers = sample("trousers", { name: "Navy trousers" });
const brooch = sample("brooch", { name: "Brass brooch" });

describe("a question about what is not said", () => {
  it.each([
    [
      { piece: trousers, answer: { of: "measure", name: "above", value: 41 }, verdict: "jars" },
      "Nobody has recorded this of the navy trousers: around, 10 cm above the hem. If it is 41 cm, the look would jar.",
    ],
    [
      { piece: brooch, answer: { of: "level", value: 8 }, verdict: "sits" },
      "Nobody has recorded how dressed the brass brooch is. If it is formal, the look would sit.",
    ],
    [
      { piece: brooch, answer: { of: "statement", value: 2 }, verdict: "sings" },
      "Nobody has recorded how eye-catching the brass brooch is. If it is leading, the look would sing.",
    ],
  ] as const)(
    "says what, the nearest thing that would decide, and how the look would read",
    (question, say) => {
      expect(sayQuestion(question, "cm")).toBe(say);
    },
  );

  it("says a length in the studio's unit", () => {
    const answer = { of: "measure", name: "width", value: 5.08 } as const;
    expect(sayQuestion({ piece: brooch, answer, verdict: "jars" }, "in")).toContain("If it is 2 in,");
  });
});
