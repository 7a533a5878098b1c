import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import { validate } from "@/core/schema/validate";
import { fromSchema } from "../support/from-schema";
import { beginTrips, inside } from "./trip";
import { trips } from "./trips";
import { otherTrips } from "./other-trips";

beforeAll(beginTrips);

describe("whatever a form sends, the page shows after a reload", () => {
  it.each(Object.entries({ ...trips, ...otherTrips }))(
    "%s",
    async (_, { form, drawn, send, shown, kept }) => {
      const sound = fromSchema(form, drawn()).filter((input) => validate(form, input).ok);
      await fc.assert(
        fc.asyncProperty(sound, async (input) => {
          const checked = validate(form, input);
          if (!checked.ok) throw new Error("what was drawn has been checked");
          const outcome = await send(input);
          if (!outcome.ok) throw new Error(JSON.stringify(outcome.faults));
          const page = await inside((tenant) => shown(tenant, checked.value, outcome.value));
          expect(page).toEqual(kept ? kept(checked.value) : checked.value);
        }),
        { numRuns: 100, seed: 7200 },
      );
    },
  );
});
