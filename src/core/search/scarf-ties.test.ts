import { describe, expect, it } from "vitest";
import type { Scarf } from "../piece/tied-scarf";
import { read } from "../reading/read";
import { tieSpec } from "../scarf/ties";
import { sample, sampleClient, sampleLook, sampleOccasion } from "../testing/sample";
import { apply } from "../reading/change";
import { rank } from "./rank";
import { bestTied, coloursLike, tiesFor, waysTried } from "./scarf-ties";

const green = "#1f6b3a";
const picture = { colours: ["#efe7d6", green, "#8a1f2a", "#22304f"], rows: ["01", "23"] };
const square = sample("scarf", { name: "square", figures: { picture, sideA: 90, sideB: 90 } }) as Scarf;
const plain = sample("scarf", { name: "plain" }) as Scarf;
const tie = sample("scarf", { name: "tie", figures: { sideA: 140, sideB: 8 } }) as Scarf;
const look = sampleLook({
  client: { ...sampleClient, measured: { ...sampleClient.measured, neck: 36, waist: 76 } },
  garments: [
    sample("trousers", { name: "trousers", hex: green }),
    sample("top", { name: "top", hex: "#b9bcc0" }),
  ],
  accessories: [square],
});

describe("the ties of a scarf for a look", () => {
  it("that show a wanted colour come first, each read as the bench reads it", () => {
    const choices = tiesFor(look, square, { place: "neck", show: { colour: green }, most: 5 });
    expect(choices).toHaveLength(5);
    const shares = choices.map(({ wanted }) => wanted);
    expect(shares).toEqual([...shares].sort((one, other) => other - one));
    expect(shares[0]).toBeGreaterThan(0.6);
    for (const { settings, points, verdict } of choices) {
      const tied = read(
        apply(look, { kind: "adjust", adjustment: { kind: "tie", piece: "square", ...settings } }),
      );
      expect([tied.points, tied.verdict]).toEqual([points, verdict]);
      expect(tieSpec(settings.tie).place).toBe("neck");
    }
  });

  it("of equal shares are put in order by the reading", () => {
    const choices = tiesFor(look, square, { place: "neck", show: { colour: green }, most: 40 });
    let equals = 0;
    for (const [i, { wanted, points }] of choices.slice(1).entries()) {
      if (wanted !== choices[i]?.wanted) continue;
      equals += 1;
      expect(points).toBeLessThanOrEqual(choices[i]?.points ?? -Infinity);
    }
    expect(equals).toBeGreaterThan(0);
  });

  it("show most of the picture the right way up where that is asked for", () => {
    const choices = tiesFor(look, square, { place: "neck", show: "picture", most: 5 });
    const shares = choices.map(({ wanted }) => wanted);
    expect(shares).toEqual([...shares].sort((one, other) => other - one));
    const byColour = tiesFor(look, square, { place: "neck", show: { colour: green }, most: 5 });
    expect(choices.map(({ settings }) => settings)).not.toEqual(byColour.map(({ settings }) => settings));
  });

  it("show what the look has elsewhere where nothing is wanted: neither a neutral nor its own colours", () => {
    const seen = (other: string) => {
      const worn = { ...look, garments: [sample("dress", { name: "dress", hex: other })] };
      return tiesFor(worn, square, { place: "neck", show: "best", most: 40 });
    };
    const most = (choices: ReturnType<typeof seen>) => Math.max(...choices.map(({ wanted }) => wanted));
    expect(most(seen(green))).toBeGreaterThan(0.3);
    // A grey dress asks for none of its colours, and nothing but the scarf has them.
    expect(most(seen("#8f949b"))).toBe(0);
    expect(most(seen("#22304f"))).not.toBe(most(seen(green)));
  });

  it("keep the tie it has now among what is tried", () => {
    const now = { tie: "lasso", fold: "long half", corner: "lower left", face: "right" } as const;
    const long = sample("scarf", { name: "long", figures: { picture, sideA: 190, sideB: 60 } }) as Scarf;
    const tied = apply(
      { ...look, accessories: [long] },
      { kind: "adjust", adjustment: { kind: "tie", piece: "long", ...now, turned: false, band: 14 } },
    );
    const choices = tiesFor(tied, long, { place: "neck", show: "best", most: 40 });
    const lasso = choices.find(({ settings }) => settings.tie === "lasso");
    expect(lasso?.points).toBeGreaterThanOrEqual(read(tied).points);
  });

  it("are put in order by the reading where no colour is wanted", () => {
    const points = tiesFor(look, square, { place: "neck", show: "best", most: 8 }).map(
      (choice) => choice.points,
    );
    expect(points).toEqual([...points].sort((one, other) => other - one));
  });

  describe("where nothing may hang loose", () => {
    const limited = {
      ...look,
      client: { ...look.client, limits: { ...look.client.limits, nothingLoose: true } },
    };
    const atMachines = {
      ...look,
      occasion: { ...sampleOccasion, flags: ["nothing loose"] } satisfies typeof sampleOccasion,
    };

    it.each([
      ["the client's limit", limited],
      ["the occasion's", atMachines],
    ])("are none at the neck, and elsewhere those without free ends: by %s", (_, bound) => {
      const wish = { show: "best", most: 8 } as const;
      expect(tiesFor(bound, square, { ...wish, place: "neck" })).toEqual([]);
      expect(tiesFor(bound, square, { ...wish, place: "bag" })).toEqual([]);
      expect(tiesFor(bound, square, { ...wish, place: "hair" }).map(({ settings }) => settings.tie)).toEqual([
        "hair band",
      ]);
      expect(tiesFor(look, square, { ...wish, place: "hair" }).length).toBeGreaterThan(1);
    });

    it("read as a bar at the neck, and as none where no end hangs", () => {
      const [held] = tiesFor(limited, square, { place: "wrist", show: "best", most: 1 });
      if (!held) throw new Error("a wrist wrap has no free ends");
      const rules = (bound: typeof look) =>
        read(bound)
          .findings.filter(({ message }) => message === "loose" || message === "nothing loose")
          .map(({ effect }) => effect);
      expect(rules(limited)).toEqual(["bar"]);
      expect(rules(atMachines)).toEqual(["bar"]);
      const wrapped = apply(limited, {
        kind: "adjust",
        adjustment: { kind: "tie", piece: "square", ...held.settings },
      });
      expect(rules(wrapped)).toEqual([]);
    });
  });

  it("that it reads best in are never worse than how it is tied now, and each tie stands once", () => {
    const now = { tie: "knot behind", fold: "bias band", corner: "lower left", face: "reverse" } as const;
    const tied = apply(look, {
      kind: "adjust",
      adjustment: { kind: "tie", piece: "square", ...now, turned: false, band: 6 },
    });
    const choices = tiesFor(tied, square, { place: "neck", show: "best", most: 30 });
    expect(choices[0]?.points).toBeGreaterThanOrEqual(read(tied).points);
    const ties = choices.map(({ settings }) => settings.tie);
    expect(new Set(ties).size).toBe(ties.length);
    // The everyday ways that candidates are ranked by are among what is tried.
    const [candidate] = rank({ ...look, accessories: [] }, "neck", [square]);
    expect(choices[0]?.points).toBeGreaterThanOrEqual(
      read(candidate?.also ? apply(look, candidate.also) : look).points,
    );
  });

  it("know which colours of a look their scarf has", () => {
    expect([...coloursLike(picture, [green])]).toEqual([1]);
    expect([...coloursLike(picture, ["#ffd900"])]).toEqual([]);
  });

  it("are none for a necktie", () => {
    expect(tiesFor(look, tie, { place: "neck", show: "best", most: 3 })).toEqual([]);
  });
});

