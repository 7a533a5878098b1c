import type { Client } from "../../piece/client";
import type { Look } from "../../piece/look";
import type { Occasion } from "../../piece/occasion";
import type { Piece } from "../../piece/piece";
import type { Slot } from "../../piece/slots";
import { fitsTemplate, isLevelOf, type SetTemplate } from "../../sets/template";
import { inOrder } from "../../sets/vary";
import { isWholeSet } from "../../sets/whole-set";
import { boardReader } from "../board";
import type { ReadSet } from "./found-sets";
import { seekSets } from "./seek";
import { setProblem, type SetProblem, type SetWish } from "./set-problem";

/** A template filled from a client's pieces. */
export interface FilledTemplate {
  /** Shoes and at least two more, from the head down; none when no such set fits the template. */
  readonly pieces: readonly Piece[];
  /** Positions of the bases it does not jar with. */
  readonly serves: readonly number[];
  /** Slots it wants and nothing of the client's fits. */
  readonly missing: readonly Slot[];
}

/** How many of the sets that read best are looked over, and how many of these are tried on the bases. */
const most = { lookedOver: 120, tried: 40 } as const;

/**
 * Fills a template: of the sets that read best by themselves, as far as exchanging single pieces finds them, the one
 * that takes most bases to the template's levels, then the one that serves most, the better reading one where two
 * serve as many.
 */
export function fillTemplate(
  template: SetTemplate,
  client: Client,
  wardrobe: readonly Piece[],
  bases: readonly (readonly Piece[])[],
): FilledTemplate {
  const occasion = template.forRain ? wetDay(template) : null;
  const nothing = { client, garments: [], accessories: [], adjustments: [], occasion };
  const fitting = wardrobe.filter((piece) => fitsTemplate(piece, template));
  const wish = wishOf(template);
  const laidOut = setProblem(nothing, fitting, wish);
  const missing = laidOut.bare.filter((slot) => template.wanted.includes(slot));
  if (missing.includes("shoe")) return { pieces: [], serves: [], missing };
  const readCells = boardReader();
  let best: { pieces: readonly Piece[]; serves: readonly number[]; placed: number } | null = null;
  const sets = readingBest(nothing, laidOut, wish)
    .map(({ options }) => inOrder(options.flatMap((piece) => piece ?? [])))
    .filter(isWholeSet);
  for (const accessories of sets.slice(0, most.tried)) {
    const read = readCells(bases, (garments) => ({ ...nothing, garments, accessories }));
    const serves = read.flatMap(({ reach: { verdict } }, i) => (verdict === "jars" ? [] : [i]));
    const placed = serves.filter((i) => isLevelOf(template, read[i]?.reach.level ?? null)).length;
    if (!best || placed > best.placed || (placed === best.placed && serves.length > best.serves.length))
      best = { pieces: accessories, serves, placed };
  }
  return { pieces: best?.pieces ?? [], serves: best?.serves ?? [], missing };
}

/** The sets that read best with nothing else on, up to where going through all of them would begin. */
function readingBest(nothing: Look, laidOut: SetProblem, wish: SetWish): readonly ReadSet[] {
  let best: readonly ReadSet[] = [];
  for (const sought of seekSets(nothing, laidOut, wish, { most: most.lookedOver, apart: 1 })) {
    best = sought.best;
    if (Number.isFinite(sought.margin)) break;
  }
  return best;
}

/** What a set for the weather has to stand: rain and wind on wet stone, at the levels of its template. */
function wetDay({ name, from, to }: SetTemplate): Occasion {
  return {
    id: `wet day for ${name}`,
    name,
    place: "out of doors",
    day: "2026-11-01",
    span: { low: from, high: to },
    flags: [],
    weather: "typed",
    temperature: 9,
    rain: 0.9,
    wind: 9,
    ground: "wet stone",
    light: "daylight",
    mustCarry: [],
    company: "",
    onFoot: 30,
  };
}

function wishOf({ wanted, optional, forRain }: SetTemplate): SetWish {
  const wish = (slot: Slot, may: boolean) => ({ slot, optional: may, pinned: null });
  return {
    slots: [...wanted.map((slot) => wish(slot, false)), ...optional.map((slot) => wish(slot, true))],
    forRain,
    from: null,
    to: null,
  };
}
