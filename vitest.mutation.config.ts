import { relative } from "node:path";
import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";
import { BaseSequencer, type TestSpecification } from "vitest/node";

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));

/** The rooms that are broken in this run; none where all are. */
const rooms = (process.env.ROOM ?? "").split(",").filter(Boolean);

/**
 * What takes seconds by itself: whole wardrobes read through, photos looked at. It is held against changes of its own
 * room alone: for each of thousands of others it would be waited for.
 */
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
].filter((test) => !rooms.some((room) => test.startsWith(`${room}/`)) || test === "search/best/seek");

/**
 * The tests of the broken room first, then the quickest: the first that fails ends what a change is held against.
 */
class SoonestToNotice extends BaseSequencer {
  override sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const isOwn = ({ moduleId }: TestSpecification) =>
      rooms.some((room) => moduleId.includes(`/core/${room}/`)) ? 0 : 1;
    const durations = new Map(
      files.map((file) => {
        const key = `${file.project.name}:${relative(this.ctx.config.root, file.moduleId)}`;
        return [file, this.ctx.cache.getFileTestResults(key)?.duration ?? 0];
      }),
    );
    const duration = (file: TestSpecification) => durations.get(file) ?? 0;
    return Promise.resolve(
      [...files].sort((one, other) => isOwn(one) - isOwn(other) || duration(one) - duration(other)),
    );
  }
}

/** The tests that mutations of the core are held against. */
export default defineConfig({
  resolve: { alias: { "@": at("./src") } },
  test: {
    include: ["src/core/**/*.test.ts"],
    exclude: long.map((test) => `src/core/${test}.test.ts`),
    environment: "node",
    // The core keeps no state that a test could leave behind: its modules are loaded once for each change.
    isolate: false,
    sequence: { sequencer: SoonestToNotice },
    testTimeout: 60_000,
  },
});
