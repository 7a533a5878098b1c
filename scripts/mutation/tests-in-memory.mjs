import { readFile } from "node:fs/promises";
import { createRequire } from "node:module";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import vm from "node:vm";
import { build } from "esbuild";
import { collector } from "./collector.mjs";

/** Where tests find their own file, which one bundle of all of them would have lost. */
const ownAddress = {
  name: "own address",
  setup({ onLoad }) {
    onLoad({ filter: /\.test\.ts$/ }, async ({ path }) => ({
      contents: (await readFile(path, "utf8")).replaceAll(
        "import.meta.url",
        JSON.stringify(pathToFileURL(path).href),
      ),
      loader: "ts",
    }));
  },
};

/**
 * Test files as one script that is compiled once. Run anew for each change, it begins with fresh modules: what the core
 * remembers of one change is never met by the next.
 * @param folder where the code is, with its tsconfig.json
 * @param files the test files, relative to it
 * @returns begins anew, and gives what reads the tests of a file: `{ id, name, file, run }`
 */
export async function testsInMemory(folder, files) {
  const list = files.map((file) => `${JSON.stringify(file)}: () => require(${JSON.stringify(`./${file}`)})`);
  const { outputFiles } = await build({
    stdin: { contents: `module.exports = { ${list.join(",\n")} };`, resolveDir: folder, loader: "js" },
    bundle: true,
    write: false,
    platform: "node",
    format: "cjs",
    target: "node20",
    // What is heavy to begin with, or no script.
    external: ["vitest", "fast-check", "sharp"],
    tsconfig: join(folder, "tsconfig.json"),
    plugins: [ownAddress],
    logLevel: "error",
  });
  const script = new vm.Script(`(function (require, module, exports) {${outputFiles[0].text}\n})`, {
    filename: "tests-of-the-core.js",
  });
  const fromPackages = createRequire(join(folder, "package.json"));
  return () => {
    const { vitest, testsOf } = collector();
    const module = { exports: {} };
    const from = (name) => (name === "vitest" ? vitest : fromPackages(name));
    script.runInThisContext()(from, module, module.exports);
    return (file) => testsOf(file, module.exports[file]);
  };
}
