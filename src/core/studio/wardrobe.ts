import type { Adjustment } from "../piece/adjustment";
import type { Client } from "../piece/client";
import type { Look } from "../piece/look";
import type { Occasion } from "../piece/occasion";
import { inWeather } from "../place/forecast";
import { isAwayOn, type OnRecord } from "../piece/on-record";
import type { Piece } from "../piece/piece";

/** Everything a client's looks are laid out from. */
export interface Wardrobe {
  readonly client: Client;
  readonly pieces: readonly Piece[];
  readonly occasions: readonly Occasion[];
  /** Ids of the pieces that cannot be offered now: in care or on loan. */
  readonly away: readonly string[];
  /** What is on record of the pieces; left out: nothing is known. */
  readonly onRecord?: OnRecord;
}

/** A look by the ids of what it is made of. */
export interface LookKey {
  readonly garmentIds: readonly string[];
  readonly accessoryIds: readonly string[];
  readonly adjustments: readonly Adjustment[];
  readonly occasionId: string | null;
}

interface WardrobeTables {
  readonly pieces: ReadonlyMap<string, Piece>;
  readonly occasions: ReadonlyMap<string, Occasion>;
}

const laid = new WeakMap<Wardrobe, WardrobeTables>();

function tablesOf(wardrobe: Wardrobe): WardrobeTables {
  let tables = laid.get(wardrobe);
  if (!tables) {
    tables = {
      pieces: new Map(wardrobe.pieces.map((piece) => [piece.id, piece])),
      occasions: new Map(wardrobe.occasions.map((occasion) => [occasion.id, inWeather(occasion)])),
    };
    laid.set(wardrobe, tables);
  }
  return tables;
}

/** A piece of the wardrobe by its id; undefined when it is not there. */
export function pieceOf(wardrobe: Wardrobe, id: string): Piece | undefined {
  return tablesOf(wardrobe).pieces.get(id);
}

/** The look of a key; what is no longer in the wardrobe is left out, with its adjustments. */
export function layOut(wardrobe: Wardrobe, key: LookKey): Look {
  const { pieces, occasions } = tablesOf(wardrobe);
  const found = (ids: readonly string[]) => ids.flatMap((id) => pieces.get(id) ?? []);
  const worn = new Set([...key.garmentIds, ...key.accessoryIds]);
  return {
    client: wardrobe.client,
    garments: found(key.garmentIds),
    accessories: found(key.accessoryIds),
    adjustments: key.adjustments.filter(({ piece }) => worn.has(piece)),
    occasion: key.occasionId === null ? null : (occasions.get(key.occasionId) ?? null),
    ...(wardrobe.onRecord ? { onRecord: wardrobe.onRecord } : {}),
  };
}

/** The pieces that may be offered for an occasion: not those that are away on its day. */
export function offered(wardrobe: Wardrobe, occasionId: string | null = null): Piece[] {
  const { onRecord, away } = wardrobe;
  const day = (occasionId === null ? null : tablesOf(wardrobe).occasions.get(occasionId)?.day) ?? null;
  const isHere = ({ id }: Piece) => {
    const upkeep = onRecord?.upkeep[id];
    // Of a piece that comes back by the day of the occasion, being away now is no matter.
    if (upkeep?.away && day !== null) return !isAwayOn(upkeep, day);
    return !away.includes(id);
  };
  return wardrobe.pieces.filter(isHere);
}
