import { v7 as uuid } from "uuid";
import type { BenchLook, BenchSource } from "@/core/studio/bench-source";
import type { Tenant } from "../db/tenant";
import { bases } from "./bases";
import { findClient } from "./clients";
import { findLook, newestLook } from "./looks";
import { listOccasions } from "./occasions";
import { listPieces } from "./pieces";
import { sets } from "./sets";

/** What the bench was asked to be laid with; anything left out is chosen. */
export interface BenchWish {
  readonly client?: string | undefined;
  readonly base?: string | undefined;
  readonly occasion?: string | undefined;
  readonly set?: string | undefined;
  readonly look?: string | undefined;
}

/**
 * Everything the bench needs of a client in one go, so that no later change waits for the server.
 * @returns null when there is no such client, or the client has no base yet
 */
export async function benchFor(
  tenant: Tenant,
  clientId: string,
  wish: BenchWish,
): Promise<BenchSource | null> {
  const record = await findClient(tenant, clientId);
  const ownBases = await bases.list(tenant, clientId);
  if (!record || ownBases.length === 0) return null;
  const pieces = await listPieces(tenant, clientId);
  const ownSets = await sets.list(tenant, clientId);
  const occasions = await listOccasions(tenant, clientId);
  const base = ownBases.find(({ id }) => id === wish.base);
  const last = wish.look ? await findLook(tenant, wish.look) : await lastLook();
  const set = ownSets.find(({ id }) => id === wish.set);
  const occasion = occasions.find(({ occasion: { id } }) => id === wish.occasion)?.occasion.id ?? null;
  return {
    client: record.client,
    pieces: pieces.map(({ piece }) => piece),
    away: pieces.filter(({ state }) => state !== "ready").map(({ piece }) => piece.id),
    bases: ownBases,
    sets: ownSets,
    occasions: occasions.map((entry) => entry.occasion),
    start: startLook(),
    kept: true,
  };

  /** The look to go on with: none when a set or an occasion is to be tried afresh. */
  async function lastLook() {
    if (wish.set || wish.occasion) return null;
    return newestLook(tenant, clientId, base?.id ?? null);
  }

  function startLook(): BenchLook {
    if (last && ownBases.some(({ id }) => id === last.baseId)) {
      const { id, baseId, occasionId, accessoryIds, adjustments, ownVerdict } = last;
      return { id, baseId, occasionId, accessoryIds, adjustments, ownVerdict };
    }
    return {
      id: uuid(),
      baseId: (base ?? ownBases[0])?.id ?? "",
      occasionId: occasion,
      accessoryIds: set?.pieceIds ?? [],
      adjustments: [],
      ownVerdict: null,
    };
  }
}
