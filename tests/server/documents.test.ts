import { existsSync, readdirSync, readFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { describe, expect, it } from "vitest";

const documents = [
  "README.md",
  "CONTRIBUTING.md",
  ...readdirSync("docs")
    .filter((name) => name.endsWith(".md"))
    .map((name) => join("docs", name)),
];

/** Folders from which a document may name a file. */
const roots = ["", "src", "src/core", "src/ui", "src/server", "src/ui/drawing", "src/core/search", "tests"];

describe.each(documents)("%s", (document) => {
  const text = readFileSync(document, "utf8");

  it("links to what is there", () => {
    const links = [...text.matchAll(/\]\(([^)#:]+)(#[^)]*)?\)/g)].map(([, to]) => to ?? "");
    for (const to of links) expect(existsSync(join(dirname(document), to)), to).toBe(true);
  });

  it("names files that are there", () => {
    const named = [...text.matchAll(/`([\w().@/-]+\/[\w.-]+\.(?:ts|tsx|mjs|json|css|md))`/g)].map(
      ([, path]) => path ?? "",
    );
    for (const path of named.filter((each) => !each.includes("NAME") && !each.startsWith(".next/")))
      expect(
        roots.some((root) => existsSync(join(root, path))),
        path,
      ).toBe(true);
  });

  it("names commands that there are", () => {
    const { scripts } = JSON.parse(readFileSync("package.json", "utf8")) as { scripts: object };
    for (const [, command] of text.matchAll(/`?npm run ([a-z-]+)/g))
      expect(scripts).toHaveProperty(command ?? "");
  });
});
