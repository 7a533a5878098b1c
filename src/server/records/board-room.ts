import type { Tenant } from "../db/tenant";
import { wardrobeFor } from "./bench";
import { nameClients } from "./clients";
import { sets } from "./sets";

/** What a board is laid out from: whose it is, the wardrobe and the sets; the first client when none is asked for. */
export async function boardRoom(tenant: Tenant, asked: string | undefined) {
  const clients = await nameClients(tenant);
  const clientId = clients.find(({ id }) => id === asked)?.id ?? clients[0]?.id ?? null;
  if (clientId === null) return { clients, clientId, wardrobe: null, sets: [] };
  const own = await sets.list(tenant, clientId);
  return {
    clients,
    clientId,
    wardrobe: await wardrobeFor(tenant, clientId),
    sets: own.map(({ id, name, pieceIds }) => ({ id, name, pieceIds })),
  };
}
