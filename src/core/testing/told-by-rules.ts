import { dress } from "../dressing/dress";
import type { Dressed } from "../dressing/dressed";
import { adjust, optionsAmong, type Adjustment } from "../piece/adjustment";
import type { AdjustmentKind } from "../piece/adjustments";
import { careNeeds, type OnRecord, type Upkeep } from "../piece/on-record";
import type { Piece, PieceOf } from "../piece/piece";
import type { Rule } from "../rules/define-rule";
import { toldOf } from "./told";
import { lookWith } from "../search/best/options";
import { numbersFrom } from "./generated";
import { accessoryKinds, generatedChoice, wornInWays } from "./generated-choice";
import { inShades } from "./in-shades";

const many = 320;

/**
 * A made-up look: a base for somebody with some accessories on, some of them worn otherwise than they are made, and what
 * is on record of them.
 */
function someLook(seed: number): Dressed {
  const choice = wornInWays(generatedChoice(600 + seed, accessoryKinds, 1), seed);
  // The second half are dyed in shades that meet one another.
  const { base, wardrobe } = seed < many / 2 ? choice : inShades(choice, seed);
  const next = numbersFrom(seed);
  const one = <T>(list: readonly T[]): T | undefined => list[Math.floor(next() * list.length)];
  const on = wardrobe
    .filter(({ kind }) => kind === "shoe" || next() < 0.5)
    .map((piece) => (piece.kind === "scarf" ? someCloth(piece, next) : piece));
  const look = lookWith(base, on);
  const worn = [...look.garments, ...look.accessories];
  const ways = worn.flatMap((piece) => {
    const told: readonly AdjustmentKind[] =
      piece.kind === "scarf" ? ["tie"] : ["turn", "tuck-into-boot", "front", "tuck-in"];
    const options = told.flatMap((kind): readonly Adjustment[] => optionsAmong(kind, piece, worn));
    return next() < 0.6 ? (one(options) ?? []) : [];
  });
  const { calf: _calf, ...unmeasured } = look.client.measured;
  return dress({
    ...look,
    client: seed % 7 === 0 ? { ...look.client, measured: unmeasured } : look.client,
    adjustments: ways.reduce(adjust, look.adjustments),
    ...(seed % 2 === 0 ? { onRecord: recordOf(worn, next, one) } : {}),
  });
}

/** A scarf of another cloth: from washed silk to stiff, from thin to a blanket, of any size. */
function someCloth(scarf: PieceOf<"scarf">, next: () => number): Piece {
  const side = 60 + Math.floor(next() * 120);
  const cloth = { stiffness: next(), thickness: 0.05 + next() * 0.7, sideA: side, sideB: side };
  return { ...scarf, figures: { ...scarf.figures, ...cloth } };
}

/** Pieces that are away, wait for something to be done to them, or were worn lately; and a look that was shown. */
function recordOf(
  worn: readonly Piece[],
  next: () => number,
  one: <T>(list: readonly T[]) => T | undefined,
): OnRecord {
  const days = ["2026-09-29", "2026-10-04", "2026-10-05", "2026-10-20", null];
  const upkeep = worn.map(({ id }): [string, Upkeep] => [
    id,
    {
      away: next() < 0.2 ? (one(["in care", "on loan"] as const) ?? null) : null,
      back: one(days) ?? null,
      needs: careNeeds.filter(() => next() < 0.15),
      lastWorn: one(days) ?? null,
    },
  ]);
  const shown = { company: "", occasion: "Lunch", day: "2026-09-29", pieces: worn.map(({ id }) => id) };
  return { today: "2026-10-05", upkeep: Object.fromEntries(upkeep), shown: [shown] };
}

let looks: readonly Dressed[] | null = null;

/** What a rule says of a number of made-up looks: of each message with its effect the looks, and a mark of all of it. */
export function toldBy(rule: Rule): Record<string, string> {
  looks ??= Array.from({ length: many }, (_, seed) => someLook(seed));
  return Object.fromEntries(
    toldOf(rule, looks).map(([key, { of, mark }]) => [key, `${of.join(" ")}; ${mark}`]),
  );
}
