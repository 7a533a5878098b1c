import { describe, expect, it } from "vitest";
import type { Turn } from "../piece/adjustment";
import type { Look } from "../piece/look";
import type { PieceOf } from "../piece/piece";
import { speaksOf } from "../rules/spoken";
import { sample, sampleLook } from "../testing/sample";
import { hemFindings, weighHem } from "./hems";
import { solveTurnUp } from "./turn-ups";

const boot = sample("shoe", {
  name: "boot",
  figures: { form: "boot", shaft: 12, shaftTop: 26, lift: 4, toe: "almond" },
});
const legs = (figures: Partial<PieceOf<"trousers">["figures"]>, given = {}) =>
  sample("trousers", { name: "legs", cloth: "denim", ...given, figures });
const wearing = (trousers: ReturnType<typeof legs>, given: Partial<Look> = {}) =>
  sampleLook({ garments: [trousers], accessories: [boot], ...given });

/** Every turn that is tried: one of 2 to 7.5 cm, or two of 2 to 5, in half centimetres; and none. */
const turns = (): (Pick<Turn, "count" | "depth"> | null)[] => [
  null,
  ...[1, 2].flatMap((count) =>
    Array.from({ length: count === 1 ? 12 : 7 }, (_, i) => ({ count, depth: 2 + i / 2 })),
  ),
];

function weighed(look: Look, turn: Pick<Turn, "count" | "depth"> | null) {
  const adjustments = turn ? [{ kind: "turn", piece: "legs", ...turn } as const] : [];
  const findings = hemFindings({ ...look, adjustments }).filter((finding) => speaksOf(finding, "legs"));
  const { points, against } = weighHem(findings);
  return { turn, points, jars: against.length > 0, cloth: (turn?.count ?? 0) * (turn?.depth ?? 0) };
}

describe("the turn-up that makes legs and shoes agree", () => {
  it.each([62, 66, 68, 69.5, 71, 73, 75, 78, 81])(
    "of an inseam of %d cm is the best that does not jar, the least cloth moved, the fewest turns",
    (inseam) => {
      const look = wearing(legs({ inseam }));
      const tried = turns()
        .map((turn) => weighed(look, turn))
        .filter(({ jars }) => !jars);
      const most = Math.max(...tried.map(({ points }) => points));
      const best = tried.filter(({ points }) => points === most);
      const least = Math.min(...best.map(({ cloth }) => cloth));
      const [wanted] = best.filter(({ cloth }) => cloth === least);
      const found = solveTurnUp(look)?.best;
      if (!wanted) {
        expect(found).toBeNull();
        return;
      }
      expect(found).toMatchObject({ points: most, jars: false });
      expect(found?.turn ?? null).toEqual(wanted.turn && { kind: "turn", piece: "legs", ...wanted.turn });
    },
  );

  it("is the best with what else meets the shoes: socks, a skirt or a dress over the legs", () => {
    const socks = sample("hosiery", { name: "socks", figures: { form: "crew sock" } });
    const over = [sample("skirt", { name: "skirt" }), sample("dress", { name: "dress" })];
    for (const inseam of [66, 71, 75]) {
      const plain = wearing(legs({ inseam }));
      const looks = [
        { ...plain, accessories: [boot, socks] },
        ...over.map((garment) => ({ ...plain, garments: [...plain.garments, garment] })),
      ];
      for (const look of looks) {
        const points = turns().flatMap((turn) => {
          const tried = weighed(look, turn);
          return tried.jars ? [] : [tried.points];
        });
        const best = solveTurnUp(look)?.best ?? null;
        expect(best?.points ?? -Infinity).toBe(Math.max(...points));
        expect(best && weighed(look, best.turn).points).toBe(best?.points ?? null);
      }
    }
  });

  it("names what still stands against the hem where every one jars", () => {
    const wide = sample("shoe", {
      name: "wide boot",
      figures: { form: "boot", shaft: 40, shaftTop: 58, lift: 4, toe: "almond" },
    });
    const look = wearing(legs({ inseam: 74, opening: 32, above: 33, leg: "narrow" }), {
      accessories: [wide],
    });
    const answer = solveTurnUp(look);
    expect(answer?.best).toBeNull();
    expect(answer?.because.length).toBeGreaterThan(0);
    const fits = solveTurnUp(wearing(legs({ inseam: 66 })));
    expect(fits?.because).toEqual([]);
  });

  it("is none of cloth that is pressed, and of a look without legs there is no answer", () => {
    const pressed = legs({ inseam: 71 }, { cloth: "wool", poles: ["tailored"] });
    const answer = solveTurnUp(wearing(pressed));
    expect(answer).toMatchObject({ pressed: true });
    expect(answer?.best?.turn ?? null).toBeNull();
    expect(solveTurnUp(wearing(legs({ inseam: 71 })))?.pressed).toBe(false);
    expect(solveTurnUp(sampleLook({ garments: [sample("skirt")], accessories: [boot] }))).toBeNull();
  });

  it("does not depend on what is worn elsewhere", () => {
    const look = wearing(legs({ inseam: 71 }));
    const more = {
      ...look,
      garments: [...look.garments, sample("top", { name: "top" }), sample("coat", { name: "coat" })],
      accessories: [...look.accessories, sample("bag", { name: "bag" }), sample("hat", { name: "hat" })],
    };
    expect(solveTurnUp(more)).toEqual(solveTurnUp(look));
  });
});
