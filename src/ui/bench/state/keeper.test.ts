import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { refused, type Outcome } from "@/core/schema/outcome";
import type { LookNow, LookOnRecord, SentLook } from "@/core/studio/look-record";
import { Keeper, type Keeping } from "./keeper";
import { keptSince, thisPage } from "./this-page";

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
  const keeper = new Keeper(
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

  const theirsOf = (of: LookNow): LookOnRecord => ({ look: { ...of, version: 7 }, steps: [] });
  const apartFrom = (theirs: LookNow) => {
    const sent: SentLook[] = [];
    const { keeper, now } = keeperWith((mine) => {
      sent.push(mine);
      return mine.version === 7
        ? { ok: true, value: 8 }
        : { ok: false, faults: [{ field: "", say: "It has changed." }], theirs: theirsOf(theirs) };
    });
    return { keeper, now, sent };
  };

  it("asks nobody to decide between two looks that are the same but for what they read", async () => {
    const worn = { ...look("d"), accessoryIds: ["shoe", "bag"] };
    const read = { verdict: "sits", score: 61, ruleBookVersion: 2 } as const;
    const { keeper, now, sent } = apartFrom({ ...worn, accessoryIds: ["bag", "shoe"], stepId: "other" });
    keeper.keep({ ...worn, read }, []);
    await vi.advanceTimersByTimeAsync(1000);
    expect(now()).toEqual({ state: "kept" });
    expect(sent.map(({ version }) => version)).toEqual([0, 7]);
    expect(sent[1]).toMatchObject({ read, accessoryIds: ["shoe", "bag"] });
  });

  it.each([
    ["a piece", { accessoryIds: ["shoe"] }],
    ["a note", { note: "for the lecture" }],
    ["an occasion", { occasionId: "rehearsal" }],
    ["a judgement of her own", { ownVerdict: "sings" }],
  ] as const)("lets the stylist decide where %s differs", async (_, differs) => {
    const { keeper, now, sent } = apartFrom({ ...look(`e ${_}`), ...differs });
    keeper.keep(look(`e ${_}`), []);
    await vi.advanceTimersByTimeAsync(1000);
    expect(now()).toMatchObject({ state: "apart", theirs: { look: differs } });
    expect(sent).toHaveLength(1);
  });
});

describe("a page that was laid out before the record took what this tab sent last", () => {
  const store = new Map<string, string>();
  beforeEach(() => {
    vi.useFakeTimers();
    vi.stubGlobal("sessionStorage", {
      getItem: (key: string) => store.get(key) ?? null,
      setItem: (key: string, text: string) => store.set(key, text),
      removeItem: (key: string) => store.delete(key),
    });
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
    store.clear();
  });

  const laid = (version: number) => ({ client: { id: "client" }, looks: [{ ...look("f"), version }] });
  /** What a page opened anew knows of nothing but its tab. */
  const anew = () => {
    thisPage.versions.clear();
    thisPage.sent.clear();
  };

  it("takes that in and builds on it", async () => {
    const first = keeperWith(() => ({ ok: true, value: 4 }));
    first.keeper.keep({ ...look("f"), note: "kept while the page was left" }, []);
    await vi.advanceTimersByTimeAsync(1000);
    anew();
    const sent: SentLook[] = [];
    const { keeper } = keeperWith((mine) => {
      sent.push(mine);
      return { ok: true, value: 5 };
    });
    keeper.know(laid(3).looks, []);
    expect(keptSince(laid(3), "studio.person")).toMatchObject([{ note: "kept while the page was left" }]);
    keeper.keep(look("f"), []);
    await vi.advanceTimersByTimeAsync(1000);
    expect(sent).toMatchObject([{ version: 4 }]);
  });

  it("has nothing to take in once it was laid out with it", async () => {
    const first = keeperWith(() => ({ ok: true, value: 4 }));
    first.keeper.keep(look("f"), []);
    await vi.advanceTimersByTimeAsync(1000);
    anew();
    const { keeper } = keeperWith(() => ({ ok: true, value: 5 }));
    keeper.know(laid(4).looks, []);
    expect(keptSince(laid(4), "studio.person")).toEqual([]);
    expect(store.size).toBe(0);
  });

  it("takes in nothing that another person kept in this tab", async () => {
    const first = keeperWith(() => ({ ok: true, value: 4 }));
    first.keeper.keep(look("f"), []);
    await vi.advanceTimersByTimeAsync(1000);
    anew();
    const other = new Keeper(
      () => Promise.resolve({ ok: true, value: 5 }),
      "studio.other",
      () => undefined,
    );
    other.know(laid(3).looks, []);
    expect(keptSince(laid(3), "studio.other")).toEqual([]);
  });
});
