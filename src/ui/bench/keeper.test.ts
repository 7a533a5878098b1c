import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { refused, type Outcome } from "@/core/schema/outcome";
import type { LookNow, SentLook } from "@/core/studio/look-record";
import { createKeeper, type Keeping } from "./keeper";

const say = "This look is on record for another client.";
const look = (id: string): LookNow => ({
  id,
  clientId: "client",
  baseId: "base",
  occasionId: null,
  name: "",
  note: "",
  stepId: null,
  read: null,
  accessoryIds: [],
  adjustments: [],
  ownVerdict: null,
});

function keeperWith(save: (look: SentLook) => Outcome<number>) {
  const said: Keeping[] = [];
  const keeper = createKeeper(
    (sent) => Promise.resolve(save(sent)),
    "studio.person",
    (now) => said.push(now),
  );
  return { keeper, now: () => said.at(-1) };
}

describe("the keeper", () => {
  beforeEach(() => vi.useFakeTimers());
  afterEach(() => vi.useRealTimers());

  it("goes on saying what was refused, whatever else is kept after it", async () => {
    const { keeper, now } = keeperWith(({ id }) =>
      id === "a" ? refused("clientId", say) : { ok: true, value: 1 },
    );
    keeper.keep(look("a"), []);
    keeper.sendNow();
    await vi.advanceTimersByTimeAsync(0);
    expect(now()).toMatchObject({ state: "refused", say, look: { id: "a" } });
    keeper.keep(look("b"), []);
    await vi.advanceTimersByTimeAsync(1000);
    expect(now()).toMatchObject({ state: "refused", say, look: { id: "a" } });
    keeper.sendNow();
    await vi.advanceTimersByTimeAsync(1000);
    expect(now()).toMatchObject({ state: "refused" });
  });

  it("is done with a refusal when the look is let go, or taken the next time", async () => {
    let takes = false;
    const { keeper, now } = keeperWith(() => (takes ? { ok: true, value: 2 } : refused("clientId", say)));
    keeper.keep(look("c"), []);
    await vi.advanceTimersByTimeAsync(1000);
    const first = now();
    expect(first?.state).toBe("refused");
    takes = true;
    keeper.keep(look("c"), []);
    await vi.advanceTimersByTimeAsync(1000);
    expect(now()).toEqual({ state: "kept" });
    takes = false;
    keeper.keep(look("c"), []);
    await vi.advanceTimersByTimeAsync(1000);
    const second = now();
    if (second?.state !== "refused") throw new Error("it was not refused");
    keeper.letGo(second.look);
    keeper.sendNow();
    await vi.advanceTimersByTimeAsync(1000);
    expect(now()).toEqual({ state: "kept" });
  });
});
