import { relative } from "node:path";
import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";
import { BaseSequencer, type TestSpecification } from "vitest/node";

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));

/** The room that is broken, and whether its own tests are asked or all of the core's. */
const { ROOM: room = "", TESTS: asked = "all" } = process.env;

/** What takes seconds by itself: whole wardrobes read through, photos looked at. It is asked of its own room alone. */
const long = [
  "photo/colours-of-photo",
  "photo/photo-cases",
  "reading/cliffs",
  "reading/golden",
  "reading/read-many",
  "rules/reads",
  "search/best/fill",
  "search/best/prospects",
  "search/best/seek",
  "search/jarring",
];
/** What would be waited for by each of a room's own changes too: it is asked of those alone that the others let pass. */
const isPutOff = (test: string) => asked === "own" || !test.startsWith(`${room}/`);

/** The quickest tests first: the first that fails ends what a change is held against. */
class QuickestFirst extends BaseSequencer {
  override sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const duration = ({ project, moduleId }: TestSpecification) =>
      this.ctx.cache.getFileTestResults(`${project.name}:${relative(this.ctx.config.root, moduleId)}`)
        ?.duration ?? 0;
    return Promise.resolve([...files].sort((one, other) => duration(one) - duration(other)));
  }
}

/** The tests that changes of a room are held against. */
export default defineConfig({
  resolve: { alias: { "@": at("./src") } },
  test: {
    include: [asked === "own" ? `src/core/${room}/**/*.test.ts` : "src/core/**/*.test.ts"],
    exclude: long.filter(isPutOff).map((test) => `src/core/${test}.test.ts`),
    environment: "node",
    // The core keeps no state that a test could leave behind: its modules are loaded once for each change.
    isolate: false,
    sequence: { sequencer: QuickestFirst },
    testTimeout: 60_000,
  },
});
