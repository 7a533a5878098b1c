import type { Finish } from "../finish/finishes";
import type { Metal } from "../finish/metals";
import { initialFigures } from "../piece/initial-figures";
import { swap, type Look } from "../piece/look";
import type { Piece } from "../piece/piece";
import type { Slot } from "../piece/slots";
import { read } from "../reading/read";
import { levelWord } from "../register/ladder";

/** A piece that is missing, described by what it must be. */
export interface GapSpec {
  readonly slot: Slot;
  /** In words: "flat shoe, black, matte smooth, easy smart". */
  readonly say: string;
  /** A made-up piece of just that description, to read and to draw. */
  readonly piece: Piece;
}

/** One base for one occasion, dressed with the set that comes nearest to serving it. */
export interface Unserved {
  readonly base: string;
  readonly occasion: string;
  readonly look: Look;
}

/** What one missing piece would open up. */
export interface Gap {
  readonly spec: GapSpec;
  /** Positions of the pairs it turns from jars to sits or sings. */
  readonly unlocks: readonly number[];
}

const colours = [
  { name: "black", hex: "#17181a" },
  { name: "navy", hex: "#1d2742" },
  { name: "chestnut", hex: "#6d3f26" },
  { name: "tan", hex: "#b98e5f" },
  { name: "slate", hex: "#565f6b" },
  { name: "ivory", hex: "#efe6cf" },
  { name: "burgundy", hex: "#6b1f2f" },
] as const;
const surfaces: readonly Finish[] = ["matte smooth", "suede"];
const levels = [3, 5, 7] as const;
/** What a missing piece may be, slot by slot. */
const forms = [
  { slot: "shoe", name: "flat shoe", kind: "shoe", figures: { form: "flat", lift: 1.8, toe: "almond" } },
  {
    slot: "shoe",
    name: "block-heeled pump",
    kind: "shoe",
    figures: { form: "pump", lift: 4.5, tip: "block", toe: "almond" },
  },
  {
    slot: "shoe",
    name: "close ankle boot",
    kind: "shoe",
    figures: { form: "boot", lift: 3.5, tip: "block", toe: "almond", shaft: 8, shaftTop: 25.5 },
  },
  {
    slot: "bag",
    name: "small bag",
    kind: "bag",
    figures: { width: 24, height: 18, depth: 8, strap: 60, carry: "shoulder" },
  },
  {
    slot: "bag",
    name: "tote",
    kind: "bag",
    figures: { shape: "tote", width: 34, height: 28, depth: 12, strap: 62, carry: "shoulder" },
  },
  { slot: "belt", name: "belt", kind: "belt", figures: { width: 2.8 } },
  { slot: "hosiery", name: "opaque tights", kind: "hosiery", figures: { form: "tights", denier: 70 } },
] as const;

/** Every missing piece that is considered, with the metal the wardrobe mostly has. */
export function gapSpecs(metal: Metal): GapSpec[] {
  return forms.flatMap(({ slot, name, kind, figures }) =>
    colours.flatMap((colour) =>
      surfaces.flatMap((finish) =>
        levels.map((level): GapSpec => {
          const say = `${name}, ${colour.name}, ${finish}, ${levelWord(level)}`;
          const piece = {
            id: `gap ${say}`,
            name: say.charAt(0).toUpperCase() + say.slice(1),
            kind,
            swatches: [{ hex: colour.hex, share: 1, role: "ground" }],
            finish,
            secondFinish: null,
            pattern: "plain",
            patternScale: 0,
            metal: kind === "hosiery" ? "none" : metal,
            metalSize: kind === "hosiery" || metal === "none" ? 0 : 1,
            poles: ["classic"],
            statement: 0,
            register: { low: level - 1.5, centre: level, high: level + 1.5 },
            figures: { ...initialFigures(kind), ...figures },
          } as unknown as Piece;
          return { slot, say, piece };
        }),
      ),
    ),
  );
}

/** The metal that most of a wardrobe's accessories show; none when they show none. */
export function mainMetal(wardrobe: readonly Piece[]): Metal {
  const counts = new Map<Metal, number>();
  for (const { metal, metalSize } of wardrobe)
    if (metalSize > 0 && metal !== "unknown") counts.set(metal, (counts.get(metal) ?? 0) + 1);
  return [...counts].sort((one, other) => other[1] - one[1])[0]?.[0] ?? "none";
}

/** What each missing piece would open up, one by one, so that whoever asks can see how far it is. */
export function* readGaps(unserved: readonly Unserved[], specs: readonly GapSpec[]): Generator<Gap> {
  for (const spec of specs) {
    const unlocks = unserved.flatMap(({ look }, i) =>
      read(swap(look, spec.slot, spec.piece)).verdict === "jars" ? [] : [i],
    );
    yield { spec, unlocks };
  }
}

/**
 * The few missing pieces that open up most together: the one that unlocks most, then the one that unlocks
 * most of what is left, and so on. Pieces that unlock nothing are left out.
 */
export function bestGaps(gaps: readonly Gap[], most: number): Gap[] {
  const taken: Gap[] = [];
  const open = new Set(gaps.flatMap(({ unlocks }) => unlocks));
  while (taken.length < most && open.size > 0) {
    const best = gaps.reduce<{ gap: Gap; fresh: number } | null>((found, gap) => {
      const fresh = gap.unlocks.filter((i) => open.has(i)).length;
      return fresh > (found?.fresh ?? 0) ? { gap, fresh } : found;
    }, null);
    if (!best) break;
    taken.push(best.gap);
    for (const i of best.gap.unlocks) open.delete(i);
  }
  return taken;
}

/** The look among several that scores best; what a missing piece is tried on. */
export function nearest(looks: readonly Look[]): Look | null {
  return (
    looks.reduce<{ look: Look; score: number } | null>((found, look) => {
      const { score } = read(look);
      return !found || score > found.score ? { look, score } : found;
    }, null)?.look ?? null
  );
}
