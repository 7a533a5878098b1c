import { readFileSync, readdirSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { parseBundle } from "../formats/bundle";
import { sample, sampleLook } from "../testing/sample";
import { read } from "./read";

const folder = new URL("../../../demo/", import.meta.url);
const bases = readdirSync(folder)
  .filter((name) => name.endsWith(".bundle.json"))
  .flatMap((name) => {
    const { client, pieces, bases: own } = parseBundle(readFileSync(new URL(name, folder), "utf8"));
    return own.map((base) => ({
      name: base.name,
      look: sampleLook({
        client: { id: client.name, ...client },
        garments: base.pieceIds.flatMap((id) => pieces.find((piece) => piece.id === id) ?? []),
      }),
    }));
  });

describe("silence is not praise", () => {
  it("has the demo's bases to read", () => {
    expect(bases.length).toBeGreaterThan(30);
    for (const { look } of bases) expect(look.garments.length).toBeGreaterThan(0);
  });

  it.each(bases.map((base) => [base.name, base] as const))(
    "%s, bare: nothing is praised but proportion",
    (_, { look }) => {
      const praised = read(look)
        .findings.filter(
          ({ effect, lens }) => (effect === "lifts" || effect === "sings") && lens !== "proportion",
        )
        .map(({ rule }) => rule);
      expect(praised).toEqual([]);
    },
  );

  it("makes no story of plain classic pieces, and no agreement of two that are the same", () => {
    const plain = (kind: "shoe" | "bag" | "belt") =>
      sample(kind, { name: kind, hex: "#6d3f26", poles: ["classic"] }) as ReturnType<typeof sample<"bag">>;
    const { findings } = read(
      sampleLook({
        garments: [
          sample("trousers", { name: "trousers", hex: "#3c3e43" }),
          sample("top", { name: "top", hex: "#c9cdd2", figures: { tucked: true } }),
        ],
        accessories: [plain("shoe"), plain("bag"), plain("belt")],
      }),
    );
    const praised = findings
      .filter(({ effect }) => effect === "lifts")
      .map(({ rule, message }) => `${rule} ${message}`);
    expect(praised).not.toContain("style.story shared");
    expect(praised).not.toContain("colour.value-match aligned");
    expect(findings.map(({ rule, message }) => `${rule} ${message}`)).toContain("colour.value-match alike");
    expect(praised).not.toContain("colour.count tonal");
  });
});
