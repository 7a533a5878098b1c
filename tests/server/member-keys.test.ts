import { beforeAll, describe, expect, it } from "vitest";
import { noShortcuts } from "@/core/studio/shortcuts";
import { inStudio } from "@/server/db/tenant";
import { setShortcuts, shortcutsOf } from "@/server/records/member-keys";
import { furnishedStudio } from "./studios";

let studio: Awaited<ReturnType<typeof furnishedStudio>>;

beforeAll(async () => {
  studio = await furnishedStudio("Keys");
});

describe("the keys of a member", () => {
  it("are kept as they were sent, the last state winning, and are nobody else's", async () => {
    await inStudio(studio.studioId, async (tenant) => {
      expect(await shortcutsOf(tenant, studio.userId)).toEqual({ single: false, keys: { turn: "r" } });
      await setShortcuts(tenant, studio.userId, { single: true, keys: { turn: "", undo: "u" } });
      expect(await shortcutsOf(tenant, studio.userId)).toEqual({
        single: true,
        keys: { turn: "", undo: "u" },
      });
      expect(await shortcutsOf(tenant, studio.clientId)).toEqual(noShortcuts);
    });
  });
});
