import { v7 as uuid } from "uuid";
import { isLegged } from "@/core/piece/piece";
import type { BenchLook, BenchSource } from "@/core/studio/bench-source";
import type { Tenant } from "../db/tenant";
import { bases } from "./bases";
import { findClient } from "./clients";
import { findLook, newestLook } from "./looks";
import { listOccasions } from "./occasions";
import { overrulingsFor } from "./overrulings";
import { listPieces } from "./pieces";
import { sets } from "./sets";

/** What the bench was asked to be laid with; anything left out is chosen. */
export interface BenchWish {
  readonly client?: string | undefined;
  readonly base?: string | undefined;
  readonly occasion?: string | undefined;
  readonly set?: string | undefined;
  readonly look?: string | undefined;
  /** A pair of shoes to begin with, and a turn-up for them. */
  readonly wear?: string | undefined;
  readonly turn?: string | undefined;
}

/** A client's whole wardrobe; null when there is no such client. */
export async function wardrobeFor(tenant: Tenant, clientId: string) {
  const record = await findClient(tenant, clientId);
  if (!record) return null;
  const pieces = await listPieces(tenant, clientId);
  const occasions = await listOccasions(tenant, clientId);
  return {
    client: record.client,
    pieces: pieces.map(({ piece }) => piece),
    away: pieces.filter(({ state }) => state !== "ready").map(({ piece }) => piece.id),
    bases: await bases.list(tenant, clientId),
    occasions: occasions.map(({ occasion }) => occasion),
  };
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
  const wardrobe = await wardrobeFor(tenant, clientId);
  if (!wardrobe || wardrobe.bases.length === 0) return null;
  const ownBases = wardrobe.bases;
  const ownSets = await sets.list(tenant, clientId);
  const base = ownBases.find(({ id }) => id === wish.base);
  const last = wish.look ? await findLook(tenant, wish.look) : await lastLook();
  const set = ownSets.find(({ id }) => id === wish.set);
  const occasion = wardrobe.occasions.find(({ id }) => id === wish.occasion)?.id ?? null;
  const shoe = wardrobe.pieces.find(({ id }) => id === wish.wear);
  const overrulings = await overrulingsFor(tenant, clientId);
  return { ...wardrobe, sets: ownSets, start: startLook(), overrulings, kept: true };

  /** The look to go on with: none when a set or an occasion is to be tried afresh. */
  async function lastLook() {
    if (wish.set || wish.occasion || wish.wear) return null;
    return newestLook(tenant, clientId, base?.id ?? null);
  }

  function startLook(): BenchLook {
    if (last && ownBases.some(({ id }) => id === last.baseId)) {
      const { clientId: _client, ...kept } = last;
      return kept;
    }
    return {
      id: uuid(),
      baseId: (base ?? ownBases[0])?.id ?? "",
      occasionId: occasion,
      accessoryIds: set?.pieceIds ?? (shoe ? [shoe.id] : []),
      adjustments: turnWished(),
      ownVerdict: null,
      read: null,
    };
  }

  /** A turn-up asked for as "1x4": count and depth in cm, on the base's trousers. */
  function turnWished(): BenchLook["adjustments"] {
    const found = /^([12])x(\d+(?:\.\d+)?)$/.exec(wish.turn ?? "");
    const trousers = wardrobe?.pieces.find((piece) => isLegged(piece) && base?.pieceIds.includes(piece.id));
    if (!found || !trousers) return [];
    return [{ kind: "turn", piece: trousers.id, count: found[1] === "1" ? 1 : 2, depth: Number(found[2]) }];
  }
}
