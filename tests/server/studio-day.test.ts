import { beforeAll, describe, expect, it } from "vitest";
import { inStudio } from "@/server/db/tenant";
import { Refusal } from "@/server/records/refusal";
import { setTimeZone, thisStudio, todayIn } from "@/server/records/studio";
import { newStudio } from "./studios";

let studio: string;

beforeAll(async () => {
  studio = await newStudio("A studio far away");
});

describe("the studio's own day", () => {
  it("is the day of its time zone, wherever the server stands", async () => {
    await inStudio(studio, async (tenant) => {
      expect((await thisStudio(tenant)).timeZone).toBe("UTC");
      // These two are 25 hours apart: it is never the same day in both.
      await setTimeZone(tenant, "Pacific/Kiritimati");
      const ahead = await todayIn(tenant);
      await setTimeZone(tenant, "Pacific/Niue");
      const behind = await todayIn(tenant);
      expect(ahead > behind).toBe(true);
      for (const day of [ahead, behind]) expect(day).toMatch(/^\d{4}-\d{2}-\d{2}$/);
    });
  });

  it("is not taken from a zone that does not exist", async () => {
    await inStudio(studio, async (tenant) => {
      await expect(setTimeZone(tenant, "Nowhere/Atlantis")).rejects.toThrow(Refusal);
      expect((await thisStudio(tenant)).timeZone).toBe("Pacific/Niue");
    });
  });
});
