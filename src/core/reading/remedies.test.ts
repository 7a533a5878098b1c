import { describe, expect, it } from "vitest";
import type { Look } from "../piece/look";
import type { Piece } from "../piece/piece";
import { sample, sampleClient, sampleLook, sampleOccasion } from "../testing/sample";
import { read } from "./read";
import { remediesOf } from "./remedies";

describe("remedies", () => {
  const dinner = { ...sampleOccasion, span: { low: 7, high: 8 } };
  const dress = sample("dress", { name: "dress", register: { low: 5, centre: 6, high: 8 }, statement: 1 });
  const at = (low: number, centre: number, high: number) => ({ low, centre, high });

  it("do not offer trainers under a level that they leave too low", () => {
    const flats = sample("shoe", { name: "flats", register: at(3, 4.5, 6) });
    const trainers = sample("shoe", {
      name: "trainers",
      register: at(1, 3, 5),
      figures: { form: "trainer" },
    });
    const look = sampleLook({ garments: [dress], accessories: [flats], occasion: dinner });
    const reading = read(look);
    const below = reading.findings.findIndex(({ message }) => message === "below");
    expect(below).toBeGreaterThanOrEqual(0);
    const { mended } = remediesOf(look, reading, [trainers]);
    expect(mended.find(({ finding }) => finding === below)).toBeUndefined();
  });

  it("do not cover a bare leg with socks that nobody sees", () => {
    const look = sampleLook({
      client: { ...sampleClient },
      garments: [dress],
      accessories: [sample("shoe", { name: "pumps" })],
      occasion: { ...sampleOccasion, flags: ["hosiery expected"] },
    });
    const reading = read(look);
    const bare = reading.findings.findIndex(({ message }) => message === "hosiery expected");
    expect(bare).toBeGreaterThanOrEqual(0);
    const offered = (form: "liner" | "tights") =>
      remediesOf(look, reading, [sample("hosiery", { name: form, figures: { form } })]).mended.some(
        ({ finding }) => finding === bare,
      );
    expect(offered("liner")).toBe(false);
    expect(offered("tights")).toBe(true);
  });
});

describe("remedies of the place", () => {
  const client = { ...sampleClient, measured: { ...sampleClient.measured, neck: 36, waist: 76, hip: 100 } };
  const legs = sample("trousers", { name: "legs", hex: "#33425f", figures: { inseam: 74 } });
  const knit = sample("top", { name: "knit", hex: "#dde3e8", figures: { tucked: true } });
  const dark = { hex: "#2b3140" } as const;
  const stiletto = sample("shoe", {
    ...dark,
    name: "stiletto",
    figures: { form: "pump", lift: 8, tip: "stiletto", toe: "pointed" },
  });
  const wedge = sample("shoe", { ...dark, name: "wedge", figures: { form: "pump", lift: 5, tip: "wedge" } });
  const canvas = sample("shoe", {
    ...dark,
    name: "canvas",
    finish: "canvas",
    figures: { form: "laced shoe" },
  });
  const leather = sample("shoe", {
    ...dark,
    name: "leather",
    figures: { form: "laced shoe", leather: true },
  });
  const tote = sample("bag", { name: "tote", figures: { width: 40, height: 34, depth: 14 } });
  const blazer = sample("jacket", { name: "blazer", hex: "#33425f" });

  /** What is proposed under a finding: the piece to put on, or what to do. */
  const under = (look: Look, rule: string, message: string, pieces: readonly Piece[]) => {
    const reading = read(look);
    const at = reading.findings.findIndex((finding) => finding.rule === rule && finding.message === message);
    expect(at).toBeGreaterThanOrEqual(0);
    const found = remediesOf(look, reading, pieces).mended.find(({ finding }) => finding === at);
    return (found?.remedies ?? []).map(({ change }) =>
      change.kind === "wear"
        ? change.piece.id
        : change.kind === "adjust"
          ? change.adjustment.kind
          : change.kind,
    );
  };
  const at = (given: Partial<typeof sampleOccasion>) => ({ ...sampleOccasion, ...given });
  const dressed = (accessories: Piece[], occasion: typeof sampleOccasion, garments: Piece[] = [legs, knit]) =>
    sampleLook({ client, garments, accessories, occasion });

  it("are a wedge for a stiletto on a lawn, and leather for canvas in the rain", () => {
    const lawn = dressed([stiletto], at({ ground: "lawn" }));
    expect(under(lawn, "comfort.ground", "sinks", [wedge])).toContain("wedge");
    const rain = dressed([canvas], at({ ground: "pavement", rain: 0.9 }));
    expect(under(rain, "comfort.wet", "spoils", [leather])).toContain("leather");
  });

  it("are flat shoes in the bag for the way, and a layer for the cooled room", () => {
    const long = dressed([stiletto, tote], at({ ground: "pavement", onFoot: 240 }));
    expect(under(long, "comfort.foot-time", "far", [])).toContain("spare-pair");
    const hot = dressed([leather], at({ ground: "pavement", temperature: 27, wind: 9 }));
    const thin = sample("dress", { name: "thin", hex: "#dde3e8", cloth: "linen" });
    const sandals = sample("shoe", { ...dark, name: "sandals", figures: { form: "sandal", toe: "open" } });
    const tiny = sample("bag", { name: "tiny", hex: "#2b3140" });
    const summer = dressed([sandals, tiny], at({ ground: "pavement", temperature: 30 }), [thin]);
    const linen = sample("jacket", { name: "linen", hex: "#dde3e8", finish: "satin" });
    expect(under(summer, "comfort.warmth", "room", [linen])).toContain("linen");
    const room = read(hot).findings.find(({ message }) => message === "room");
    expect(room?.proposals).toEqual([{ kind: "wear", slot: "layer" }]);
    expect(read({ ...hot, accessories: [leather, blazer] }).findings).not.toContainEqual(room);
  });

  it("are a collar turned up in the cold, and the knit tied round the shoulders in the heat", () => {
    const cold = dressed([leather], at({ ground: "pavement", temperature: 1 }), [legs, knit, blazer]);
    expect(under(cold, "comfort.warmth", "neck", [])).toContain("collar-up");
    const shirt = sample("top", { name: "shirt", figures: { neckline: "shirt collar", tucked: true } });
    const wool = sample("top", {
      name: "wool",
      finish: "knit",
      cloth: "fine knit",
      figures: { sleeve: "long", bodyGirth: 110 },
    });
    const hot = dressed([leather], at({ ground: "pavement", temperature: 25 }), [legs, shirt, wool]);
    expect(under(hot, "comfort.warmth", "warm", [])).toContain("round-shoulders");
  });
});
