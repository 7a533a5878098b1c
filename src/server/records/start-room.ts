import type { Tenant } from "../db/tenant";
import { bases } from "./bases";
import { nameClients } from "./clients";
import { listOccasions } from "./occasions";
import { listPieces } from "./pieces";
import { todayIn } from "./studio";

/** What the first steps of a studio begin from: a client, by default the newest, and what is on record of her. */
export async function startRoom(tenant: Tenant, asked: string | undefined) {
  const clients = await nameClients(tenant);
  const day = await todayIn(tenant);
  // Ids rise with time: the greatest is the newest.
  const newest = clients.toSorted((one, other) => (one.id < other.id ? 1 : -1))[0];
  const client = clients.find(({ id }) => id === asked) ?? newest ?? null;
  if (!client) return { day, client, pieces: [], bases: [], occasions: [] };
  return {
    day,
    client,
    pieces: await listPieces(tenant, client.id),
    bases: (await bases.list(tenant, client.id)).map(({ id, name, pieceIds }) => ({ id, name, pieceIds })),
    occasions: (await listOccasions(tenant, client.id)).map(({ occasion }) => ({
      id: occasion.id,
      name: occasion.name,
      day: occasion.day,
    })),
  };
}
