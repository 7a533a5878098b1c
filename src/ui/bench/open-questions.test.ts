import { describe, expect, it } from "vitest";
import { sample } from "@/core/testing/sample";
import { sayQuestion } from "./open-questions";

const trousers = sample("trousers", { name: "Navy trousers" });
const brooch = sample("brooch", { name: "Brass brooch" });

describe("a question about what is not said", () => {
  it.each([
    [
      { piece: trousers, answer: { of: "measure", name: "above", value: 41 }, verdict: "jars" },
      "Not said of navy trousers: around, 10 cm above the hem. Were it 41 cm, it would jar.",
    ],
    [
      { piece: brooch, answer: { of: "level", value: 8 }, verdict: "sits" },
      'Not said of brass brooch: level. Were it formal, it would read "sits".',
    ],
    [
      { piece: brooch, answer: { of: "statement", value: 2 }, verdict: "sings" },
      'Not said of brass brooch: statement. Were it leading, it would read "sings".',
    ],
  ] as const)(
    "says what, the nearest thing that would decide, and how the look would read",
    (question, say) => {
      expect(sayQuestion(question, "cm")).toBe(say);
    },
  );

  it("says a length in the studio's unit", () => {
    const answer = { of: "measure", name: "width", value: 5.08 } as const;
    expect(sayQuestion({ piece: brooch, answer, verdict: "jars" }, "in")).toContain("Were it 2 in,");
  });
});
