import { v7 as uuid } from "uuid";
import { isLegged } from "@/core/piece/piece";
import type { BenchLook, BenchSource, NamedPieces } from "@/core/studio/bench-source";
import { onRecordOf } from "@/core/studio/on-record";
import { benchLookOf, newestOfEach, type LookRecord } from "@/core/studio/look-record";
import type { Tenant } from "../db/tenant";
import { bases } from "./bases";
import { findClient } from "./clients";
import { declinedFor } from "./declined";
import { lastReplies } from "./links";
import { listLooks } from "./looks";
import { listSteps } from "./look-steps";
import { listOccasions } from "./occasions";
import { recordOfEach } from "./on-record";
import { overrulingsFor } from "./overrulings";
import { listPieces } from "./pieces";
import { sets } from "./sets";

/** What the bench can be asked to be laid with. */
export const benchWishes = ["client", "base", "occasion", "set", "look", "wear", "turn"] as const;

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

/** How far back the bench goes among a client's looks, and how many of those last worked on all lie ready. */
const mostLooks = 500;
const allOfTheLast = 60;

/** Of looks, the newest first: those last worked on, and of older ones the newest of each base and occasion, and the one asked for. */
function lyingReady(looks: readonly LookRecord[], asked: string | undefined): LookRecord[] {
  const newest = new Set(newestOfEach(looks));
  return looks.filter((look, at) => at < allOfTheLast || newest.has(look) || look.id === asked);
}

/** A client's whole wardrobe; null when there is no such client. What is in care, on loan or declined is not offered. */
export async function wardrobeFor(tenant: Tenant, clientId: string) {
  const own = await ownWardrobe(tenant, clientId);
  if (!own) return null;
  const { declined, away, ...rest } = own;
  return { ...rest, away: [...away, ...declined.map(({ pieceId }) => pieceId)] };
}

async function ownWardrobe(tenant: Tenant, clientId: string) {
  const found = await findClient(tenant, clientId);
  if (!found) return null;
  const pieces = await listPieces(tenant, clientId);
  const occasions = await listOccasions(tenant, clientId);
  const record = await recordOfEach(tenant, [clientId], pieces);
  return {
    client: found.client,
    pieces: pieces.map(({ piece }) => piece),
    kit: pieces.filter(({ clientId }) => clientId === null).map(({ piece }) => piece.id),
    away: pieces.filter(({ state }) => state !== "ready").map(({ piece }) => piece.id),
    onRecord: onRecordOf(record, pieces, clientId),
    lastWorn: record.lastWorn,
    declined: await declinedFor(tenant, clientId),
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
  const wardrobe = await ownWardrobe(tenant, clientId);
  if (!wardrobe || wardrobe.bases.length === 0) return null;
  const ownBases = wardrobe.bases;
  const ownSets = await sets.list(tenant, clientId);
  const looks = lyingReady(
    (await listLooks(tenant, clientId, mostLooks)).filter(({ baseId }) =>
      ownBases.some(({ id }) => id === baseId),
    ),
    wish.look,
  );
  const start = startLook({ ...wardrobe, wish, sets: ownSets, looks });
  return {
    ...wardrobe,
    sets: ownSets,
    // Whose they are goes without saying: it would be said hundreds of times on the way.
    looks: looks.map(({ clientId: _whose, ...look }) => look),
    start,
    startSteps: await listSteps(tenant, start.id),
    overrulings: await overrulingsFor(tenant, clientId),
    replies: await lastReplies(tenant, clientId),
    today: wardrobe.onRecord.today,
    kept: true,
  };
}

interface StartsFrom extends Pick<BenchSource, "bases" | "sets" | "occasions" | "pieces"> {
  readonly wish: BenchWish;
  /** The client's looks, the one last worked on first. */
  readonly looks: readonly LookRecord[];
}

/** The look that was asked for, or the one last worked on of what was asked for; else a new one. */
function startLook({
  wish,
  bases: ownBases,
  sets: ownSets,
  occasions,
  pieces,
  looks,
}: StartsFrom): BenchLook {
  const base = ownBases.find(({ id }) => id === wish.base);
  const occasion = occasions.find(({ id }) => id === wish.occasion);
  const set = ownSets.find(({ id }) => id === wish.set);
  const shoe = pieces.find(({ id }) => id === wish.wear);
  const last =
    looks.find(({ id }) => id === wish.look) ??
    looks.find(
      ({ baseId, occasionId }) => (!base || baseId === base.id) && (!occasion || occasionId === occasion.id),
    );
  if (last && !set && !shoe) return benchLookOf(last);
  return {
    id: uuid(),
    baseId: (base ?? ownBases.find(({ id }) => id === looks[0]?.baseId) ?? ownBases[0])?.id ?? "",
    occasionId: occasion?.id ?? null,
    stepId: null,
    accessoryIds: set?.pieceIds ?? (shoe ? [shoe.id] : []),
    adjustments: [...turnWished(wish.turn, base, pieces), ...(set?.ways ?? [])],
    ownVerdict: null,
    read: null,
  };
}

/** A turn-up asked for as "1x4": count and depth in cm, on the base's trousers. */
function turnWished(
  turn: BenchWish["turn"],
  base: NamedPieces | undefined,
  pieces: BenchSource["pieces"],
): BenchLook["adjustments"] {
  const found = /^([12])x(\d+(?:\.\d+)?)$/.exec(turn ?? "");
  const trousers = pieces.find((piece) => isLegged(piece) && base?.pieceIds.includes(piece.id));
  if (!found || !trousers) return [];
  return [{ kind: "turn", piece: trousers.id, count: found[1] === "1" ? 1 : 2, depth: Number(found[2]) }];
}
