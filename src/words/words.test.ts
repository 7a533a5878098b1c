import { readdirSync, readFileSync } from "node:fs";
import { join, resolve } from "node:path";
import { pathToFileURL } from "node:url";
import ts from "typescript";
import { describe, expect, it } from "vitest";
import { fillMessage } from "@/core/words/message";

const here = "src/words";
const areas = readdirSync(here).filter(
  (name) => name.endsWith(".ts") && !/^(?:say|words\.test)\.ts$/.test(name),
);

/** Every table of sentences: the file it stands in, what it is called there, and its sentences by their names. */
const tables = await Promise.all(
  areas.map(async (file) => {
    const address = pathToFileURL(resolve(here, file)).href;
    const exported = (await import(/* @vite-ignore */ address)) as Record<string, Record<string, string>>;
    return Object.entries(exported).map(([name, table]) => ({ file, name, table }));
  }),
);
/** Tables that are asked by what a sentence is of, as a whole: by a state of the place, a surface, a cloth. */
const askedWhole = new Set(["firstLines", "careByFinish", "careByCloth"]);

const sentences = tables
  .flat()
  .flatMap(({ file, name, table }) =>
    Object.entries(table).map(([key, template]) => ({ file, name, key, template })),
  );

/** Values for whatever a template asks for: counts where it counts, else a word. */
function filledWith(template: string, count: number): string {
  const names = [...template.matchAll(/\{(\w+)(,)?/g)].map(([, name = "", counts]) => [
    name,
    counts ? count : "grey",
  ]);
  return fillMessage(template, Object.fromEntries(names) as Record<string, string | number>);
}

/** What belongs under "figures" and not into a sentence. */
const laboratory = /[LCb]\*|\bdE\b|\bclo\b|boldness|\bkins?\b|CIEDE|chroma/i;
/** Telegrams, inversions and words of ours that nobody says aloud. */
const notSaid =
  /brings no|met nowhere|without a foot|of two days|to spare where|\blevers?\b|\bput away\b|\bstatement\b|found your studio|is empty: write/i;

describe("every sentence of the interface", () => {
  it("stands in a table of its area, each area in one file", () => {
    expect(sentences.length).toBeGreaterThan(1000);
    for (const { file, name } of tables.flat()) expect(name, file).not.toBe("");
  });

  it.each(sentences)("$name.$key: $template", ({ template }) => {
    for (const count of [1, 2, 11]) {
      const said = filledWith(template, count);
      expect(said).not.toMatch(laboratory);
      expect(said).not.toMatch(notSaid);
      expect(said, "doubled article").not.toMatch(/\b(?:the|a|an) (?:the|a|an)\b/i);
      expect(said, "unfilled brace").not.toMatch(/[{}]|undefined|NaN/);
      expect(said, "spacing").not.toMatch(/ {2}|\w [,;](?! )|\n/);
      if (count === 1) expect(said, "numbers agree with nouns").not.toMatch(/\b1 (?!of\b|\d)\w+[^s\W]s\b/);
    }
  });

  it("is said somewhere: a table holds nothing that is not used", () => {
    const code = sources(["src/ui", "src/app", "src/server", "src/pdf"])
      .map(({ text }) => text)
      .join("\n");
    const unused = sentences
      .filter(({ name }) => !askedWhole.has(name))
      .filter(({ name, key }) => !new RegExp(`\\b${name}\\.${key}\\b`).test(code));
    expect(unused.map(({ name, key }) => `${name}.${key}`)).toEqual([]);
  });
});

/** Attributes that are shown or read out. */
const shown = new Set(["label", "title", "about", "aria-label", "placeholder", "alt", "help", "say", "none"]);

describe("a page", () => {
  const pages = sources(["src/ui", "src/app"]).filter(({ file }) => file.endsWith(".tsx"));

  it.each(pages.map(({ file, text }) => [file, text] as const))(
    "%s says nothing of its own",
    (file, text) => {
      const own: string[] = [];
      const read = (node: ts.Node) => {
        if (ts.isJsxText(node)) own.push(node.text.replace(/&\w+;/g, ""));
        if (ts.isJsxAttribute(node) && shown.has(node.name.getText()) && node.initializer)
          own.push(...textsOf(node.initializer));
        if (ts.isJsxExpression(node) && !ts.isJsxAttribute(node.parent)) own.push(...textsOf(node));
        ts.forEachChild(node, read);
      };
      read(ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX));
      expect(own.filter((text) => /[A-Za-z]{2}/.test(text)).map((text) => text.trim())).toEqual([]);
    },
  );
});

const comparing = new Set([
  ts.SyntaxKind.EqualsEqualsEqualsToken,
  ts.SyntaxKind.ExclamationEqualsEqualsToken,
]);

/** The texts an expression may come to by itself, whichever way it is decided. */
function textsOf(node: ts.Node | undefined): readonly string[] {
  if (!node) return [];
  if (ts.isStringLiteralLike(node)) return [node.text];
  if (ts.isJsxExpression(node) || ts.isParenthesizedExpression(node)) return textsOf(node.expression);
  if (ts.isConditionalExpression(node)) return [...textsOf(node.whenTrue), ...textsOf(node.whenFalse)];
  if (ts.isBinaryExpression(node))
    return comparing.has(node.operatorToken.kind) ? [] : [...textsOf(node.left), ...textsOf(node.right)];
  if (ts.isTemplateExpression(node))
    return [node.head.text, ...node.templateSpans.map(({ literal }) => literal.text)];
  return [];
}

/** Every source below some folders that is no test. */
function sources(folders: readonly string[]): { readonly file: string; readonly text: string }[] {
  return folders.flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: "utf8" })
      .filter((name) => /\.tsx?$/.test(name) && !/\.test\.tsx?$/.test(name))
      .map((name) => ({ file: join(folder, name), text: readFileSync(join(folder, name), "utf8") })),
  );
}
