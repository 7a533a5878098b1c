import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { dress } from "../dressing/dress";
import { parseBundle } from "../formats/bundle";
import { phrase } from "../reading/phrase";
import { readDressed } from "../reading/read";
import { registry } from "../rules/registry";
import { sampleLook } from "../testing/sample";
import { called, listed } from "./called";
import { fillMessage } from "./message";

/** Every sentence a rule can say, with the rule and its name. */
const templates = registry.flatMap(({ id, messages }) =>
  Object.entries(messages).map(([message, template]) => ({ name: `${id} ${message}`, template })),
);

/** A word that a template itself gives its article, as in "the {family} of {piece}". */
const isWord = (template: string, key: string) =>
  new RegExp(`\\b(?:the|a|an|clear|thin|heavy|more) \\{${key}\\b`, "i").test(template);

/** Values for whatever a template asks for: one piece, or several. */
function sampleValues(template: string, several: boolean): Record<string, string | number> {
  const keys = [...template.matchAll(/\{(\w+)/g)].map(([, key = ""]) => key);
  const name = several ? "the sample boots" : "the sample coat";
  return Object.fromEntries(
    keys.map((key) => [
      key,
      key.endsWith("Count") ? (several ? 2 : 1) : isWord(template, key) ? "green" : name,
    ]),
  );
}

const said = templates.flatMap(({ name, template }) =>
  [false, true].map((several) => ({ name, text: fillMessage(template, sampleValues(template, several)) })),
);

/** What belongs under "figures" and not into a sentence. */
const laboratory = /[LCb]\*|\bdE\b|\bclo\b|boldness|\bkins?\b|statement|CIEDE|chroma/i;
/** Telegrams and inversions that nobody says aloud. */
const notSaid =
  /brings no|is not read|met again|met nowhere|without a foot|of two days|it reads\b|with -|to spare where/i;

describe("every sentence of the rules", () => {
  it("are all of them", () => {
    expect(templates.length).toBeGreaterThan(220);
  });

  it.each(said)("$name: $text", ({ text }) => {
    expect(text).not.toMatch(laboratory);
    expect(text).not.toMatch(notSaid);
    expect(text, "doubled article").not.toMatch(/\b(?:the|a|an) (?:the|a|an)\b/i);
    expect(text, "unfilled brace").not.toMatch(/[{}]|undefined|NaN/);
    expect(text, "spacing").not.toMatch(/ {2}| [.,:;]/);
    expect(text).toMatch(/[.]$/);
    expect(text, "adjective before an article").not.toMatch(/\b(?:pale|dark|large|dainty|clear) the\b/i);
  });
});

describe("what is said of the demo's looks", () => {
  const sentences = readdirSync("demo")
    .filter((name) => name.endsWith(".bundle.json"))
    .flatMap((name) => {
      const { client, pieces, bases, sets, occasions } = parseBundle(readFileSync(`demo/${name}`, "utf8"));
      const named = (ids: readonly string[]) =>
        ids.flatMap((id) => pieces.find((piece) => piece.id === id) ?? []);
      return bases.flatMap((base) =>
        [undefined, ...sets].flatMap((set, i) => {
          const look = sampleLook({
            client: { ...client, id: client.name },
            garments: named(base.pieceIds),
            accessories: named(set?.pieceIds ?? []),
            occasion: occasions[i % occasions.length] ?? null,
          });
          return readDressed(dress(look)).findings.map((finding) => phrase(finding, "cm"));
        }),
      );
    });

  it("has neither laboratory letters nor two articles", () => {
    expect(sentences.length).toBeGreaterThan(400);
    for (const text of sentences) {
      expect(text).not.toMatch(laboratory);
      expect(text).not.toMatch(/\b(?:the|a|an) (?:the|a|an)\b|[{}]|undefined| {2}/i);
      expect(text).toMatch(/^\p{Lu}|^\d/u);
    }
  });
});

describe("what a sentence calls a piece", () => {
  it("is its name with an article, but for a name of its own", () => {
    expect(called("Navy trousers")).toBe("the navy trousers");
    expect(called("Aran jumper")).toBe("the Aran jumper");
    expect(called("Maren's shawl")).toBe("Maren's shawl");
    expect(called("The long coat")).toBe("the long coat");
    expect(called("Old Faithful")).toBe("Old Faithful");
  });

  it("is counted where there are more than three", () => {
    expect(listed(["the belt"])).toBe("the belt");
    expect(listed(["the belt", "the ring"])).toBe("the belt and the ring");
    expect(listed(["the belt", "the ring", "the bag"])).toBe("the belt, the ring and the bag");
    expect(listed(["a", "b", "c", "d", "e"])).toBe("a, b and 3 more");
  });
});