describe("a scarf among the candidates", () => {
  it("is read in the tie that the look reads best with, never worse than as it is recorded", () => {
    const bare = { ...look, accessories: [] };
    const [candidate] = rank(bare, "neck", [square]);
    const worn = { ...look, accessories: [square] };
    expect(candidate?.also?.kind).toBe("adjust");
    expect(read(candidate?.also ? apply(worn, candidate.also) : worn).points).toBeGreaterThan(
      read(worn).points,
    );
  });

  it("is worn as it is recorded where nobody has drawn its picture", () => {
    expect(bestTied({ ...look, accessories: [plain] }, plain).also).toBeNull();
    expect(waysTried(plain)).toEqual([]);
    expect(
      waysTried(sample("scarf", { name: "tie", figures: { picture, sideA: 140, sideB: 8 } }) as Scarf),
    ).toEqual([]);
    const loop = sample("scarf", {
      name: "loop",
      figures: { picture, loop: true, sideA: 140, sideB: 30 },
    }) as Scarf;
    expect(waysTried(loop)).toEqual([]);
  });

  it("is tried from either lower corner, and left as it is where no tie reads better", () => {
    const corners = waysTried(square).map(({ corner }) => corner);
    expect(new Set(corners)).toEqual(new Set(["lower left", "lower right"]));
    for (const accessories of [[square]]) {
      const worn = { ...look, accessories };
      const { reading, also } = bestTied(worn, square);
      const tried = waysTried(square).map(
        (adjustment) => read(apply(worn, { kind: "adjust", adjustment })).points,
      );
      expect(reading.points).toBe(Math.max(read(worn).points, ...tried));
      expect(also === null).toBe(reading.points === read(worn).points);
    }
  });
});
