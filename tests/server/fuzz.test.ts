import { inspect } from "node:util";
import { beforeAll, describe, expect, it, vi } from "vitest";
import { unstorable } from "@/core/schema/storable";
import type { Outcome } from "@/core/schema/outcome";
import { numbersFrom } from "@/core/testing/generated";
import { createFirstStudio, signIn } from "@/server/actions/sign-in";
import { inStudio } from "@/server/db/tenant";
import { benchFor } from "@/server/records/bench";
import { findClient } from "@/server/records/clients";
import { ruleBookRoom } from "@/server/records/rule-book-room";
import { nasties, spoilt } from "../support/nasty";
import { actions, inputsFor, type Called } from "./action-inputs";
import { as } from "./session-of-test";
import { furnishedStudio, newStudio } from "./studios";

vi.mock("@/server/session/attempts", () => ({
  secondsToWait: () => Promise.resolve(0),
  secondsToFound: () => Promise.resolve(0),
  forgive: () => Promise.resolve(),
}));

let called: Called;

beforeAll(async () => {
  const one = await furnishedStudio("Fuzz");
  called = { one, two: await newStudio("Beside it") };
  as(one);
});

/** Words that only a machine says: a trace, a statement, a name of the house. */
const machineWords =
  /\bat .+:\d+:\d+|node_modules|\bselect .+ from\b|\binsert into\b|violates|undefined|\[object|Error:/i;

function expectSaid(outcome: Outcome<unknown> | undefined, input: unknown): void {
  if (outcome?.ok !== false) {
    expect(outcome?.ok).toBe(true);
    return;
  }
  expect(outcome.faults.length).toBeGreaterThan(0);
  for (const { say } of outcome.faults) {
    expect(say, inspect(input)).toMatch(/^[A-Z"].*\.$/s);
    // What was typed may be said again: only our own words are looked at.
    expect(say.replaceAll(/"[^"]*"?/g, "")).not.toMatch(machineWords);
  }
}

/** So many inputs for each action: together ten thousand and more. */
const each = 310;

describe("whatever is sent", () => {
  it.each([...actions.keys()])("%s takes it or refuses it in sentences", async (name) => {
    const next = numbersFrom(name.length * 7919 + (name.charCodeAt(0) || 0));
    const action = actions.get(name);
    for (let i = 0; i < each; i += 1) {
      const sound = inputsFor(called)[name] ?? [];
      const at = Math.floor(next() * sound.length);
      const input = sound.map((value, place) => (place === at ? spoilt(value, next) : value));
      expectSaid(await action?.(...input), input);
    }
    expect(await action?.()).toMatchObject({ ok: false });
  });

  it.each([
    ["signIn", signIn, { email: "desk@fuzz.example", password: "lantern" }],
    [
      "createFirstStudio",
      createFirstStudio,
      {
        studioName: "Fuzz",
        userName: "Fuzz",
        email: "desk@fuzz.example",
        password: "lantern-harbour",
        timeZone: "UTC",
      },
    ],
  ])("%s takes it or refuses it in sentences", async (name, action, sound) => {
    const next = numbersFrom(name.length);
    for (let i = 0; i < 60; i += 1) {
      const input = spoilt(sound, next);
      expectSaid(await action(input), input);
    }
  });

  it("is more than ten thousand inputs, most of them unfit", () => {
    expect(actions.size * each).toBeGreaterThan(10_000);
    expect(nasties.filter((nasty) => unstorable(nasty)).length).toBeGreaterThan(12);
  });
});

describe("whatever an address asks for", () => {
  let quiet: Awaited<ReturnType<typeof furnishedStudio>>;
  beforeAll(async () => {
    quiet = await furnishedStudio("Addresses");
  });
  const texts = nasties.filter((nasty): nasty is string => typeof nasty === "string");
  it.each(texts.map((text) => [JSON.stringify(text).slice(0, 40), text]))(
    "%s finds nothing, and says so",
    async (_, text) => {
      await inStudio(quiet.studioId, async (tenant) => {
        expect(await findClient(tenant, text)).toBeNull();
        expect(await ruleBookRoom(tenant, text)).toBeNull();
        expect(await benchFor(tenant, text, {})).toBeNull();
        const wish = { base: text, occasion: text, set: text, look: text, wear: text, turn: text };
        expect(await benchFor(tenant, quiet.clientId, wish)).not.toBeNull();
      });
    },
  );
});
