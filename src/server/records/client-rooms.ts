import type { ClientRecord } from "@/core/studio/client-record";
import { journalGoesBack } from "@/core/studio/journal";
import { newestOfEach, type LookRecord } from "@/core/studio/look-record";
import { mostHandedOver } from "@/core/studio/paper-source";
import type { Tenant } from "../db/tenant";
import { bases } from "./bases";
import { countsOf } from "./client-rows";
import { findClient, measurementHistory } from "./clients";
import { journalOf } from "./journal";
import { listLinks } from "./links";
import { listLooks, newestLooksFor } from "./looks";
import { countOccasions, listOccasions } from "./occasions";
import { recordOfEach, resting } from "./on-record";
import { piecesById } from "./pieces";
import { sets } from "./sets";
import { todayIn } from "./studio";

/** Who a client's places are about, and how much stands in each. */
export interface ClientHead {
  readonly record: ClientRecord;
  readonly counts: { readonly bases: number; readonly sets: number; readonly occasions: number };
}

/** The head of a client's places; null when there is no such client. */
export async function clientHead(tenant: Tenant, id: string): Promise<ClientHead | null> {
  const record = await findClient(tenant, id);
  if (!record) return null;
  const [counts] = await tenant.select<ClientHead["counts"][]>(
    bases.countOf(tenant, id).as("bases"),
    sets.countOf(tenant, id).as("sets"),
    countOccasions(tenant, id).as("occasions"),
  );
  if (!counts) throw new Error("a query of counts gave back none");
  return { record, counts };
}

/** A client's bases, with the garments they are made of. */
export async function clientBasesRoom(tenant: Tenant, id: string) {
  const head = await clientHead(tenant, id);
  if (!head) return null;
  const own = await bases.list(tenant, id);
  const pieces = await piecesById(tenant, [...new Set(own.flatMap(({ pieceIds }) => pieceIds))]);
  return { head, bases: own, pieces };
}

/** A client's figures, limits and wishes. */
export async function clientFiguresRoom(tenant: Tenant, id: string) {
  const head = await clientHead(tenant, id);
  return head && { head, history: await measurementHistory(tenant, id) };
}

/** How much is on record of a client in all. */
export async function clientWholeRoom(tenant: Tenant, id: string) {
  const head = await clientHead(tenant, id);
  return head && { head, counts: await countsOf(tenant, id) };
}

/** A client's occasions with the look last worked on for each and all it is made of, and what day it is. */
export async function clientOccasionsRoom(tenant: Tenant, id: string) {
  const head = await clientHead(tenant, id);
  if (!head) return null;
  const occasions = await listOccasions(tenant, id);
  const laidOut = await newestLooksFor(
    tenant,
    occasions.map(({ occasion }) => occasion.id),
  );
  return {
    head,
    today: await todayIn(tenant),
    laidOut,
    occasions,
    clients: [head.record],
    ...(await madeOf(tenant, id, laidOut)),
  };
}

/** What happened with a client, with the looks it tells of and all they are made of. */
export async function clientJournalRoom(tenant: Tenant, id: string) {
  const head = await clientHead(tenant, id);
  if (!head) return null;
  const looks = await listLooks(tenant, id, journalGoesBack);
  return {
    head,
    days: await journalOf(tenant, id),
    looks,
    occasions: await listOccasions(tenant, id),
    clients: [head.record],
    ...(await madeOf(tenant, id, looks)),
  };
}

/** A client's looks that can be handed over, with all they are made of. */
export async function clientHandOverRoom(tenant: Tenant, id: string) {
  const head = await clientHead(tenant, id);
  if (!head) return null;
  const looks = await listLooks(tenant, id, mostHandedOver);
  return {
    head,
    looks,
    chosenFirst: newestOfEach(looks).map((look) => look.id),
    links: await listLinks(tenant, id),
    occasions: await listOccasions(tenant, id),
    clients: [head.record],
    ...(await madeOf(tenant, id, looks)),
  };
}

/** The bases under some looks of a client, the pieces of both, and what is on record of them. */
async function madeOf(tenant: Tenant, clientId: string, looks: readonly LookRecord[]) {
  const under = await bases.byId(
    tenant,
    looks.map(({ baseId }) => baseId),
  );
  const worn = [
    ...under.flatMap(({ pieceIds }) => pieceIds),
    ...looks.flatMap(({ accessoryIds }) => accessoryIds),
  ];
  const pieces = await piecesById(tenant, [...new Set(worn)]);
  return { bases: under, pieces, onRecord: await recordOfEach(tenant, [clientId], resting(pieces)) };
}
