import type { GroupRecord } from "@/core/studio/group-record";
import type { Tenant } from "../db/tenant";
import { wardrobeFor } from "./bench";
import { sets } from "./sets";

/** What the builder can be asked to begin with. */
export const buildWishes = ["client", "set", "from", "pieces", "name"] as const;

/** What the builder was asked to begin with. */
export interface BuildWish {
  readonly client?: string;
  /** A set to change. */
  readonly set?: string;
  /** A set to begin a new one from. */
  readonly from?: string;
  /** Pieces to begin with, their ids parted by commas, and a name for them. */
  readonly pieces?: string;
  readonly name?: string;
}

/** What a set is built from; null when there is no such client, or no such set of theirs. */
export async function buildRoom(tenant: Tenant, wish: BuildWish) {
  const wardrobe = wish.client ? await wardrobeFor(tenant, wish.client) : null;
  if (!wardrobe) return null;
  const theirs = async (id: string) => {
    const found = await sets.find(tenant, id);
    return found?.clientId === wardrobe.client.id ? found : null;
  };
  const set: GroupRecord | null = wish.set ? await theirs(wish.set) : null;
  const from = wish.from ? await theirs(wish.from) : null;
  if ((wish.set && !set) || (wish.from && !from)) return null;
  if (set) return { wardrobe, set, begun: { name: set.name, pieceIds: set.pieceIds } };
  if (from) return { wardrobe, set, begun: { name: `${from.name}, varied`, pieceIds: from.pieceIds } };
  const known = new Set(wardrobe.pieces.map(({ id }) => id));
  const pieceIds = (wish.pieces ?? "").split(",").filter((id) => known.has(id));
  return { wardrobe, set, begun: { name: wish.name ?? "", pieceIds } };
}
