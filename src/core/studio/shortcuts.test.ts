import { describe, expect, it } from "vitest";
import { keyOfAction, noShortcuts, withKey } from "./shortcuts";

const turn = { id: "turn", keys: "t" };
const hosiery = { id: "hosiery", keys: "h" };
const up = { id: "station-up", keys: "up" };
const actions = [turn, hosiery, up];

describe("a person's keys", () => {
  it("are an action's own until they are set otherwise", () => {
    expect(actions.map((action) => keyOfAction(action, noShortcuts))).toEqual(["t", "h", "up"]);
    const set = withKey(noShortcuts, actions, "turn", "r");
    expect(actions.map((action) => keyOfAction(action, set))).toEqual(["r", "h", "up"]);
  });

  it("never mean two things: what had a key loses it, and can be given another", () => {
    const taken = withKey(noShortcuts, actions, "turn", "h");
    expect(actions.map((action) => keyOfAction(action, taken))).toEqual(["h", "", "up"]);
    const again = withKey(taken, actions, "hosiery", "t");
    expect(actions.map((action) => keyOfAction(action, again))).toEqual(["h", "t", "up"]);
  });

  it("of a single letter do nothing once they are switched off; the others go on", () => {
    const off = { ...withKey(noShortcuts, actions, "turn", "r"), single: false };
    expect(actions.map((action) => keyOfAction(action, off))).toEqual(["", "", "up"]);
  });
});
