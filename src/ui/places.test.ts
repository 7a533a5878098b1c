import { readdirSync, readFileSync, statSync } from "node:fs";
import { join, sep } from "node:path";
import { describe, expect, it } from "vitest";

const ui = "src/ui";
/** What several places use, and is no place itself. */
const shared = ["colour", "drawing", "kit", "weather", "workers"];
const folders = ["parts", "state", "words"];

const isFolder = (path: string) => statSync(path).isDirectory();
const within = (folder: string): string[] =>
  readdirSync(folder)
    .map((name) => join(folder, name))
    .flatMap((path) => (isFolder(path) ? within(path) : [path]));

/** The folders of places, and of places within them. */
function placesIn(folder: string): string[] {
  const inner = readdirSync(folder)
    .filter((name) => isFolder(join(folder, name)) && !folders.includes(name))
    .map((name) => join(folder, name))
    .filter((path) => !shared.includes(path.slice(ui.length + 1)));
  return inner.flatMap((path) => [path, ...placesIn(path)]);
}

const routes = within("src/app")
  .filter((path) => path.endsWith(".tsx"))
  .map((path) => readFileSync(path, "utf8"))
  .join("\n");
/** What a file is called where another names it. */
const asNamed = (path: string) =>
  `@/ui/${path
    .slice(ui.length + 1)
    .split(sep)
    .join("/")
    .replace(/\.tsx?$/, "")}`;
const isTest = (path: string) => /\.test\.tsx?$/.test(path);

describe.each(placesIn(ui))("%s", (place) => {
  const files = readdirSync(place).map((name) => join(place, name));

  it("has its pages at the top, and nothing else", () => {
    const top = files.filter((path) => !isFolder(path));
    expect(top.length).toBeGreaterThan(0);
    for (const page of top) expect(routes, page).toContain(`"${asNamed(page)}"`);
  });

  it("has parts that are laid out, state and words that are not", () => {
    const of = (name: string) =>
      files.includes(join(place, name)) ? within(join(place, name)).filter((path) => !isTest(path)) : [];
    for (const part of of("parts")) expect(part).toMatch(/\.tsx$/);
    for (const state of of("state")) expect(state).toMatch(/\.ts$/);
  });
});
